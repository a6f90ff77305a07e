import { describe, expect, test } from 'vitest'
import { crewsFor, EVERY_TRADE, laid, siteToPlan, stateOf, TODAY } from '../../../../tests/fixtures/site'
import { parseSize } from '../../measure/size'
import { checkSchedule } from '../../schedule/checkSchedule'
import { planOf } from '../../schedule/plan'
import { problemOf } from '../../schedule/problem'
import { solve } from '../../schedule/solve'
import { coverGates } from '../../sequence/coverGate'
import { honestProgress } from '../progress'
import { layTreatment } from '../layTreatment'
import { TREATMENTS } from '.'
import { NO_FORECAST } from '../../schedule/weather'

/** A site with one place and one treatment. */
const siteOf = (id: string) => {
  const treatment = TREATMENTS.find((one) => one.id === id)!
  const kind = treatment.fits[0]!
  return stateOf(laid([{ id: 'place', kind, size: kind === 'room' ? '4 x 3 x 2.4' : '7 x 5', treatments: [id] }]))
}

describe.each(TREATMENTS.map((treatment) => [treatment.title, treatment] as const))('%s', (_title, treatment) => {
  test('lays down lines with a trade, a quantity and some effort at every kind of place that it fits', () => {
    for (const kind of treatment.fits) {
      const lines = layTreatment(treatment, { id: 'p', kind, size: parseSize('5 x 4 x 2.4', 'metric') }, {})
      expect(lines).toHaveLength(treatment.lines.length)
      for (const line of lines) {
        expect(line.hours, line.title).toBeGreaterThan(0)
        expect(line.hours, line.title).toBeLessThan(200)
        expect(line.quantity!.value, line.title).toBeGreaterThan(0)
        expect(line.treatment).toBe(treatment.id)
      }
    }
  })
  test('can be planned from start to end, and the plan holds when checked', () => {
    const problem = problemOf({
      today: TODAY,
      sites: [siteToPlan(siteOf(treatment.id))],
      crews: crewsFor(...EVERY_TRADE),
      bookings: [],
      pins: [],
      forecast: NO_FORECAST,
      before: [],
    })
    expect(checkSchedule(problem.instance, solve(problem.instance, { rounds: 4, seed: 1 }).schedule)).toEqual([])
    const plan = planOf(problem, { rounds: 4, seed: 1 })
    const planned = new Set(plan.visits.flatMap((visit) => visit.lineIds))
    expect(planned.size).toBe(treatment.lines.length)
  })
  test('covers nothing before it was inspected or tested', () => {
    const state = siteOf(treatment.id)
    const tested = new Set(treatment.lines.flatMap((line) => line.inspects ?? []))
    const gated = new Set(
      coverGates('place', state).flatMap((gate) =>
        gate.items.filter((item) => item.kind === 'test').map((item) => item.text),
      ),
    )
    const covers = treatment.lines.some((line) =>
      ['insulation', 'board', 'plaster', 'concrete', 'cladding', 'site-works'].includes(line.stage),
    )
    if (tested.size > 0 && covers) expect(gated.size).toBeGreaterThan(0)
  })
  test('is done when all its lines are done, and nothing before', () => {
    const state = siteOf(treatment.id)
    const done = state.lines.map((line) => ({ ...line, progress: 100 }))
    expect(honestProgress(done)).toBe(100)
    const unfinished = done.map((line, i) => (i === 0 ? { ...line, progress: 75 } : line))
    expect(honestProgress(unfinished)).toBeLessThan(100)
  })
})
