import { describe, expect, test } from 'vitest'
import { addDays, longDay, parseDay, shortDay, weekday, type Day } from './day'
import { openSlots } from './slots'
import { addWorkingDays, MONDAY_TO_FRIDAY, workingDayOnOrBefore, workingDaysBetween } from './workingDays'

const day = (text: string) => text as Day

describe('days', () => {
  test('10 March 2026 is a Tuesday', () => {
    expect(weekday(day('2026-03-10'))).toBe(2)
    expect(longDay(day('2026-03-10'))).toBe('Tuesday 10 March')
    expect(shortDay(day('2026-03-10'))).toBe('Tue 10 Mar')
    expect(addDays(day('2026-02-27'), 2)).toBe('2026-03-01')
  })
  test('a day that does not exist is refused', () => {
    expect(() => parseDay('2026-02-30')).toThrow('is not a day')
    expect(() => parseDay('10.3.2026')).toThrow('like 2026-03-10')
  })
})

describe('working days', () => {
  test('four working days from a Friday count from Monday', () => {
    // Fri 12 June 2026 + 4: Mon 15, Tue 16, Wed 17, Thu 18
    expect(addWorkingDays(day('2026-06-12'), 4)).toBe('2026-06-18')
    expect(addWorkingDays(day('2026-06-15'), -1)).toBe('2026-06-12')
    expect(workingDaysBetween(day('2026-06-12'), day('2026-06-18'))).toBe(4)
  })
  test('a day off moves to the working day before', () => {
    expect(workingDayOnOrBefore(day('2026-03-14'), MONDAY_TO_FRIDAY)).toBe('2026-03-13')
    expect(workingDayOnOrBefore(day('2026-03-13'), { ...MONDAY_TO_FRIDAY, daysOff: [day('2026-03-13')] })).toBe(
      '2026-03-12',
    )
  })
  test('half-days are open where everybody works: mornings of Monday, Wednesday, Friday', () => {
    const inspector = { weekdays: [1, 3, 5], halves: 'morning' as const }
    // From Monday 9 March, seven days of two halves.
    expect(
      [...openSlots(day('2026-03-09'), 14, [MONDAY_TO_FRIDAY, inspector])].flatMap((open, slot) =>
        open ? [slot] : [],
      ),
    ).toEqual([0, 4, 8])
  })
})
