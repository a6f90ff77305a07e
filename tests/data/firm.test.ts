import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import type { Plan } from '../../src/core/schedule/plan'
import { readCrews, saveCrew, type CrewContact } from '../../src/data/crews'
import { insertLink, renewLink, readLink, recordView, revokeLink } from '../../src/data/links'
import { assignSites, insertPerson, readAssignedSites, readPerson, savePutAway } from '../../src/data/people'
import {
  deletePin,
  insertPlan,
  readBookings,
  readPins,
  readPlan,
  saveBooking,
  savePin,
  undoPlan,
  type StoredBooking,
} from '../../src/data/plans'
import { readRates, saveRate } from '../../src/data/rates'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { closed, emptyFolder, TODAY } from '../fixtures/folder'
import { siteOf } from '../fixtures/record'
import { insertSite } from '../../src/data/sites'

let firm: FirmFolder
beforeEach(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
  insertSite(firm.db, siteOf('s'), 'now')
  insertPerson(firm.db, { id: 'ada', name: 'Ada', login: 'ada', role: 'lead', passwordHash: 'x' }, 'now')
})
afterEach(() => closed(firm))

const TILER: CrewContact = {
  id: 'tiler',
  name: 'Fennick Tiling',
  trade: 'tiler',
  crews: 1,
  crewSize: 2,
  calendar: { weekdays: [1, 2, 3], daysOff: ['2026-04-06' as Day], halvesOff: [], halves: 'morning' },
  contact: 'tiler@example.test',
  licence: '',
  mornings: true,
  setUpHours: 1.5,
  alsoTrades: [],
  own: false,
  daysOff: ['2026-04-06' as Day],
  busy: [],
  busyAddress: '',
  language: 'pl',
}
const BOOKING: StoredBooking = {
  visitKey: 'v',
  siteId: 's',
  crewId: 'tiler',
  what: 'Tile, bathroom, House',
  state: 'told',
  startDay: '2026-03-12' as Day,
  startHalf: 0,
  endDay: '2026-03-13' as Day,
  endHalf: 1,
  reason: '',
  changedAt: 'now',
  remindedAt: null,
}
const planned = (reason: string) =>
  insertPlan(firm.db, {
    plan: { visits: [] } as unknown as Plan,
    revisions: { s: 1 },
    reason,
    by: 'ada',
    madeAt: 'now',
  })

describe('crews and rates', () => {
  test('a crew comes back as it was kept, and is changed in place', () => {
    saveCrew(firm.db, TILER)
    expect(readCrews(firm.db)).toEqual([TILER])
    saveCrew(firm.db, { ...TILER, crewSize: 3 })
    expect(readCrews(firm.db).map((crew) => crew.crewSize)).toEqual([3])
  })
  test('a crew of nobody is refused', () => {
    expect(() => saveCrew(firm.db, { ...TILER, crews: 0 })).toThrow(/CHECK/)
  })
  test('an own rate replaces the usual one until it is taken back', () => {
    saveRate(firm.db, 'trim', 1.4)
    saveRate(firm.db, 'trim', 1.6)
    expect(readRates(firm.db)).toEqual({ trim: 1.6 })
    saveRate(firm.db, 'trim', null)
    expect(readRates(firm.db)).toEqual({})
  })
})

describe('plans', () => {
  beforeEach(() => saveCrew(firm.db, TILER))

  test('the newest is in force, with what it was made from', () => {
    planned('first')
    planned('second')
    expect(readPlan(firm.db)).toMatchObject({ reason: 'second', revisions: { s: 1 }, by: 'ada' })
  })
  test('undone, the one before is in force with its pins; what was answered meanwhile stays true', () => {
    saveBooking(firm.db, BOOKING)
    planned('first')
    saveBooking(firm.db, { ...BOOKING, state: 'confirmed' })
    savePin(firm.db, { visitKey: 'v', day: '2026-03-16' as Day, half: 0 })
    planned('second')
    expect(undoPlan(firm.db, 'later')).toEqual({ reason: 'second', back: [] })
    expect(readPlan(firm.db)!.reason).toBe('first')
    expect(readBookings(firm.db)).toEqual([{ ...BOOKING, state: 'confirmed' }])
    expect(readPins(firm.db)).toEqual([])
  })
  test('the first plan has nothing before it to go back to', () => {
    planned('first')
    expect(undoPlan(firm.db, 'later')).toBeNull()
    expect(readPlan(firm.db)!.reason).toBe('first')
  })
  test('the last fifty are kept', () => {
    for (let i = 1; i <= 60; i += 1) planned(`plan ${i}`)
    expect(firm.db.prepare('SELECT COUNT(*) AS n, MIN(id) AS first FROM plan').get()).toEqual({ n: 50, first: 11 })
  })
  test('a pin holds one day a visit and can be taken out', () => {
    savePin(firm.db, { visitKey: 'v', day: '2026-03-16' as Day, half: 0 })
    savePin(firm.db, { visitKey: 'v', day: '2026-03-17' as Day, half: 1 })
    expect(readPins(firm.db)).toEqual([{ visitKey: 'v', day: '2026-03-17', half: 1 }])
    deletePin(firm.db, 'v')
    expect(readPins(firm.db)).toEqual([])
  })
  test('a booking keeps from when a crew said it is free', () => {
    saveBooking(firm.db, { ...BOOKING, state: 'declined', freeFrom: '2026-03-20' as Day })
    expect(readBookings(firm.db)[0]).toMatchObject({ state: 'declined', freeFrom: '2026-03-20' })
  })
})

describe('links', () => {
  const made = () =>
    insertLink(firm.db, {
      id: 'l',
      siteId: 's',
      audience: 'client',
      subject: 's',
      createdBy: 'ada',
      createdAt: '2026-03-10',
      expiresAt: '2026-06-10',
    })

  test('given anew, open again under another generation', () => {
    made()
    revokeLink(firm.db, 'l', '2026-03-11')
    renewLink(firm.db, 'l', '2026-09-10')
    expect(readLink(firm.db, 'l')).toMatchObject({ generation: 2, revokedAt: null, expiresAt: '2026-09-10' })
  })
  test('keep their first viewing and their last', () => {
    made()
    recordView(firm.db, 'l', '2026-03-11')
    recordView(firm.db, 'l', '2026-03-12')
    expect(readLink(firm.db, 'l')).toMatchObject({ firstViewedAt: '2026-03-11', lastViewedAt: '2026-03-12' })
  })
  test('withdrawn once, stay withdrawn since then', () => {
    made()
    revokeLink(firm.db, 'l', '2026-03-11')
    revokeLink(firm.db, 'l', '2026-03-12')
    expect(readLink(firm.db, 'l')!.revokedAt).toBe('2026-03-11')
  })
})

describe('people', () => {
  test('see the sites that they were given, and lose those that were taken', () => {
    assignSites(firm.db, 'ada', ['s'])
    expect(readAssignedSites(firm.db, 'ada')).toEqual(['s'])
    assignSites(firm.db, 'ada', [])
    expect(readAssignedSites(firm.db, 'ada')).toEqual([])
  })
  test('cannot be given a site that is not there', () => {
    expect(() => assignSites(firm.db, 'ada', ['nowhere'])).toThrow(/FOREIGN KEY/)
  })
  test('put away and brought back, keep their sites', () => {
    assignSites(firm.db, 'ada', ['s'])
    savePutAway(firm.db, 'ada', '2026-03-10T08:00:00.000Z')
    expect(readPerson(firm.db, 'ada')!.putAwayAt).toBe('2026-03-10T08:00:00.000Z')
    savePutAway(firm.db, 'ada', null)
    expect(readPerson(firm.db, 'ada')!.putAwayAt).toBeNull()
    expect(readAssignedSites(firm.db, 'ada')).toEqual(['s'])
  })
})
