import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { Command } from 'commander'
import { rebuildRegisters } from '../data/observations'
import { databaseFile, openFirmFolder } from '../server/firmFolder'

const folderOption = ['--data <dir>', "the firm's folder"] as const

function existing(data: string): string {
  const folder = resolve(data)
  if (!existsSync(databaseFile(folder))) throw new Error(`${folder} holds no firm.`)
  return folder
}

export const migrateCommand = (): Command =>
  new Command('migrate')
    .description("Bring a firm's file up to the newest form; the old file is kept beside it.")
    .requiredOption(...folderOption)
    .action(async ({ data }: { data: string }) => {
      const firm = await openFirmFolder(existing(data))
      console.log(`At form ${firm.db.pragma('user_version', { simple: true })}.`)
      firm.db.close()
    })

export const rebuildCommand = (): Command =>
  new Command('rebuild')
    .description('Derive the current state again from all observations and prove it equal to what stood.')
    .requiredOption(...folderOption)
    .action(async ({ data }: { data: string }) => {
      const firm = await openFirmFolder(existing(data))
      const { registers, differing } = rebuildRegisters(firm.db)
      firm.db.close()
      console.log(
        differing === 0
          ? `Equal: ${registers} facts derived again, none differs.`
          : `${differing} of ${registers} facts differed and were put right.`,
      )
      if (differing > 0) process.exitCode = 1
    })
