import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Db } from './database'

export interface Migration {
  readonly number: number
  readonly name: string
  readonly sql: string
}

/** Reads the numbered migrations, in order. */
export function readMigrations(folder: string): Migration[] {
  return readdirSync(folder)
    .filter((file) => /^\d{3}-.+\.sql$/.test(file))
    .sort()
    .map((file) => ({
      number: Number(file.slice(0, 3)),
      name: file.slice(4, -4),
      sql: readFileSync(join(folder, file), 'utf8'),
    }))
}

/** The number of the newest migration. */
export const newestForm = (folder: string): number => readMigrations(folder).at(-1)!.number

/** Brings a file up to the newest migration, forward only. An existing file is copied beside itself first.
 * @returns the names of the migrations that ran, and the backup's path where one was made
 * @throws where the file was made by a newer version, which this one would misread */
export async function migrate(
  db: Db,
  file: string,
  migrations: readonly Migration[],
): Promise<{ ran: string[]; backup: string | null }> {
  const version = db.pragma('user_version', { simple: true }) as number
  const newest = migrations.at(-1)?.number ?? 0
  if (version > newest)
    throw new Error(`${file} was made by a newer version (form ${version}, this one knows ${newest}). Start that one.`)
  const due = migrations.filter((migration) => migration.number > version)
  if (due.length === 0) return { ran: [], backup: null }
  const backup = version > 0 && existsSync(file) ? `${file}.before-${String(due[0]!.number).padStart(3, '0')}` : null
  if (backup) await db.backup(backup)
  for (const migration of due) {
    db.transaction(() => {
      db.exec(migration.sql)
      db.pragma(`user_version = ${migration.number}`)
    })()
  }
  return { ran: due.map((migration) => migration.name), backup }
}
