import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { laid, planInput } from '../../../tests/fixtures/site'
import { addDays } from '../calendar/day'
import { slotOfDay } from '../calendar/slots'
import { planDiff } from './planDiff'
import { planOf } from './plan'
import { problemOf } from './problem'
import { calendarOf, runsOf, whatIfOf, type Question } from './whatIf'

const INPUT = planInput(
  laid([
    { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
    { id: 'study', treatments: ['room-board-finishes'], size: '4 x 3 x 2.4' },
  ]),
)
const PROBLEM = problemOf(INPUT)
const PLAN = planOf(PROBLEM, { rounds: 20, seed: 1 })
const slotOf = (key: string) => {
  const { startDay, startHalf } = PLAN.visits.find((visit) => visit.key === key)!
  return slotOfDay(INPUT.today, startDay) + startHalf
}
const QUESTION: Question = {
  origin: INPUT.today,
  goal: 'fastest',
  keys: PROBLEM.visits.map(({ key }) => key),
  siteIds: ['site'],
  starts: PROBLEM.visits.map(({ key }) => slotOf(key)),
  instance: { ...PROBLEM.instance, calendars: PROBLEM.instance.calendars.map(runsOf) },
}

test('a calendar comes back from its runs', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 1 })), (slots) => {
      expect([...calendarOf(runsOf(Uint8Array.from(slots)))]).toEqual(slots)
    }),
  )
})

describe('a move is tried', () => {
  const board = PLAN.visits.find(({ stages }) => stages.includes('board'))!
  test('it moves those whom the plan with the pin moves, and the ends are theirs', () => {
    const day = addDays(board.startDay, 7)
    const tried = whatIfOf(QUESTION)(board.key, slotOfDay(INPUT.today, day), 12)
    const pinned = planOf(
      problemOf({
        ...INPUT,
        pins: [{ visitKey: board.key, day, half: 0 }],
        before: PLAN.visits.map((one) => ({ ...one, visitKey: one.key, day: one.startDay, half: one.startHalf })),
      }),
      { rounds: 12, seed: 1 },
    )
    const { moved, finish } = planDiff(PLAN, pinned)
    expect([...tried.moved].sort()).toEqual(moved.flatMap(({ to }) => (to.key === board.key ? [] : [to.key])).sort())
    expect(tried.moved.length).toBeGreaterThan(0)
    expect(tried.ends.length).toBe(finish.length)
  })
  test('nobody moves where it is put where it stands', () => {
    expect(whatIfOf(QUESTION)(board.key, slotOf(board.key), 12)).toEqual({
      start: slotOf(board.key),
      moved: [],
      ends: [],
    })
  })
  test('a start that the order of work forbids becomes the first that it allows', () => {
    expect(whatIfOf(QUESTION)(board.key, 0, 12).start).toBeGreaterThan(0)
  })
})
