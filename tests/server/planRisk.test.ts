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
  const stored = readPlan(firm.db)!
  const { risk: _risk, ...old } = stored.plan
  firm.db.prepare('UPDATE plan SET body = ? WHERE id = ?').run(JSON.stringify(old), stored.id)
  expect(readPlan(firm.db)!.plan.risk).toEqual({})
  expect(planView(as(firm, 'owner'), HERON).risk).toBeNull()
})
