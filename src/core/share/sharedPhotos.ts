import { dayOf, shortDay } from '../calendar/day'
import { placeName, type SiteState } from '../walk/siteState'

/** A picture by the hash of its bytes, over its words. */
export interface PaperPicture {
  readonly hash: string
  readonly words: string
}

/** The pictures that were chosen for an update: those from one spot first, before and now beside each other. What somebody
 * wrote under them stays with us.
 * @param chosen their hashes */
export function sharedPhotos(
  state: Pick<SiteState, 'photos' | 'places'>,
  chosen: readonly string[],
): readonly PaperPicture[] {
  const shown = chosen.flatMap((hash) => state.photos.find((photo) => photo.hash === hash) ?? [])
  const pairs = shown.flatMap((after) => {
    const before = shown.find(({ hash }) => hash === after.sameSpotAs)
    return before ? [[before, 'before'] as const, [after, 'now'] as const] : []
  })
  const paired = new Set(pairs.map(([photo]) => photo))
  return [...pairs, ...shown.filter((photo) => !paired.has(photo)).map((photo) => [photo, ''] as const)].map(
    ([{ hash, placeId, seenAt }, when]) => {
      const seen = [when, shortDay(dayOf(seenAt))].filter(Boolean).join(', ')
      return { hash, words: placeId ? `${placeName(state, placeId)}: ${seen}` : seen }
    },
  )
}
