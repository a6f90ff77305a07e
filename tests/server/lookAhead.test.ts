import { describe, expect, test } from 'vitest'
import { readBookings, readPlan, saveBooking } from '../../src/data/plans'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { lookAheadView } from '../../src/server/views/lookAhead'
import { tradeView } from '../../src/server/views/trade'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { addDays } from '../../src/core/calendar/day'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as, TODAY } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const ahead = (site: string | null = null, weeks: 2 | 3 = 2) => lookAheadView(as(firm, 'lead'), site, weeks)
const visits = () => readPlan(firm.db)!.plan.visits

describe('the next weeks', () => {
  test('hold what starts in them, in order, and no more; three weeks hold more', () => {
    const [two, three] = [ahead(), ahead(null, 3)]
    expect(two.rows.length).toBe(visits().filter(({ startDay }) => startDay <= addDays(TODAY as never, 13)).length)
    expect(three.rows.length).toBeGreaterThan(two.rows.length)
    expect(two.rows.map(({ startDay }) => startDay)).toEqual([...two.rows.map(({ startDay }) => startDay)].sort())
    expect(ahead(BAKEHOUSE).rows.every(({ siteId }) => siteId === BAKEHOUSE)).toBe(true)
  })
  test('the rate counts visits with nothing open (C-40)', () => {
    const { rows, ready } = ahead()
    const cleared = rows.filter((row) => row.ready).length
    expect(ready[0]).toContain(`${cleared} of ${rows.length} are cleared`)
  })
  test('a trade that confirms clears its people', () => {
    const row = ahead().rows.find(({ constraints }) =>
      constraints.some(({ words }) => words === 'Told, not confirmed'),
    )!
    const booking = readBookings(firm.db).find(({ visitKey }) => visitKey === row.key)!
    saveBooking(firm.db, { ...booking, state: 'confirmed' })
    const after = ahead().rows.find(({ key }) => key === row.key)!
    expect(after.constraints[0]).toEqual({ kind: 'people', words: 'Confirmed', cleared: true })
  })
  test('what became of last week’s plan is told by the plan that was in force then', () => {
    expect(ahead().lastWeek).toBeNull()
    firm.db.prepare('UPDATE plan SET made_at = ?').run('2026-03-02T06:00:00.000Z')
    const stored = readPlan(firm.db)!
    const [first, second] = stored.plan.visits.filter(({ siteId }) => siteId === BAKEHOUSE)
    const moved = stored.plan.visits.map((visit) =>
      visit.key === first!.key || visit.key === second!.key
        ? { ...visit, startDay: '2026-03-05', endDay: '2026-03-06' }
        : visit,
    )
    firm.db
      .prepare('UPDATE plan SET body = ? WHERE id = ?')
      .run(JSON.stringify({ ...stored.plan, visits: moved }), stored.id)
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: first!.lineIds.map((subjectId) => ({
        subject: 'line',
        subjectId,
        facet: 'progress',
        placeId: first!.placeIds[0],
        value: 100,
      })),
    })
    const { lastWeek } = ahead()
    expect([lastWeek!.planned, lastWeek!.done, lastWeek!.missed.length]).toEqual([2, 1, 1])
  })
  test('tomorrow names who is expected', () => {
    const { tomorrow } = ahead()
    expect(tomorrow.day).toBe('Wednesday 11 March')
    expect(tomorrow.rows.map(({ key }) => key).sort()).toEqual(
      visits()
        .filter(({ startDay, endDay }) => startDay <= '2026-03-11' && endDay >= '2026-03-11')
        .map(({ key }) => key)
        .sort(),
    )
  })
  test('crew do not see it', () => {
    expect(() => lookAheadView(as(firm, 'crew'), null, 2)).toThrow('Only a lead')
  })
})

describe('a trade’s own page', () => {
  test('its run goes through all sites in order; its load adds up to its visits', () => {
    const painter = visits().find(({ trade }) => trade === 'painter')!.crewId!
    const view = tradeView(as(firm, 'lead'), painter)
    const mine = visits().filter(({ crewId }) => crewId === painter)
    expect(view.visits.map(({ key }) => key).sort()).toEqual(mine.map(({ key }) => key).sort())
    expect(new Set(view.visits.map(({ site }) => site)).size).toBeGreaterThan(1)
    expect(view.weeks.every(({ planned, room }) => planned <= room)).toBe(true)
    expect(view.clashes).toEqual([])
  })
  test('where it stands idle, with why the next visit is not earlier', () => {
    const holes = tradeView(as(firm, 'lead'), visits().find(({ trade }) => trade === 'painter')!.crewId!).holes
    for (const { words, next } of holes) {
      expect(words).toMatch(/^\d+ days? free, /)
      expect(next.why.length).toBeGreaterThan(5)
    }
  })
  test('a crew that is gone is said so', () => {
    expect(() => tradeView(as(firm, 'lead'), 'nobody')).toThrow('not on record any more')
  })
})
