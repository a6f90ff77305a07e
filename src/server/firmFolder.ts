import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { randomBytes } from 'node:crypto'
import { join, resolve } from 'node:path'
import { openDatabase, type Db } from '../data/database'
import { migrate, readMigrations } from '../data/migrate'
import { latestInstant } from '../data/observations'
import { clockFrom, type Clock } from './clock'

/** One firm is one folder: its SQLite file, its photos and the secret that seals its cookies. */
export interface FirmFolder {
  readonly path: string
  readonly db: Db
  readonly secret: string
  readonly clock: Clock
}

export const databaseFile = (folder: string): string => join(folder, 'aftermist.sqlite')
const MIGRATIONS = resolve(process.cwd(), 'src/data/migrations')

/** Opens a firm's folder, makes it where it is missing, and brings its file up to the newest migration. */
export async function openFirmFolder(folder: string, fixedDay = process.env.AFTERMIST_TODAY): Promise<FirmFolder> {
  mkdirSync(join(folder, 'photos'), { recursive: true })
  const file = databaseFile(folder)
  const db = openDatabase(file)
  await migrate(db, file, readMigrations(MIGRATIONS))
  return { path: folder, db, secret: secretOf(folder), clock: clockFrom(fixedDay, latestInstant(db)) }
}

function secretOf(folder: string): string {
  const file = join(folder, 'secret')
  if (!existsSync(file)) writeFileSync(file, randomBytes(48).toString('base64url'), { mode: 0o600 })
  return readFileSync(file, 'utf8')
}
