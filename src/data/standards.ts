import type { Standards } from '../core/takeoff/standards'
import type { Db } from './database'

const THE_FIRM = ''

/** What the firm has set, or where a site is named what that site alone has set. */
export const readOwnStandards = (db: Db, siteId: string | null): Standards =>
  Object.fromEntries(
    (
      db.prepare('SELECT key, value FROM standard WHERE site_id = ?').all(siteId ?? THE_FIRM) as {
        key: string
        value: string
      }[]
    ).map((row) => [row.key, row.value]),
  )

/** What holds on a site: the firm's figures, and its own before them. */
export const readStandards = (db: Db, siteId: string): Standards => ({
  ...readOwnStandards(db, null),
  ...readOwnStandards(db, siteId),
})

export function saveStandard(db: Db, siteId: string | null, key: string, value: string | null): void {
  if (value === null) db.prepare('DELETE FROM standard WHERE site_id = ? AND key = ?').run(siteId ?? THE_FIRM, key)
  else
    db.prepare(
      'INSERT INTO standard (site_id, key, value) VALUES (?, ?, ?) ON CONFLICT (site_id, key) DO UPDATE SET value = excluded.value',
    ).run(siteId ?? THE_FIRM, key, value)
}
