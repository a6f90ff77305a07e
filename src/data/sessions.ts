import type { Db } from './database'

/** Somebody signed in on one device. */
export interface Session {
  readonly keyHash: string
  readonly personId: string
  /** The same through all renewals. */
  readonly root: string
  /** What the device calls itself, in a few words. */
  readonly device: string
  readonly beganAt: string
  readonly seenAt: string
  readonly replacedAt: string | null
}

const COLUMNS = `key_hash AS keyHash, person_id AS personId, root, device, began_at AS beganAt, seen_at AS seenAt,
  replaced_at AS replacedAt`

export function insertSession(db: Db, session: Omit<Session, 'replacedAt'>): void {
  db.prepare(
    `INSERT INTO session (key_hash, person_id, root, device, began_at, seen_at)
     VALUES (@keyHash, @personId, @root, @device, @beganAt, @seenAt)`,
  ).run(session)
}

export const readSession = (db: Db, keyHash: string): Session | null =>
  (db.prepare(`SELECT ${COLUMNS} FROM session WHERE key_hash = ?`).get(keyHash) as Session | undefined) ?? null

/** Where a person is signed in, the latest first; a session that was renewed counts once. */
export const readSessionsOf = (db: Db, personId: string): Session[] =>
  db
    .prepare(`SELECT ${COLUMNS} FROM session WHERE person_id = ? AND replaced_at IS NULL ORDER BY seen_at DESC`)
    .all(personId) as Session[]

export function markSessionSeen(db: Db, keyHash: string, at: string): void {
  db.prepare('UPDATE session SET seen_at = ? WHERE key_hash = ?').run(at, keyHash)
}

export function markSessionReplaced(db: Db, keyHash: string, at: string): void {
  db.prepare('UPDATE session SET replaced_at = ? WHERE key_hash = ?').run(at, keyHash)
}

/** Ends a session with all keys that came before it. */
export function deleteSession(db: Db, root: string): void {
  db.prepare('DELETE FROM session WHERE root = ?').run(root)
}

export function deleteSessionsOf(db: Db, personId: string): void {
  db.prepare('DELETE FROM session WHERE person_id = ?').run(personId)
}

/** Forgets what nobody can come with any more. */
export function deleteOldSessions(db: Db, seenBefore: string, replacedBefore: string): void {
  db.prepare('DELETE FROM session WHERE seen_at < ? OR replaced_at < ?').run(seenBefore, replacedBefore)
}
