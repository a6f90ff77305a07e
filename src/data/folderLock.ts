import Database from 'better-sqlite3'
import { existsSync, mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const FILE = 'running'

/** A connection that nobody refers to is closed as rubbish, and its lock with it. */
const kept = new Set<Database.Database>()

/** Takes a firm's folder for one process alone. The lock goes with the process, however it ends.
 * @returns what gives it free again; null where another process has it */
export function lockFolder(folder: string): (() => void) | null {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const file = join(folder, FILE)
  if (!existsSync(file)) writeFileSync(file, '', { mode: 0o600 })
  const lock = new Database(file, { timeout: 0 })
  try {
    lock.pragma('locking_mode = EXCLUSIVE')
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock.close()
    if ((error as { code?: string }).code?.startsWith('SQLITE_BUSY')) return null
    throw error
  }
  kept.add(lock)
  return () => {
    kept.delete(lock)
    lock.close()
  }
}

/** Whether a server, or a restore, works on a folder now. */
export function isLocked(folder: string): boolean {
  if (!existsSync(join(folder, FILE))) return false
  const free = lockFolder(folder)
  free?.()
  return free === null
}
