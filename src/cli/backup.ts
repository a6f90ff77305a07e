import { cpSync, existsSync, mkdirSync, readdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { Command } from 'commander'
import { openDatabase } from '../data/database'
import { logAtDoor } from '../data/doorLog'
import { databaseFile } from '../server/firmFolder'
import { flushTree } from './flushTree'

/** What a folder holds beside its database. */
const BESIDE = ['photos', 'memos', 'secret', 'link-secret', 'demo-day']

export const backupCommand = (): Command =>
  new Command('backup')
    .description('Copy a firm, file and photos, to another folder; the firm may be running.')
    .requiredOption('--data <dir>', "the firm's folder")
    .requiredOption('--to <dir>', 'folder to make; must not exist or be empty')
    .action(async ({ data, to }: { data: string; to: string }) => {
      await copyFirm(resolve(data), resolve(to), 'backup')
      console.log(`Backed up to ${resolve(to)}.`)
    })

/** Copies a firm to a folder that is missing or empty. The copy is on the disk when this returns. */
export async function copyFirm(from: string, to: string, why: 'backup' | 'restore'): Promise<void> {
  if (!existsSync(databaseFile(from))) throw new Error(`${from} holds no firm.`)
  if (existsSync(to) && readdirSync(to).length > 0) throw new Error(`${to} is not empty. Name a new folder.`)
  process.umask(0o077)
  mkdirSync(to, { recursive: true, mode: 0o700 })
  const db = openDatabase(databaseFile(from), { mayChange: why === 'backup' })
  try {
    // The file first: every photo that it speaks of is on the disk already.
    await db.backup(databaseFile(to))
    if (why === 'backup' && (db.pragma('user_version', { simple: true }) as number) >= 11)
      logAtDoor(db, 'exported', 'the command line', 'backup', new Date().toISOString())
  } finally {
    db.close()
  }
  for (const name of BESIDE)
    if (existsSync(join(from, name))) cpSync(join(from, name), join(to, name), { recursive: true })
  flushTree(to)
}
