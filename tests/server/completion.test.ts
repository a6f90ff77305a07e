import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { completionView, handOverView } from '../../src/server/views/completion'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const MILLRACE = siteIdOf('millrace')
const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

describe('what is left', () => {
  test('is told by place, and a small thing that is written down on the walk is among it', () => {
    const places = completionView(as(firm, 'lead'), BAKEHOUSE).open
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    recordFacts(as(firm, 'lead'), BAKEHOUSE, {
      facts: [
        {
          subject: 'entry',
          subjectId: uuid(),
          facet: 'written',
          placeId: kitchen,
          value: { kind: 'defect', values: { what: 'chip in the sill', sort: 'mend', who: 'us', by: '2026-03-20' } },
        },
      ],
    })
    const after = completionView(as(firm, 'lead'), BAKEHOUSE)
    const count = (all: typeof places) => all.find(({ placeId }) => placeId === kitchen)?.open.length ?? 0
    expect(count(after.open)).toBe(count(places) + 1)
    expect(after.lead).toContain('small things to put right (1)')
    expect(after.ready).toBe(false)
  })
  test('questions stand with who answers, by when, and the visit that they hold, the nearest first', () => {
    const { questions } = completionView(as(firm, 'lead'), BAKEHOUSE)
    expect(questions.length).toBeGreaterThan(0)
    expect(questions.map(({ first }) => first)).toEqual([...questions.map(({ first }) => first)].sort())
    expect(questions.some(({ holds }) => holds !== null && /, \d+ \w+$/.test(holds))).toBe(true)
    expect(questions.every(({ asked }) => asked.length > 1)).toBe(true)
  })
})

describe('the pack', () => {
  test.each([BAKEHOUSE, MILLRACE])('tells what was built, and neither money nor private remarks (%s)', (site) => {
    const text = JSON.stringify(handOverView(as(firm, 'lead'), site))
    expect(JSON.parse(text).pack.built.length).toBeGreaterThan(0)
    for (const secret of ['Quillwort', '1379', '137953']) expect(text).not.toContain(secret)
  })
  test('is for the lead to hand over', () => {
    expect(() => handOverView(as(firm, 'crew'), BAKEHOUSE)).toThrow('Only a lead')
    expect(() => completionView(as(firm, 'crew'), BAKEHOUSE)).toThrow('Only a lead')
  })
})
