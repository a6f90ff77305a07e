import type { DayForm, Habits, WeekStart } from '../core/habits/habits'
import type { Units } from '../core/measure/length'
import type { Goal } from '../core/schedule/goals'
import type { Db } from './database'

export interface Firm extends Habits {
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
  units: Units
  currency: string
  day_form: DayForm
  week_start: WeekStart
  time_zone: string
}

/** Where this machine is; asking takes longer than reading the firm, which every look at the clock does. */
const MACHINE_ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone

export function readFirm(db: Db): Firm | null {
  const row = db.prepare('SELECT * FROM firm').get() as Row | undefined
  return row
    ? {
        name: row.name,
        demo: row.demo === 1,
        key: row.key,
        address: row.address,
        allowedHosts: JSON.parse(row.allowed_hosts) as string[],
        units: row.units,
        currency: row.currency,
        dayForm: row.day_form,
        weekStart: row.week_start,
        // Until somebody says where the firm is, it is where its machine is.
        timeZone: row.time_zone || MACHINE_ZONE,
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

/** Renames the firm and keeps its habits. */
export function saveHabits(
  db: Db,
  { name, units, currency, dayForm, weekStart, timeZone }: Habits & Pick<Firm, 'name'>,
): void {
  db.prepare('UPDATE firm SET name = ?, units = ?, currency = ?, day_form = ?, week_start = ?, time_zone = ?').run(
    name,
    units,
    currency,
    dayForm,
    weekStart,
    timeZone,
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
