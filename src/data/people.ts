import type { Db } from './database'

export type Role = 'owner' | 'lead' | 'crew'

export interface Person {
  readonly id: string
  readonly name: string
  readonly login: string
  readonly role: Role
  readonly sessionGeneration: number
}

const COLUMNS = 'id, name, login, role, session_generation AS sessionGeneration'

export const readPeople = (db: Db): Person[] =>
  db.prepare(`SELECT ${COLUMNS} FROM person ORDER BY created_at, id`).all() as Person[]

export const readPerson = (db: Db, id: string): Person | null =>
  (db.prepare(`SELECT ${COLUMNS} FROM person WHERE id = ?`).get(id) as Person | undefined) ?? null

export function readPersonByLogin(db: Db, login: string): (Person & { readonly passwordHash: string }) | null {
  const sql = `SELECT ${COLUMNS}, password_hash AS passwordHash FROM person WHERE login = ?`
  return (db.prepare(sql).get(login) as (Person & { passwordHash: string }) | undefined) ?? null
}

export function insertPerson(
  db: Db,
  person: Omit<Person, 'sessionGeneration'> & { passwordHash: string },
  at: string,
): void {
  db.prepare('INSERT INTO person (id, name, login, role, password_hash, created_at) VALUES (?, ?, ?, ?, ?, ?)').run(
    person.id,
    person.name,
    person.login,
    person.role,
    person.passwordHash,
    at,
  )
}

/** Ends every session of a person: cookies carry the generation they were made in. */
export function raiseSessionGeneration(db: Db, id: string): void {
  db.prepare('UPDATE person SET session_generation = session_generation + 1 WHERE id = ?').run(id)
}

export function assignSites(db: Db, personId: string, siteIds: readonly string[]): void {
  db.prepare('DELETE FROM person_site WHERE person_id = ?').run(personId)
  const insert = db.prepare('INSERT INTO person_site (person_id, site_id) VALUES (?, ?)')
  for (const siteId of siteIds) insert.run(personId, siteId)
}

export const readAssignedSites = (db: Db, personId: string): string[] =>
  (db.prepare('SELECT site_id FROM person_site WHERE person_id = ?').all(personId) as { site_id: string }[]).map(
    (row) => row.site_id,
  )

export function recordFailedSignIn(db: Db, login: string, at: string): void {
  db.prepare('INSERT INTO sign_in_attempt (login, at) VALUES (?, ?)').run(login, at)
}

export const countFailedSignIns = (db: Db, login: string, since: string): number =>
  (
    db.prepare('SELECT COUNT(*) AS n FROM sign_in_attempt WHERE login = ? AND at > ?').get(login, since) as {
      n: number
    }
  ).n

export function forgetFailedSignIns(db: Db, login: string): void {
  db.prepare('DELETE FROM sign_in_attempt WHERE login = ?').run(login)
}
