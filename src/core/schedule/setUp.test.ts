import { describe, expect, test } from 'vitest'
import { crewsFor, laid, planInput, siteToPlan, stateOf } from '../../../tests/fixtures/site'
import { checkSchedule } from './checkSchedule'
import type { Activity, Instance, Schedule } from './instance'
import { planOf, type Plan, type PlannedVisit } from './plan'
import { problemOf, type Crew, type SiteToPlan } from './problem'
import { solve } from './solve'
import { visitSlots } from './visits'

/** Work of one team that takes two half-days longer where it has to set up. */
const work = (duration: number, site: number, part: Partial<Activity> = {}): Activity => ({
  modes: [
    { duration: duration + 2, demands: [{ resource: 0, units: 1 }] },
    { duration, demands: [{ resource: 0, units: 1 }], follows: true },
  ],
  team: 0,
  site,
  calendar: 0,
  release: 0,
  ...part,
})
const firm = (...activities: readonly Activity[]): Instance => ({
  horizon: 200,
  calendars: [new Uint8Array(200).fill(1)],
  resources: [{ capacity: 1 }],
  activities,
  precedences: [],
})
const solved = (of: Instance): Schedule => solve(of, { rounds: 60, seed: 1 }).schedule
const follows = (of: Instance, { mode }: Schedule): boolean[] =>
  of.activities.map(({ modes }, i) => modes[mode[i]!]!.follows ?? false)

describe('a team sets up once a coming', () => {
  test('its work on one site is done in a row, where it could be done in any order', () => {
    const of = firm(work(2, 0), work(2, 1), work(2, 0), work(2, 1))
    const found = solved(of)
    expect(checkSchedule(of, found)).toEqual([])
    // Two comings of four half-days of work, and two to set up for each.
    expect(found.makespan).toBe(12)
    expect(follows(of, found).filter(Boolean)).toHaveLength(2)
  })
  test('after two days away it sets up again', () => {
    const near = firm(work(2, 0), work(2, 0, { release: 8 }))
    const far = firm(work(2, 0), work(2, 0, { release: 9 }))
    expect(follows(near, solved(near))).toEqual([false, true])
    expect(follows(far, solved(far))).toEqual([false, false])
  })
  test('an agreed day that follows needs no more than its work', () => {
    const of = firm(work(2, 0, { fixed: 0 }), work(2, 0, { fixed: 4 }), work(2, 0, { fixed: 6 }))
    const found = solved(of)
    expect([...found.start]).toEqual([0, 4, 6])
    expect(found.broken).toBe(0)
    expect(checkSchedule(of, found)).toEqual([])
  })
  test('the checker finds what was called following and follows nothing', () => {
    const of = firm(work(2, 0), work(2, 1))
    expect(checkSchedule(of, { start: [0, 4], mode: [0, 1] })).toEqual([
      'activity 1 follows nothing of its team on its site',
    ])
  })
})

describe('in hours', () => {
  test('a visit takes its hours over the crew, their set-up, and what the drive leaves of a half-day', () => {
    expect(visitSlots(16, 2)).toBe(2)
    expect(visitSlots(16, 2, 1)).toBe(3)
    expect(visitSlots(16, 2, 0, 1)).toBe(3)
    // 8 h and 2 h to set up, in half-days of 2.5 h.
    expect(visitSlots(16, 2, 2, 3)).toBe(4)
  })

  const state = stateOf(laid(['hall', 'study'].map((id) => ({ id, treatments: ['room-paint-only'] }))))
  const planned = (crew: Partial<Crew>, site: Partial<SiteToPlan> = {}): Plan =>
    planOf(
      problemOf({
        ...planInput([]),
        crews: crewsFor('painter', 'carpenter').map((one) => ({ ...one, ...crew })),
        sites: [siteToPlan(state, site)],
      }),
      { rounds: 30, seed: 1 },
    )
  const painting = ({ visits }: Plan): PlannedVisit[] =>
    visits.filter(({ stages }) => stages.includes('paint')).sort((a, b) => (a.startDay < b.startDay ? -1 : 1))

  test('the first room carries the set-up, the next goes on from it and says so', () => {
    const [first, next] = painting(planned({ setUpHours: 3 }))
    expect(first!.setUp).toBe(3)
    expect(next!.setUp).toBeUndefined()
    expect(next!.boundBy).toBe(first!.key)
    expect(next!.why).toMatch(/go on from paint in hall, Example House and need not set up again/)
    expect(painting(planned({})).every(({ setUp }) => setUp === undefined)).toBe(true)
  })
  test('a long drive makes the same work longer', () => {
    const end = (site: Partial<SiteToPlan>): string => planned({}, site).finish.site!
    expect(end({ travelHours: 3 }) > end({})).toBe(true)
  })
})
