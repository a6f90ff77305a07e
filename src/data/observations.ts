import type { Observation } from '../core/walk/observation'
import { orderOf } from '../core/walk/registers'
import type { Db } from './database'

interface Row {
  id: string
  site_id: string
  walk_id: string | null
  place_id: string | null
  subject: string
  subject_id: string
  facet: string
  value: string
  by_person: string
  seen_at: string
  ordering: number
}

/** Values as they were read, by their text: the same are told again and again, and a site whose one fact changed has all the
 * others read anew. */
const values = new Map<string, unknown>()
const MOST_VALUES = 100_000

function valueOf(text: string): unknown {
  const known = values.get(text)
  if (known !== undefined) return known
  if (values.size >= MOST_VALUES) values.clear()
  const value = JSON.parse(text) as unknown
  values.set(text, value)
  return value
}

const observationOf = (row: Row): Observation =>
  ({
    id: row.id,
    siteId: row.site_id,
    walkId: row.walk_id,
    placeId: row.place_id,
    subject: row.subject,
    subjectId: row.subject_id,
    facet: row.facet,
    value: valueOf(row.value),
    by: row.by_person,
    seenAt: row.seen_at,
    order: row.ordering,
  }) as Observation

/** Takes observations in once each: an id already stored is skipped, whatever its order of arrival, and the registers
 * follow. Call inside a transaction. */
export function insertObservations(
  db: Db,
  observations: readonly Observation[],
  receivedAt: string,
): { taken: number; known: number } {
  const insert = db.prepare(
    `INSERT INTO observation (id, site_id, walk_id, place_id, subject, subject_id, facet, value, by_person, seen_at, received_at, ordering)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING`,
  )
  const touched = new Set<string>()
  let taken = 0
  for (const o of observations) {
    const { changes } = insert.run(
      o.id,
      o.siteId,
      o.walkId,
      o.placeId,
      o.subject,
      o.subjectId,
      o.facet,
      JSON.stringify(o.value),
      o.by,
      o.seenAt,
      receivedAt,
      orderOf(o),
    )
    if (changes === 0) continue
    taken++
    touched.add(o.siteId)
    raiseRegister(db, o)
  }
  for (const siteId of touched) db.prepare('UPDATE site SET revision = revision + 1 WHERE id = ?').run(siteId)
  return { taken, known: observations.length - taken }
}

function raiseRegister(db: Db, o: Observation): void {
  if (o.subject === 'fact') {
    raiseOver(db, o)
    settleRegister(db, o.siteId, o.subjectId)
  } else if (!isTakenBack(db, o.siteId, o.id)) raiseOver(db, o)
}

function raiseOver(db: Db, o: Observation): void {
  db.prepare(
    `INSERT INTO register (site_id, subject, subject_id, facet, observation_id, seen_at, ordering) VALUES (?, ?, ?, ?, ?, ?, ?)
     ON CONFLICT (site_id, subject, subject_id, facet) DO UPDATE
     SET observation_id = excluded.observation_id, seen_at = excluded.seen_at, ordering = excluded.ordering
     WHERE (excluded.ordering, excluded.seen_at, excluded.observation_id) > (register.ordering, register.seen_at, register.observation_id)`,
  ).run(o.siteId, o.subject, o.subjectId, o.facet, o.id, o.seenAt, orderOf(o))
}

const isTakenBack = (db: Db, siteId: string, id: string): boolean =>
  readValue(db, siteId, 'fact', id, 'withdrawn') === true

/** After an observation was taken back, or stands again: what stands in its register is the latest of those that were
 * not. */
function settleRegister(db: Db, siteId: string, id: string): void {
  const target = readObservation(db, siteId, id)
  if (!target || target.subject === 'fact') return
  const key = [siteId, target.subject, target.subjectId, target.facet]
  db.prepare('DELETE FROM register WHERE site_id = ? AND subject = ? AND subject_id = ? AND facet = ?').run(key)
  const sql = 'SELECT * FROM observation WHERE site_id = ? AND subject = ? AND subject_id = ? AND facet = ?'
  for (const one of (db.prepare(sql).all(key) as Row[]).map(observationOf))
    if (!isTakenBack(db, siteId, one.id)) raiseOver(db, one)
}

/** One observation of a site, or null. */
export function readObservation(db: Db, siteId: string, id: string): Observation | null {
  const row = db.prepare('SELECT * FROM observation WHERE site_id = ? AND id = ?').get(siteId, id) as Row | undefined
  return row ? observationOf(row) : null
}

/** The latest observation of each subject and facet of a site. */
export function readRegisters(db: Db, siteId: string): Observation[] {
  const sql = 'SELECT o.* FROM register r JOIN observation o ON o.id = r.observation_id WHERE r.site_id = ?'
  return (db.prepare(sql).all(siteId) as Row[]).map(observationOf)
}

/** Everything observed at a site, oldest first, up to an instant where one is given. */
export function readObservations(db: Db, siteId: string, upTo = '9999'): Observation[] {
  const sql = 'SELECT * FROM observation WHERE site_id = ? AND seen_at <= ? ORDER BY ordering, seen_at, id'
  return (db.prepare(sql).all(siteId, upTo) as Row[]).map(observationOf)
}

/** Derives the registers again from all observations, in one transaction.
 * @returns how many registers there are and how many differed from what stood before */
export function rebuildRegisters(db: Db): { registers: number; differing: number } {
  const rows = () =>
    (
      db.prepare('SELECT site_id, subject, subject_id, facet, observation_id FROM register').all() as Record<
        string,
        string
      >[]
    ).map((r) => [r.site_id, r.subject, r.subject_id, r.facet, r.observation_id].join('|'))
  return db.transaction(() => {
    const before = new Set(rows())
    db.prepare('DELETE FROM register').run()
    const sites = db.prepare('SELECT id FROM site').all() as { id: string }[]
    for (const { id } of sites) for (const observation of readObservations(db, id)) raiseRegister(db, observation)
    const after = rows()
    return {
      registers: after.length,
      differing: after.filter((row) => !before.has(row)).length + Math.max(0, before.size - after.length),
    }
  })()
}

/** Where the latest of all observations stands, in milliseconds; 0 before the first. */
export const latestOrder = (db: Db): number =>
  db.prepare('SELECT COALESCE(MAX(ordering), 0) FROM observation').pluck().get() as number

/** The latest instant on record of any kind, for a clock that must not run behind it. */
export const latestInstant = (db: Db): string | null =>
  (
    db
      .prepare(
        `SELECT MAX(at) AS at FROM (
           SELECT MAX(received_at) AS at FROM observation UNION ALL SELECT MAX(made_at) FROM plan
           UNION ALL SELECT MAX(written_at) FROM message UNION ALL SELECT MAX(created_at) FROM link)`,
      )
      .get() as { at: string | null }
  ).at

/** Everything that was ever told of one facet at a site, oldest first. */
export function readHistory(db: Db, siteId: string, subject: string, facet: string): Observation[] {
  const sql = 'SELECT * FROM observation WHERE site_id = ? AND subject = ? AND facet = ? ORDER BY ordering, seen_at, id'
  return (db.prepare(sql).all(siteId, subject, facet) as Row[]).map(observationOf)
}

/** Places that are taken off a site, with when and by whom. */
export function readPlaceRemovals(db: Db, siteId: string): { placeId: string; name: string; at: string; by: string }[] {
  const sql = `SELECT r.subject_id AS placeId, json_extract(l.value, '$.name') AS name, o.seen_at AS at, o.by_person AS by
    FROM register r JOIN observation o ON o.id = r.observation_id
    JOIN register rl ON rl.site_id = r.site_id AND rl.subject = 'place' AND rl.subject_id = r.subject_id AND rl.facet = 'laid'
    JOIN observation l ON l.id = rl.observation_id
    WHERE r.site_id = ? AND r.subject = 'place' AND r.facet = 'removed' AND o.value = 'true'`
  return db.prepare(sql).all(siteId) as { placeId: string; name: string; at: string; by: string }[]
}

/** The value in force of one subject and facet, or undefined where nothing was observed. */
export function readValue(db: Db, siteId: string, subject: string, subjectId: string, facet: string): unknown {
  const sql = `SELECT o.value FROM register r JOIN observation o ON o.id = r.observation_id
    WHERE r.site_id = ? AND r.subject = ? AND r.subject_id = ? AND r.facet = ?`
  const row = db.prepare(sql).get(siteId, subject, subjectId, facet) as { value: string } | undefined
  return row ? (JSON.parse(row.value) as unknown) : undefined
}
