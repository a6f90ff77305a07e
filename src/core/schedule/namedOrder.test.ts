import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, siteToPlan, stateOf, TODAY } from '../../../tests/fixtures/site'
import { addDays, daysBetween } from '../calendar/day'
import type { Line, Wait } from '../scope/line'
import type { Stage } from '../scope/vocabulary'
import type { Observation } from '../walk/observation'
import { planOf, type Plan } from './plan'
import { problemOf } from './problem'

const HOUSE = laid([
  { id: 'kitchen', name: 'Kitchen', treatments: ['kitchen-rebuilt'], size: '4 x 3 x 2.4' },
  { id: 'hall', name: 'Hall', treatments: ['room-board-finishes'], size: '4 x 2 x 2.4' },
])
const { lines } = stateOf(HOUSE)
const lineAt = (placeId: string, stage: Stage): string =>
  lines.find((line) => line.placeId === placeId && line.stage === stage && line.trade !== 'inspector')!.id
const waits = (lineId: string, ...value: Wait[]): Observation =>
  seen({ subject: 'line', facet: 'waits', subjectId: lineId, placeId: null, value } as never)
const planned = (...observations: readonly Observation[]): Plan =>
  planOf(problemOf(planInput([...HOUSE, ...observations])), { rounds: 10, seed: 1 })
const visitOf = (plan: Plan, lineId: string) => plan.visits.find(({ lineIds }) => lineIds.includes(lineId))!
const ends = ({ endDay, endHalf }: Plan['visits'][number]): string => `${endDay} ${endHalf}`
const starts = ({ startDay, startHalf }: Plan['visits'][number]): string => `${startDay} ${startHalf}`

const isDoneWith = (one: Line, other: Line): boolean =>
  one.trade === other.trade && one.stage === other.stage && one.action === other.action && one.trade !== 'inspector'

const FLOOR = lineAt('kitchen', 'flooring')
const HALL_BOARD = lineAt('hall', 'board')

describe('a line that waits for another by name', () => {
  test('comes after it, in another place too, and says so', () => {
    const plan = planned(waits(HALL_BOARD, { for: FLOOR }))
    const [first, then] = [visitOf(plan, FLOOR), visitOf(plan, HALL_BOARD)]
    expect(ends(first) < starts(then)).toBe(true)
    expect(then.why).toMatch(/^Kitchen: .* comes first, as was said\.$/)
    expect(plan.unkept).toEqual([])
  })
  test('with days between, at least and at most', () => {
    const plan = planned(waits(HALL_BOARD, { for: FLOOR, leastDays: 5, mostDays: 8, why: 'the dust settles' }))
    const between = daysBetween(visitOf(plan, FLOOR).endDay, visitOf(plan, HALL_BOARD).startDay)
    expect(between).toBeGreaterThanOrEqual(5)
    expect(between).toBeLessThanOrEqual(9)
    expect(visitOf(plan, HALL_BOARD).why).toContain('comes first, the dust settles, after a wait of 5 days')
  })
  test('holds nothing of its neighbours: what waits for nothing goes on by itself', () => {
    const [stays, held] = lines.flatMap((one) =>
      lines.flatMap((other) =>
        one.id < other.id && one.placeId === 'kitchen' && other.placeId === 'kitchen' && isDoneWith(one, other)
          ? [[one.id, other.id] as const]
          : [],
      ),
    )[0]!
    const free = visitOf(planned(), stays)
    expect(free.lineIds).toContain(held)
    const plan = planned(waits(held, { for: HALL_BOARD, leastDays: 30 }))
    expect(visitOf(plan, stays).key).toBe(free.key)
    expect(visitOf(plan, held).key).not.toBe(free.key)
    expect(starts(visitOf(plan, stays)) < starts(visitOf(plan, held))).toBe(true)
  })
  test('is before what usually comes first where that was said, and the usual order gives way', () => {
    const [tiles, boards] = [lineAt('kitchen', 'flooring'), lineAt('kitchen', 'paint')]
    const usual = planned()
    expect(starts(visitOf(usual, boards)) < starts(visitOf(usual, tiles))).toBe(true)
    const turned = planned(waits(boards, { for: tiles }))
    expect(ends(visitOf(turned, tiles)) < starts(visitOf(turned, boards))).toBe(true)
    expect(turned.unkept).toEqual([])
  })
  test('that would make both wait for each other is not kept: the plan stands, and tells the circle', () => {
    const plan = planned(waits(HALL_BOARD, { for: FLOOR }), waits(FLOOR, { for: HALL_BOARD }))
    expect(plan.unkept).toHaveLength(1)
    expect(plan.unkept[0]!.words).toMatch(/would wait for each other: .*Kitchen.*, then .*Hall.*Take it back, or split/)
  })
  test('waits for work on another site too', () => {
    const other = laid([{ id: 'barn', name: 'Barn', treatments: ['room-paint-only'], size: '4 x 3 x 2.4' }])
    const state = stateOf(other)
    const barn = state.lines[0]!.id
    const base = planInput([...HOUSE, waits(HALL_BOARD, { for: barn, leastDays: 2 })])
    const input = { ...base, sites: [...base.sites, siteToPlan(state, { id: 'other', name: 'Other House' })] }
    const plan = planOf(problemOf(input), { rounds: 5, seed: 1 })
    expect(daysBetween(visitOf(plan, barn).endDay, visitOf(plan, HALL_BOARD).startDay)).toBeGreaterThanOrEqual(2)
  })
})

describe('a line that waits for an entry of the record', () => {
  const entry = (part: object = {}) =>
    seen({
      subject: 'entry',
      facet: 'written',
      subjectId: 'posts',
      placeId: 'hall',
      value: { kind: 'promise', values: { what: 'the engineer has seen the posts', ...part } },
    } as never)
  const settled = seen({
    subject: 'entry',
    facet: 'settled',
    subjectId: 'posts',
    placeId: 'hall',
    value: { result: 'seen' },
  } as never)
  test('is held until it is closed, from the day that was told for it, and is free when it is', () => {
    const wait = waits(HALL_BOARD, { for: 'posts' })
    const by = addDays(TODAY, 60)
    const held = visitOf(planned(entry({ by }), wait), HALL_BOARD)
    expect(held.startDay > by).toBe(true)
    expect(held.why).toMatch(/waits for this: the engineer has seen the posts\.$/)
    expect(visitOf(planned(entry({ by }), wait, settled), HALL_BOARD).startDay < by).toBe(true)
  })
})

describe('a temporary wall', () => {
  const wall = (settled = false): Observation[] => [
    seen({
      subject: 'entry',
      facet: 'written',
      subjectId: 'wall',
      placeId: 'hall',
      value: { kind: 'shoring', values: { what: 'temporary wall at B1', after: 'the engineer has seen the jacks' } },
    } as never),
    ...(settled
      ? [
          seen({
            subject: 'entry',
            facet: 'settled',
            subjectId: 'wall',
            placeId: 'hall',
            value: { result: 'the engineer' },
          } as never),
        ]
      : []),
  ]
  test('holds everybody else in its place until it is gone, and says what frees it', () => {
    const whys = (plan: Plan): string[] =>
      plan.visits.filter(({ placeIds }) => placeIds.includes('hall')).map(({ why }) => why)
    expect(whys(planned(...wall()))).toContain(
      'This is still in the way: temporary wall at B1; it goes only after the engineer has seen the jacks.',
    )
    const kitchen = planned(...wall()).visits.filter(({ placeIds }) => placeIds.every((id) => id === 'kitchen'))
    expect(kitchen.some(({ why }) => why.includes('in the way'))).toBe(false)
    expect(whys(planned(...wall(true))).join()).not.toContain('in the way')
  })
})
