import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { roomSheetView } from '../../src/server/views/roomSheet'
import { scopeView } from '../../src/server/views/scope'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { simulatedWeather } from '../../src/devices/weather/simulatedWeather'
import { GROUNDS, SKIES } from '../../src/core/walk/siteConditions'
import { addDays, type Day } from '../../src/core/calendar/day'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as, TODAY } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const scope = (since?: string) => scopeView(as(firm, 'owner'), BAKEHOUSE, since)
const record = (...facts: object[]) => recordFacts(as(firm, 'owner'), BAKEHOUSE, { facts })
const START = {
  kind: 'progress',
  day: TODAY,
  by: 'Ottilie Brackwater',
  with: 'Joss Tenonby',
  phase: '2',
  conditions: { sky: 'rain', low: 3, high: 8, ground: 'soaked' },
}
const startWalk = (value: object) => {
  const walkId = uuid()
  return {
    walkId,
    receipt: receiveObservations(as(firm, 'owner'), BAKEHOUSE, {
      observations: [
        {
          id: uuid(),
          walkId,
          placeId: null,
          subject: 'walk',
          subjectId: walkId,
          facet: 'started',
          value,
          seenAt: `${TODAY}T07:00:00.000Z`,
        },
      ],
    }),
  }
}

describe('a visit', () => {
  test('is prefilled with the working day, the week and the weather of the simulated station', () => {
    const snapshot = walkSnapshot(as(firm, 'crew'), BAKEHOUSE)
    expect(snapshot.workDay.day).toBeGreaterThan(10)
    expect(snapshot.workDay.week).toBe(Math.ceil((snapshot.workDay.day + 1) / 5))
    expect(snapshot.weather).toMatchObject({ simulated: true })
    expect(walkSnapshot(as(firm, 'owner'), siteIdOf('tollgate')).workDay).toEqual({ day: 0, week: 0 })
  })
  test('keeps who walked, with whom, in which phase and what the day was like; it is read again at the desk', () => {
    const { walkId, receipt } = startWalk(START)
    expect(receipt.refused).toEqual([])
    expect(scope(walkId).since).toMatchObject({
      title: 'Since the walk of Tuesday 10 March',
      conditions: 'rain, 3 to 8 °C, ground soaked',
    })
    expect(scope().walks[0]!.title).toBe('Progress walk of Tuesday 10 March by Ottilie Brackwater')
  })
  test.each([
    [{ kind: 'stroll' }, 'Kind: choose one of the list.'],
    [{ by: '' }, 'Who: type something.'],
    [{ conditions: { ...START.conditions, sky: 'purple' } }, 'Sky: choose one of the list.'],
    [{ conditions: { ...START.conditions, low: 2.5 } }, 'Coldest: whole degrees, from -60 to 60.'],
  ])('what cannot be is refused: %j', (part, message) => {
    expect(startWalk({ ...START, ...part }).receipt.refused[0]!.message).toContain(message)
  })
  test('what changed can be read since any earlier walk: the further back, the more', () => {
    const { walks } = scope()
    expect(walks.length).toBeGreaterThanOrEqual(3)
    const counts = walks.map((walk) => scope(walk.id).since!.changes.length)
    expect([...counts].sort((a, b) => a - b)).toEqual(counts)
    expect(counts.at(-1)).toBeGreaterThan(counts[0]!)
    expect(scope(walks.at(-1)!.id).since!.changes.some((change) => change.tradeName === 'Electrician')).toBe(true)
  })
})

test('the weather of a day is the same whenever it is asked for, and always possible', () => {
  for (let i = 0; i < 400; i++) {
    const day = addDays('2026-01-01' as Day, i)
    const told = simulatedWeather().conditionsOn(day)
    expect(told).toEqual(simulatedWeather().conditionsOn(day))
    expect(SKIES).toContain(told.sky)
    expect(GROUNDS).toContain(told.ground)
    expect(told.low).toBeLessThan(told.high)
  }
})

describe('what a place’s record tells', () => {
  const finding = (details: object) => ({
    subject: 'finding',
    subjectId: uuid(),
    facet: 'found',
    placeId: BATH,
    value: { text: 'rot under the tub', condition: 'rot', certain: true, details },
  })
  test('how bad, how far, why, and where exactly something found is', () => {
    record(
      finding({ severity: 'serious', extent: 'two joists', cause: 'old leak', active: 'no', side: 'left, as seen' }),
    )
    expect(scope().open.findings.find((one) => one.text === 'rot under the tub')!.details).toBe(
      'How bad: serious. How far it goes: two joists. Likely cause: old leak. Is the cause still at work: no. On which side: left, as seen',
    )
    expect(() => record(finding({ severity: 'horrid' }))).toThrow('How bad: choose one of the list.')
  })
  test('how something stays: how many, where it is kept, what for', () => {
    record({
      subject: 'keep',
      subjectId: uuid(),
      facet: 'kept',
      placeId: BATH,
      value: {
        text: 'Old tiles',
        details: { sort: 'is salvaged', count: 40, stored: 'yard shed', next: 'the hearth' },
      },
    })
    expect(scope().open.keeps.find((one) => one.text === 'Old tiles')!.details).toBe(
      'How it stays: is salvaged. How many: 40. Where it is kept: yard shed. What it will be used for: the hearth',
    )
  })
  test('what was decided, by whom, and what was accepted with it', () => {
    const at = { subject: 'decision', subjectId: uuid(), placeId: BATH }
    record(
      { ...at, facet: 'asked', value: { question: 'A dresser or none?', owner: 'client' } },
      { ...at, facet: 'answered', value: 'None' },
      { ...at, facet: 'reasons', value: { answer: 'None', why: 'the window wins', rejected: 'a shallow one' } },
    )
    expect(scope().open.decided.find((one) => one.text === 'A dresser or none? None')!.why).toBe(
      'Why: the window wins. What was not chosen: a shallow one',
    )
  })
  test('what is left out says why, until when, and on the room’s sheet too', async () => {
    const line = scope()
      .rows.find((row) => row.placeId === BATH)!
      .cells.flatMap((cell) => cell.lines)
      .find((one) => one.progress === 0)!
    const fact = { subject: 'line', subjectId: line.id, facet: 'excluded', placeId: BATH }
    record({ ...fact, value: { reason: 'not in the price', until: 'phase 2' } })
    const [change] = scope().since!.changes.filter((one) => one.text.endsWith('is out of the scope'))
    expect(change!.detail).toBe('not in the price, until phase 2')
    expect((await roomSheetView(as(firm, 'crew'), BAKEHOUSE, BATH)).sheet.out).toContain(
      `${line.title}: not in the price, until phase 2`,
    )
    expect(() => record({ ...fact, value: { reason: '' } })).toThrow('Reason: type something.')
  })
  test('how each level stands, in one line beside its name', () => {
    const entry = (status: string) => ({
      subject: 'entry',
      subjectId: uuid(),
      facet: 'written',
      placeId: BATH,
      value: { kind: 'level-status', values: { status } },
    })
    record(entry('waiting for glass'))
    const rows = scope().rows.filter((row) => row.levelStatus !== null)
    expect(new Set(rows.map((row) => row.level))).toEqual(new Set(['First floor']))
    expect(rows[0]!.levelStatus).toBe('waiting for glass')
  })
  test('a size that was told in two ways is asked about, and answered once', () => {
    record({
      subject: 'place',
      subjectId: BATH,
      facet: 'measured',
      placeId: BATH,
      value: {
        typed: '3 x 2.1',
        sides: [
          { tenths: 30000, precision: 'exact', typed: '3' },
          { tenths: 21000, precision: 'exact', typed: '2.1' },
        ],
      },
    })
    const asked = scope().contradictions.find((one) => one.placeId === BATH)!
    expect(asked.sides[0]).toContain('2.6 × 2.1 × 2.45 m')
    expect(scope().rows.find((row) => row.placeId === BATH)!.size).toContain('3 × 2.1')
    record({
      subject: 'entry',
      subjectId: asked.id,
      facet: 'written',
      placeId: BATH,
      value: { kind: 'answer', values: { question: asked.question, answer: asked.sides[1] } },
    })
    expect(scope().contradictions.find((one) => one.placeId === BATH)).toBeUndefined()
  })
})
