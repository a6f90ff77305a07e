import type { Goal } from '../core/schedule/goals'
import type { Db } from './database'

export interface Firm {
  readonly name: string
  readonly demo: boolean
  /** What phones know it by; random, told to nobody but its own people. */
  readonly key: string
  /** The address that links and mails carry, as https://...; '' where nobody set one. */
  readonly address: string
  /** Hosts of its own network that calendars may be read from. */
  readonly allowedHosts: readonly string[]
}

interface Row {
  name: string
  demo: number
  key: string
  address: string
  allowed_hosts: string
}

export function readFirm(db: Db): Firm | null {
  const row = db.prepare('SELECT name, demo, key, address, allowed_hosts FROM firm').get() as Row | undefined
  return row
    ? {
        name: row.name,
        demo: row.demo === 1,
        key: row.key,
        address: row.address,
        allowedHosts: JSON.parse(row.allowed_hosts) as string[],
      }
    : null
}

export function insertFirm(db: Db, firm: Pick<Firm, 'name' | 'demo' | 'key'>, at: string): void {
  db.prepare('INSERT INTO firm (id, name, demo, key, created_at) VALUES (1, ?, ?, ?, ?)').run(
    firm.name,
    firm.demo ? 1 : 0,
    firm.key,
    at,
  )
}

export function saveFirmDoors(db: Db, { address, allowedHosts }: Pick<Firm, 'address' | 'allowedHosts'>): void {
  db.prepare('UPDATE firm SET address = ?, allowed_hosts = ?').run(address, JSON.stringify(allowedHosts))
}

/** What plans are made for, once agreed days are kept. */
export const readPlanGoal = (db: Db): Goal =>
  (db.prepare('SELECT plan_goal FROM firm').pluck().get() as Goal | undefined) ?? 'fastest'

export function savePlanGoal(db: Db, goal: Goal): void {
  db.prepare('UPDATE firm SET plan_goal = ?').run(goal)
}
