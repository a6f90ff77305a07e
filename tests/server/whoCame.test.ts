import { describe, expect, test } from 'vitest'
import { readPlan } from '../../src/data/plans'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { whoCame } from '../../src/server/plan/whoCame'
import { visitView } from '../../src/server/views/visit'
import { todayView } from '../../src/server/views/today'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as, TODAY } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const lead = () => as(firm, 'lead')
/** Somebody who is due today. */
const due = () =>
  readPlan(firm.db)!.plan.visits.find(
    ({ siteId, startDay, crewId, trade }) =>
      siteId === SITE && startDay === TODAY && crewId !== null && trade !== 'inspector',
  )!
const stay = (key: string) => {
  const row = todayView(lead()).board.find(({ siteId }) => siteId === SITE)!
  return [...row.morning, ...row.afternoon].find((one) => one.key === key)!
}

describe('who came', () => {
  test('is told with one tap, stands on Today and with the visit, and can be said otherwise', async () => {
    const { key } = due()
    expect(stay(key)).toMatchObject({ due: true, came: null })
    expect(await whoCame(lead(), { visitKey: key, day: TODAY, how: 'late', hours: 6 })).toEqual({ missed: null })
    expect(stay(key).came).toBe('late')
    await whoCame(lead(), { visitKey: key, day: TODAY, how: 'came' })
    expect(stay(key).came).toBe('came')
    expect(visitView(lead(), key).comings).toEqual([expect.stringMatching(/: came on Tue 10 Mar$/)])
  })
  test('of those who did not, what follows is tried at once and not kept; planned again they come later', async () => {
    const { key, crewId } = due()
    const { missed } = await whoCame(lead(), { visitKey: key, day: TODAY, how: 'missed' })
    expect(missed!.lead).toMatch(/ did not come for .* Planned again it would be /)
    for (const words of missed!.instead) expect(words).toMatch(/^.+: .+, planned for /)
    expect(due().key).toBe(key)
    const after = (await planFirm(lead(), 'Planned again')).visits.find((visit) => visit.key === key)!
    expect(after.startDay > TODAY).toBe(true)
    expect(after.crewId).toBe(crewId)
    expect(missed!.lead).toContain('Planned again')
  })
  test('is not asked of days to come, nor of what is in no plan', async () => {
    const { key } = due()
    await expect(whoCame(lead(), { visitKey: key, day: '2026-03-11', how: 'came' })).rejects.toThrow(
      'Day: it has not come yet. Choose today or earlier.',
    )
    await expect(whoCame(lead(), { visitKey: 'gone', day: TODAY, how: 'came' })).rejects.toThrow(
      'no longer in the plan',
    )
  })
})
