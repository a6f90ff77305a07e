import type { SiteState } from './siteState'

/** What is left to do before one leaves a site in the evening. */
export interface Evening {
  /** Places that need a photo of how clean they were left, with the standard. */
  readonly proof: readonly { readonly placeId: string; readonly standard: string }[]
  /** Openings to close, with how. */
  readonly close: readonly { readonly placeId: string | null; readonly opening: string; readonly how: string | null }[]
}

/** @param since when the walk began; a photo taken after it is proof enough */
export function evening(state: SiteState, since: string): Evening {
  const shown = new Set(state.photos.filter((photo) => photo.seenAt >= since).map((photo) => photo.placeId))
  const of = (kind: string) => state.entries.filter((entry) => entry.kind === kind && entry.settled === null)
  return {
    proof: of('cleanliness').flatMap(({ placeId, values }) =>
      placeId && values.proof !== 'no' && !shown.has(placeId) ? [{ placeId, standard: String(values.standard) }] : [],
    ),
    close: of('close-up').map(({ placeId, values }) => ({
      placeId,
      opening: String(values.opening),
      how: values.how === undefined ? null : String(values.how),
    })),
  }
}
