import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { randomBytes } from 'node:crypto'
import { join, resolve } from 'node:path'
import { openDatabase, type Db } from '../data/database'
import { migrate, readMigrations } from '../data/migrate'
import { USUAL, writeAs } from '../core/habits/habits'
import { readFirm } from '../data/firm'
import { latestInstant, latestOrder } from '../data/observations'
import { clockFrom, type Clock } from './clock'

/** One firm is one folder: its SQLite file, its photos, the secret that seals its cookies and the one that makes the tokens
 * of its links. */
export interface FirmFolder {
  readonly path: string
  readonly db: Db
  readonly secret: string
  readonly linkSecret: string
  readonly clock: Clock
}

export const databaseFile = (folder: string): string => join(folder, 'aftermist.sqlite')
export const MIGRATIONS = resolve(process.cwd(), 'src/data/migrations')

/** Opens a firm's folder, makes it where it is missing, and brings its file up to the newest migration. Only its owner on
 * this machine may read it. */
export async function openFirmFolder(folder: string, fixedDay = process.env.AFTERMIST_TODAY): Promise<FirmFolder> {
  process.umask(0o077)
  mkdirSync(join(folder, 'photos'), { recursive: true })
  chmodSync(folder, 0o700)
  const file = databaseFile(folder)
  const db = openDatabase(file)
  await migrate(db, file, readMigrations(MIGRATIONS))
  for (const name of [file, `${file}-wal`, `${file}-shm`])
    if (existsSync(/* turbopackIgnore: true */ name)) chmodSync(name, 0o600)
  writeAs(readFirm(db) ?? USUAL)
  return {
    path: folder,
    db,
    secret: secretIn(folder, 'secret'),
    linkSecret: secretIn(folder, 'link-secret'),
    clock: clockFrom(fixedDay, latestInstant(db), latestOrder(db), () => readFirm(db)?.timeZone ?? 'UTC'),
  }
}

/** A secret of the folder in a file of its own, made where it is missing. */
function secretIn(folder: string, name: string): string {
  const file = join(folder, name)
  if (!existsSync(file)) writeFileSync(file, randomBytes(48).toString('base64url'), { mode: 0o600, flush: true })
  return readFileSync(file, 'utf8')
}
