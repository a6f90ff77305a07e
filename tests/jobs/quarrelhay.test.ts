import { describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import { MONDAY_TO_FRIDAY } from '../../src/core/calendar/workingDays'
import { orderBy } from '../../src/core/selections/orderBy'
import { calculationById } from '../../src/core/takeoff/calculations'
import { runCalculation } from '../../src/core/takeoff/runCalculation'
import { testJob } from './job'

/** End of day four of a structural remodel. */
describe('Quarrelhay', () => {
  testJob({
    site: 'Quarrelhay',
    built: '1975',
    units: 'metric',
    told: [
      {
        register: 'beam',
        typed: { what: 'over the opening', material: 'laminated veneer', width: '220', depth: '450', long: '6.8 m' },
        says: [
          '451 kg; over 25 kg a person 18.04, so 19 people.',
          'A reason for a hoist and a lifting plan, never a plan.',
        ],
      },
      {
        register: 'hangers',
        typed: { what: 'nails into the beam', hangers: '12', each: '54', box: '250' },
        says: ['12 × 54 = 648; with 5 % 680.4, so 681, 3 boxes of 250.'],
      },
      {
        register: 'hangers',
        typed: { what: 'screws into the truss', hangers: '12', each: '18', box: '100' },
        says: ['12 × 18 = 216; with 5 % 226.8, so 227, 3 boxes of 100.'],
      },
      {
        register: 'count',
        typed: { what: 'heavy hangers', said: '11', listed: '12' },
        says: ['11 said on the walk, 12 listed: which is right?'],
      },
      {
        register: 'shoring',
        typed: {
          what: 'dining side',
          opening: '6.2 m',
          bay: '600',
          setOff: '750',
          after: 'the other side stands and the engineer has said so',
        },
        says: ['6200 mm + 2 × 600 mm = 7400 mm each side, 750 mm off, props down to solid bearing.'],
      },
    ],
  })
  test('the fireplace is to be chosen by Wednesday 23 September', () => {
    expect(orderBy('2026-10-26' as Day, [14, 21, 28], 0, MONDAY_TO_FRIDAY)).toBe('2026-09-23')
  })
  test('structure stands at 44.9 per cent, whatever the hall looks like', () => {
    const told = { weights: [16, 20, 8, 16, 10, 12, 10, 6], done: [100, 100, 100, 0, 0, 0, 0, 0] }
    const { outputs } = runCalculation(calculationById('C-41')!, told, 'metric')
    expect(Number(outputs.progress).toFixed(1)).toBe('44.9')
  })
  test('the see-through unit costs 2 622, the sum of extras is 3 802', () => {
    const told = { material: 750, labour: 840, sub: 690, overhead: 15, before: 1180 }
    const { outputs, steps } = runCalculation(calculationById('C-42')!, told, 'metric')
    expect(Number(outputs.price)).toBeCloseTo(2622, 6)
    expect(steps.join(' ')).toContain('3802')
  })
})
