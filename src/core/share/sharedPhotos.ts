import { dayOf, shortDay } from '../calendar/day'
import { placeName, type SiteState } from '../walk/siteState'

/** A picture by the hash of its bytes, over its words. */
export interface PaperPicture {
  readonly hash: string
  readonly words: string
}

/** The pictures of an update: those from one spot beside each other, the others alone. */
export interface SharedPhotos {
  readonly pairs: readonly { readonly before: PaperPicture; readonly after: PaperPicture }[]
  readonly single: readonly PaperPicture[]
}

/** Puts the pictures that were chosen for an update in order. What somebody wrote under them stays with us.
 * @param chosen their hashes */
export function sharedPhotos(state: Pick<SiteState, 'photos' | 'places'>, chosen: readonly string[]): SharedPhotos {
  const shown = chosen.flatMap((hash) => state.photos.find((photo) => photo.hash === hash) ?? [])
  const pictureOf = ({ hash, placeId, seenAt }: SiteState['photos'][number], when = ''): PaperPicture => ({
    hash,
    words: [placeId ? placeName(state, placeId) : '', [when, shortDay(dayOf(seenAt))].filter(Boolean).join(', ')]
      .filter(Boolean)
      .join(': '),
  })
  const pairs = shown.flatMap((after) => {
    const before = shown.find(({ hash }) => hash === after.sameSpotAs)
    return before ? [{ before, after }] : []
  })
  const paired = new Set(pairs.flatMap(({ before, after }) => [before, after]))
  return {
    pairs: pairs.map(({ before, after }) => ({
      before: pictureOf(before, 'before'),
      after: pictureOf(after, 'now'),
    })),
    single: shown.filter((photo) => !paired.has(photo)).map((photo) => pictureOf(photo)),
  }
}
