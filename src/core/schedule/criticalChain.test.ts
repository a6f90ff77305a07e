import { describe, expect, test } from 'vitest'
import type { Day } from '../calendar/day'
import { criticalChain } from './criticalChain'
import type { PlannedVisit } from './plan'

const visit = (key: string, endDay: string, boundBy: string | null, siteId = 'here'): PlannedVisit => ({
  key,
  siteId,
  crewId: null,
  trade: 'carpenter',
  stages: ['framing'],
  placeIds: [],
  lineIds: [],
  hours: 4,
  people: 1,
  startDay: endDay as Day,
  startHalf: 0,
  endDay: endDay as Day,
  endHalf: 0,
  why: '',
  boundBy,
  holds: [],
})
const keys = (visits: PlannedVisit[], site = 'here') => criticalChain({ visits }, site).map(({ key }) => key)

describe('what the end of a site hangs on', () => {
  test('is followed back from its last visit, over another site where a crew comes from there', () => {
    expect(
      keys([
        visit('paint', '2026-04-02', 'board'),
        visit('early', '2026-03-12', null),
        visit('board', '2026-03-30', 'elsewhere'),
        visit('elsewhere', '2026-03-20', 'start', 'there'),
        visit('start', '2026-03-11', null, 'there'),
      ]),
    ).toEqual(['start', 'elsewhere', 'board', 'paint'])
  })
  test('is nothing where nothing is left, and ends where visits bind each other', () => {
    expect(keys([visit('a', '2026-03-11', null, 'there')])).toEqual([])
    expect(keys([visit('a', '2026-03-11', 'b'), visit('b', '2026-03-10', 'a')])).toEqual(['b', 'a'])
  })
})
