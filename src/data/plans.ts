import type { Day } from '../core/calendar/day'
import type { Plan, PlannedVisit } from '../core/schedule/plan'
import { visitsBy } from '../core/schedule/visitsBy'
import type { NewFact } from '../core/walk/observation'
import type { Booking, Pin } from '../core/schedule/problem'
import { once } from './once'
import type { Db } from './database'

/** What was told or agreed about a visit, with the dates it was told for. */
export interface StoredBooking extends Booking {
  readonly siteId: string
  readonly crewId: string
  /** In the words that the crew was told: 'Tile, bathroom, Bakehouse Lane'. */
  readonly what: string
  readonly endDay: Day
  readonly endHalf: 0 | 1
  readonly reason: string
  readonly changedAt: string
  /** When they were last reminded of it; null where never since it was told. */
  readonly remindedAt: string | null
}

export interface StoredPlan {
  readonly id: number
  readonly plan: Plan
  /** Revision of every site that it was made from. */
  readonly revisions: Readonly<Record<string, number>>
  readonly reason: string
  readonly by: string
  readonly madeAt: string
}

interface BookingRow {
  visit_key: string
  site_id: string
  crew_id: string
  what: string
  state: Booking['state']
  start_day: Day
  start_half: 0 | 1
  end_day: Day
  end_half: 0 | 1
  free_from: Day | null
  reason: string
  changed_at: string
  reminded_at: string | null
}

const bookingOf = (row: BookingRow): StoredBooking => ({
  visitKey: row.visit_key,
  siteId: row.site_id,
  crewId: row.crew_id,
  what: row.what,
  state: row.state,
  startDay: row.start_day,
  startHalf: row.start_half,
  endDay: row.end_day,
  endHalf: row.end_half,
  ...(row.free_from ? { freeFrom: row.free_from } : {}),
  reason: row.reason,
  changedAt: row.changed_at,
  remindedAt: row.reminded_at,
})

export const readBookings = (db: Db): StoredBooking[] =>
  (db.prepare('SELECT * FROM booking ORDER BY visit_key').all() as BookingRow[]).map(bookingOf)

/** What those who come for the visits of a plan were told or said, by visit: what another crew said of it is over. */
export function bookingsIn(db: Db, plan: Pick<Plan, 'visits'> | null | undefined): Map<string, StoredBooking> {
  const visits = plan ? visitsBy(plan).key : new Map<string, PlannedVisit>()
  return new Map(
    readBookings(db).flatMap((one) =>
      visits.get(one.visitKey)?.crewId === one.crewId ? [[one.visitKey, one] as const] : [],
    ),
  )
}

/** Visits whose trades were told a day or confirmed one. */
export const readBookedKeys = (db: Db): ReadonlySet<string> =>
  new Set(readBookings(db).flatMap(({ visitKey, state }) => (state === 'declined' ? [] : [visitKey])))

export function saveBooking(db: Db, booking: StoredBooking): void {
  db.prepare(
    `INSERT INTO booking (visit_key, site_id, crew_id, what, state, start_day, start_half, end_day, end_half, free_from, reason, changed_at, reminded_at)
     VALUES (@visitKey, @siteId, @crewId, @what, @state, @startDay, @startHalf, @endDay, @endHalf, @freeFrom, @reason, @changedAt, @remindedAt)
     ON CONFLICT (visit_key) DO UPDATE SET site_id = @siteId, crew_id = @crewId, what = @what, state = @state, start_day = @startDay,
     start_half = @startHalf, end_day = @endDay, end_half = @endHalf, free_from = @freeFrom, reason = @reason, changed_at = @changedAt, reminded_at = @remindedAt`,
  ).run({ ...booking, freeFrom: booking.freeFrom ?? null })
}

export function deleteBooking(db: Db, visitKey: string): void {
  db.prepare('DELETE FROM booking WHERE visit_key = ?').run(visitKey)
}

export const readPins = (db: Db): Pin[] =>
  db.prepare('SELECT visit_key AS visitKey, day, half FROM pin ORDER BY visit_key').all() as Pin[]

export function savePin(db: Db, pin: Pin): void {
  db.prepare(
    'INSERT INTO pin (visit_key, day, half) VALUES (@visitKey, @day, @half) ON CONFLICT (visit_key) DO UPDATE SET day = @day, half = @half',
  ).run(pin)
}

export function deletePin(db: Db, visitKey: string): void {
  db.prepare('DELETE FROM pin WHERE visit_key = ?').run(visitKey)
}

interface PlanRow {
  id: number
  body: string
  revisions: string
  pins: string
  taking_back: string
  reason: string
  by_person: string
  made_at: string
}

const storedPlanOf = (row: PlanRow): StoredPlan => ({
  id: row.id,
  // What a plan did not tell yet when it was kept is empty.
  plan: {
    risk: {},
    promises: [],
    without: [],
    hired: [],
    open: [],
    unkept: [],
    ...(JSON.parse(row.body) as Omit<Plan, 'risk' | 'promises' | 'without' | 'hired' | 'open' | 'unkept'> &
      Partial<Plan>),
  },
  revisions: JSON.parse(row.revisions) as Record<string, number>,
  reason: row.reason,
  by: row.by_person,
  madeAt: row.made_at,
})

const IN_FORCE = 'SELECT * FROM plan WHERE undone_at IS NULL ORDER BY id DESC'

/** The plan last read from each database, and the one before it, which every page of a plan compares with: a row is written
 * once, and a firm of forty sites has megabytes in it. One that may still be rolled back is not kept. */
const lastRead = once('plan', () => new WeakMap<Db, StoredPlan>())
const lastReadBefore = once('plan before', () => new WeakMap<Db, StoredPlan>())

function readOnce(kept: WeakMap<Db, StoredPlan>, db: Db, id: number | undefined): StoredPlan | null {
  if (id === undefined) return null
  const known = kept.get(db)
  if (known?.id === id) return known
  const stored = storedPlanOf(db.prepare('SELECT * FROM plan WHERE id = ?').get(id) as PlanRow)
  if (!db.inTransaction) kept.set(db, stored)
  return stored
}

export const readPlan = (db: Db): StoredPlan | null =>
  readOnce(
    lastRead,
    db,
    db.prepare('SELECT id FROM plan WHERE undone_at IS NULL ORDER BY id DESC').pluck().get() as number | undefined,
  )

/** The plan that was in force at an instant, as far as it is still kept. */
export const readPlanBefore = (db: Db, instant: string): StoredPlan | null =>
  readOnce(
    lastReadBefore,
    db,
    db
      .prepare(
        'SELECT id FROM plan WHERE made_at < ? AND (undone_at IS NULL OR undone_at >= ?) ORDER BY id DESC LIMIT 1',
      )
      .pluck()
      .get(instant, instant) as number | undefined,
  )

/** Facts of a site that were recorded with a plan, as they were before. */
export interface TakingBack {
  readonly siteId: string
  readonly facts: readonly NewFact[]
}

/** Puts a plan in force, with its pins, and forgets all but the last fifty.
 * @param back what has to be recorded when it is taken back */
export function insertPlan(db: Db, stored: Omit<StoredPlan, 'id'>, back: readonly TakingBack[] = []): void {
  db.prepare(
    'INSERT INTO plan (body, revisions, pins, reason, by_person, made_at, taking_back) VALUES (?, ?, ?, ?, ?, ?, ?)',
  ).run(
    JSON.stringify(stored.plan),
    JSON.stringify(stored.revisions),
    JSON.stringify(readPins(db)),
    stored.reason,
    stored.by,
    stored.madeAt,
    JSON.stringify(back),
  )
  db.prepare('DELETE FROM plan WHERE id <= (SELECT MAX(id) - 50 FROM plan)').run()
}

/** Takes the newest plan back; the one before and its pins are in force again. What people were
 * told and answered since stays as it is: the tell list then shows what differs.
 * @returns the reason of the plan that was undone and what has to be recorded with that, or null where there is nothing
 * before it */
export function undoPlan(db: Db, at: string): { reason: string; back: readonly TakingBack[] } | null {
  const [newest, previous] = db.prepare(`${IN_FORCE} LIMIT 2`).all() as PlanRow[]
  if (!newest || !previous) return null
  db.prepare('UPDATE plan SET undone_at = ? WHERE id = ?').run(at, newest.id)
  db.prepare('DELETE FROM pin').run()
  for (const pin of JSON.parse(previous.pins) as Pin[]) savePin(db, pin)
  return { reason: newest.reason, back: JSON.parse(newest.taking_back) as TakingBack[] }
}
