import type { Goal } from '../core/schedule/goals'
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

/** What plans are made for, once agreed days are kept. */
export const readPlanGoal = (db: Db): Goal =>
  (db.prepare('SELECT plan_goal FROM firm').pluck().get() as Goal | undefined) ?? 'fastest'

export function savePlanGoal(db: Db, goal: Goal): void {
  db.prepare('UPDATE firm SET plan_goal = ?').run(goal)
}
