import { describe, expect, test } from 'vitest'
import { readPins, readPlan } from '../../src/data/plans'
import { readSites } from '../../src/data/sites'
import type { FirmFolder } from '../../src/server/firmFolder'
import { changePlan, previewChange, undoLastPlan } from '../../src/server/plan/changePlan'
import { whatIfQuestion } from '../../src/server/plan/whatIfQuestion'
import { planView } from '../../src/server/views/plan'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const lead = () => as(firm, 'lead')
const visits = () => readPlan(firm.db)!.plan.visits.filter(({ siteId }) => siteId === SITE)
const lines = () => stateAt(firm, SITE).lines
const ofKey = (key: string) => visits().find((visit) => visit.key === key)!
/** A visit that nobody agreed to, late enough to have room. */
const later = (fits: (visit: ReturnType<typeof visits>[number]) => boolean) =>
  [...visits()].filter((visit) => fits(visit)).sort((a, b) => (a.startDay < b.startDay ? 1 : -1))[0]!

describe('a visit is held', () => {
  test('its work is held with the reason, the plan follows, and undo lets go of both', async () => {
    const { key, startDay, lineIds } = later(({ trade }) => trade === 'painter')
    const hold = { kind: 'hold', visitKey: key, reason: 'the colour is not chosen', until: '2026-07-01' }
    const preview = await previewChange(lead(), hold)
    expect(preview.lead).toMatch(/would be Wed 1 Jul/)
    expect(ofKey(key).startDay).toBe(startDay)
    expect((await changePlan(lead(), hold)).lead).toBe(preview.lead)
    expect(ofKey(key)).toMatchObject({ startDay: '2026-07-01' })
    expect(ofKey(key).why).toContain('is held: the colour is not chosen')
    expect(
      lines()
        .filter(({ id }) => lineIds.includes(id))
        .every(({ held }) => held !== null),
    ).toBe(true)
    expect(undoLastPlan(lead())).toEqual({ undone: 'A visit was held' })
    expect(ofKey(key).startDay).toBe(startDay)
    expect(
      lines()
        .filter(({ id }) => lineIds.includes(id))
        .every(({ held }) => held === null),
    ).toBe(true)
  })
  test('a reason is needed', async () => {
    await expect(previewChange(lead(), { kind: 'hold', visitKey: visits()[0]!.key, reason: ' ' })).rejects.toThrow(
      'Reason: type something.',
    )
  })
})

describe('a visit is split', () => {
  test('some of its lines come later, after the others, and undo makes it one again', async () => {
    const whole = later(({ lineIds, trade, crewId }) => lineIds.length >= 2 && trade !== 'inspector' && crewId !== null)
    const lineIds = whole.lineIds.slice(1)
    const { lead: words } = await changePlan(lead(), { kind: 'split', visitKey: whole.key, lineIds })
    expect(words).toContain('Then they come again')
    expect(ofKey(whole.key).lineIds).toEqual(whole.lineIds.slice(0, 1))
    const second = visits().find((visit) => visit.lineIds.includes(lineIds[0]!))!
    expect([...second.lineIds].sort()).toEqual([...lineIds].sort())
    undoLastPlan(lead())
    expect(ofKey(whole.key).lineIds).toEqual(whole.lineIds)
    expect(lines().every(({ coming }) => coming === 1)).toBe(true)
  })
  test('one line is split by its hours; the second part starts when the first is done', async () => {
    const whole = later(({ lineIds, trade, hours }) => lineIds.length === 1 && trade !== 'inspector' && hours >= 6)
    await changePlan(lead(), { kind: 'split', visitKey: whole.key, hours: 2 })
    const [line] = lines().filter(({ id }) => id === whole.lineIds[0])
    const part = lines().find(({ title }) => title === `${line!.title}, second part`)!
    expect(line!.hours + part.hours).toBeCloseTo(whole.hours)
    const [first, second] = [line!, part].map(({ id }) => visits().find(({ lineIds }) => lineIds.includes(id))!)
    expect(`${second!.startDay}${second!.startHalf}` > `${first!.endDay}${first!.endHalf}`).toBe(true)
    undoLastPlan(lead())
    expect(lines().find(({ title }) => title === part.title)).toBeUndefined()
    expect(ofKey(whole.key).hours).toBe(whole.hours)
  })
  test('nothing or all of it cannot come later, nor more hours than it takes', async () => {
    const whole = later(({ lineIds }) => lineIds.length >= 2)
    const split = (part: object) => previewChange(lead(), { kind: 'split', visitKey: whole.key, ...part })
    await expect(split({ lineIds: [] })).rejects.toThrow('Later: choose some of its work')
    await expect(split({ lineIds: whole.lineIds })).rejects.toThrow('Later: choose some of its work')
    await expect(split({ hours: 1 })).rejects.toThrow('Hours: it has several lines of work.')
    const single = later(({ lineIds }) => lineIds.length === 1)
    await expect(
      previewChange(lead(), { kind: 'split', visitKey: single.key, hours: single.hours + 1 }),
    ).rejects.toThrow('Hours: fewer than')
  })
})

describe('two visits are swapped', () => {
  test('each starts when the other did, as far as the order of work allows, and both are set by hand', async () => {
    const [one, other] = [...visits()]
      .filter(({ trade, startDay }) => trade === 'painter' && startDay > '2026-03-16')
      .sort((a, b) => (a.startDay < b.startDay ? 1 : -1))
    const told = await changePlan(lead(), { kind: 'swap', visitKey: one!.key, withKey: other!.key })
    const pins = readPins(firm.db)
    expect(pins).toContainEqual({ visitKey: one!.key, day: other!.startDay, half: other!.startHalf })
    expect(pins).toContainEqual({ visitKey: other!.key, day: one!.startDay, half: one!.startHalf })
    if (told.stands) expect(ofKey(other!.key).startDay).toBe(one!.startDay)
    undoLastPlan(lead())
    expect(ofKey(one!.key).startDay).toBe(one!.startDay)
    expect(readPins(firm.db)).not.toContainEqual(expect.objectContaining({ visitKey: one!.key }))
  })
})

describe('a visit is added', () => {
  test('its work is laid down, a visit does it where it fits, and undo takes both away', async () => {
    const add = {
      kind: 'add',
      siteId: SITE,
      placeId: placeIdOf('bakehouse', 'kitchen'),
      stage: 'return-list',
      trade: 'carpenter',
      title: 'Ease the larder door',
      hours: 3,
    }
    const before = visits().length
    expect((await previewChange(lead(), add)).lead).toMatch(/^Return list, Kitchen, Bakehouse Lane would be /)
    expect(visits()).toHaveLength(before)
    await changePlan(lead(), add)
    expect(lines().find(({ title }) => title === add.title)).toMatchObject({ hours: 3, stage: 'return-list' })
    expect(undoLastPlan(lead())).toEqual({ undone: 'A visit was added' })
    expect(lines().find(({ title }) => title === add.title)).toBeUndefined()
  })
  test.each([
    [{ title: ' ' }, 'What: say it in a few words.'],
    [{ hours: 0 }, 'Hours: more than 0.'],
    [{ trade: 'wizard' }, 'Trade: choose one of the list.'],
  ])('%j is refused', async (part, message) => {
    const good = {
      kind: 'add',
      siteId: SITE,
      placeId: placeIdOf('bakehouse', 'kitchen'),
      stage: 'trim',
      trade: 'carpenter',
      title: 'x',
      hours: 1,
    }
    await expect(previewChange(lead(), { ...good, ...part })).rejects.toThrow(message)
  })
  test('crew may not change the plan', async () => {
    await expect(
      previewChange(as(firm, 'crew'), { kind: 'hold', visitKey: visits()[0]!.key, reason: 'x' }),
    ).rejects.toThrow('Only a lead or the owner')
  })
})

test('what is recorded while a change is planned leaves the plan out of date', async () => {
  const { key } = later(({ trade }) => trade === 'painter')
  const changing = changePlan(lead(), { kind: 'hold', visitKey: key, reason: 'a sample' })
  const [line] = lines()
  recordFacts(lead(), SITE, {
    facts: [{ subject: 'line', subjectId: line!.id, facet: 'title', placeId: line!.placeId, value: 'Another name' }],
  })
  await changing
  expect(planView(lead(), SITE).stale).toEqual(['Bakehouse Lane'])
  await changePlan(lead(), { kind: 'hold', visitKey: key, reason: 'a sample' })
  expect(planView(lead(), SITE).stale).toEqual([])
})

describe('what the browser is given to try moves', () => {
  test('is the plan as it stands, without a word about the work, and nothing for crew', () => {
    const question = whatIfQuestion(lead())
    const told = JSON.stringify(question)
    expect(question.keys).toHaveLength(readPlan(firm.db)!.plan.visits.length)
    for (const { name } of readSites(firm.db)) expect(told).not.toContain(name)
    for (const { title } of lines()) expect(told).not.toContain(title)
    expect(() => whatIfQuestion(as(firm, 'crew'))).toThrow('Only a lead or the owner')
  })
})
