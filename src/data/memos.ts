import type { Db } from './database'

export interface StoredMemo {
  readonly hash: string
  readonly siteId: string
  readonly type: string
  readonly bytes: number
  readonly receivedAt: string
}

export function insertMemo(db: Db, memo: StoredMemo): void {
  db.prepare(
    `INSERT INTO memo (hash, site_id, type, bytes, received_at) VALUES (@hash, @siteId, @type, @bytes, @receivedAt)
     ON CONFLICT (hash) DO NOTHING`,
  ).run(memo)
}

export const readMemo = (db: Db, hash: string): StoredMemo | null =>
  (db
    .prepare('SELECT hash, site_id AS siteId, type, bytes, received_at AS receivedAt FROM memo WHERE hash = ?')
    .get(hash) as StoredMemo | undefined) ?? null
