import { describe, expect, test } from 'vitest'
import { laid, planInput } from '../../../tests/fixtures/site'
import { planOf } from './plan'
import { problemOf } from './problem'

const problem = () =>
  problemOf(planInput(laid([{ id: 'bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])))
const risk = (seed = 1, draws = 120) => planOf(problem(), { rounds: 5, seed, draws }).risk['site']!

describe('how a site may finish', () => {
  test('the safe day is never before the likely one, and the tenths run on', () => {
    const { likely, safe, tenths } = risk()
    expect(safe > likely).toBe(true)
    expect([...tenths].sort()).toEqual(tenths)
    expect(tenths).toHaveLength(9)
    expect(tenths[4]).toBe(likely)
    expect(tenths[7]).toBe(safe)
  })
  test('the plan assumes that all goes well: its finish is met in few of the ways', () => {
    const plan = planOf(problem(), { rounds: 5, seed: 1, draws: 120 })
    expect(plan.finish['site']! <= plan.risk['site']!.likely).toBe(true)
  })
  test('one seed gives one answer', () => {
    expect(risk()).toEqual(risk())
  })
  test('what it hangs on is told in words, at most three', () => {
    const { drivers } = risk(1, 300)
    expect(drivers.length).toBeGreaterThan(0)
    expect(drivers.length).toBeLessThanOrEqual(3)
    expect(drivers.join(' ')).toMatch(/how this site goes|how fast the|inspections|deliveries|cannot come/)
  })
  test('without draws nothing is said', () => {
    expect(planOf(problem(), { rounds: 5, seed: 1 }).risk).toEqual({})
  })
})
