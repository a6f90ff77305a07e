import { describe, expect, test } from 'vitest'
import { daysBetween } from '../../src/core/calendar/day'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { editSite } from '../../src/server/sites/editSite'
import { siteSettingsView } from '../../src/server/views/settings'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const PELL = siteIdOf('pell')
const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const edit = (part: object, site = PELL) => editSite(lead(), site, { ...siteSettingsView(lead(), site).site, ...part })
const planned = async (site = PELL) => (await planFirm(lead(), 'again')).visits.filter(({ siteId }) => siteId === site)

describe('quiet hours of a site', () => {
  test('what nobody agreed to yet is planned in the mornings', async () => {
    edit({ halves: 'morning' })
    expect(siteSettingsView(lead(), PELL).site.halves).toBe('morning')
    const free = (await planned()).filter(({ why }) => why !== 'It was agreed for then.')
    expect(free.length).toBeGreaterThan(0)
    for (const visit of free) expect([visit.startHalf, visit.endHalf]).toEqual([0, 0])
  })
  test('a part of the day that there is not is refused', () => {
    expect(() => edit({ halves: 'night' })).toThrow('Half of the day: choose one.')
  })
})

describe('the own order of a site', () => {
  test('may wait some days and hold for the whole site', async () => {
    const relation = {
      before: 'paint',
      after: 'fixtures',
      waitDays: 9,
      mostDays: null,
      scope: 'site',
      why: 'the house is aired',
    }
    edit({ relations: [relation] }, BAKEHOUSE)
    expect(siteSettingsView(lead(), BAKEHOUSE).site.relations).toEqual([relation])
    const visits = await planned(BAKEHOUSE)
    const last = visits.filter(({ stages }) => stages.includes('paint')).map(({ endDay }) => endDay)
    const first = visits.filter(({ stages }) => stages.includes('fixtures'))
    expect(first.length * last.length).toBeGreaterThan(0)
    for (const { startDay, why } of first)
      if (why !== 'It was agreed for then.')
        for (const endDay of last) expect(daysBetween(endDay, startDay)).toBeGreaterThanOrEqual(9)
  })
  test.each([
    [{ waitDays: -1 }, 'Wait: 0 or more days.'],
    [{ waitDays: 0.5 }, 'Wait: whole days.'],
    [{ waitDays: 3, mostDays: 2 }, 'Within: not fewer days than the wait.'],
    [{ scope: 'street' }, 'Where: in each place, or on the whole site.'],
  ])('%j is refused', (part, message) => {
    expect(() => edit({ relations: [{ before: 'paint', after: 'fixtures', ...part }] })).toThrow(message)
  })
})
