import type { Day } from '../core/calendar/day'
import type { HalfDay } from '../core/calendar/workingDays'
import type { Crew } from '../core/schedule/problem'
import type { Language } from '../core/share/languages/catalogue'
import type { Trade } from '../core/scope/vocabulary'
import type { Db } from './database'

/** A crew with how to reach it. */
export interface CrewContact extends Crew {
  readonly contact: string
  readonly licence: string
  /** Days off that were typed. */
  readonly daysOff: readonly Day[]
  /** Halves of days on which its own calendar takes it elsewhere. */
  readonly busy: readonly HalfDay[]
  readonly busyAddress: string
  /** What their notices are written in. */
  readonly language: Language
}

interface Row {
  id: string
  name: string
  trade: Trade
  crews: number
  crew_size: number
  weekdays: string
  days_off: string
  halves: 'both' | 'morning' | 'afternoon'
  contact: string
  licence: string
  own: number
  mornings: number
  set_up_hours: number
  notice_days: number | null
  also_trades: string
  busy: string
  busy_address: string
  language: Language
}

/** The crews that are at work: those that were put away are not among them. */
export const readCrews = (db: Db): CrewContact[] => crewsOf(db, 0)
export const readCrewsPutAway = (db: Db): CrewContact[] => crewsOf(db, 1)
/** Every crew on record: what was told of one that was put away stays known. */
export const readAllCrews = (db: Db): CrewContact[] => [...readCrews(db), ...readCrewsPutAway(db)]

export function putCrewAway(db: Db, id: string, away: boolean): void {
  db.prepare('UPDATE crew SET put_away = ? WHERE id = ?').run(away ? 1 : 0, id)
}

function crewsOf(db: Db, away: 0 | 1): CrewContact[] {
  const rows = db.prepare('SELECT * FROM crew WHERE put_away = ? ORDER BY trade, name').all(away) as Row[]
  return rows.map((row) => {
    const daysOff = JSON.parse(row.days_off) as Day[]
    const busy = JSON.parse(row.busy) as HalfDay[]
    return {
      id: row.id,
      name: row.name,
      trade: row.trade,
      crews: row.crews,
      crewSize: row.crew_size,
      own: row.own === 1,
      mornings: row.mornings === 1,
      setUpHours: row.set_up_hours,
      alsoTrades: JSON.parse(row.also_trades) as Trade[],
      ...(row.notice_days === null ? {} : { noticeDays: row.notice_days }),
      calendar: {
        weekdays: JSON.parse(row.weekdays) as number[],
        daysOff,
        halvesOff: busy,
        halves: row.halves,
      },
      contact: row.contact,
      licence: row.licence,
      daysOff,
      busy,
      busyAddress: row.busy_address,
      language: row.language,
    }
  })
}

export function saveCrew(
  db: Db,
  crew: Omit<CrewContact, 'busy' | 'busyAddress' | 'language'> & Partial<Pick<CrewContact, 'language'>>,
): void {
  db.prepare(
    `INSERT INTO crew (id, name, trade, crews, crew_size, weekdays, days_off, halves, contact, licence, own, mornings, set_up_hours, notice_days, also_trades, language)
     VALUES (@id, @name, @trade, @crews, @crewSize, @weekdays, @daysOff, @halves, @contact, @licence, @own, @mornings, @setUpHours, @noticeDays, @alsoTrades, @language)
     ON CONFLICT (id) DO UPDATE SET name = @name, trade = @trade, crews = @crews, crew_size = @crewSize, weekdays = @weekdays,
     days_off = @daysOff, halves = @halves, contact = @contact, licence = @licence, own = @own, mornings = @mornings,
     set_up_hours = @setUpHours, notice_days = @noticeDays, also_trades = @alsoTrades, language = @language`,
  ).run({
    id: crew.id,
    name: crew.name,
    trade: crew.trade,
    crews: crew.crews,
    crewSize: crew.crewSize,
    weekdays: JSON.stringify(crew.calendar.weekdays),
    daysOff: JSON.stringify(crew.daysOff),
    halves: crew.calendar.halves ?? 'both',
    contact: crew.contact,
    licence: crew.licence,
    own: crew.own ? 1 : 0,
    mornings: crew.mornings ? 1 : 0,
    setUpHours: crew.setUpHours ?? 0,
    noticeDays: crew.noticeDays ?? null,
    alsoTrades: JSON.stringify(crew.alsoTrades ?? []),
    language: crew.language ?? 'en',
  })
}

/** Keeps the halves of days on which a crew's own calendar takes it elsewhere, in place of those before. */
export function saveBusyTimes(db: Db, crewId: string, busy: readonly HalfDay[], address: string): void {
  db.prepare('UPDATE crew SET busy = ?, busy_address = ? WHERE id = ?').run(JSON.stringify(busy), address, crewId)
}
