import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { readCrews } from '../../src/data/crews'
import { readPlan } from '../../src/data/plans'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { moveCrewAway } from '../../src/server/sites/crewsAndRates'
import { moveSiteAway } from '../../src/server/sites/editSite'
import { find } from '../../src/server/views/find'
import { crewSettingsView, siteSettingsView } from '../../src/server/views/settings'
import { todayView } from '../../src/server/views/today'
import { as, closed, openedDemo } from '../fixtures/folder'

let firm: FirmFolder
beforeAll(async () => {
  firm = await openedDemo()
})
afterAll(async () => {
  closed(firm)
})
const HERON = siteIdOf('heron')
const owner = () => as(firm, 'owner')
const planned = () => readPlan(firm.db)!.plan.visits

describe('a site that is put away', () => {
  test('is on no board, in no plan and found by nothing, until it is brought back as it was', async () => {
    const lines = owner().record(owner().site(HERON)).lines.length
    moveSiteAway(owner(), HERON, { away: true })
    await planFirm(owner(), 'without it')
    expect(todayView(owner()).board.map(({ name }) => name)).not.toContain('Heron Court')
    expect(planned().some(({ siteId }) => siteId === HERON)).toBe(false)
    expect(find(owner(), 'Heron Court').some(({ href }) => href.includes(HERON))).toBe(false)
    expect(siteSettingsView(owner(), siteIdOf('bakehouse')).away).toEqual([{ id: HERON, name: 'Heron Court' }])
    moveSiteAway(owner(), HERON, { away: false })
    await planFirm(owner(), 'with it')
    expect(owner().record(owner().site(HERON)).lines).toHaveLength(lines)
    expect(planned().some(({ siteId }) => siteId === HERON)).toBe(true)
  })
  test('is put away by the owner alone, and not by a word that says nothing', () => {
    expect(() => moveSiteAway(as(firm, 'lead'), HERON, { away: true })).toThrow('Only the owner can do this.')
    expect(() => moveSiteAway(owner(), HERON, {})).toThrow('Say whether it is put away or brought back.')
    expect(() => moveSiteAway(owner(), 'nowhere', { away: true })).toThrow('There is no such site among yours.')
  })
})

describe('a crew that is put away', () => {
  test('is planned for nothing, and comes back with all that was known of it', async () => {
    const painter = readCrews(firm.db).find(({ trade }) => trade === 'painter')!
    moveCrewAway(owner(), painter.id, { away: true })
    await planFirm(owner(), 'without them')
    expect(planned().some(({ crewId }) => crewId === painter.id)).toBe(false)
    expect(crewSettingsView(owner()).away.map(({ name }) => name)).toEqual([painter.name])
    moveCrewAway(owner(), painter.id, { away: false })
    expect(readCrews(firm.db).find(({ id }) => id === painter.id)).toEqual(painter)
    expect(() => moveCrewAway(owner(), 'nobody', { away: true })).toThrow('Crew: it is not on record.')
  })
})
