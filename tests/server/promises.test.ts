import { expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { planView } from '../../src/server/views/plan'
import { todayView } from '../../src/server/views/today'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const lead = () => as(firm, 'lead')

test('what was promised by word and is late stands on Today and above the plan, with its likely and its safe day', async () => {
  const value = { kind: 'promise', values: { what: 'All done', to: 'the bank', by: '2026-03-20' } }
  recordFacts(lead(), SITE, {
    facts: [{ subject: 'entry', subjectId: uuid(), facet: 'written', placeId: null, value }],
  })
  await planFirm(lead(), 'Planned again')
  const late = /^“All done”, told to the bank, is promised for 20 Mar and (ends|cannot be kept).*/
  expect(planView(lead(), SITE).alarms.filter(({ words }) => late.test(words))).toHaveLength(1)
  const need = todayView(lead()).needs.find(({ text }) => late.test(text))!
  expect(need).toMatchObject({ note: 'promised', when: 'Fri 20 Mar', action: 'Open the plan' })
})
