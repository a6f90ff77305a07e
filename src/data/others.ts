import type { OtherFacts } from '../core/share/others'
import type { Db } from './database'

/** What those on the job who are neither trade nor client were last told, by the entry of each. */
export const readToldOthers = (db: Db): Map<string, OtherFacts> =>
  new Map(
    (db.prepare('SELECT entry_id AS id, facts FROM told_other').all() as { id: string; facts: string }[]).map(
      ({ id, facts }) => [id, JSON.parse(facts) as OtherFacts],
    ),
  )

export function saveToldOther(db: Db, entryId: string, siteId: string, facts: OtherFacts, at: string): void {
  db.prepare(
    `INSERT INTO told_other (entry_id, site_id, facts, told_at) VALUES (?, ?, ?, ?)
     ON CONFLICT (entry_id) DO UPDATE SET facts = excluded.facts, told_at = excluded.told_at`,
  ).run(entryId, siteId, JSON.stringify(facts), at)
}
