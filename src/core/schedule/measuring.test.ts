import { describe, expect, test } from 'vitest'
import { crewsFor, EVERY_TRADE, laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import { daysBetween } from '../calendar/day'
import type { Observation } from '../walk/observation'
import { planOf } from './plan'
import { problemOf } from './problem'

const planned = (treatment: string) => {
  const facts = laid([{ id: 'room', name: 'Room', treatments: [treatment], size: '4 x 3 x 2.4' }])
  const plan = planOf(problemOf(planInput(facts, { crews: crewsFor(...EVERY_TRADE) })), { rounds: 5, seed: 1 })
  return { lines: stateOf(facts).lines, plan }
}

describe('what is made to measure', () => {
  test.each([
    ['kitchen-rebuilt', 'Set cabinets', 'Template the countertops', 'Set countertops', 18],
    ['bathroom-rebuilt', 'Tile walls and floor', 'Measure for the shower glass', 'Shower glass', 20],
    ['stair-and-railing', 'Build the stair', 'Measure for the railing', 'Set railing, temporary guard out', 40],
  ])(
    '%s: is measured on a visit of its own, after what it is measured on, and goes in its longest lead later',
    (treatment, before, measure, set, lead) => {
      const { lines, plan } = planned(treatment)
      const visitOf = (title: string) => {
        const { id } = lines.find((line) => line.title === title)!
        return plan.visits.find(({ lineIds }) => lineIds.includes(id))!
      }
      const [base, measuring, setting] = [visitOf(before), visitOf(measure), visitOf(set)]
      expect(measuring.measures).toBe(true)
      expect(measuring.lineIds).toHaveLength(1)
      expect(measuring.startDay >= base.endDay).toBe(true)
      expect(daysBetween(measuring.endDay, setting.startDay)).toBeGreaterThanOrEqual(lead)
      expect(setting.measures).toBeUndefined()
      expect(setting.trade).toBe(measuring.trade)
    },
  )

  test('what was ordered has been measured: nobody comes for it', () => {
    const facts = laid([{ id: 'room', name: 'Room', treatments: ['kitchen-rebuilt'], size: '4 x 3 x 2.4' }])
    const top = stateOf(facts).selections.find(({ what }) => what === 'Countertop')!
    const ordered = [
      ...facts,
      seen({ subject: 'selection', subjectId: top.id, facet: 'state', placeId: 'room', value: 'ordered' }),
    ]
    expect(stateOf(ordered).lines.find(({ title }) => title === 'Template the countertops')!.progress).toBe(100)
    expect(stateOf(facts).lines.find(({ title }) => title === 'Template the countertops')!.progress).toBe(0)
  })

  test('tops that came have nothing to wait for but the bases; where nobody chose any, they are made first', () => {
    const facts = laid([{ id: 'room', name: 'Room', treatments: ['kitchen-rebuilt'], size: '4 x 3 x 2.4' }])
    const { lines, selections } = stateOf(facts)
    const top = selections.find(({ what }) => what === 'Countertop')!
    const here = { subject: 'selection', subjectId: top.id, placeId: 'room' } as const
    const days = (more: readonly Observation[]): number => {
      const plan = planOf(problemOf(planInput([...facts, ...more], { crews: crewsFor(...EVERY_TRADE) })), {
        rounds: 5,
        seed: 1,
      })
      const visitOf = (title: string) => {
        const { id } = lines.find((line) => line.title === title)!
        return plan.visits.find(({ lineIds }) => lineIds.includes(id))!
      }
      return daysBetween(visitOf('Set cabinets').endDay, visitOf('Set countertops').startDay)
    }
    expect(days([seen({ ...here, facet: 'state', value: 'arrived' })])).toBeLessThan(7)
    expect(days([seen({ ...here, facet: 'removed', value: true })])).toBeGreaterThanOrEqual(18)
  })
})
