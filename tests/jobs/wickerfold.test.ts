import { describe, expect, test } from 'vitest'
import type { Day } from '../../src/core/calendar/day'
import { MONDAY_TO_FRIDAY } from '../../src/core/calendar/workingDays'
import { orderBy } from '../../src/core/selections/orderBy'
import { testJob } from './job'

/** Re-siding with a cut-up inspection strip. */
describe('Wickerfold', () => {
  testJob({
    site: 'Wickerfold',
    built: '1971',
    units: 'imperial',
    told: [
      {
        register: 'open-up',
        typed: { look: 'the plate', wall: '63 ft', strip: '15 to 16 in', doors: '5 ft' },
        says: [
          `8 sections of 8 ft, 58' of plate to look at, 49 stud feet.`,
          '3 strips to a sheet, 3 sheets.',
          '2 strips to a sheet, 4 sheets.',
        ],
      },
      {
        register: 'face-area',
        typed: { what: 'east wall', walls: '63 ft x 8 ft 2 in', openings: '4 x 36 x 48 in, 24 x 36 in, 60 x 80 in' },
        says: ['433.2 ft²'],
      },
      { register: 'face-area', typed: { what: 'north gable', gableBase: '28 ft', pitch: '6' }, says: ['98 ft²'] },
      {
        register: 'face-area',
        typed: { what: 'three aprons', walls: '5 ft x 22 in, 5 ft x 22 in, 6 ft x 22 in' },
        says: ['29.3 ft²'],
      },
      {
        register: 'face-trim',
        typed: {
          what: '1×4 without the little window',
          windows: '4 x 36 x 48 in',
          doors: '60 x 80 in',
          joint: 'head over sides',
        },
        says: [`79' 7"`],
      },
      { register: 'face-area', typed: { what: 'band', walls: '19 ft x 14 in' }, says: ['22.2 ft²'] },
      {
        register: 'face-siding',
        typed: {
          what: 'all of it',
          height: '98 in',
          exposure: '7 in',
          walls: '484.7 ft²',
          gables: '196 ft²',
          board: '12 ft',
        },
        says: ['14 courses of 7"', '108.4, so 109'],
      },
      {
        register: 'face-trim',
        typed: { what: '1×4', windows: '4 x 36 x 48 in, 24 x 36 in', doors: '60 x 80 in', joint: 'head over sides' },
        says: [`90' 9"`, `Cut list on sticks of 12': 8. By net and 10 % waste (99' 9 7/8"): 9.`],
      },
      {
        register: 'mounting-blocks',
        typed: { what: 'boxed out', hoses: '2', receptacles: '1', vents: '1' },
        says: ['One block each: 4.'],
      },
      {
        register: 'hidden-damage',
        typed: { what: 'plate', allowance: '12', found: '19', unitPrice: '28', structural: 'yes' },
        says: ['(19 − 12) × 28 = 196.', 'Talk before it is covered'],
      },
    ],
  })
  test('the patio door is ordered by Friday 8 May', () => {
    expect(orderBy('2026-07-20' as Day, [28, 40, 63], 0, MONDAY_TO_FRIDAY)).toBe('2026-05-08')
  })
})
