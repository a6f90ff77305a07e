import { expect, test } from 'vitest'
import type { Day } from './day'
import { busyDays } from './busyDays'

const days = (...taken: readonly [from: string, to: string][]) =>
  busyDays(
    taken.map(([from, to]) => ({ from, to })),
    '2026-03-10' as Day,
    '2026-03-31' as Day,
  )

test('half a working day taken is a day lost, an hour is not', () => {
  expect(days(['2026-03-12T08:00', '2026-03-12T12:00'])).toEqual(['2026-03-12'])
  expect(days(['2026-03-12T08:00', '2026-03-12T09:00'])).toEqual([])
  expect(days(['2026-03-12T19:00', '2026-03-12T23:30'])).toEqual([])
})
test('several short ones of a day add up; whole days count to the day before their end', () => {
  expect(days(['2026-03-12T08:00', '2026-03-12T10:00'], ['2026-03-12T13:00', '2026-03-12T15:00'])).toEqual([
    '2026-03-12',
  ])
  expect(days(['2026-03-16T00:00', '2026-03-18T00:00'])).toEqual(['2026-03-16', '2026-03-17'])
})
test('what lies before or after does not matter', () => {
  expect(days(['2026-03-01T00:00', '2026-03-11T00:00'], ['2026-04-02T00:00', '2026-04-03T00:00'])).toEqual([
    '2026-03-10',
  ])
})
