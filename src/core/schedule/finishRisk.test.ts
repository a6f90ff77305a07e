import { describe, expect, test } from 'vitest'
import { arrived, laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import { daysBetween } from '../calendar/day'
import { planOf } from './plan'
import { problemOf, type Problem } from './problem'

const BATH = laid([{ id: 'bath', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' }])
const problem = () => problemOf(planInput(arrived(BATH)))
const risk = (seed = 1, draws = 120) => planOf(problem(), { rounds: 5, seed, draws }).risk['site']!

const unknown = (settled: boolean) =>
  problemOf(
    planInput([
      ...arrived(BATH),
      seen({
        subject: 'entry',
        facet: 'written',
        subjectId: 'joists',
        placeId: 'bath',
        value: {
          kind: 'sleeping-risk',
          values: { what: 'the joists under the bath', assumed: 'sound', chance: 'as likely as not', days: 20 },
        },
      } as never),
      ...(settled
        ? [
            seen({
              subject: 'entry',
              facet: 'settled',
              subjectId: 'joists',
              placeId: 'bath',
              value: { result: 'they are sound' },
            } as never),
          ]
        : []),
    ]),
  )
const riskOf = (of: Problem) => planOf(of, { rounds: 5, seed: 1, draws: 300 }).risk['site']!

describe('what cannot be known until it is opened', () => {
  test('widens the finish and is named; once it is known the dates come together again', () => {
    const [open, known] = [riskOf(unknown(false)), riskOf(unknown(true))]
    const between = ({ tenths }: typeof open) => daysBetween(tenths[0]!, tenths[8]!)
    expect(open.drivers[0]).toBe('the joists under the bath')
    expect(between(open)).toBeGreaterThan(between(known))
    expect(known).toEqual(riskOf(problem()))
  })
})

describe('hours at best and at worst', () => {
  test('said for the lines of a site they change how far its finish may stray', () => {
    const { lines } = stateOf(BATH)
    const said = (spread: number) =>
      problemOf(
        planInput([
          ...arrived(BATH),
          ...lines.map(({ id, placeId, hours }) =>
            seen({
              subject: 'line',
              facet: 'hoursRange',
              subjectId: id,
              placeId,
              value: [hours, hours * spread],
            } as never),
          ),
        ]),
      )
    expect(riskOf(said(3)).safe > riskOf(said(1)).safe).toBe(true)
  })
})

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
  test('who comes for goods that nobody ordered is planned for the longest they may take: they may come sooner', () => {
    const plan = planOf(problemOf(planInput(BATH)), { rounds: 5, seed: 1, draws: 120 })
    expect(plan.visits.some(({ why }) => /may take until/.test(why))).toBe(true)
    expect(plan.risk['site']!.tenths[0]! < plan.finish['site']!).toBe(true)
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
