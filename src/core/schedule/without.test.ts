import { describe, expect, test } from 'vitest'
import { BY_KEY, laid, planInput, seen } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import type { Observation } from '../walk/observation'
import { planOf, type Plan } from './plan'
import { problemOf, type ProblemInput } from './problem'
import { alarmsOf } from './alarms'
import { daysWithout, withoutWords } from './without'

const HOUSE = laid([
  { id: 'kitchen', treatments: ['kitchen-rebuilt'], size: '5 x 4 x 2.4' },
  { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
])
const without = (most: number, takes = 'Strip out'): Observation =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: 'sink',
    placeId: 'kitchen',
    value: { kind: 'without', values: { what: 'Kitchen sink', most, takes, brings: 'Fixtures' } },
  } as never)
/** Goods that come late, so that what takes the sink away could wait. */
const lateTops = seen({
  subject: 'selection',
  facet: 'lead',
  subjectId: 'kitchen/Countertop',
  placeId: 'kitchen',
  value: [60, 60, 60],
} as never)
const planned = (observations: readonly Observation[], part: Partial<ProblemInput> = {}): Plan =>
  planOf(problemOf(planInput([...HOUSE, ...observations], part)), { rounds: 20, seed: 1 })
const startOf = (plan: Plan, stage: string): Day =>
  plan.visits.find(({ stages, placeIds }) => stages.includes(stage as never) && placeIds.includes('kitchen'))!.startDay

describe('days without a service, as promised', () => {
  test('what takes it away waits for what brings it back, and the end stays', () => {
    const free = planned([lateTops, without(365)])
    const most = daysWithout(free.without[0]!) - 14
    const kept = planned([lateTops, without(most)])
    expect(kept.finish).toEqual(free.finish)
    expect(daysWithout(kept.without[0]!)).toBeLessThanOrEqual(most)
    expect(startOf(kept, 'strip-out') > startOf(free, 'strip-out')).toBe(true)
  })
  test('where the work between takes longer it says so, with what brings it back and what to do', () => {
    const { without: told } = planned([without(3)])
    expect(daysWithout(told[0]!)).toBeGreaterThan(3)
    const [alarm] = alarmsOf(planned([without(3)]), { ...BY_KEY, visit: () => 'Fixtures' })
    expect(alarm!.words).toMatch(
      /^Kitchen sink: off from .* days, and 3 were promised\. It comes back with Fixtures\. .+\. Find something that serves meanwhile, or talk\.$/,
    )
  })
  test('one that holds tells its days', () => {
    const { without: told } = planned([without(365)])
    expect(withoutWords(told[0]!)).toMatch(/ days, of the 365 that were promised\.$/)
  })
  test('nothing is promised where nothing brings it back any more', () => {
    expect(planned([]).without).toEqual([])
  })
})
