import { createHash } from 'node:crypto'
import { createReadStream, existsSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { Command } from 'commander'
import { openDatabase, type Db } from '../data/database'
import { logAtDoor } from '../data/doorLog'
import { newestForm } from '../data/migrate'
import { databaseFile, MIGRATIONS } from '../server/firmFolder'
import { isLocked, lockFolder } from '../data/folderLock'
import { copyFirm } from './backup'
import { flushTree } from './flushTree'

/** How the folder is called that stood there before. */
export const ASIDE = '.before-restore-'
const BESIDE = '.restoring'

export const restoreCommand = (): Command =>
  new Command('restore')
    .description('Put a backup in the place of a firm; what stood there is kept beside it.')
    .requiredOption('--from <dir>', 'the backup')
    .requiredOption('--data <dir>', "the firm's folder; stop the server first")
    .action(async ({ from, data }: { from: string; data: string }) => {
      const aside = await restoreFirm(resolve(from), resolve(data))
      if (aside) console.log(`What stood there is kept in ${aside}.`)
      console.log(`Restored to ${resolve(data)}.`)
    })

/** Puts a backup in the place of a firm. The whole of it is read and checked before anything is touched; it is copied beside
 * the folder, and takes its place by its name alone.
 * @returns where what stood there is kept; null where nothing did
 * @throws with what is wrong with the backup, or where a server works on the folder */
export async function restoreFirm(from: string, folder: string, now = Date.now()): Promise<string | null> {
  if (from === folder) throw new Error('The backup and the folder are the same. Name another.')
  if (isLocked(folder)) throw new Error(`A server works on ${folder}. Stop it first; nothing was changed.`)
  await requireWhole(from)
  const beside = `${folder}${BESIDE}`
  rmSync(beside, { recursive: true, force: true })
  await copyFirm(from, beside, 'restore')
  await requireWhole(beside)
  noteRestored(beside, from)
  const stood = existsSync(folder) && readdirSync(folder).length > 0
  const free = stood ? lockFolder(folder) : () => undefined
  if (!free) throw new Error(`A server works on ${folder}. Stop it first; nothing was changed.`)
  const aside = stood ? `${folder}${ASIDE}${now}` : null
  try {
    if (aside) renameSync(folder, aside)
    else rmSync(folder, { recursive: true, force: true })
    try {
      renameSync(beside, folder)
    } catch (error) {
      if (aside) renameSync(aside, folder)
      throw error
    }
  } finally {
    free()
  }
  flushTree(folder)
  return aside
}

function noteRestored(folder: string, from: string): void {
  const db = openDatabase(databaseFile(folder))
  if ((db.pragma('user_version', { simple: true }) as number) >= 11)
    logAtDoor(db, 'restored', 'the command line', from, new Date().toISOString())
  db.pragma('wal_checkpoint(TRUNCATE)')
  db.close()
}

/** Checks a folder from end to end: that it is ours, of a form we know, undamaged, every photo and memo as its hash says.
 * @throws with the first thing that is wrong with it, and that nothing was changed */
export async function requireWhole(folder: string): Promise<void> {
  const wrong = (why: string): Error => new Error(`${folder}: ${why}. Nothing was changed.`)
  if (!existsSync(databaseFile(folder))) throw wrong('it holds no firm')
  let db: Db
  try {
    db = openDatabase(databaseFile(folder), { mayChange: false })
  } catch {
    throw wrong('its file is no database')
  }
  try {
    requireOurs(db, wrong)
    for (const { table, path } of KEPT)
      for (const { hash } of db.prepare(`SELECT hash FROM ${table}`).all() as { hash: string }[]) {
        const file = join(folder, path(hash))
        if (!existsSync(file)) throw wrong(`${path(hash)} is missing`)
        if ((await hashOf(file)) !== hash) throw wrong(`${path(hash)} is not what it was`)
      }
  } finally {
    db.close()
  }
}

const KEPT = [
  { table: 'photo', path: (hash: string) => `photos/${hash.slice(0, 2)}/${hash}.original` },
  { table: 'memo', path: (hash: string) => `memos/${hash.slice(0, 2)}/${hash}` },
] as const

function requireOurs(db: Db, wrong: (why: string) => Error): void {
  let sound: unknown
  try {
    sound = db.pragma('integrity_check', { simple: true })
  } catch {
    throw wrong('its file is no database')
  }
  if (sound !== 'ok') throw wrong(`its file is damaged (${String(sound)})`)
  const tables = new Set(db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all())
  if (!['firm', 'person', 'site', 'observation', 'register', 'photo'].every((name) => tables.has(name)))
    throw wrong('its file is a database of something else')
  const form = db.pragma('user_version', { simple: true }) as number
  if (form < 1 || form > newestForm(MIGRATIONS))
    throw wrong(`it was made by a newer version (form ${form}). Bring this one up to date first`)
  if (db.prepare('SELECT COUNT(*) FROM firm').pluck().get() !== 1) throw wrong('it holds no firm')
  if ((db.pragma('foreign_key_check') as unknown[]).length > 0)
    throw wrong('its file is damaged: parts of it speak of others that are not there')
}

async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256')
  await pipeline(createReadStream(file), hash)
  return hash.digest('hex')
}
