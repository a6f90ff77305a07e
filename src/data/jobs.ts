import type { Db } from './database'

export interface Job {
  readonly id: number
  readonly kind: 'photo-sizes'
  /** What it works on: the hash of a photo. */
  readonly subject: string
  /** How often it was begun before. */
  readonly tries: number
}

/** Puts a job at the end of the queue; one that waits already is not put twice. */
export function addJob(db: Db, kind: Job['kind'], subject: string, madeAt: string): void {
  db.prepare('INSERT INTO job (kind, subject, made_at) VALUES (?, ?, ?) ON CONFLICT (kind, subject) DO NOTHING').run(
    kind,
    subject,
    madeAt,
  )
}

/** The oldest job that waits, counted as begun, so that one that brings the server down is not begun for ever. */
export function beginJob(db: Db): Job | null {
  return (
    (db
      .prepare(
        `UPDATE job SET tries = tries + 1 WHERE id = (SELECT id FROM job ORDER BY tries, id LIMIT 1)
         RETURNING id, kind, subject, tries - 1 AS tries`,
      )
      .get() as Job | undefined) ?? null
  )
}

export const endJob = (db: Db, id: number): void => void db.prepare('DELETE FROM job WHERE id = ?').run(id)
