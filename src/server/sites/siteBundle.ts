import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { createReadStream, existsSync } from 'node:fs'
import { Readable } from 'node:stream'
import type { Observation } from '../../core/walk/observation'
import { logAtDoor } from '../../data/doorLog'
import { readObservations } from '../../data/observations'
import { readPhoto } from '../../data/photos'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { fileName } from '../http/fileAnswer'
import { memoFile } from '../photos/memos'
import { photoFile } from '../photos/photoSizes'

export const FORMAT = 'aftermist-site-1'
/** Times in the file are the same whenever it is made, so that the same site makes the same file. */
const MADE = new Date('1980-01-01T12:00:00Z')

/** What of a site travels in its file. */
/** Crews are the firm's own and stay with it. */
export type BundledSettings = Omit<Site, 'revision' | 'crews'>

/** A whole site as one file: its settings, everything that was observed, its photos and memos as they came. It is made while
 * it is sent, however large it is. For the owner: remarks and money are in it. */
export function siteBundle(context: Context, siteId: string): Response {
  context.requireOwner()
  const { revision: _revision, crews: _crews, ...settings } = context.site(siteId)
  const observations = readObservations(context.db, settings.id)
  logAtDoor(context.db, 'exported', context.person.name, settings.name, context.now())
  return new Response(Readable.toWeb(Readable.from(zipped(context, settings, observations))) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${fileName(settings.name)}.site.zip"`,
      'cache-control': 'no-store',
    },
  })
}

async function* zipped(
  context: Context,
  settings: BundledSettings,
  observations: readonly Observation[],
): AsyncGenerator<Uint8Array> {
  let ready: Uint8Array[] = []
  const zip = new Zip((error, chunk) => {
    if (error) throw error
    ready.push(chunk)
  })
  const taken = (): Uint8Array[] => {
    const chunks = ready
    ready = []
    return chunks
  }
  const words: readonly (readonly [string, string])[] = [
    ['site.json', JSON.stringify({ format: FORMAT, site: settings }, null, 2)],
    ['observations.jsonl', observations.map((one) => `${JSON.stringify(one)}\n`).join('')],
  ]
  for (const [name, text] of words) {
    const file = new ZipDeflate(name, { level: 6 })
    file.mtime = MADE
    zip.add(file)
    file.push(strToU8(text), true)
    yield* taken()
  }
  for (const hash of hashesOf(observations)) {
    const [folder, path] = readPhoto(context.db, hash)
      ? ['photos', photoFile(context.firm, hash, 'original')]
      : ['memos', memoFile(context.firm, hash)]
    // What a phone has not sent yet comes with its next walk.
    if (!existsSync(path)) continue
    const file = new ZipPassThrough(`${folder}/${hash}`)
    file.mtime = MADE
    zip.add(file)
    for await (const chunk of createReadStream(path)) {
      file.push(new Uint8Array(chunk as Buffer))
      yield* taken()
    }
    file.push(new Uint8Array(), true)
  }
  zip.end()
  yield* taken()
}

/** The photos and memos that observations speak of, by hash, each once. */
const hashesOf = (observations: readonly Observation[]): string[] =>
  [
    ...new Set(
      observations.flatMap(({ value }) =>
        typeof value === 'object' &&
        value !== null &&
        'hash' in value &&
        typeof value.hash === 'string' &&
        /^[0-9a-f]{64}$/.test(value.hash)
          ? [value.hash]
          : [],
      ),
    ),
  ].sort()
