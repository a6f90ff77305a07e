import { cpSync, existsSync, mkdirSync, readdirSync, renameSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { Command } from 'commander'
import { openDatabase } from '../data/database'
import { databaseFile } from '../server/firmFolder'

/** What a folder holds beside its database. */
const BESIDE = ['photos', 'memos', 'secret', 'demo-day']

export const backupCommand = (): Command =>
  new Command('backup')
    .description('Copy a firm, file and photos, to another folder; the firm may be running.')
    .requiredOption('--data <dir>', "the firm's folder")
    .requiredOption('--to <dir>', 'folder to make; must not exist or be empty')
    .action(async ({ data, to }: { data: string; to: string }) => {
      await copyFirm(resolve(data), resolve(to))
      console.log(`Backed up to ${resolve(to)}.`)
    })

export const restoreCommand = (): Command =>
  new Command('restore')
    .description('Put a backup in the place of a firm; what stood there is kept beside it.')
    .requiredOption('--from <dir>', 'the backup')
    .requiredOption('--data <dir>', "the firm's folder; stop the server first")
    .action(async ({ from, data }: { from: string; data: string }) => {
      const folder = resolve(data)
      if (!existsSync(databaseFile(resolve(from)))) throw new Error(`${resolve(from)} holds no firm.`)
      if (existsSync(folder) && readdirSync(folder).length > 0) {
        const aside = `${folder}.before-restore-${Date.now()}`
        renameSync(folder, aside)
        console.log(`What stood there is kept in ${aside}.`)
      }
      await copyFirm(resolve(from), folder)
      console.log(`Restored to ${folder}.`)
    })

async function copyFirm(from: string, to: string): Promise<void> {
  if (!existsSync(databaseFile(from))) throw new Error(`${from} holds no firm.`)
  if (existsSync(to) && readdirSync(to).length > 0) throw new Error(`${to} is not empty. Name a new folder.`)
  mkdirSync(to, { recursive: true })
  const db = openDatabase(databaseFile(from))
  try {
    await db.backup(databaseFile(to))
  } finally {
    db.close()
  }
  for (const name of BESIDE)
    if (existsSync(join(from, name))) cpSync(join(from, name), join(to, name), { recursive: true })
}
