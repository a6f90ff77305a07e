import { addDays, dayOf, type Day } from './day'
import type { HalfDay } from './workingDays'

/** A stretch of time that is taken, in local time of whoever wrote it: `2026-03-10T08:00`. */
export interface Busy {
  readonly from: string
  readonly to: string
}

/** Hours of a morning or an afternoon that must be taken before it is lost to a crew. Half of it. */
const LOST_FROM_HOURS = 2
const HALVES = [
  { half: 0, begins: 7, ends: 12 },
  { half: 1, begins: 12, ends: 17 },
] as const

/** The mornings and afternoons of which so much is taken that a crew cannot come.
 * @param from first day that matters
 * @param until last day that matters */
export function busyHalves(taken: readonly Busy[], from: Day, until: Day): readonly HalfDay[] {
  const hours = new Map<Day, [number, number]>()
  for (const busy of taken) {
    const [begin, end] = [dayOf(busy.from), dayOf(busy.to)]
    for (let day = begin < from ? from : begin; day <= end && day <= until; day = addDays(day, 1)) {
      const first = day === begin ? hourOf(busy.from) : 0
      const last = day === end ? hourOf(busy.to) : 24
      const lost = hours.get(day) ?? [0, 0]
      for (const { half, begins, ends } of HALVES)
        lost[half] += Math.max(0, Math.min(last, ends) - Math.max(first, begins))
      hours.set(day, lost)
    }
  }
  return [...hours]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([day, lost]) => HALVES.flatMap(({ half }) => (lost[half] >= LOST_FROM_HOURS ? [{ day, half }] : [])))
}

const hourOf = (instant: string): number => Number(instant.slice(11, 13)) + Number(instant.slice(14, 16)) / 60
