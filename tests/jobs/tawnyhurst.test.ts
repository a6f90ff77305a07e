import { describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import { MONDAY_TO_FRIDAY } from '../../src/core/calendar/workingDays'
import { orderBy } from '../../src/core/selections/orderBy'
import { testJob } from './job'

/** Scope walk for a full tear-off. */
describe('Tawnyhurst', () => {
  testJob({
    site: 'Tawnyhurst Turn 6',
    built: '1966',
    units: 'metric',
    told: [
      {
        register: 'face-siding',
        typed: { what: 'all faces', height: '2720', exposure: '203', walls: '90.94 m²', board: '3660' },
        says: ['14 courses of 194.3 mm', '140.7, so 141'],
      },
      {
        register: 'face-area',
        typed: { what: 'front', walls: '12.2 x 2.72', openings: '4.9 x 2.13, 1.2 x 1.3, 1.2 x 1.3' },
        says: ['19.63 m²'],
      },
      {
        register: 'face-area',
        typed: { what: 'right, less the chimney', walls: '8.8 x 2.72', openings: '1.4 x 2.72' },
        says: ['20.13 m²'],
      },
      {
        register: 'face-area',
        typed: { what: 'rear', walls: '12.2 x 2.72', openings: '0.9 x 2.1, 0.9 x 2.1, 1.8 x 1.2' },
        says: ['27.24 m²'],
      },
      {
        register: 'flashing',
        typed: { interface: 'base of the wall', runs: '8.8 m', lap: '75' },
        says: ['2.98, so 3'],
      },
      {
        register: 'face-area',
        typed: { what: 'left', walls: '8.8 x 2.72', openings: '0.6 x 0.9' },
        says: ['23.94 m²'],
      },
      { register: 'sheathing', typed: { what: 'with the pocket', walls: '100.7 m²' }, says: ['37.3, so 38'] },
      {
        register: 'barrier',
        typed: { what: 'all faces', walls: '100.7 m²' },
        says: ['115.8 m²; 2 rolls of 84 m² or 1 of 125 m²'],
      },
      {
        register: 'flashing',
        typed: { interface: 'base of the wall', runs: '3.6 m, 4.9 m, 1.9 m', lap: '75' },
        says: ['5 together'],
      },
      { register: 'fascia', typed: { what: 'eaves', eave: '37.8 m', depth: '450' }, says: ['soffit 17.01 m²'] },
      {
        register: 'paint-progress',
        typed: { what: 'soffits', surface: '17.01 m²', coats: '2', spread: '7.4' },
        says: ['5.06 L, so 5.1 L'],
      },
      {
        register: 'face-trim',
        typed: { what: 'corners', corners: '5', cornerHeight: '2720', face: '114' },
        says: ['27.2 m'],
      },
      {
        register: 'face-trim',
        typed: { what: 'one door outside', doors: '0.9 x 2.1', face: '114', joint: 'head over sides' },
        says: ['3 pieces, 5328 mm together'],
      },
      {
        register: 'face-trim',
        typed: { what: 'one door inside', doors: '0.9 x 2.1', face: '70', joint: 'head over sides' },
        says: ['3 pieces, 5240 mm together'],
      },
      {
        register: 'hidden-damage',
        typed: { what: 'chimney flashing', allowance: '0', found: '2.5', unitPrice: '58', structural: 'no' },
        says: ['= 145.', 'Talk before it is covered'],
      },
      {
        register: 'hidden-damage',
        typed: { what: 'wet sheathing', allowance: '2', found: '3.2', unitPrice: '46', structural: 'no' },
        says: ['= 55.2'],
      },
    ],
  })
  test('the boards are ordered by Friday 13 March', () => {
    expect(orderBy('2026-04-13' as Day, [14, 17, 21], 5, MONDAY_TO_FRIDAY)).toBe('2026-03-13')
  })
})
