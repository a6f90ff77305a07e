import type { Db } from './database'

export type Role = 'owner' | 'lead' | 'crew'

export interface Person {
  readonly id: string
  readonly name: string
  readonly login: string
  readonly role: Role
  /** When they were put away: they cannot sign in until they are brought back. */
  readonly putAwayAt: string | null
}

const COLUMNS = 'id, name, login, role, put_away_at AS putAwayAt'

export const readPeople = (db: Db): Person[] =>
  db.prepare(`SELECT ${COLUMNS} FROM person ORDER BY created_at, id`).all() as Person[]

export const readPerson = (db: Db, id: string): Person | null =>
  (db.prepare(`SELECT ${COLUMNS} FROM person WHERE id = ?`).get(id) as Person | undefined) ?? null

export function readPersonByLogin(db: Db, login: string): (Person & { readonly passwordHash: string }) | null {
  const sql = `SELECT ${COLUMNS}, password_hash AS passwordHash FROM person WHERE login = ?`
  return (db.prepare(sql).get(login) as (Person & { passwordHash: string }) | undefined) ?? null
}

export function insertPerson(db: Db, person: Omit<Person, 'putAwayAt'> & { passwordHash: string }, at: string): void {
  db.prepare('INSERT INTO person (id, name, login, role, password_hash, created_at) VALUES (?, ?, ?, ?, ?, ?)').run(
    person.id,
    person.name,
    person.login,
    person.role,
    person.passwordHash,
    at,
  )
}

/** Where a person reads in the morning what concerns them; '' where they did not ask. */
export const readMorningAddress = (db: Db, id: string): string =>
  db.prepare('SELECT morning_address FROM person WHERE id = ?').pluck().get(id) as string

export function saveMorningAddress(db: Db, id: string, address: string): void {
  db.prepare('UPDATE person SET morning_address = ? WHERE id = ?').run(address, id)
}

/** Who asked to read in the morning and was not written to on that day or later. */
export const readMorningDue = (db: Db, today: string): (Person & { readonly morningAddress: string })[] =>
  db
    .prepare(
      `SELECT ${COLUMNS}, morning_address AS morningAddress FROM person
       WHERE morning_address <> '' AND put_away_at IS NULL AND (morning_written_on IS NULL OR morning_written_on < ?)
       ORDER BY created_at, id`,
    )
    .all(today) as (Person & { morningAddress: string })[]

export function saveMorningWritten(db: Db, id: string, today: string): void {
  db.prepare('UPDATE person SET morning_written_on = ? WHERE id = ?').run(today, id)
}

export const readPasswordHash = (db: Db, id: string): string =>
  db.prepare('SELECT password_hash FROM person WHERE id = ?').pluck().get(id) as string

export function savePasswordHash(db: Db, id: string, passwordHash: string): void {
  db.prepare('UPDATE person SET password_hash = ? WHERE id = ?').run(passwordHash, id)
}

/** @param at when somebody was put away; null brings them back */
export function savePutAway(db: Db, id: string, at: string | null): void {
  db.prepare('UPDATE person SET put_away_at = ? WHERE id = ?').run(at, id)
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

/** @param address where the try came from */
export function recordFailedSignIn(db: Db, login: string, address: string, at: string): void {
  db.prepare('INSERT INTO sign_in_attempt (login, address, at) VALUES (?, ?, ?)').run(login, address, at)
  db.prepare('DELETE FROM sign_in_attempt WHERE at < ?').run(new Date(Date.parse(at) - 86_400_000).toISOString())
}

/** Instants of failed tries since an instant, the latest first: of a name from one address, and of an address in all. */
export function readFailedSignIns(
  db: Db,
  login: string,
  address: string,
  since: string,
): { ofName: string[]; ofAddress: string[]; ofNameAnywhere: string[] } {
  const read = (where: string, ...values: string[]): string[] =>
    db
      .prepare(`SELECT at FROM sign_in_attempt WHERE ${where} AND at > ? ORDER BY at DESC LIMIT 100`)
      .pluck()
      .all(...values, since) as string[]
  return {
    ofName: read('login = ? AND address = ?', login, address),
    ofAddress: read('address = ?', address),
    ofNameAnywhere: read('login = ?', login),
  }
}

export function forgetFailedSignIns(db: Db, login: string, address: string): void {
  db.prepare('DELETE FROM sign_in_attempt WHERE login = ? AND address = ?').run(login, address)
}
