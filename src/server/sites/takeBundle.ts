import { createHash, randomUUID } from 'node:crypto'
import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs'
import { open, readFile, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { Readable, Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { number, object, string } from 'yup'
import yauzl from 'yauzl'
import { isInstant } from '../../core/calendar/day'
import type { Units } from '../../core/measure/length'
import type { Schools } from '../../core/sequence/schools'
import { MAX_FILE_BYTES } from '../../core/walk/sentFiles'
import type { Observation, SubjectKind } from '../../core/walk/observation'
import { logAtDoor } from '../../data/doorLog'
import { addJob } from '../../data/jobs'
import { insertMemo } from '../../data/memos'
import { insertObservations } from '../../data/observations'
import { insertPhoto } from '../../data/photos'
import { insertSite, readSite } from '../../data/sites'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { memoContainer, memoFile } from '../photos/memos'
import { requirePicture } from '../photos/photos'
import { photoFile, startPhotoJobs } from '../photos/photoSizes'
import { moveWhole } from '../photos/writeWhole'
import { Refusal } from '../refusal'
import { checkedValue, factHead, uuidText } from '../walk/factSchemas'
import { FORMAT, type BundledSettings } from './siteBundle'
import { calendarFrom, relationsFrom, startFrom } from './siteInput'
import { siteFields } from '../../schemas/site'

/** The most that a file of a site may be, and may hold once it is open. */
export const MAX_BUNDLE_BYTES = 2_147_483_648
const MAX_OPEN_BYTES = 4 * MAX_BUNDLE_BYTES
const MAX_SETTINGS_BYTES = 1_000_000
const MAX_LINES = 2_000_000

const incoming = (firm: FirmFolder): string => join(firm.path, 'incoming')

/** What a try that was cut short left behind. */
export function clearIncoming(firm: FirmFolder): void {
  if (!existsSync(incoming(firm))) return
  for (const name of readdirSync(incoming(firm))) rmSync(join(incoming(firm), name), { recursive: true, force: true })
}

/** Takes the file of a site in, as it comes, as a site of this firm: all of it or nothing, also where the server is stopped
 * in the middle of it; a second try finds nothing of the first. Every value is checked as if it were typed.
 * @param parts the bytes of the file in their order
 * @throws Refusal 422 where it is no such file or a part of it is not whole, 409 where the site is here already */
export async function takeBundle(
  context: Context,
  parts: AsyncIterable<Uint8Array> | Iterable<Uint8Array>,
): Promise<{ siteId: string }> {
  context.requireOwner()
  const folder = join(incoming(context.firm), randomUUID())
  mkdirSync(folder, { recursive: true })
  try {
    const file = join(folder, 'site.zip')
    await pipeline(Readable.from(parts), createWriteStream(file))
    const entries = await unpacked(file, folder)
    const settings = settingsFrom(entries.has('site.json') ? await readFile(join(folder, 'site.json'), 'utf8') : '')
    if (readSite(context.db, settings.id)) throw new Refusal(409, `${settings.name} is here already.`, 'file')
    const observations = entries.has('observations.jsonl') ? await observationsFrom(folder, settings) : []
    const films = new Set(observations.flatMap(({ value }) => (isFilm(value) ? [value.hash] : [])))
    // One after another: a site's photos together are more than a small machine holds.
    const files: KeptFile[] = []
    for (const path of [...entries].filter(isHashed)) files.push(await keptFile(folder, path, films))
    // Named by what is in them, they may stand there before the site does; nothing speaks of them until it does.
    for (const { hash, sort } of files) await putInPlace(context.firm, folder, hash, sort)
    context.db.transaction(() => {
      const at = context.now()
      insertSite(context.db, { ...settings, crews: {} }, at)
      for (const { sort, hash, bytes, type, width, height } of files)
        if (sort === 'photos') {
          insertPhoto(context.db, { hash, siteId: settings.id, type, width, height, bytes, receivedAt: at })
          addJob(context.db, 'photo-sizes', hash, at)
        } else insertMemo(context.db, { hash, siteId: settings.id, type, bytes, receivedAt: at })
      insertObservations(context.db, observations, at)
      logAtDoor(context.db, 'brought in', context.person.name, settings.name, at)
    })()
    startPhotoJobs(context.firm)
    return { siteId: settings.id }
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

const none = (why = 'this is no site file, or it did not arrive whole'): Refusal =>
  new Refusal(422, `File: ${why}.`, 'file')

const PATHS = /^(?:site\.json|observations\.jsonl|(?:photos|memos)\/[0-9a-f]{64})$/
const isHashed = (path: string): boolean => path.includes('/')

/** Unpacks what belongs in such a file beside it; what opens to more than it says, or than anybody needs, is refused.
 * @returns the paths that were in it */
async function unpacked(file: string, folder: string): Promise<ReadonlySet<string>> {
  for (const name of ['photos', 'memos']) mkdirSync(join(/* turbopackIgnore: true */ folder, name))
  const zip = await opened(file)
  const paths = new Set<string>()
  let open = 0
  try {
    for (;;) {
      const entry = await nextEntry(zip)
      if (!entry) return paths
      const path = entry.fileName
      if (path.endsWith('/')) continue
      if (!PATHS.test(path)) throw none(`there is something in it that does not belong there: ${path.slice(0, 60)}`)
      if (paths.has(path)) throw none(`${path} is in it twice`)
      open += entry.uncompressedSize
      const most = path === 'site.json' ? MAX_SETTINGS_BYTES : isHashed(path) ? MAX_FILE_BYTES.film : MAX_BUNDLE_BYTES
      if (open > MAX_OPEN_BYTES || entry.uncompressedSize > most) throw none('it opens to more than a site can hold')
      paths.add(path)
      await unpackedEntry(zip, entry, join(folder, path))
    }
  } finally {
    zip.close()
  }
}

const opened = (file: string): Promise<yauzl.ZipFile> =>
  new Promise((found, failed) =>
    yauzl.open(file, { lazyEntries: true, validateEntrySizes: true, autoClose: false }, (error, zip) =>
      error ? failed(none()) : found(zip),
    ),
  )

const contentOf = (zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Readable> =>
  new Promise((found, failed) => zip.openReadStream(entry, (error, stream) => (error ? failed(error) : found(stream))))

const nextEntry = (zip: yauzl.ZipFile): Promise<yauzl.Entry | null> =>
  new Promise((found, failed) => {
    zip.once('entry', (entry: yauzl.Entry) => found(entry))
    zip.once('end', () => found(null))
    zip.once('error', () => failed(none()))
    zip.readEntry()
  }).finally(() => zip.removeAllListeners()) as Promise<yauzl.Entry | null>

async function unpackedEntry(zip: yauzl.ZipFile, entry: yauzl.Entry, to: string): Promise<void> {
  const hash = createHash('sha256')
  const count = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      hash.update(chunk)
      done(null, chunk)
    },
  })
  try {
    await pipeline(await contentOf(zip, entry), count, createWriteStream(to, { flush: true }))
  } catch {
    throw none(`${entry.fileName} did not arrive whole, or opens to more than it says`)
  }
  if (isHashed(entry.fileName) && hash.digest('hex') !== entry.fileName.split('/')[1])
    throw none(`${entry.fileName} did not arrive whole`)
}

const {
  name,
  built,
  units,
  livedIn,
  startsOn,
  travelHours,
  clientName,
  clientAddress,
  privateNote,
  street,
  wayIn,
  whomToCall,
} = siteFields
const settingsSchema = object({
  id: uuidText.required(),
  name,
  built,
  units,
  livedIn,
  calendar: object({
    weekdays: siteFields.weekdays,
    daysOff: siteFields.daysOff.default([]),
    halves: siteFields.halves,
  }).required(),
  startsOn,
  travelHours,
  schools: siteFields.schools,
  ownRelations: siteFields.relations.default([]),
  clientName,
  clientAddress,
  privateNote,
  street,
  wayIn,
  whomToCall,
})

function settingsFrom(text: string): BundledSettings {
  try {
    const { format, site } = JSON.parse(text) as { format: unknown; site: unknown }
    if (format !== FORMAT) throw none()
    const input = settingsSchema.validateSync(site, { stripUnknown: true })
    const under = input.schools as Schools
    return {
      ...input,
      built: input.built ?? null,
      units: input.units as Units,
      calendar: calendarFrom(input.calendar),
      startsOn: startFrom(input.startsOn),
      schools: under,
      ownRelations: relationsFrom(input.ownRelations, under),
    }
  } catch (error) {
    const told = error instanceof Error && !(error instanceof SyntaxError) ? ` (${error.message})` : ''
    throw none(`its site.json is not one of ours${told}`)
  }
}

const lineSchema = factHead.shape({
  id: uuidText.required(),
  siteId: string().required(),
  walkId: uuidText.nullable().defined(),
  by: string().max(200, 'By: use at most 200 characters.').required(),
  seenAt: string().test('instant', 'Observation: its time is not readable.', isInstant).required(),
  order: number().integer().min(0).max(Number.MAX_SAFE_INTEGER),
})

async function observationsFrom(folder: string, settings: BundledSettings): Promise<Observation[]> {
  const observations: Observation[] = []
  const handle = await open(join(folder, 'observations.jsonl'))
  let count = 0
  for await (const line of createInterface({ input: handle.createReadStream(), crlfDelay: Infinity })) {
    count++
    if (count > MAX_LINES) throw none('observations.jsonl has more lines than a site can have')
    if (line !== '') observations.push(observationFrom(line, count, settings))
  }
  return observations
}

function observationFrom(line: string, count: number, { id, startsOn: starts }: BundledSettings): Observation {
  try {
    const one = lineSchema.validateSync(JSON.parse(line), { strict: false })
    if (one.siteId !== id) throw new Error('it is not of this site.')
    const value = checkedValue(one.subject as SubjectKind, one.facet, one.value, starts)
    return { ...one, order: one.order ?? Date.parse(one.seenAt), value } as Observation
  } catch (error) {
    throw none(`observations.jsonl, line ${count}: ${(error as Error).message.replace(/\.$/, '')}`)
  }
}

const isFilm = (value: unknown): value is { hash: string; film: true } =>
  typeof value === 'object' && value !== null && 'film' in value && value.film === true

interface KeptFile {
  readonly sort: 'photos' | 'memos'
  readonly hash: string
  readonly bytes: number
  readonly type: string
  readonly width: number
  readonly height: number
}

/** What a file is, by its bytes, or a refusal where it is neither picture nor sound nor film. */
async function keptFile(folder: string, path: string, films: ReadonlySet<string>): Promise<KeptFile> {
  const [sort, hash] = path.split('/') as ['photos' | 'memos', string]
  const bytes = await readFile(join(folder, path))
  const head = { sort, hash, bytes: bytes.length }
  if (sort === 'photos') {
    const { format, width, height } = await requirePicture(bytes)
    return { ...head, type: format, width, height }
  }
  return { ...head, type: memoContainer(bytes, films.has(hash) ? 'film' : 'memo'), width: 0, height: 0 }
}

async function putInPlace(firm: FirmFolder, folder: string, hash: string, sort: KeptFile['sort']): Promise<void> {
  const to = sort === 'photos' ? photoFile(firm, hash, 'original') : memoFile(firm, hash)
  if (existsSync(to)) return
  mkdirSync(join(to, '..'), { recursive: true })
  await moveWhole(join(folder, sort, hash), to)
}
