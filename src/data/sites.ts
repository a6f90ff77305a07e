import type { Statement } from 'better-sqlite3'
import type { Day } from '../core/calendar/day'
import type { WorkCalendar } from '../core/calendar/workingDays'
import type { Units } from '../core/measure/length'
import type { Relation } from '../core/sequence/relations'
import type { Schools } from '../core/sequence/schools'
import type { Trade } from '../core/scope/vocabulary'
import type { Db } from './database'

export interface Site {
  readonly id: string
  readonly name: string
  readonly built: number | null
  readonly units: Units
  readonly livedIn: boolean
  readonly calendar: WorkCalendar
  readonly startsOn: Day
  /** Hours of every day that the drive takes, there and back. */
  readonly travelHours: number
  readonly schools: Schools
  /** Who comes for a trade that several crews do, where somebody chose. */
  readonly crews: Readonly<Partial<Record<Trade, string>>>
  readonly ownRelations: readonly Relation[]
  readonly clientName: string
  readonly clientAddress: string
  readonly privateNote: string
  /** Where it is, how to get in, and whom to call: told to whoever comes. */
  readonly street: string
  readonly wayIn: string
  readonly whomToCall: string
  readonly revision: number
}

interface Row {
  id: string
  name: string
  built: number | null
  units: Units
  lived_in: number
  weekdays: string
  halves: 'both' | 'morning' | 'afternoon'
  days_off: string
  starts_on: Day
  travel_hours: number
  schools: string
  crews: string
  own_relations: string
  client_name: string
  client_address: string
  private_note: string
  street: string
  way_in: string
  whom_to_call: string
  revision: number
}

const siteOf = (row: Row): Site => ({
  id: row.id,
  name: row.name,
  built: row.built,
  units: row.units,
  livedIn: row.lived_in === 1,
  calendar: {
    weekdays: JSON.parse(row.weekdays) as number[],
    daysOff: JSON.parse(row.days_off) as Day[],
    halves: row.halves,
  },
  startsOn: row.starts_on,
  travelHours: row.travel_hours,
  schools: JSON.parse(row.schools) as Schools,
  crews: JSON.parse(row.crews) as Site['crews'],
  ownRelations: JSON.parse(row.own_relations) as Relation[],
  clientName: row.client_name,
  clientAddress: row.client_address,
  privateNote: row.private_note,
  street: row.street,
  wayIn: row.way_in,
  whomToCall: row.whom_to_call,
  revision: row.revision,
})

/** The sites that are under way: those that were put away are not among them. */
export const readSites = (db: Db): Site[] =>
  (db.prepare('SELECT * FROM site WHERE put_away = 0 ORDER BY created_at, id').all() as Row[]).map(siteOf)

export const readSitesPutAway = (db: Db): Site[] =>
  (db.prepare('SELECT * FROM site WHERE put_away = 1 ORDER BY created_at, id').all() as Row[]).map(siteOf)

export function putSiteAway(db: Db, id: string, away: boolean): void {
  db.prepare('UPDATE site SET put_away = ?, revision = revision + 1 WHERE id = ?').run(away ? 1 : 0, id)
}

/** One site is read hundreds of times for a page of all: what asks for it is prepared once. */
const oneSite = new WeakMap<Db, Statement>()

export function readSite(db: Db, id: string): Site | null {
  const ask = oneSite.get(db) ?? db.prepare('SELECT * FROM site WHERE id = ?')
  oneSite.set(db, ask)
  const row = ask.get(id) as Row | undefined
  return row ? siteOf(row) : null
}

export function insertSite(db: Db, site: Omit<Site, 'revision'>, at: string): void {
  db.prepare(
    `INSERT INTO site (id, name, built, units, lived_in, weekdays, halves, days_off, starts_on, travel_hours, schools, crews, own_relations, client_name, client_address, private_note, street, way_in, whom_to_call, created_at)
     VALUES (@id, @name, @built, @units, @livedIn, @weekdays, @halves, @daysOff, @startsOn, @travelHours, @schools, @crews, @ownRelations, @clientName, @clientAddress, @privateNote, @street, @wayIn, @whomToCall, @at)`,
  ).run({ ...columns(site), at })
}

export function updateSite(db: Db, site: Omit<Site, 'revision'>): void {
  db.prepare(
    `UPDATE site SET name = @name, built = @built, units = @units, lived_in = @livedIn, weekdays = @weekdays, halves = @halves, days_off = @daysOff,
     starts_on = @startsOn, travel_hours = @travelHours, schools = @schools, crews = @crews, own_relations = @ownRelations, client_name = @clientName,
     client_address = @clientAddress, private_note = @privateNote, street = @street, way_in = @wayIn, whom_to_call = @whomToCall, revision = revision + 1 WHERE id = @id`,
  ).run(columns(site))
}

const columns = (site: Omit<Site, 'revision'>) => ({
  id: site.id,
  name: site.name,
  built: site.built,
  units: site.units,
  livedIn: site.livedIn ? 1 : 0,
  weekdays: JSON.stringify(site.calendar.weekdays),
  halves: site.calendar.halves ?? 'both',
  daysOff: JSON.stringify(site.calendar.daysOff ?? []),
  startsOn: site.startsOn,
  travelHours: site.travelHours,
  schools: JSON.stringify(site.schools),
  crews: JSON.stringify(site.crews),
  ownRelations: JSON.stringify(site.ownRelations),
  clientName: site.clientName,
  clientAddress: site.clientAddress,
  privateNote: site.privateNote,
  street: site.street,
  wayIn: site.wayIn,
  whomToCall: site.whomToCall,
})
