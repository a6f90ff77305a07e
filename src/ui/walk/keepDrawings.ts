import type { Observation } from '@/core/walk/observation'
import { PICTURE_CACHE } from '../shared/pictureCache'

export const drawingUrl = (hash: string): string => `/api/photos/${hash}?size=shared`

/** Fetches the drawings of a site ahead, so that they are there in a basement without a signal. */
export async function keepDrawings(registers: readonly Observation[]): Promise<void> {
  if (!('caches' in window)) return
  const kept = await caches.open(PICTURE_CACHE)
  for (const one of registers) {
    if (one.subject !== 'photo' || one.facet !== 'taken' || !one.value.sheet) continue
    const url = drawingUrl(one.value.hash)
    if (await kept.match(url)) continue
    // Whatever cannot be fetched now is tried again with the next snapshot.
    const answer = await fetch(url).catch(() => null)
    if (answer?.ok) await kept.put(url, answer)
  }
}

/** A drawing that was fetched ahead, without asking anybody: a worker that is only starting is no reason to show none. */
export async function keptDrawing(hash: string): Promise<Blob | undefined> {
  if (!('caches' in window)) return undefined
  return (await (await caches.open(PICTURE_CACHE)).match(drawingUrl(hash)))?.blob()
}
