import { describe, expect, test } from 'vitest'
import {
  crewsFor,
  EVERY_TRADE,
  laid,
  planInput,
  seen,
  siteToPlan,
  stateOf,
  type ExamplePlace,
} from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import type { Stage } from '../scope/vocabulary'
import type { Observation } from '../walk/observation'
import { checkSchedule } from './checkSchedule'
import { neededOn } from './neededOn'
import { planOf, type Plan, type PlannedVisit } from './plan'
import { planDiff, shiftWords, visitDays } from './planDiff'
import { problemOf, type ProblemInput } from './problem'
import { solve } from './solve'
import { visitsOf } from './visits'

const ROOM: ExamplePlace = { id: 'room', treatments: ['room-board-finishes'] }
const BATH: ExamplePlace = { id: 'bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }
const OPTIONS = { rounds: 10, seed: 1 }

const plan = (observations: readonly Observation[], part: Partial<ProblemInput> = {}): Plan =>
  planOf(problemOf(planInput(observations, part)), OPTIONS)
const visit = (of: Plan, place: string, stage: Stage): PlannedVisit =>
  of.visits.find((one) => one.placeIds.includes(place) && one.stages.includes(stage) && one.trade !== 'inspector')!
const slot = (of: PlannedVisit) => `${of.startDay}/${of.startHalf}`

describe('lines become visits', () => {
  test('a trade at a place and stage is one visit; board and tape are one coming', () => {
    const visits = visitsOf('site', stateOf(laid([ROOM])))
    expect(visits.map((one) => `${one.trade} ${one.stages.join('+')}`)).toEqual(
      expect.arrayContaining(['drywaller board+tape', 'inspector wires', 'painter paint']),
    )
  })
  test('small jobs of one level are done in one coming, and keep their key while being worked off', () => {
    const rooms = laid([
      { id: 'a', treatments: ['room-board-finishes'] },
      { id: 'b', treatments: ['room-board-finishes'] },
    ])
    const inspection = (observations: readonly Observation[]) =>
      visitsOf('site', stateOf(observations)).filter((one) => one.trade === 'inspector')
    expect(inspection(rooms).map((one) => one.placeIds)).toEqual([['a', 'b']])
    const passed = [
      ...rooms,
      seen({ subject: 'line', facet: 'progress', subjectId: 'a/room-board-finishes/4', placeId: 'a', value: 100 }),
    ]
    expect(inspection(passed).map((one) => [one.key, one.placeIds])).toEqual([[inspection(rooms)[0]!.key, ['b']]])
  })
  test('finished and excluded work needs no visit', () => {
    const done = laid([{ id: 'hall', treatments: ['room-paint-only'] }])
    const marks = [0, 1].map((i) =>
      seen({
        subject: 'line',
        facet: i === 0 ? 'progress' : 'excluded',
        subjectId: `hall/room-paint-only/${i}`,
        placeId: 'hall',
        value: i === 0 ? 100 : { reason: 'by others' },
      } as never),
    )
    expect(visitsOf('site', stateOf([...done, ...marks]))).toEqual([])
  })
})

describe('the plan of a site', () => {
  const base = laid([ROOM, BATH])
  const made = plan(base)

  test('passes the checker', () => {
    const problem = problemOf(planInput(base))
    expect(checkSchedule(problem.instance, solve(problem.instance, OPTIONS).schedule)).toEqual([])
  })
  test('nothing is covered before the inspector has passed it', () => {
    for (const place of ['room', 'bath']) {
      const inspection = made.visits.find((one) => one.trade === 'inspector' && one.placeIds.includes(place))!
      expect(slot(inspection) < slot(visit(made, place, 'insulation'))).toBe(true)
      expect(slot(visit(made, place, 'wires')) < slot(inspection)).toBe(true)
    }
  })
  test('each place keeps its order', () => {
    const order: Stage[] = [
      'strip-out',
      'framing',
      'wires',
      'insulation',
      'board',
      'paint',
      'flooring',
      'trim',
      'fixtures',
    ]
    const days = order.map((stage) => slot(visit(made, 'room', stage)))
    expect([...days].sort()).toEqual(days)
  })
  test('nobody works on a weekend, and no finish beats its floor', () => {
    expect(made.visits.filter((one) => [0, 6].includes(new Date(one.startDay).getUTCDay()))).toEqual([])
    expect(made.finish.site! >= made.floor.site!).toBe(true)
  })
  test('each visit says why it starts then', () => {
    const alone = plan(laid([ROOM]))
    expect(visit(alone, 'room', 'strip-out').why).toContain('protected before anything is torn out')
    expect(visit(alone, 'room', 'framing').boundBy).toBe(visit(alone, 'room', 'strip-out').key)
    for (const one of made.visits) expect(one.why).toMatch(/\.$/)
  })
})

describe('facts move the plan', () => {
  const base = laid([ROOM])
  const made = plan(base)
  const board = visit(made, 'room', 'board')

  test('progress shortens what is left', () => {
    const half = plan([
      ...base,
      seen({
        subject: 'line',
        facet: 'progress',
        subjectId: 'room/room-board-finishes/1',
        placeId: 'room',
        value: 100,
      }),
      seen({
        subject: 'line',
        facet: 'progress',
        subjectId: 'room/room-board-finishes/0',
        placeId: 'room',
        value: 100,
      }),
    ])
    expect(visit(half, 'room', 'framing').startDay < visit(made, 'room', 'framing').startDay).toBe(true)
    expect(half.finish.site! <= made.finish.site!).toBe(true)
  })
  test('a hold until a day keeps its visit until then and says so', () => {
    const held = plan([
      ...base,
      seen({
        subject: 'line',
        facet: 'held',
        subjectId: 'room/room-board-finishes/6',
        placeId: 'room',
        value: { reason: 'backing not in', until: '2026-05-04' as Day },
      }),
    ])
    expect(visit(held, 'room', 'board').startDay).toBe('2026-05-04')
    expect(visit(held, 'room', 'board').why).toBe('Hang board is held: backing not in.')
    expect(planDiff(made, held).moved.map(({ to }) => to.stages.join('+'))).toEqual(
      expect.arrayContaining(['board+tape', 'paint', 'flooring']),
    )
    expect(planDiff(made, held).moved.map(({ to }) => to.stages.join('+'))).not.toContain('framing')
  })
  test('goods that arrive late move their own visit', () => {
    const ordered = (arrives: string) => [
      ...base,
      seen({ subject: 'selection', facet: 'state', subjectId: 'room/Floor', placeId: 'room', value: 'ordered' }),
      seen({ subject: 'selection', facet: 'arrives', subjectId: 'room/Floor', placeId: 'room', value: arrives as Day }),
    ]
    const slipped = plan(ordered('2026-05-20'))
    expect(visit(slipped, 'room', 'flooring').startDay).toBe('2026-05-21')
    expect(visit(slipped, 'room', 'flooring').why).toBe('Floor for room can be on site on Wed 20 May.')
    expect(slot(visit(slipped, 'room', 'paint'))).toBe(slot(visit(plan(ordered('2026-03-12')), 'room', 'paint')))
    expect(neededOn(slipped, 'room', 'flooring')).toBe('2026-05-21')
  })
  test('an open question that a stage waits for holds it until its last day', () => {
    const asked = plan([
      ...base,
      seen({
        subject: 'decision',
        facet: 'asked',
        subjectId: 'd',
        placeId: 'room',
        value: { question: 'Which colour?', owner: 'client', by: '2026-05-04' as Day, blocks: 'paint' },
      }),
    ])
    expect(visit(asked, 'room', 'paint')).toMatchObject({
      startDay: '2026-05-04',
      why: 'Which colour? is not decided.',
    })
  })
  test('a permit that is not granted holds what it comes before until it is expected', () => {
    const permit = (values: object) => [
      ...base,
      seen({
        subject: 'entry',
        facet: 'written',
        subjectId: 'permit',
        placeId: null,
        value: { kind: 'permit', values: { what: 'The tile permit', before: 'flooring', ...values } },
      } as never),
    ]
    const waits = visit(plan(permit({ state: 'asked for', expected: '2026-06-01' })), 'room', 'flooring')
    expect(waits).toMatchObject({ startDay: '2026-06-01', why: 'The tile permit is not granted yet.' })
    const granted = visit(plan(permit({ state: 'granted', expected: '2026-06-01' })), 'room', 'flooring')
    expect(granted.startDay < '2026-06-01').toBe(true)
  })
  test('a confirmed visit stays where it was agreed', () => {
    const agreed = {
      visitKey: board.key,
      state: 'confirmed' as const,
      startDay: '2026-05-11' as Day,
      startHalf: 1 as const,
    }
    expect(slot(visit(plan(base, { bookings: [agreed] }), 'room', 'board'))).toBe('2026-05-11/1')
  })
  test('a decline frees the day and goes to the first free one', () => {
    const declined = {
      visitKey: board.key,
      state: 'declined' as const,
      startDay: board.startDay,
      startHalf: board.startHalf,
      freeFrom: '2026-04-27' as Day,
    }
    expect(visit(plan(base, { bookings: [declined] }), 'room', 'board')).toMatchObject({
      startDay: '2026-04-27',
      why: 'They declined Fri 13 Mar, free again from Mon 27 Apr.',
    })
  })
  test('a pin holds against the plan’s own wish, not against the order of work', () => {
    const pin = (day: string) => [{ visitKey: board.key, day: day as Day, half: 0 as const }]
    expect(visit(plan(base, { pins: pin('2026-05-12') }), 'room', 'board').startDay).toBe('2026-05-12')
    expect(visit(plan(base, { pins: pin('2026-03-10') }), 'room', 'board').startDay > '2026-03-10').toBe(true)
  })
  test('planned again with nothing new, nobody moves', () => {
    const before = made.visits.map((one) => ({ ...one, visitKey: one.key, day: one.startDay, half: one.startHalf }))
    expect(planDiff(made, plan(base, { before })).moved).toEqual([])
  })
  test('two sites share one crew and never have it twice at once', () => {
    const crews = crewsFor(...EVERY_TRADE)
    const both = planOf(
      problemOf({
        ...planInput(base),
        sites: ['one', 'two'].map((id) => siteToPlan(stateOf(base), { id, name: id })),
        crews,
      }),
      OPTIONS,
    )
    const painters = both.visits
      .filter((one) => one.trade === 'painter')
      .map((one) => [slot(one), `${one.endDay}/${one.endHalf}`] as const)
      .sort()
    expect(painters).toHaveLength(2)
    expect(painters[0]![1] < painters[1]![0]).toBe(true)
  })
  test('relations of a site that run in a circle are refused before anything is planned', () => {
    const site = siteToPlan(stateOf(base), { ownRelations: [{ before: 'paint', after: 'board', why: '' }] })
    expect(() => problemOf({ ...planInput(base), sites: [site] })).toThrow('run in a circle')
  })
})

test('days and shifts in words', () => {
  const at = (startDay: string, startHalf: 0 | 1, endDay: string, endHalf: 0 | 1) => ({
    startDay: startDay as Day,
    startHalf,
    endDay: endDay as Day,
    endHalf,
  })
  expect(visitDays(at('2026-03-19', 0, '2026-03-23', 1))).toBe('Thu 19 Mar to Mon 23 Mar')
  expect(visitDays(at('2026-03-19', 1, '2026-03-19', 1))).toBe('Thu 19 Mar, afternoon')
  expect(visitDays(at('2026-03-19', 0, '2026-03-19', 1))).toBe('Thu 19 Mar')
  expect(shiftWords(at('2026-03-19', 0, '2026-03-19', 1), at('2026-03-20', 0, '2026-03-20', 1))).toBe('1 day later')
  expect(shiftWords(at('2026-03-19', 1, '2026-03-19', 1), at('2026-03-19', 0, '2026-03-19', 0))).toBe(
    'half a day earlier',
  )
})
