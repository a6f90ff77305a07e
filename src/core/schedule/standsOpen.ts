import { daysBetween, shortDay, type Day } from '../calendar/day'
import { dayOfSlot } from '../calendar/slots'
import type { Schedule } from './instance'
import type { Problem } from './problem'
import type { OpeningSort } from './sense'

/** Something outside that the plan opens, and when it closes it again. */
export interface StandsOpen {
  readonly siteId: string
  readonly placeId: string
  readonly sort: OpeningSort
  /** The visit that opens it last, and the first that closes it, by key; null where nothing in the plan does. */
  readonly opens: string
  readonly closes: string | null
  readonly from: Day
  readonly until: Day | null
  /** Nights that it should stand open at most. */
  readonly most: number
}

/** All that a plan opens. */
export const standsOpen = ({ openings, visits, origin }: Problem, { start, finish }: Schedule): StandsOpen[] =>
  openings.map(({ siteId, placeId, sort, opens, closes, most }) => {
    const opener = opens.reduce((last, i) => (finish[i]! > finish[last]! ? i : last))
    const closer = closes.length === 0 ? null : closes.reduce((first, i) => (start[i]! < start[first]! ? i : first))
    return {
      siteId,
      placeId,
      sort,
      most,
      opens: visits[opener]!.key,
      closes: closer === null ? null : visits[closer]!.key,
      from: dayOfSlot(origin, finish[opener]! - 1),
      until: closer === null ? null : dayOfSlot(origin, start[closer]!),
    }
  })

/** Nights from the day on which it is open to the day on which it is closed; null where nothing closes it. */
export const nightsOpen = ({ from, until }: Pick<StandsOpen, 'from' | 'until'>): number | null =>
  until === null ? null : Math.max(0, daysBetween(from, until))

export const isOpenTooLong = (one: StandsOpen): boolean => (nightsOpen(one) ?? Number.POSITIVE_INFINITY) > one.most

/** How long it stands open, in a sentence; null where it is closed on the day. */
export function openWords(one: Pick<StandsOpen, 'from' | 'until'>): string | null {
  const nights = nightsOpen(one)
  if (nights === null) return 'Nothing in the plan closes it again: cover it before the evening.'
  if (nights === 0) return null
  return `Open from ${shortDay(one.from)}, closed on ${shortDay(one.until!)}: ${nights === 1 ? 'one night' : `${nights} nights`}. Open no more in a day than is closed or covered by the evening.`
}
