import { addDays, daysBetween, weekBegin, type Day } from '../calendar/day'
import { isWorkingDay, workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import type { PlannedVisit } from './plan'

/** A week of a trade: half-days that it works, and half-days that it could. */
export interface LoadWeek {
  /** Its first day. */
  readonly week: Day
  readonly planned: number
  readonly room: number
}

/** A stretch of working days between two visits on which a trade has nothing to do. */
export interface Hole {
  readonly from: Day
  readonly to: Day
  readonly days: number
}

type Timed = Pick<PlannedVisit, 'key' | 'startDay' | 'startHalf' | 'endDay' | 'endHalf'>
interface Team {
  readonly crews: number
  readonly calendar: WorkCalendar
}

const startOf = ({ startDay, startHalf }: Pick<Timed, 'startDay' | 'startHalf'>): string => `${startDay}/${startHalf}`
const endOf = ({ endDay, endHalf }: Timed): string => `${endDay}/${endHalf}`

/** Sorts visits by their first half-day. */
export const byStart = (a: Timed, b: Timed): number => (startOf(a) < startOf(b) ? -1 : startOf(a) > startOf(b) ? 1 : 0)

const HALVES = { both: 2, morning: 1, afternoon: 1 } as const

/** The load of a trade week by week, from the week of `from` to that of its last visit. */
export function loadByWeek(visits: readonly Timed[], { crews, calendar }: Team, from: Day): readonly LoadWeek[] {
  const last = visits.reduce((latest, { endDay }) => (endDay > latest ? endDay : latest), from)
  const first = weekBegin(from)
  const weeks: LoadWeek[] = []
  for (let week = first; week <= last; week = addDays(week, 7)) {
    let [planned, room] = [0, 0]
    for (let i = 0; i < 7; i++) {
      const day = addDays(week, i)
      if (!isWorkingDay(day, calendar)) continue
      const halves = HALVES[calendar.halves ?? 'both']
      room += crews * halves
      for (const visit of visits) planned += Math.min(halves, halvesOn(visit, day))
    }
    weeks.push({ week, planned, room })
  }
  return weeks
}

function halvesOn({ startDay, startHalf, endDay, endHalf }: Timed, day: Day): number {
  if (day < startDay || day > endDay) return 0
  return 2 - (day === startDay ? startHalf : 0) - (day === endDay ? 1 - endHalf : 0)
}

const daysFrom = (first: Day, count: number): Day[] => Array.from({ length: count }, (_, i) => addDays(first, i))

/** Where a trade stands idle between two visits for a day or more: from the first of its working days to the last. */
export function holesOf(visits: readonly Timed[], calendar: WorkCalendar): readonly Hole[] {
  const holes: Hole[] = []
  let until: Day | null = null
  for (const { startDay, endDay } of [...visits].sort(byStart)) {
    if (until && daysBetween(until, startDay) > 1) {
      const between = daysFrom(addDays(until, 1), daysBetween(until, startDay) - 1)
      const worked = between.filter((day) => workingDaysBetween(addDays(day, -1), day, calendar) > 0)
      if (worked.length > 0) holes.push({ from: worked[0]!, to: worked.at(-1)!, days: worked.length })
    }
    if (!until || endDay > until) until = endDay
  }
  return holes
}

/** Half-days on which more is planned than the trade has crews, as where agreed days fall together. */
export function clashesOf(
  visits: readonly Timed[],
  crews: number,
): readonly { readonly day: Day; readonly keys: readonly string[] }[] {
  const days = [...new Set(visits.flatMap(({ startDay }) => [startDay]))].sort()
  return days.flatMap((day) => {
    const over = ([0, 1] as const)
      .map((half) => visits.filter((visit) => isAt(visit, day, half)).map(({ key }) => key))
      .find((keys) => keys.length > crews)
    return over ? [{ day, keys: over }] : []
  })
}

const isAt = (visit: Timed, day: Day, half: 0 | 1): boolean =>
  startOf(visit) <= `${day}/${half}` && endOf(visit) >= `${day}/${half}`

/** Visits of others at the same places on the same half-days. */
export const alongside = <V extends Timed & Pick<PlannedVisit, 'siteId' | 'placeIds'>>(
  visit: V,
  all: readonly V[],
): V[] =>
  all.filter(
    (other) =>
      other.key !== visit.key &&
      other.siteId === visit.siteId &&
      other.placeIds.some((id) => visit.placeIds.includes(id)) &&
      startOf(other) <= endOf(visit) &&
      startOf(visit) <= endOf(other),
  )
