import Database from 'better-sqlite3'

export type Db = Database.Database

/** Opens the firm's file with the settings that keep it safe: a journal that is flushed before a write is answered, so that
 * what was acknowledged survives a power cut; foreign keys; a patient lock.
 * @param mayChange false to read alone, as a backup that is looked at */
export function openDatabase(file: string, { mayChange = true }: { mayChange?: boolean } = {}): Db {
  const db = new Database(file, mayChange ? {} : { readonly: true, fileMustExist: true })
  if (!mayChange) return db
  db.pragma('journal_mode = WAL')
  db.pragma('foreign_keys = ON')
  db.pragma('busy_timeout = 5000')
  db.pragma('synchronous = FULL')
  return preparedOnce(db)
}

/** Statements are prepared once a connection: a page asks the same thirty questions each time it is opened. */
function preparedOnce(db: Db): Db {
  const known = new Map<string, Database.Statement>()
  const prepare = db.prepare.bind(db)
  db.prepare = ((sql: string) => {
    const statement = known.get(sql) ?? prepare(sql)
    known.set(sql, statement)
    return statement
  }) as Db['prepare']
  return db
}
