import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import { alongside, clashesOf, holesOf, loadByWeek } from './tradeRun'

const visit = (key: string, startDay: string, endDay: string, startHalf: 0 | 1 = 0, endHalf: 0 | 1 = 1) => ({
  key,
  startDay: startDay as Day,
  endDay: endDay as Day,
  startHalf,
  endHalf,
})
const TEAM = { crews: 1, calendar: MONDAY_TO_FRIDAY }

describe('the run of a trade', () => {
  test('its weeks: half-days planned against those it could work, weekends apart', () => {
    // Thursday afternoon to Monday morning: 1 + 2 halves, then 1.
    const weeks = loadByWeek([visit('a', '2026-03-12', '2026-03-16', 1, 0)], TEAM, '2026-03-10' as Day)
    expect(weeks).toEqual([
      { week: '2026-03-09', planned: 3, room: 10 },
      { week: '2026-03-16', planned: 1, room: 10 },
    ])
  })
  test('two crews have twice the room, and mornings alone half', () => {
    const [week] = loadByWeek(
      [visit('a', '2026-03-10', '2026-03-11')],
      { crews: 2, calendar: { ...MONDAY_TO_FRIDAY, halves: 'morning' } },
      '2026-03-10' as Day,
    )
    expect(week).toEqual({ week: '2026-03-09', planned: 2, room: 10 })
  })
  test('a hole is a working day or more between two visits; a weekend is none', () => {
    const run = [
      visit('a', '2026-03-10', '2026-03-13'),
      visit('b', '2026-03-16', '2026-03-16'),
      visit('c', '2026-03-20', '2026-03-20'),
    ]
    expect(holesOf(run, MONDAY_TO_FRIDAY)).toEqual([{ from: '2026-03-17', to: '2026-03-19', days: 3 }])
    expect(
      holesOf([visit('long', '2026-03-10', '2026-03-30'), visit('in', '2026-03-12', '2026-03-12')], MONDAY_TO_FRIDAY),
    ).toEqual([])
  })
  test('others at the same place on the same half-days are there too', () => {
    const at = (key: string, from: string, to: string, placeIds: string[], siteId = 's') => ({
      ...visit(key, from, to),
      placeIds,
      siteId,
    })
    const paint = at('paint', '2026-03-10', '2026-03-12', ['hall', 'stair'])
    const all = [
      paint,
      at('wires', '2026-03-12', '2026-03-13', ['stair']),
      at('later', '2026-03-13', '2026-03-13', ['stair']),
      at('elsewhere', '2026-03-11', '2026-03-11', ['kitchen']),
      at('other house', '2026-03-11', '2026-03-11', ['stair'], 't'),
    ]
    expect(alongside(paint, all).map(({ key }) => key)).toEqual(['wires'])
  })
  test('agreed days that fall together clash where there is one crew, not where there are two', () => {
    const run = [visit('a', '2026-03-10', '2026-03-11'), visit('b', '2026-03-11', '2026-03-12')]
    expect(clashesOf(run, 1)).toEqual([{ day: '2026-03-11', keys: ['a', 'b'] }])
    expect(clashesOf(run, 2)).toEqual([])
    expect(
      clashesOf([visit('a', '2026-03-10', '2026-03-10', 0, 0), visit('b', '2026-03-10', '2026-03-10', 1, 1)], 1),
    ).toEqual([])
  })
})
