import { dateOnly, daysBetween, daysWords, type Day } from '../calendar/day'
import { dayOfSlot } from '../calendar/slots'
import { soonestAfter } from './bounds'
import type { Schedule } from './instance'
import { networkOf } from './network'
import type { Problem } from './problem'
import { stretchOf } from './span'

/** A service that a household does without for a while. */
export interface Without {
  readonly siteId: string
  readonly what: string
  /** First and last day without it, by the plan. */
  readonly from: Day
  readonly until: Day
  /** Days that it should be at most. */
  readonly most: number
  /** Days that the work takes at the least, with every crew free and all goods there; plans of before do not tell it. */
  readonly least?: number
  /** Whether somebody was promised that. */
  readonly promised: boolean
  /** The visit that brings it back, by key. */
  readonly back: string
}

/** What a plan makes of every service. */
export function withoutOf({ asks, origin, visits, instance }: Problem, schedule: Schedule): readonly Without[] {
  const network = networkOf(instance)
  return asks.flatMap((ask) => {
    if (ask.kind !== 'without') return []
    const [from, until] = stretchOf(ask.span, schedule)
    const soonest = soonestAfter(instance, network, ask.span.opens, ask.span.closes, from)
    const back = ask.span.closes.reduce((last, i) => (schedule.finish[i]! > schedule.finish[last]! ? i : last))
    const { siteId, what, most, promised } = ask.service
    const [begins, ends] = [dayOfSlot(origin, from), dayOfSlot(origin, until - 1)]
    const least = daysBetween(begins, dayOfSlot(origin, soonest - 1)) + 1
    return [{ siteId, what, most, least, promised, from: begins, until: ends, back: visits[back]!.key }]
  })
}

export const daysWithout = ({ from, until }: Pick<Without, 'from' | 'until'>): number => daysBetween(from, until) + 1

/** Days over what the work takes at the least in which nobody minds: crews come when they are free. Our own default. */
const OVER_LEAST = 7

/** Whether it lasts longer than was promised, or where nothing was, than has sense: over the usual figure, and over what its
 * work takes. */
export const isOffTooLong = (one: Without): boolean =>
  daysWithout(one) > Math.max(one.most, one.promised ? 0 : (one.least ?? 0) + OVER_LEAST)

/** How long a service is off, against what it should be, in a sentence; what would mend it is the alarm's to say. */
export function withoutWords(one: Without): string {
  const days = daysWithout(one)
  const told = `${one.what}: off from ${dateOnly(one.from)} to ${dateOnly(one.until)}, ${daysWords(days)}`
  if (one.promised)
    return isOffTooLong(one)
      ? `${told}, and ${one.most} were promised.`
      : `${told}, of the ${one.most} that were promised.`
  if (isOffTooLong(one)) return `${told}: people live there, and it is the only one.`
  return days > one.most ? `${told}, about what its work takes.` : `${told}.`
}
