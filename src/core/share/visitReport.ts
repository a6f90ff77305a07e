import { dateOnly, dayOf, type Instant } from '../calendar/day'
import { groupBy } from '../lists/groupBy'
import type { Difference } from '../walk/differences'
import { placeName, type SiteState } from '../walk/siteState'
import type { PaperPart, PrintedPaper } from './printedPaper'

/** A visit with what it changed and what was photographed on it. */
export interface ReportedVisit {
  /** 'Monday 5 October, progress walk by Ada'. */
  readonly title: string
  readonly from: Instant
  readonly until: Instant
  readonly changes: readonly Difference[]
}

/** Several visits as one report: each keeps its own day, its changes place by place and its photos; what was photographed
 * from one spot stands together at the end, before and now.
 * @param state the site as the reader may know it */
export function composeVisitReport(
  site: string,
  under: string,
  state: SiteState,
  visits: readonly ReportedVisit[],
): PrintedPaper {
  const taken = (visit: ReportedVisit) =>
    state.photos.filter(({ seenAt, sheet }) => !sheet && seenAt >= visit.from && seenAt <= visit.until)
  const parts = visits.map((visit): PaperPart => {
    const told = [...groupBy(visit.changes, ({ placeId }) => placeId)].map(
      ([placeId, changes]) => `${placeName(state, placeId)}: ${changes.map(changeWords).join('; ')}.`,
    )
    return {
      title: visit.title,
      sentences: told.length > 0 ? told : ['Nothing changed that is told outside.'],
      pictures: taken(visit).map((photo) => ({ hash: photo.hash, words: wordsOf(state, photo) })),
    }
  })
  const pairs = visits.flatMap(taken).flatMap((now) => {
    const before = state.photos.find(({ hash }) => hash === now.sameSpotAs)
    return before ? [before, now].map((photo) => ({ hash: photo.hash, words: wordsOf(state, photo) })) : []
  })
  return {
    title: `${site}: ${visits.length === 1 ? 'one visit' : `${visits.length} visits`}`,
    under,
    parts: [
      ...parts,
      ...(pairs.length > 0 ? [{ title: 'Before and now, from one spot', sentences: [], pictures: pairs }] : []),
    ],
  }
}

/** How far work is says all; of anything else also what it was. */
const changeWords = ({ kind, text, detail }: Difference): string =>
  kind === 'progress' || !detail ? text : `${text} (${detail})`

function wordsOf(state: SiteState, { placeId, caption, seenAt }: SiteState['photos'][number]): string {
  const place = placeName(state, placeId)
  const saidAlready = caption.toLowerCase().startsWith(place.toLowerCase())
  return [saidAlready ? '' : place, caption, dateOnly(dayOf(seenAt))].filter(Boolean).join(', ')
}
