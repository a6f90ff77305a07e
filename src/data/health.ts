import Database from 'better-sqlite3'
import type { Db } from './database'
import { rebuildRegisters } from './observations'

/** Derives the registers again in a copy in memory, so that nobody who works meanwhile waits. */
export function registersApart(db: Db): { registers: number; differing: number } {
  const bytes = db.serialize()
  // A copy in memory has no journal beside it: bytes 18 and 19 of the header say so (SQLite file format, 1.3.3).
  bytes[18] = bytes[19] = 1
  const copy = new Database(bytes)
  try {
    return rebuildRegisters(copy)
  } finally {
    copy.close()
  }
}

/** Messages that wait, since when the oldest does, and how many failed before. */
export const readWaiting = (db: Db): { waiting: number; oldest: string | null; failing: number } =>
  db
    .prepare(
      `SELECT COUNT(*) AS waiting, MIN(written_at) AS oldest, COALESCE(SUM(attempts > 0), 0) AS failing
       FROM message WHERE sent_at IS NULL AND dropped_at IS NULL`,
    )
    .get() as { waiting: number; oldest: string | null; failing: number }

export const countJobs = (db: Db): number => db.prepare('SELECT COUNT(*) FROM job').pluck().get() as number

/** When the firm was last backed up; null where it never was. */
export const readLastBackup = (db: Db): string | null =>
  db.prepare("SELECT MAX(at) FROM door_log WHERE what = 'exported' AND detail = 'backup'").pluck().get() as
    | string
    | null
