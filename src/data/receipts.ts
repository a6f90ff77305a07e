import type { Db } from './database'
import type { Audience } from './links'

/** What somebody said by a link: kept as it was said, for both sides to see. */
export interface Receipt {
  readonly id: string
  readonly siteId: string
  readonly linkId: string
  /** What it answers; or a question, a trade that runs late or is done, somebody who has what they were told. */
  readonly kind: 'decision' | 'selection' | 'extra' | 'question' | 'late' | 'done' | 'heard'
  readonly subject: string
  readonly words: string
  readonly name: string
  readonly at: string
}

const COLUMNS = 'id, site_id AS siteId, link_id AS linkId, kind, subject, words, name, at'

export function insertReceipt(db: Db, receipt: Receipt): void {
  db.prepare(
    `INSERT INTO receipt (id, site_id, link_id, kind, subject, words, name, at)
     VALUES (@id, @siteId, @linkId, @kind, @subject, @words, @name, @at)`,
  ).run(receipt)
}

/** What was said by links of a site, the latest first.
 * @param audience only by links for these; null for all */
export const readReceipts = (db: Db, siteId: string, audience: Audience | null = null): Receipt[] =>
  db
    .prepare(
      `SELECT ${COLUMNS} FROM receipt WHERE site_id = ? AND (? IS NULL OR link_id IN (SELECT id FROM link WHERE audience = ?))
       ORDER BY at DESC, id DESC LIMIT 200`,
    )
    .all(siteId, audience, audience) as Receipt[]

export const readReceiptsOfLink = (db: Db, linkId: string): Receipt[] =>
  db.prepare(`SELECT ${COLUMNS} FROM receipt WHERE link_id = ? ORDER BY at DESC, id DESC`).all(linkId) as Receipt[]

export const countReceipts = (db: Db, linkId: string): number =>
  (db.prepare('SELECT COUNT(*) AS count FROM receipt WHERE link_id = ?').get(linkId) as { count: number }).count
