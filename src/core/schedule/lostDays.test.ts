import { expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { lostDays } from './lostDays'
import { emptyPlan, type Plan, type PlannedVisit } from './plan'

const day = (text: string) => text as Day
const plan = (...visits: readonly [crew: string | null, from: string, to: string][]): Plan => ({
  ...emptyPlan(day('2026-03-10')),
  visits: visits.map(([crewId, startDay, endDay]) => ({ crewId, startDay, endDay }) as unknown as PlannedVisit),
})

test('a day is lost for a crew that had work on it and now has none on any site', () => {
  const before = plan(
    ['wire', '2026-03-16', '2026-03-17'],
    ['wire', '2026-03-19', '2026-03-19'],
    ['board', '2026-03-18', '2026-03-18'],
  )
  const after = plan(
    ['wire', '2026-03-17', '2026-03-18'],
    ['wire', '2026-03-20', '2026-03-20'],
    ['board', '2026-03-18', '2026-03-18'],
  )
  expect([...lostDays(before, after, day('2026-03-31'))]).toEqual([['wire', ['2026-03-16', '2026-03-19']]])
})
test('what lies further ahead is not counted, nor what nobody was asked for', () => {
  const before = plan(['wire', '2026-05-16', '2026-05-17'], [null, '2026-03-16', '2026-03-16'])
  expect([...lostDays(before, plan(), day('2026-03-31'))]).toEqual([])
})
test('a visit over a week-end loses nobody their Saturday', () => {
  const before = plan(['wire', '2026-03-13', '2026-03-16'])
  const weekdays = (_crew: string, on: Day): boolean => !['2026-03-14', '2026-03-15'].includes(on)
  expect([...lostDays(before, plan(), day('2026-03-31'), weekdays)]).toEqual([['wire', ['2026-03-13', '2026-03-16']]])
})
