import type { Db } from './database'

export interface StoredPhoto {
  readonly hash: string
  readonly siteId: string
  readonly type: string
  readonly width: number
  readonly height: number
  readonly bytes: number
  readonly receivedAt: string
}

export function insertPhoto(db: Db, photo: StoredPhoto): void {
  db.prepare(
    `INSERT INTO photo (hash, site_id, type, width, height, bytes, received_at)
     VALUES (@hash, @siteId, @type, @width, @height, @bytes, @receivedAt) ON CONFLICT (hash) DO NOTHING`,
  ).run(photo)
}

export const readPhoto = (db: Db, hash: string): StoredPhoto | null =>
  (db
    .prepare(
      'SELECT hash, site_id AS siteId, type, width, height, bytes, received_at AS receivedAt FROM photo WHERE hash = ?',
    )
    .get(hash) as StoredPhoto | undefined) ?? null
