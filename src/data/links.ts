import type { Db } from './database'

export type Audience = 'client' | 'trade' | 'other' | 'calendar'

export interface Link {
  readonly id: string
  /** Raised where it is given anew; the token of before leads nowhere then. */
  readonly generation: number
  readonly siteId: string | null
  readonly audience: Audience
  readonly subject: string
  readonly createdBy: string
  readonly createdAt: string
  readonly expiresAt: string
  readonly revokedAt: string | null
  readonly firstViewedAt: string | null
  readonly lastViewedAt: string | null
}

const COLUMNS = `id, generation, site_id AS siteId, audience, subject, created_by AS createdBy, created_at AS createdAt, expires_at AS expiresAt, revoked_at AS revokedAt,
  first_viewed_at AS firstViewedAt, last_viewed_at AS lastViewedAt`

export function insertLink(
  db: Db,
  link: Pick<Link, 'id' | 'siteId' | 'audience' | 'subject' | 'createdBy' | 'createdAt' | 'expiresAt'>,
): void {
  db.prepare(
    `INSERT INTO link (id, site_id, audience, subject, created_by, created_at, expires_at)
     VALUES (@id, @siteId, @audience, @subject, @createdBy, @createdAt, @expiresAt)`,
  ).run(link)
}

/** A link of before tokens were made from the folder's secret. */
export const readLinkByHash = (db: Db, tokenHash: string): Link | null =>
  (db.prepare(`SELECT ${COLUMNS} FROM link WHERE token_hash = ?`).get(tokenHash) as Link | undefined) ?? null

export const readLink = (db: Db, id: string): Link | null =>
  (db.prepare(`SELECT ${COLUMNS} FROM link WHERE id = ?`).get(id) as Link | undefined) ?? null

export const readLinksOfSite = (db: Db, siteId: string): Link[] =>
  db
    .prepare(`SELECT ${COLUMNS} FROM link WHERE site_id = ? ORDER BY created_at DESC, id DESC LIMIT 200`)
    .all(siteId) as Link[]

/** Links that belong to no single site: the calendars of crews. */
export const readLinksOfFirm = (db: Db): Link[] =>
  db
    .prepare(`SELECT ${COLUMNS} FROM link WHERE site_id IS NULL ORDER BY created_at DESC, id DESC LIMIT 200`)
    .all() as Link[]

/** Gives a link anew: it opens again, under another token, for as long as a fresh one. */
export function renewLink(db: Db, id: string, expiresAt: string): void {
  db.prepare(
    'UPDATE link SET generation = generation + 1, token_hash = NULL, revoked_at = NULL, expires_at = ? WHERE id = ?',
  ).run(expiresAt, id)
}

export function recordView(db: Db, id: string, at: string): void {
  db.prepare('UPDATE link SET first_viewed_at = COALESCE(first_viewed_at, ?), last_viewed_at = ? WHERE id = ?').run(
    at,
    at,
    id,
  )
}

export function revokeLink(db: Db, id: string, at: string): void {
  db.prepare('UPDATE link SET revoked_at = COALESCE(revoked_at, ?) WHERE id = ?').run(at, id)
}

/** Shuts what was given out for a visit: whoever came for it before has no part in it any more. */
export function revokeVisitLinks(db: Db, visitKey: string, at: string): void {
  db.prepare("UPDATE link SET revoked_at = ? WHERE audience = 'trade' AND subject = ? AND revoked_at IS NULL").run(
    at,
    visitKey,
  )
}

export function unrevokeLink(db: Db, id: string): void {
  db.prepare('UPDATE link SET revoked_at = NULL WHERE id = ?').run(id)
}
