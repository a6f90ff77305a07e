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

export const markPhotoDamaged = (db: Db, hash: string): void =>
  void db.prepare('UPDATE photo SET damaged = 1 WHERE hash = ?').run(hash)

/** The photos of a site that cannot be shown. */
export const readDamagedPhotos = (db: Db, siteId: string): Set<string> =>
  new Set(
    (db.prepare('SELECT hash FROM photo WHERE site_id = ? AND damaged = 1').all(siteId) as { hash: string }[]).map(
      ({ hash }) => hash,
    ),
  )
