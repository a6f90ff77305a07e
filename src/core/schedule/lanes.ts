import { daysBetween, type Day } from '../calendar/day'
import type { PlannedVisit } from './plan'

type Dated = Pick<PlannedVisit, 'key' | 'startDay' | 'startHalf' | 'endDay' | 'endHalf'>

export interface Bar<T extends Dated> {
  readonly visit: T
  /** First half-day and number of half-days, counted from the picture's first day. */
  readonly first: number
  readonly length: number
  readonly lane: number
}

export const firstHalf = (from: Day, visit: Pick<Dated, 'startDay' | 'startHalf'>): number =>
  daysBetween(from, visit.startDay) * 2 + visit.startHalf

/** How many half-days a visit takes, days off within it among them. */
export const halvesOf = ({ startDay, startHalf, endDay, endHalf }: Omit<Dated, 'key'>): number =>
  daysBetween(startDay, endDay) * 2 + endHalf - startHalf + 1

/** Lays visits side by side in as few lanes as they need. */
export function lanesOf<T extends Dated>(visits: readonly T[], from: Day): { bars: Bar<T>[]; lanes: number } {
  const ends: number[] = []
  const bars = [...visits]
    .map((visit) => ({ visit, first: firstHalf(from, visit), length: halvesOf(visit) }))
    .sort((a, b) => a.first - b.first || (a.visit.key < b.visit.key ? -1 : 1))
    .map((bar): Bar<T> => {
      const free = ends.findIndex((end) => end <= bar.first)
      const lane = free === -1 ? ends.length : free
      ends[lane] = bar.first + bar.length
      return { ...bar, lane }
    })
  return { bars, lanes: Math.max(1, ends.length) }
}
