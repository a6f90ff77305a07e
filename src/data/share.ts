import type { Day, Instant } from '../core/calendar/day'
import type { ClientAsk } from '../core/share/clientAsks'
import type { ClientFacts, ClientUpdate } from '../core/share/clientUpdate'
import { NO_EDITS, type UpdateEdits } from '../core/share/updateEdits'
import type { Db } from './database'

export interface PublishedUpdate {
  readonly id: string
  readonly siteId: string
  readonly update: ClientUpdate
  readonly facts: ClientFacts
  readonly photos: readonly string[]
  /** What can be answered on the link. */
  readonly asks: readonly ClientAsk[]
  readonly publishedAt: string
}

interface UpdateRow {
  id: string
  site_id: string
  body: string
  facts: string
  published_at: string
}

const publishedOf = (row: UpdateRow): PublishedUpdate => {
  // An update of before could not be answered, and explained nothing.
  const {
    update,
    photos,
    asks = [],
  } = JSON.parse(row.body) as Pick<PublishedUpdate, 'update' | 'photos'> & Partial<Pick<PublishedUpdate, 'asks'>>
  return {
    id: row.id,
    siteId: row.site_id,
    update: { ...update, terms: update.terms ?? [], scope: update.scope ?? [], safe: update.safe ?? null },
    photos,
    asks,
    facts: JSON.parse(row.facts) as ClientFacts,
    publishedAt: row.published_at,
  }
}

export function insertUpdate(db: Db, update: PublishedUpdate, by: string): void {
  db.prepare(
    'INSERT INTO client_update (id, site_id, body, facts, by_person, published_at) VALUES (?, ?, ?, ?, ?, ?)',
  ).run(
    update.id,
    update.siteId,
    JSON.stringify({ update: update.update, photos: update.photos, asks: update.asks }),
    JSON.stringify(update.facts),
    by,
    update.publishedAt,
  )
}

export function readLatestUpdate(db: Db, siteId: string): PublishedUpdate | null {
  const row = db
    .prepare('SELECT * FROM client_update WHERE site_id = ? ORDER BY published_at DESC, id DESC LIMIT 1')
    .get(siteId) as UpdateRow | undefined
  return row ? publishedOf(row) : null
}

export function readUpdateEdits(db: Db, siteId: string): UpdateEdits {
  const row = db.prepare('SELECT edits FROM update_edits WHERE site_id = ?').get(siteId) as
    | { edits: string }
    | undefined
  return row ? (JSON.parse(row.edits) as UpdateEdits) : NO_EDITS
}

export function saveUpdateEdits(db: Db, siteId: string, edits: UpdateEdits): void {
  db.prepare(
    'INSERT INTO update_edits (site_id, edits) VALUES (?, ?) ON CONFLICT (site_id) DO UPDATE SET edits = excluded.edits',
  ).run(siteId, JSON.stringify(edits))
}

export interface Message {
  readonly id: string
  readonly siteId: string | null
  readonly recipient: string
  readonly address: string
  readonly subject: string
  readonly body: string
  readonly writtenAt: string
  readonly sentAt: string | null
  /** How often it could not be sent, when it is tried again, and why it could not. */
  readonly attempts: number
  readonly retryAt: string | null
  readonly error: string
  /** When it was given up, since the link in it was withdrawn. */
  readonly droppedAt: string | null
  /** To one of our own, who asked for it early. */
  readonly early: boolean
}

export function insertMessage(db: Db, message: Omit<Message, 'attempts' | 'retryAt' | 'error' | 'droppedAt'>): void {
  db.prepare(
    `INSERT INTO message (id, site_id, recipient, address, subject, body, written_at, sent_at, early)
     VALUES (@id, @siteId, @recipient, @address, @subject, @body, @writtenAt, @sentAt, @early)`,
  ).run({ ...message, early: Number(message.early) })
}

const MESSAGE_COLUMNS = `id, site_id AS siteId, recipient, address, subject, body, written_at AS writtenAt, sent_at AS sentAt,
  attempts, retry_at AS retryAt, error, dropped_at AS droppedAt, early`

const messageOf = (row: Omit<Message, 'early'> & { readonly early: number }): Message => ({
  ...row,
  early: row.early === 1,
})

export const readMessages = (db: Db, limit: number): Message[] =>
  db
    .prepare<[number], Parameters<typeof messageOf>[0]>(
      `SELECT ${MESSAGE_COLUMNS} FROM message ORDER BY written_at DESC, id DESC LIMIT ?`,
    )
    .all(limit)
    .map(messageOf)

/** Messages that wait and may be tried now, oldest first. */
export const readUnsentMessages = (db: Db, now: string): Message[] =>
  db
    .prepare<[string], Parameters<typeof messageOf>[0]>(
      `SELECT ${MESSAGE_COLUMNS} FROM message WHERE sent_at IS NULL AND dropped_at IS NULL AND (retry_at IS NULL OR retry_at <= ?) ORDER BY written_at, id`,
    )
    .all(now)
    .map(messageOf)

export function markFailed(db: Db, id: string, retryAt: string, error: string): void {
  db.prepare('UPDATE message SET attempts = attempts + 1, retry_at = ?, error = ? WHERE id = ?').run(retryAt, error, id)
}

export function markSent(db: Db, id: string, at: string): void {
  db.prepare("UPDATE message SET sent_at = ?, retry_at = NULL, error = '' WHERE id = ?").run(at, id)
}

export function markDropped(db: Db, id: string, at: string, error: string): void {
  db.prepare('UPDATE message SET dropped_at = ?, retry_at = NULL, error = ? WHERE id = ?').run(at, error, id)
}

/** The finishes that a site's client was told, the first first. */
export const readToldFinishes = (
  db: Db,
  siteId: string,
): { readonly at: Instant; readonly likely: Day | null; readonly safe: Day | null }[] =>
  (
    db
      .prepare(
        "SELECT published_at AS at, json_extract(body, '$.update.finish') AS likely, json_extract(body, '$.update.safe') AS safe FROM client_update WHERE site_id = ? ORDER BY published_at, id",
      )
      .all(siteId) as { at: Instant; likely: Day | null; safe: Day | null }[]
  ).map(({ at, likely, safe }) => ({ at, likely, safe }))
