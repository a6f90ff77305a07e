import { expect, test } from 'vitest'
import type { Day } from './day'
import { busyHalves } from './busyHalves'

const halves = (...taken: readonly [from: string, to: string][]) =>
  busyHalves(
    taken.map(([from, to]) => ({ from, to })),
    '2026-03-10' as Day,
    '2026-03-31' as Day,
  ).map(({ day, half }) => `${day} ${half === 0 ? 'morning' : 'afternoon'}`)
const whole = (...days: readonly string[]) => days.flatMap((day) => [`${day} morning`, `${day} afternoon`])

test('half a morning taken is a morning lost, an hour is not, and the afternoon stays', () => {
  expect(halves(['2026-03-12T08:00', '2026-03-12T12:00'])).toEqual(['2026-03-12 morning'])
  expect(halves(['2026-03-12T13:30', '2026-03-12T16:00'])).toEqual(['2026-03-12 afternoon'])
  expect(halves(['2026-03-12T08:00', '2026-03-12T09:00'])).toEqual([])
  expect(halves(['2026-03-12T19:00', '2026-03-12T23:30'])).toEqual([])
})
test('several short ones add up; whole days count to the day before their end', () => {
  expect(halves(['2026-03-12T08:00', '2026-03-12T09:00'], ['2026-03-12T10:00', '2026-03-12T11:00'])).toEqual([
    '2026-03-12 morning',
  ])
  expect(halves(['2026-03-16T00:00', '2026-03-18T00:00'])).toEqual(whole('2026-03-16', '2026-03-17'))
})
test('what lies before or after does not matter', () => {
  expect(halves(['2026-03-01T00:00', '2026-03-11T00:00'], ['2026-04-02T00:00', '2026-04-03T00:00'])).toEqual(
    whole('2026-03-10'),
  )
})
