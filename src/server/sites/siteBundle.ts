import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { createHash } from 'node:crypto'
import { existsSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { array, boolean, number, object, string } from 'yup'
import { relationsFor } from '../../core/sequence/relations'
import { requireNoCycle } from '../../core/sequence/stageOrder'
import type { Observation, SubjectKind } from '../../core/walk/observation'
import { insertObservations, readObservations } from '../../data/observations'
import { readPhoto } from '../../data/photos'
import { insertSite, readSite, type Site } from '../../data/sites'
import type { Context } from '../context'
import { fileAnswer, fileName } from '../http/fileAnswer'
import { memoFile, storeMemo } from '../photos/memos'
import { storePhoto } from '../photos/photos'
import { photoFile } from '../photos/photoSizes'
import { Refusal } from '../refusal'
import { checkedValue, factHead, uuidText } from '../walk/factSchemas'

const FORMAT = 'aftermist-site-1'
/** Times in the file are the same whenever it is made, so that the same site makes the same file. */
const MADE = new Date('1980-01-01T12:00:00Z')
/** The most that a bundle may hold once it is open. */
const MAX_BYTES = 2_000_000_000

type Settings = Omit<Site, 'revision'>

/** A whole site as one file: its settings, everything that was observed, its photos and memos as they came. For the owner:
 * remarks and money are in it. */
export async function siteBundle(context: Context, siteId: string): Promise<Response> {
  context.requireOwner()
  const { revision: _revision, ...settings } = context.site(siteId)
  const observations = readObservations(context.db, settings.id)
  const files: Record<string, Uint8Array> = {
    'site.json': strToU8(JSON.stringify({ format: FORMAT, site: settings }, null, 2)),
    'observations.jsonl': strToU8(observations.map((one) => `${JSON.stringify(one)}\n`).join('')),
  }
  for (const hash of hashesOf(observations)) {
    const [folder, path] = readPhoto(context.db, hash)
      ? ['photos', photoFile(context.firm, hash, 'original')]
      : ['memos', memoFile(context.firm, hash)]
    // What a phone has not sent yet comes with its next walk.
    if (existsSync(path)) files[`${folder}/${hash}`] = await readFile(path)
  }
  return fileAnswer(zipSync(files, { level: 6, mtime: MADE }), 'application/zip', `${fileName(settings.name)}.site.zip`)
}

/** The photos and memos that observations speak of, by hash, each once. */
const hashesOf = (observations: readonly Observation[]): string[] =>
  [
    ...new Set(
      observations.flatMap(({ value }) =>
        typeof value === 'object' && value !== null && 'hash' in value && typeof value.hash === 'string'
          ? [value.hash]
          : [],
      ),
    ),
  ].sort()

/** Takes a bundle in as a site of this firm, all of it or nothing.
 * @throws Refusal 422 where it is no bundle or a part of it is not whole, 409 where the site is here already */
export async function takeBundle(context: Context, bytes: Uint8Array): Promise<{ siteId: string }> {
  context.requireOwner()
  const files = opened(bytes)
  const settings = settingsFrom(files['site.json'])
  if (readSite(context.db, settings.id)) throw new Refusal(409, `${settings.name} is here already.`, 'file')
  const observations = linesOf(files['observations.jsonl']).map((line, i) => observationFrom(line, i + 1, settings))
  for (const [path, content] of Object.entries(files)) requireWhole(path, content)
  context.db.transaction(() => {
    insertSite(context.db, settings, context.now())
    insertObservations(context.db, observations, context.now())
  })()
  const films = new Set(observations.flatMap(({ value }) => (isFilm(value) ? [value.hash] : [])))
  for (const [path, content] of Object.entries(files)) {
    const [folder, hash] = path.split('/')
    if (folder === 'photos') await storePhoto(context, settings.id, Buffer.from(content))
    if (folder === 'memos')
      await storeMemo(context, settings.id, Buffer.from(content), films.has(hash!) ? 'film' : 'memo')
  }
  return { siteId: settings.id }
}

function opened(bytes: Uint8Array): Record<string, Uint8Array> {
  let size = 0
  try {
    return unzipSync(bytes, { filter: ({ originalSize }) => (size += originalSize) <= MAX_BYTES })
  } catch {
    throw new Refusal(422, 'File: this is no site file, or it did not arrive whole.', 'file')
  }
}

const isFilm = (value: unknown): value is { hash: string; film: true } =>
  typeof value === 'object' && value !== null && 'film' in value && value.film === true

const day = string().matches(/^\d{4}-\d{2}-\d{2}$/)
const settingsSchema = object({
  id: uuidText.required(),
  name: string().max(80).required(),
  built: number().integer().nullable().defined(),
  units: string().oneOf(['metric', 'imperial']).required(),
  livedIn: boolean().required(),
  calendar: object({
    weekdays: array(number().integer().min(1).max(7).required()).min(1).required(),
    daysOff: array(day.required()).required(),
    halves: string().oneOf(['both', 'morning', 'afternoon']).required(),
  }).required(),
  startsOn: day.required(),
  travelHours: number().min(0).max(6),
  schools: object().required(),
  ownRelations: array(object({ before: string().required(), after: string().required() })).required(),
  clientName: string().max(80).defined(),
  clientAddress: string().max(120).defined(),
  privateNote: string().max(2000).defined(),
})

function settingsFrom(file: Uint8Array | undefined): Settings {
  try {
    const { format, site } = JSON.parse(strFromU8(file!)) as { format: unknown; site: Settings }
    if (format === FORMAT) {
      settingsSchema.validateSync(site, { strict: true })
      requireNoCycle(relationsFor(site.schools, site.ownRelations))
      return { ...site, travelHours: site.travelHours ?? 0 }
    }
  } catch {
    // Said below: it makes no difference in what way it is none.
  }
  throw new Refusal(422, 'File: its site.json is not one of ours.', 'file')
}

const linesOf = (file: Uint8Array | undefined): string[] =>
  file
    ? strFromU8(file)
        .split('\n')
        .filter((line) => line !== '')
    : []

function observationFrom(line: string, number: number, { id, startsOn }: Settings): Observation {
  try {
    const one = JSON.parse(line) as Observation
    factHead.validateSync(one)
    checkedValue(one.subject as SubjectKind, one.facet, one.value, startsOn)
    if (one.siteId === id && uuidText.required().isValidSync(one.id) && !Number.isNaN(Date.parse(one.seenAt)))
      return one
  } catch (error) {
    throw new Refusal(422, `File: observations.jsonl, line ${number}: ${(error as Error).message}`, 'file')
  }
  throw new Refusal(422, `File: observations.jsonl, line ${number}: it is not of this site.`, 'file')
}

/** A photo or a memo is called by the hash of its bytes. */
function requireWhole(path: string, content: Uint8Array): void {
  const [folder, hash] = path.split('/')
  if (folder !== 'photos' && folder !== 'memos') return
  if (createHash('sha256').update(content).digest('hex') !== hash)
    throw new Refusal(422, `File: ${path} did not arrive whole.`, 'file')
}
