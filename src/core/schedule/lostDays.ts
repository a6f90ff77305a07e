import { addDays, type Day } from '../calendar/day'
import type { Plan, PlannedVisit } from './plan'

/** Days up to `until` on which a crew was going to work and now has nothing to do anywhere, by crew.
 * @param works whether a crew works on a day: a visit over a week-end does not make it work then */
export function lostDays(
  before: Plan,
  after: Plan,
  until: Day,
  works: (crewId: string, day: Day) => boolean = () => true,
): ReadonlyMap<string, readonly Day[]> {
  const [was, is] = [busyDays(before, until), busyDays(after, until)]
  const lost = new Map<string, readonly Day[]>()
  for (const [crew, days] of was) {
    const empty = [...days].filter((day) => works(crew, day) && !is.get(crew)?.has(day)).sort()
    if (empty.length > 0) lost.set(crew, empty)
  }
  return lost
}

function busyDays({ visits }: Pick<Plan, 'visits'>, until: Day): Map<string, Set<Day>> {
  const busy = new Map<string, Set<Day>>()
  for (const visit of visits) {
    if (visit.crewId === null) continue
    const days = busy.get(visit.crewId) ?? new Set()
    busy.set(visit.crewId, days)
    for (const day of daysOf(visit)) if (day <= until) days.add(day)
  }
  return busy
}

function* daysOf({ startDay, endDay }: Pick<PlannedVisit, 'startDay' | 'endDay'>): Generator<Day> {
  for (let day = startDay; day <= endDay; day = addDays(day, 1)) yield day
}
