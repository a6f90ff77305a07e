import { describe, expect, test } from 'vitest'
import { readSite } from '../../src/data/sites'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { extraDays } from '../../src/server/plan/extraDays'
import { planFirm } from '../../src/server/plan/planFirm'
import { siteState } from '../../src/server/siteStates'
import { siteShareView } from '../../src/server/views/share'
import { todayView } from '../../src/server/views/today'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lines = () => siteState(firm.db, readSite(firm.db, BAKEHOUSE)!).lines
const outlets = () => lines().find((line) => line.title === 'Extra outlets at the island')!
const answer = (value: unknown) =>
  recordFacts(as(firm, 'owner'), BAKEHOUSE, {
    facts: [{ subject: 'line', subjectId: outlets().id, facet: 'approval', placeId: outlets().placeId, value }],
  })

describe('an extra', () => {
  test('waits for an answer, is approved with a name, and is summed', () => {
    const before = siteShareView(as(firm, 'owner'), BAKEHOUSE).extras
    expect(before.list.find((one) => one.id === outlets().id)!.words).toBe('waits for an answer')
    answer({ answer: 'approved', by: 'the client', on: '2026-03-10' })
    const after = siteShareView(as(firm, 'owner'), BAKEHOUSE).extras
    expect(after.list.find((one) => one.id === outlets().id)!.words).toBe('approved by the client, 10 Mar')
    expect(after.approved - before.approved).toBe(137_953)
    expect(before.waiting - after.waiting).toBe(137_953)
  })
  test('that is declined leaves the scope and the plan', async () => {
    answer({ answer: 'declined', by: 'the client', on: '2026-03-10' })
    expect(outlets().excluded).toEqual({ reason: 'declined by the client, 10 Mar' })
    const plan = await planFirm(as(firm, 'owner'), 'declined')
    expect(plan.visits.some((visit) => visit.lineIds.includes(outlets().id))).toBe(false)
  })
  test('tells what it does to the dates by planning with it and without it', async () => {
    const { words } = await extraDays(as(firm, 'owner'), BAKEHOUSE, outlets().id)
    expect(words).toMatch(/^(The finish stays|It costs \d+ working days? at the end)/)
    await expect(extraDays(as(firm, 'owner'), BAKEHOUSE, 'nothing')).rejects.toThrow('not on the site any more')
    await expect(extraDays(as(firm, 'crew'), BAKEHOUSE, outlets().id)).rejects.toThrow('Only a lead')
  })
  test('costs more when more of it turns out to be needed, until it is approved', () => {
    const { id, placeId, price } = outlets()
    const tell = (facet: string, value: unknown): unknown =>
      recordFacts(as(firm, 'owner'), BAKEHOUSE, {
        facts: [{ subject: 'line', subjectId: id, facet, placeId, value }],
      })
    tell('pricedFor', 1)
    tell('quantity', 2)
    expect(outlets().price).toBe(price! * 2)
    answer({ answer: 'approved', by: 'the client', on: '2026-03-10' })
    expect(outlets().price).toBe(price)
    expect(() => tell('pricedFor', -1)).toThrow()
  })
  test('a made-up answer, or one without a name, is refused', () => {
    expect(() => answer({ answer: 'perhaps', by: 'the client', on: '2026-03-10' })).toThrow('approved or declined')
    expect(() => answer({ answer: 'approved', by: '', on: '2026-03-10' })).toThrow('Who said so')
  })
  test('that nobody approved while its visit is near stands on Today, with money only for who sees it', () => {
    const text = (role: 'owner' | 'crew') => JSON.stringify(todayView(as(firm, role)))
    expect(text('owner')).toContain('an extra that nobody approved yet')
    expect(text('crew')).not.toContain('an extra that nobody approved yet')
    answer({ answer: 'approved', by: 'the client', on: '2026-03-10' })
    expect(text('owner')).not.toContain('an extra that nobody approved yet')
  })
})

test('what one site taught is on every phone for a scope walk, without what it cost', () => {
  const { lessons } = walkSnapshot(as(firm, 'owner'), siteIdOf('tollgate'))
  expect(lessons).toContain('Tap every hearth: a second one may lie under it (nobody lifted a board at the chimney)')
  expect(JSON.stringify(lessons)).not.toContain('310')
})
