import { describe, expect, test } from 'vitest'
import { readPlanGoal } from '../../src/data/firm'
import { readPlan } from '../../src/data/plans'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { bringForward } from '../../src/server/plan/bringForward'
import { previewChange } from '../../src/server/plan/changePlan'
import { keepGoal, otherWays } from '../../src/server/plan/otherWays'
import { otherSchools } from '../../src/server/plan/otherSchools'
import { planFirm } from '../../src/server/plan/planFirm'
import { addDays } from '../../src/core/calendar/day'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const HERON = siteIdOf('heron')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

describe('plans side by side', () => {
  test('each is best at what it is made for, and nothing is saved', async () => {
    const before = readPlan(firm.db)!
    const ways = await otherWays(as(firm, 'lead'))
    const of = (goal: string) => ways.find((way) => way.goal === goal)!
    expect(ways.map(({ goal }) => goal)).toEqual(['fastest', 'least-change', 'fewest-visits', 'smooth'])
    for (const way of ways) {
      expect(of('least-change').moved).toBeLessThanOrEqual(way.moved)
      expect(of('fewest-visits').comings).toBeLessThanOrEqual(way.comings)
      expect(way.finishes.length).toBeGreaterThan(3)
    }
    expect(of('fastest').chosen).toBe(true)
    expect(readPlan(firm.db)!.id).toBe(before.id)
  })
  test('the one that is chosen is what plans are made for from then on', async () => {
    keepGoal(as(firm, 'lead'), { goal: 'fewest-visits' })
    expect(readPlanGoal(firm.db)).toBe('fewest-visits')
    await planFirm(as(firm, 'lead'), 'this way')
    expect((await otherWays(as(firm, 'lead'))).find(({ chosen }) => chosen)!.goal).toBe('fewest-visits')
    keepGoal(as(firm, 'lead'), {})
    expect(readPlanGoal(firm.db)).toBe('fewest-visits')
    expect(() => keepGoal(as(firm, 'lead'), { goal: 'cheapest' })).toThrow('Goal: choose one of the list.')
    expect(() => keepGoal(as(firm, 'crew'), { goal: 'smooth' })).toThrow('Only a lead')
  })
})

describe('what holds a site', () => {
  test('is tried without, thing by thing, and told with what it wins and who is moved', async () => {
    const planned = Object.keys(readPlan(firm.db)!.plan.finish)
    const found: Awaited<ReturnType<typeof bringForward>>[number][] = []
    for (const id of planned) if (found.length === 0) found.push(...(await bringForward(as(firm, 'lead'), id)))
    expect(found.length).toBeGreaterThan(0)
    expect(found.length).toBeLessThanOrEqual(5)
    for (const { words, wins } of found) {
      expect(words).toMatch(/^(One more crew of|Not waiting for this:|.* on another day than was agreed)/)
      expect(wins).toMatch(/^\d+ days? earlier: .*\. \d+ visits? moves?, (nobody who was told|\d+ of them w)/)
    }
  })
  test('crew may not ask', async () => {
    await expect(bringForward(as(firm, 'crew'), HERON)).rejects.toThrow('Only a lead')
  })
})

test('a slip tells who is left with nothing to do, apart from what would move without it too', async () => {
  const { plan } = readPlan(firm.db)!
  const slipped = plan.visits.filter((one) => one.crewId !== null && one.startDay > plan.madeOn)
  const told: string[] = []
  for (const visit of slipped) {
    if (told.length > 0) break
    const { lost, anyway } = await previewChange(as(firm, 'lead'), {
      visitKey: visit.key,
      day: addDays(visit.startDay, 21),
      half: 0,
    })
    expect(anyway).toMatch(
      /^$|^What was learned since the plan was made moves (one visit|\d+ visits) without this too\.$/,
    )
    told.push(...lost)
  }
  expect(told.join()).toMatch(/: nothing to do on /)
})

describe('another order of work', () => {
  test('each way of the questions that change the order is planned, with finish, work and people; nothing is saved', async () => {
    const before = readPlan(firm.db)!.id
    const schools = await otherSchools(as(firm, 'lead'), siteIdOf('bakehouse'))
    expect(schools.map(({ question }) => question)).toContain('Cabinets and paint')
    for (const { does } of schools)
      expect(does).toMatch(
        /^(The finish stays|Finish) \d+ \w+.* (The work is the same|\d+ h (more|less) work)\. .*(moves?|Nobody moves).*\.$/,
      )
    expect(readPlan(firm.db)!.id).toBe(before)
  })
  test('crew may not ask', async () => {
    await expect(otherSchools(as(firm, 'crew'), siteIdOf('bakehouse'))).rejects.toThrow('Only a lead or the owner')
  })
})
