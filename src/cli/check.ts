import { existsSync, statfsSync, statSync } from 'node:fs'
import { resolve } from 'node:path'
import { Command } from 'commander'
import { openDatabase, type Db } from '../data/database'
import { countJobs, readLastBackup, readWaiting, registersApart } from '../data/health'
import { databaseFile } from '../server/firmFolder'
import { requireWhole } from './restore'

/** One thing that was looked at: a sentence, and whether a person has to look too. */
export interface Looked {
  readonly words: string
  readonly wrong: boolean
}

/** A folder on a disk with less than this, or than twice its own file, cannot be backed up or brought forward on it. */
const LEAST_FREE = 1e9
const MOST_DAYS_WITHOUT_BACKUP = 2
const MOST_HOURS_OF_WAITING = 24
const HOUR = 3_600_000

export const checkCommand = (): Command =>
  new Command('check')
    .description('Look whether a firm is whole and keeps up; the firm may be running, and nothing is changed.')
    .requiredOption('--data <dir>', "the firm's folder")
    .action(async ({ data }: { data: string }) => {
      const looked = await checkFirm(resolve(data), Date.now())
      for (const { words, wrong } of looked) console.log(`${wrong ? 'LOOK' : 'ok  '}  ${words}`)
      if (looked.some(({ wrong }) => wrong)) process.exitCode = 1
    })

/** Looks at a firm's folder without changing it.
 * @param now in milliseconds */
export async function checkFirm(folder: string, now: number): Promise<Looked[]> {
  const file = databaseFile(folder)
  if (!existsSync(file)) throw new Error(`${folder} holds no firm.`)
  const db = openDatabase(file, { mayChange: false })
  try {
    return [await whole(folder), equal(db), mail(db, now), jobs(db), disk(folder, file), backup(db, now)]
  } finally {
    db.close()
  }
}

/** What a backup is held against before it is restored. */
async function whole(folder: string): Promise<Looked> {
  try {
    await requireWhole(folder)
    return { wrong: false, words: 'The file is whole, and every photo and memo is what it was.' }
  } catch (error) {
    return { wrong: true, words: (error as Error).message }
  }
}

function equal(db: Db): Looked {
  const { registers, differing } = registersApart(db)
  return {
    wrong: differing > 0,
    words:
      differing === 0
        ? `What is shown equals what was recorded: ${registers} facts.`
        : `${differing} of ${registers} facts differ from what was recorded. Stop the server and run rebuild.`,
  }
}

function mail(db: Db, now: number): Looked {
  const { waiting, oldest, failing } = readWaiting(db)
  const hours = oldest ? Math.floor((now - Date.parse(oldest)) / HOUR) : 0
  return {
    wrong: hours > MOST_HOURS_OF_WAITING,
    words:
      waiting === 0
        ? 'No message waits.'
        : `${waiting === 1 ? '1 message waits' : `${waiting} messages wait`}, the oldest for ${hours} hours; ${failing} failed before.`,
  }
}

function jobs(db: Db): Looked {
  const waiting = countJobs(db)
  return { wrong: waiting > 1000, words: `${waiting} photos wait to be made smaller.` }
}

function disk(folder: string, file: string): Looked {
  const { bavail, bsize } = statfsSync(folder)
  const [free, size] = [bavail * bsize, statSync(file).size]
  const wrong = free < Math.max(LEAST_FREE, 2 * size)
  return { wrong, words: `${(free / 1e9).toFixed(1)} GB free; the file takes ${(size / 1e9).toFixed(3)}.` }
}

function backup(db: Db, now: number): Looked {
  const last = readLastBackup(db)
  if (!last) return { wrong: true, words: 'There was never a backup.' }
  const days = Math.floor((now - Date.parse(last)) / (24 * HOUR))
  return { wrong: days > MOST_DAYS_WITHOUT_BACKUP, words: `The last backup is ${days} days old.` }
}
