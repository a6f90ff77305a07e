import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { checkSchedule } from './checkSchedule'
import { comings, GOAL_ORDER, goalsFrom, isBetter, scoreOf } from './goals'
import type { Activity, Instance } from './instance'
import { solve } from './solve'

const work = (duration: number, part: Partial<Activity> = {}): Activity => ({
  modes: [{ duration, demands: part.team === undefined ? [] : [{ resource: part.team, units: 1 }] }],
  calendar: 0,
  release: 0,
  ...part,
})
const firm = (activities: readonly Activity[], part: Partial<Instance> = {}): Instance => ({
  horizon: 400,
  calendars: [new Uint8Array(400).fill(1)],
  resources: [{ capacity: 1 }, { capacity: 1 }],
  activities,
  precedences: [],
  ...part,
})
const solved = (of: Instance, goal: (typeof GOAL_ORDER)[number], rounds = 60) =>
  solve(of, { rounds, seed: 1, goal }).schedule

describe('what a plan is made for', () => {
  test('work that follows within two days is one coming, a longer absence begins another', () => {
    const visits = [work(2, { site: 0, team: 0 }), work(2, { site: 0, team: 0 }), work(2, { site: 1, team: 0 })]
    expect(comings(visits, { start: [0, 6, 20], finish: [2, 8, 22] })).toBe(2)
    expect(comings(visits, { start: [0, 7, 20], finish: [2, 9, 22] })).toBe(3)
  })
  test('the first goal counts before the others, agreed starts before all', () => {
    expect(goalsFrom('smooth')).toEqual(['smooth', 'fastest', 'least-change', 'fewest-visits'])
    expect(isBetter([0, 9], [1, 0])).toBe(true)
    expect(isBetter([1, 2], [1, 2])).toBe(false)
  })
  test('fewest comings: a trade waits until it can do both its jobs at a site', () => {
    // The second job of the trade can start only in slot 20; the first could be done at once.
    const of = firm([work(2, { team: 0, site: 0 }), work(2, { team: 0, site: 0, release: 20 })])
    const once = solved(of, 'fewest-visits', 300)
    expect(comings(of.activities, once)).toBeLessThanOrEqual(comings(of.activities, solved(of, 'fastest')))
    expect(scoreOf(of, solved(of, 'fastest'), ['fastest'])[4]).toBe(22)
  })
  test('every site’s own end counts, not the last of them alone', () => {
    // One crew, a short site and a long one: the short one first ends both earliest in sum.
    const of = firm([work(20, { team: 0, site: 0 }), work(2, { team: 0, site: 1 })])
    expect([...solved(of, 'fastest').start]).toEqual([2, 0])
  })
  test('least change: nothing new, nobody moves', () => {
    const of = firm([
      work(3, { team: 0, before: 4 }),
      work(3, { team: 0, before: 10 }),
      work(2, { team: 1, before: 0 }),
    ])
    const again = solved(of, 'least-change')
    expect(scoreOf(of, again, ['least-change'])[4]).toBe(0)
  })
  test('how much a move has to win is each site’s own figure', () => {
    // The end comes two slots earlier where the one job that stands in the plan is moved.
    const of = (moving: number) => firm([work(3, { team: 0, before: 2, moving })])
    expect([...solved(of(1), 'fastest').start]).toEqual([0])
    expect([...solved(of(3), 'fastest').start]).toEqual([2])
  })
  test('nobody moves for an end that does not come earlier', () => {
    // The short job could be done in the gap, but the site ends in slot 13 all the same.
    const of = firm([work(3, { team: 0, before: 10 }), work(2, { team: 1, before: 6 }), work(13)])
    const first = solved(of, 'fastest')
    expect(first.start[0]).toBe(10)
  })
  test('a confirmed day is broken after one that was only told', () => {
    // Both were promised slots 0 to 4 of one crew; only one can have them.
    const of = firm([work(4, { team: 0, fixed: 0, weight: 1 }), work(4, { team: 0, fixed: 0, weight: 3 })])
    expect([...solved(of, 'fastest').start]).toEqual([4, 0])
  })
})

describe('two crews at once', () => {
  const shared = (capacity: number): Instance =>
    firm(
      [
        {
          ...work(0),
          modes: [
            { duration: 6, demands: [{ resource: 0, units: 1 }] },
            { duration: 3, demands: [{ resource: 0, units: 2 }] },
          ],
        },
      ],
      { resources: [{ capacity }] },
    )
  test('halve the time where both are free, and the checker counts them', () => {
    const schedule = solved(shared(2), 'fastest')
    expect([schedule.finish[0], schedule.mode[0]]).toEqual([3, 1])
    expect(checkSchedule(shared(2), schedule)).toEqual([])
    expect(checkSchedule(shared(1), schedule)).toContain('resource 0 is asked for 2 of 1 in slot 0')
  })
  test('one does it where there is one', () => {
    const schedule = solved(shared(1), 'fastest')
    expect([schedule.finish[0], schedule.mode[0]]).toEqual([6, 0])
  })
})

test('whatever the firm and the goal, the answer holds and is never worse than the first', () => {
  const any = fc.array(
    fc.record({
      duration: fc.integer({ min: 1, max: 6 }),
      team: fc.integer({ min: 0, max: 1 }),
      site: fc.integer({ min: 0, max: 2 }),
      release: fc.integer({ min: 0, max: 10 }),
      before: fc.integer({ min: 0, max: 40 }),
    }),
    { minLength: 2, maxLength: 10 },
  )
  fc.assert(
    fc.property(any, fc.constantFrom(...GOAL_ORDER), (parts, goal) => {
      const of = firm(parts.map(({ duration, ...part }) => work(duration, part)))
      const [first, better] = [solve(of, { rounds: 0, seed: 1, goal }), solve(of, { rounds: 20, seed: 1, goal })]
      expect(checkSchedule(of, better.schedule)).toEqual([])
      expect(isBetter(first.score, better.score)).toBe(false)
    }),
    { numRuns: 60 },
  )
})
