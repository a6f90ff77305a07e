import { addDays, longDay, type Day } from '../../core/calendar/day'

export interface SupplierQuestion {
  /** What was ordered, by its id: the same order is always answered alike. */
  readonly orderId: string
  readonly what: string
  readonly leadDays: readonly [number, number, number]
  readonly today: Day
  /** The day that was promised before, where one was. */
  readonly promised: Day | null
}

export interface SupplierAnswer {
  readonly simulated: boolean
  readonly arrives: Day
  readonly slipped: boolean
  readonly words: string
}

/** Whoever answers when an order comes. The simulated desk stands where a real supplier's may. */
export interface SupplierDesk {
  ask(question: SupplierQuestion): SupplierAnswer
}

/** Answers from the order alone: a first question gets a day within the lead, and one order in three slips by a tenth of
 * its upper lead when it is asked about again. */
export const simulatedSupplier = (): SupplierDesk => ({
  ask({ orderId, what, leadDays, today, promised }) {
    const roll = [...orderId].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 9973, 11)
    const [best, likely, worst] = leadDays
    if (promised === null || promised < today) {
      const arrives = addDays(today, [best, likely, likely, worst][roll % 4]!)
      return { simulated: true, arrives, slipped: false, words: `${what}: it arrives on ${longDay(arrives)}.` }
    }
    const slipped = roll % 3 === 0
    const arrives = slipped ? addDays(promised, Math.max(1, Math.ceil(worst / 10))) : promised
    return {
      simulated: true,
      arrives,
      slipped,
      words: slipped
        ? `${what}: it slips from ${longDay(promised)} to ${longDay(arrives)}.`
        : `${what}: ${longDay(promised)} stands.`,
    }
  },
})
