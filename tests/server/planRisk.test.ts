import { expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { readPlan } from '../../src/data/plans'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { planView } from '../../src/server/views/plan'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const HERON = siteIdOf('heron')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

test('the plan of a site tells the likely day, the safe one, and the chain that its end hangs on', async () => {
  const plan = await planFirm(as(firm, 'owner'), 'again')
  const { safe, likely } = plan.risk[HERON]!
  expect(safe >= likely).toBe(true)
  const { risk } = planView(as(firm, 'owner'), HERON)
  expect(risk!.tenths.map(({ share }) => share)).toEqual([10, 20, 30, 40, 50, 60, 70, 80, 90])
  expect(risk!.weeks).toBeGreaterThan(2)
  const last = plan.visits.find((visit) => visit.key === risk!.chain.at(-1)!.key)!
  expect(last.endDay).toBe(plan.finish[HERON])
  expect(planView(as(firm, 'owner'), null).risk).toBeNull()
})

test('a plan kept before finishes were drawn tells none', () => {
  // Written as an older version wrote it; no plan is changed once it is kept.
  firm.db.exec(
    `INSERT INTO plan (body, revisions, pins, reason, by_person, made_at, taking_back)
     SELECT json_remove(body, '$.risk'), revisions, pins, reason, by_person, made_at, '[]' FROM plan ORDER BY id DESC LIMIT 1`,
  )
  expect(readPlan(firm.db)!.plan.risk).toEqual({})
  expect(planView(as(firm, 'owner'), HERON).risk).toBeNull()
})
