import { describe, expect, test } from 'vitest'
import { laid, planInput, TODAY } from '../../../tests/fixtures/site'
import { addDays } from '../calendar/day'
import { problemOf, type ProblemInput } from './problem'
import { pullIns } from './pullIn'
import { solve } from './solve'

const HOUSE = laid([
  { id: 'bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' },
  { id: 'hall', treatments: ['room-board-finishes'], size: '4 x 2 x 2.4' },
])
const OPTIONS = { rounds: 20, seed: 1 }
const input = (part: Partial<ProblemInput> = {}): ProblemInput => planInput(HOUSE, part)
function found(of: ProblemInput) {
  const problem = problemOf(of)
  const { schedule } = solve(problem.instance, OPTIONS)
  return { problem, schedule, pulls: pullIns(problem, schedule.start, of.sites[0]!.id, OPTIONS) }
}

describe('what would bring the end forward', () => {
  test('goods that take long come first, with the days that they cost', () => {
    const { pulls } = found(input())
    expect(pulls.length).toBeGreaterThan(0)
    expect(pulls[0]!.days).toBeGreaterThan(0)
    expect(pulls.map(({ days }) => days)).toEqual([...pulls.map(({ days }) => days)].sort((a, b) => b - a))
  })
  test('a late start that somebody agreed is found, and lifting it wins what it says', () => {
    const free = found(input())
    const visit = free.problem.visits.find(({ trade }) => trade === 'painter')!
    const late = addDays(TODAY, 120)
    const booked = input({
      bookings: [{ visitKey: visit.key, state: 'confirmed', startDay: late, startHalf: 0 }],
    })
    const [first] = found(booked).pulls
    expect(first!.relief).toEqual({ kind: 'agreed', visitKey: visit.key })
    expect(first!.days).toBeGreaterThan(30)
    expect(first!.moved).toContain(visit.key)
  })
  test('nothing is offered that wins no day', () => {
    for (const { days } of found(input()).pulls) expect(days).toBeGreaterThanOrEqual(1)
  })
})
