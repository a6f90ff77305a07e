import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { earliestFinishes, siteFloors } from './bounds'
import { checkSchedule } from './checkSchedule'
import { isBetter } from './goals'
import type { Activity, Instance } from './instance'
import { networkOf } from './network'
import { Scheduler } from './scheduler'
import { solve } from './solve'

const always = (horizon: number) => new Uint8Array(horizon).fill(1)
const activity = (duration: number, part: Partial<Activity> = {}, demands = [{ resource: 0, units: 1 }]): Activity => ({
  modes: [{ duration, demands }],
  calendar: 0,
  release: 0,
  ...part,
})
const instance = (activities: readonly Activity[], part: Partial<Instance> = {}): Instance => ({
  horizon: 400,
  calendars: [always(400)],
  resources: [{ capacity: 1 }],
  activities,
  precedences: [],
  ...part,
})
const lastOf = (of: Instance, finish: Int32Array, site: number): number =>
  Math.max(...of.activities.map((one, i) => ((one.site ?? 0) === site ? finish[i]! : 0)))
const starts = (of: Instance, rounds = 20) => [...solve(of, { rounds, seed: 1 }).schedule.start]

/** Any firm: calendars with holes, shared crews, releases, waits, agreed starts. */
const anyInstance = fc
  .record({
    activities: fc.array(
      fc.record({
        duration: fc.integer({ min: 0, max: 5 }),
        release: fc.integer({ min: 0, max: 12 }),
        calendar: fc.integer({ min: 0, max: 1 }),
        resource: fc.integer({ min: 0, max: 2 }),
        units: fc.integer({ min: 1, max: 2 }),
        site: fc.integer({ min: 0, max: 1 }),
        starts: fc.option(fc.constant(2), { nil: undefined }),
        fixed: fc.option(fc.integer({ min: 0, max: 40 }), { nil: undefined }),
      }),
      { minLength: 1, maxLength: 14 },
    ),
    pairs: fc.array(fc.record({ a: fc.nat(13), b: fc.nat(13), lag: fc.integer({ min: 0, max: 6 }) }), {
      maxLength: 16,
    }),
    holes: fc.array(fc.integer({ min: 0, max: 6 }), { maxLength: 3 }),
  })
  .map(({ activities, pairs, holes }): Instance => {
    const open = always(2000)
    const mornings = open.map((_, slot) => (slot % 2 === 0 ? 1 : 0))
    for (let slot = 0; slot < open.length; slot++) if (holes.includes(slot % 7)) open[slot] = 0
    const count = activities.length
    return {
      horizon: 2000,
      calendars: [always(2000), open, mornings],
      resources: [{ capacity: 2 }, { capacity: 2 }, { capacity: 3 }],
      activities: activities.map(({ duration, resource, units, fixed, starts, ...part }) =>
        activity(
          duration,
          { ...part, ...(fixed === undefined ? {} : { fixed }), ...(starts === undefined ? {} : { starts }) },
          [{ resource, units }],
        ),
      ),
      precedences: pairs.filter(({ a, b }) => a < b && b < count).map(({ a, b, lag }) => ({ from: a, to: b, lag })),
    }
  })

describe('the solver', () => {
  test('every answer holds when checked slot by slot, and never beats the floor', () => {
    fc.assert(
      fc.property(anyInstance, fc.integer(), (of, seed) => {
        const { schedule, floors } = solve(of, { rounds: 8, seed })
        expect(checkSchedule(of, schedule)).toEqual([])
        expect(schedule.makespan).toBeGreaterThanOrEqual(Math.max(...earliestFinishes(of)))
        for (const [site, least] of floors) expect(lastOf(of, schedule.finish, site)).toBeGreaterThanOrEqual(least)
      }),
      { numRuns: 300 },
    )
  })
  test('is never worse than its start and gives the same answer for the same seed', () => {
    fc.assert(
      fc.property(anyInstance, (of) => {
        const [first, better] = [0, 12].map((rounds) => solve(of, { rounds, seed: 1 }))
        expect(isBetter(first!.score, better!.score)).toBe(false)
        expect([...solve(of, { rounds: 12, seed: 1 }).schedule.start]).toEqual([...better!.schedule.start])
      }),
    )
  })
  test('one crew takes turns, longest tail first', () => {
    // 0 takes 2 and is followed by 5 elsewhere; 1 takes 2. The crew does 0 first: the end is 7, not 9.
    const of = instance([activity(2), activity(2), activity(5, {}, [])], { precedences: [{ from: 0, to: 2, lag: 0 }] })
    expect(starts(of)).toEqual([0, 2, 2])
  })
  test('a visit stops over the weekend and goes on after', () => {
    const open = always(400)
    open[2] = open[3] = 0
    const of = instance([activity(4)], { calendars: [open] })
    const { schedule } = solve(of, { rounds: 5, seed: 1 })
    expect([schedule.start[0], schedule.finish[0]]).toEqual([0, 6])
  })
  test('waits are elapsed time: two days of drying pass over the weekend', () => {
    const open = always(400)
    for (const closed of [2, 3, 4, 5]) open[closed] = 0
    const of = instance([activity(2), activity(1)], { calendars: [open], precedences: [{ from: 0, to: 1, lag: 4 }] })
    expect(starts(of)).toEqual([0, 6])
  })
  test('an agreed start is kept even where it makes others wait', () => {
    expect(starts(instance([activity(3, { fixed: 1 }), activity(2)]))).toEqual([1, 4])
  })
  test('an agreed start gives way where a predecessor makes it impossible', () => {
    const of = instance([activity(5), activity(1, { fixed: 2 })], { precedences: [{ from: 0, to: 1, lag: 0 }] })
    expect(starts(of)).toEqual([0, 5])
  })
  test('what is under way goes on before anything new is begun', () => {
    expect(serialFirst(instance([activity(2), activity(2, { begun: true })]))).toEqual([2, 0])
  })
  test('stops when told, with the best so far', () => {
    const of = instance([activity(3), activity(2), activity(4)], { resources: [{ capacity: 1 }] })
    const { schedule } = solve(of, { rounds: 1000, seed: 1, onProgress: () => false })
    expect(checkSchedule(of, schedule)).toEqual([])
  })
})

const serialFirst = (of: Instance) => [...solve(of, { rounds: 0, seed: 1 }).schedule.start]

describe('the floor and the circle', () => {
  test('the floor is the longest chain, crews or not', () => {
    const of = instance([activity(3), activity(2), activity(4)], { precedences: [{ from: 0, to: 1, lag: 2 }] })
    expect([...earliestFinishes(of)]).toEqual([3, 7, 4])
  })
  test('one crew cannot do at once what it has to do on a site, and what follows comes after', () => {
    const crew = instance([activity(3), activity(2, { release: 4 }), activity(4, { release: 4 })])
    expect(siteFloors(crew).get(0)).toBe(10)
    const then = instance([activity(3), activity(2), activity(4, {}, [])], {
      precedences: [
        { from: 0, to: 2, lag: 0 },
        { from: 1, to: 2, lag: 1 },
      ],
    })
    expect(siteFloors(then).get(0)).toBe(9)
  })
  test('a crew that begins in the morning only does not begin in the afternoon', () => {
    const mornings = always(400).map((_, slot) => (slot % 2 === 0 ? 1 : 0))
    expect(
      starts(
        instance([activity(1), activity(2, { starts: 1 })], {
          calendars: [always(400), mornings],
          precedences: [{ from: 0, to: 1, lag: 0 }],
        }),
      ),
    ).toEqual([0, 2])
  })
  test('a circle is named', () => {
    const of = instance([activity(1), activity(1)], {
      precedences: [
        { from: 0, to: 1, lag: 0 },
        { from: 1, to: 0, lag: 0 },
      ],
    })
    expect(() => networkOf(of, (index) => ['paint', 'cabinets'][index]!)).toThrow(
      /wait for each other in a circle: (paint, then cabinets, then paint|cabinets, then paint, then cabinets)\./,
    )
  })
  test('too short a horizon is said, not overrun', () => {
    const of = instance([activity(3), activity(3)], { horizon: 5, calendars: [always(5)] })
    expect(() => new Scheduler(of).schedule([0, 1])).toThrow('No free working time')
  })
})

describe('the checker finds what is wrong', () => {
  const of = instance([activity(2), activity(2, { release: 1 })], { precedences: [{ from: 0, to: 1, lag: 1 }] })
  test.each([
    [[0, 0], 'before its release'],
    [[0, 2], 'before 0 has finished and waited 1'],
    [[0, 1], 'asked for 2 of 1'],
    [[0, 399], 'does not fit'],
  ])('%j', (start, words) => {
    expect(checkSchedule(of, { start, mode: start.map(() => 0) }).join('; ')).toContain(words)
  })
})
