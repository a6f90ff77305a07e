import type { Instant } from '../core/calendar/day'
import type { Db } from './database'

/** A figure that was learned, and that somebody said to count with. */
export interface Taken {
  readonly key: string
  readonly times: number
  readonly cases: number
  readonly takenBy: string
  readonly takenAt: Instant
}

/** The paces that are counted with, by the key of `paceKey`. */
export const readPaces = (db: Db): ReadonlyMap<string, Taken> =>
  new Map(
    (
      db
        .prepare("SELECT key, times, cases, taken_by AS takenBy, taken_at AS takenAt FROM learned WHERE kind = 'pace'")
        .all() as Taken[]
    ).map((one) => [one.key, one]),
  )

export function savePace(db: Db, { key, times, cases, takenBy, takenAt }: Taken): void {
  db.prepare(
    "INSERT INTO learned (kind, key, times, cases, taken_by, taken_at) VALUES ('pace', ?, ?, ?, ?, ?) ON CONFLICT (kind, key) DO UPDATE SET times = excluded.times, cases = excluded.cases, taken_by = excluded.taken_by, taken_at = excluded.taken_at",
  ).run(key, times, cases, takenBy, takenAt)
}

export function forgetPace(db: Db, key: string): void {
  db.prepare("DELETE FROM learned WHERE kind = 'pace' AND key = ?").run(key)
}
