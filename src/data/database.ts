import Database from 'better-sqlite3'

export type Db = Database.Database

/** Opens the firm's file with the settings that keep it safe: WAL, foreign keys, a patient lock. */
export function openDatabase(file: string): Db {
  const db = new Database(file)
  db.pragma('journal_mode = WAL')
  db.pragma('foreign_keys = ON')
  db.pragma('busy_timeout = 5000')
  db.pragma('synchronous = NORMAL')
  return db
}
