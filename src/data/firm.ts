import type { Db } from './database'

export interface Firm {
  readonly name: string
  readonly demo: boolean
}

export function readFirm(db: Db): Firm | null {
  const row = db.prepare('SELECT name, demo FROM firm').get() as { name: string; demo: number } | undefined
  return row ? { name: row.name, demo: row.demo === 1 } : null
}

export function insertFirm(db: Db, firm: Firm, at: string): void {
  db.prepare('INSERT INTO firm (id, name, demo, created_at) VALUES (1, ?, ?, ?)').run(firm.name, firm.demo ? 1 : 0, at)
}
