import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import { arrivalDay, orderBy, selectionReason } from './orderBy'

const by = (needed: string, lead: readonly number[], approval = 0) =>
  orderBy(needed as Day, lead, approval, MONDAY_TO_FRIDAY)

describe('the last day to order (C-39)', () => {
  test.each([
    // 20 July − 63 − ⌈9.45⌉ = 73 days before: Friday 8 May
    ['2026-07-20', [28, 40, 63], 0, '2026-05-08'],
    // 13 April − 21 − 5 − ⌈3.15⌉ = 30 days before: Saturday 14 March, so Friday 13
    ['2026-04-13', [14, 17, 21], 5, '2026-03-13'],
    // 26 October − 28 − ⌈4.2⌉ = 33 days before: Wednesday 23 September
    ['2026-10-26', [14, 21, 28], 0, '2026-09-23'],
    // 1 July − 40 − 6 (exactly 15 %) = Saturday 16 May, so Friday 15
    ['2026-07-01', [14, 24, 40], 0, '2026-05-15'],
  ] as const)('needed %s', (needed, lead, approval, expected) => {
    expect(by(needed, lead, approval)).toBe(expected)
  })
  test('nothing in hand: 28 days before Monday 26 October is Monday 28 September', () => {
    expect(orderBy('2026-10-26' as Day, [14, 21, 28], 0, MONDAY_TO_FRIDAY, 0)).toBe('2026-09-28')
  })
})

test('what can be on site when', () => {
  const today = '2026-03-10' as Day
  expect(arrivalDay('arrived', today, [7, 14, 28], 0, null)).toBe(today)
  expect(arrivalDay('ordered', today, [7, 14, 28], 0, '2026-03-20' as Day)).toBe('2026-03-20')
  expect(arrivalDay('ordered', today, [7, 14, 28], 0, '2026-03-01' as Day)).toBe(today)
  expect(arrivalDay('chosen', today, [7, 14, 28], 5, null)).toBe('2026-04-12') // 28 + 5
  expect(arrivalDay('approved', today, [7, 14, 28], 5, null)).toBe('2026-04-07')
})

test('each state has its reason in a sentence', () => {
  const say = (
    state: Parameters<typeof selectionReason>[0],
    order: string,
    arrives: string | null = null,
    on: string | null = null,
  ) =>
    selectionReason(
      state,
      '2026-04-20' as Day,
      order as Day,
      arrives as Day | null,
      on as Day | null,
      28,
      '2026-03-10' as Day,
    )
  expect(say('undecided', '2026-03-10')).toBe('Order today: needed 20 Apr and takes up to 28 days.')
  expect(say('chosen', '2026-03-05')).toBe('Should have been ordered by 5 Mar: needed 20 Apr and takes up to 28 days.')
  expect(say('ordered', '2026-03-10', '2026-04-22')).toBe('Arrives 22 Apr, 2 days after it is needed.')
  expect(say('ordered', '2026-03-10', '2026-04-15', '2026-02-10')).toBe(
    'Arrives 15 Apr, needed 20 Apr: 28 days gone, 36 to go.',
  )
  expect(say('ordered', '2026-03-10', '2026-03-08', '2026-02-10')).toContain('28 days gone, 2 days over.')
  expect(say('wrong', '2026-03-10')).toContain('order again')
  expect(selectionReason('chosen', null, null, null, null, 28, '2026-03-10' as Day)).toBe('No visit needs it yet.')
})
