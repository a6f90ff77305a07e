import { addDays, dayOf, type Day } from './day'

/** A stretch of time that is taken, in local time of whoever wrote it: `2026-03-10T08:00`. */
export interface Busy {
  readonly from: string
  readonly to: string
}

/** Hours of a working day that must be taken before the day is lost to a crew. Half a day. */
const LOST_FROM_HOURS = 4
const [DAY_BEGINS, DAY_ENDS] = [7, 17]

/** The days on which so much of the working day is taken that a crew cannot come.
 * @param from first day that matters
 * @param until last day that matters */
export function busyDays(taken: readonly Busy[], from: Day, until: Day): readonly Day[] {
  const hours = new Map<Day, number>()
  for (const busy of taken) {
    const [begin, end] = [dayOf(busy.from), dayOf(busy.to)]
    for (let day = begin < from ? from : begin; day <= end && day <= until; day = addDays(day, 1)) {
      const first = day === begin ? hourOf(busy.from) : 0
      const last = day === end ? hourOf(busy.to) : 24
      const worked = Math.min(last, DAY_ENDS) - Math.max(first, DAY_BEGINS)
      if (worked > 0) hours.set(day, (hours.get(day) ?? 0) + worked)
    }
  }
  return [...hours].flatMap(([day, lost]) => (lost >= LOST_FROM_HOURS ? [day] : [])).sort()
}

const hourOf = (instant: string): number => Number(instant.slice(11, 13)) + Number(instant.slice(14, 16)) / 60
