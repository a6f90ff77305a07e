import { array, mixed, object, string } from 'yup'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { HeldObservation, PhoneStore } from './phoneStore'

const FORMAT = 'aftermist-held-1'

const heldFileSchema = object({
  format: string().oneOf([FORMAT]).required(),
  siteId: string().required(),
  observations: array(mixed<HeldObservation['observation']>().required()).required(),
  photos: array(
    object({
      hash: string().required(),
      sort: string()
        .oneOf(['photo', 'memo', 'film'] as const)
        .required(),
      type: string().defined(),
      base64: string().required(),
    }),
  ).required(),
})

/** Everything that a phone still holds of a site, as one JSON file that another phone or the desk can send. */
export async function heldFile(store: PhoneStore, siteId: string): Promise<string> {
  const held = (await store.heldAt(siteId)).filter((one) => one.state !== 'sent')
  const photos = await store.filesAt(siteId)
  return JSON.stringify({
    format: FORMAT,
    siteId,
    observations: held.map(({ observation }) => observation),
    photos: await Promise.all(
      photos.map(async ({ hash, blob, sort }) => ({
        hash,
        sort,
        type: blob.type,
        base64: base64Of(await blob.arrayBuffer()),
      })),
    ),
  })
}

/** Takes such a file in; what is known already stays as it is.
 * @returns how much of it was new here, and of which site
 * @throws ImpossibleRequest `not-held-file` */
export async function takeHeldFile(store: PhoneStore, text: string): Promise<{ siteId: string; fresh: number }> {
  const { siteId, observations, photos } = readHeldFile(text)
  const known = new Set((await store.heldAt(siteId)).map(({ id }) => id))
  const fresh = observations.filter(({ id }) => !known.has(id))
  const tx = (await store.db()).transaction(['held', 'photos'], 'readwrite')
  await Promise.all([
    ...fresh.map((observation) =>
      tx.objectStore('held').add({ id: observation.id, siteId, observation, state: 'held' }),
    ),
    ...photos.map(({ hash, sort, type, base64 }) =>
      tx.objectStore('photos').put({ hash, sort, siteId, blob: new Blob([bytesOf(base64)], { type }) }),
    ),
    tx.done,
  ])
  return { siteId, fresh: fresh.length }
}

function readHeldFile(text: string) {
  try {
    return heldFileSchema.validateSync(JSON.parse(text), { strict: true })
  } catch {
    throw new ImpossibleRequest(
      'not-held-file',
      'File: this is not a file of what a phone held. Choose the one that the phone saved.',
      'file',
    )
  }
}

function base64Of(buffer: ArrayBuffer): string {
  let binary = ''
  for (const byte of new Uint8Array(buffer)) binary += String.fromCharCode(byte)
  return btoa(binary)
}

const bytesOf = (base64: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))
