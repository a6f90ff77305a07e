import { expect, test } from 'vitest'
import { readPlan } from '../../src/data/plans'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { visitView } from '../../src/server/views/visit'
import { scopeView } from '../../src/server/views/scope'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const lead = () => as(firm, 'lead')
const waits = (id: string, value: readonly object[]) =>
  recordFacts(lead(), SITE, { facts: [{ subject: 'line', subjectId: id, facet: 'waits', placeId: null, value }] })
/** The first and the last visit of the site that nobody is at yet, each by a line of its. */
const ends = () => {
  const free = readPlan(firm.db)!
    .plan.visits.filter(({ siteId, trade }) => siteId === SITE && trade !== 'inspector')
    .filter(({ lineIds }) => stateAt(firm, SITE).lines.every((line) => !lineIds.includes(line.id) || !line.progress))
    .sort((a, b) => (a.startDay < b.startDay ? -1 : 1))
  return [free[0]!.lineIds[0]!, free.at(-1)!.lineIds[0]!] as const
}
const visitOf = (id: string) => readPlan(firm.db)!.plan.visits.find(({ lineIds }) => lineIds.includes(id))!

test('work that waits for other work by name comes after it in the plan, and both say so in the scope', async () => {
  const [early, late] = ends()
  waits(early, [{ for: late, leastDays: 2 }])
  const shown = scopeView(lead(), SITE).rows.flatMap(({ cells }) => cells.flatMap(({ lines }) => lines))
  expect(shown.find(({ id }) => id === early)!.waits[0]!.words).toMatch(/, at least 2 days$/)
  expect(shown.find(({ id }) => id === late)!.followed).toHaveLength(1)
  await planFirm(lead(), 'Planned again')
  expect(visitOf(early).startDay > visitOf(late).endDay).toBe(true)
  expect(visitView(lead(), visitOf(early).key).why).toMatch(/comes first, as was said, after a wait of 2 days\./)
})

test('what would make work wait for itself is refused with the chain', () => {
  const [early, late] = ends()
  waits(early, [{ for: late }])
  expect(() => waits(late, [{ for: early }])).toThrow(
    /^These would wait for each other: .+, then .+\. Take one of the waits away first, or split one of them\.$/,
  )
})
