import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import { minor } from '../measure/money'
import type { Observation } from '../walk/observation'
import type { Candidate } from './candidate'
import { candidateDays, clockBegins, countedLead } from './candidates'

const SLATE: Candidate = { name: 'Slate', leadDays: [28, 42, 56], price: minor(180_000) }
const BRICK: Candidate = { name: 'Brick slips', leadDays: [21, 21, 21], days: 2 }
const BOTH = [SLATE, BRICK]
const today = '2026-08-18' as Day

describe('two candidates side by side', () => {
  test('each has its last day to order, and when it is surely here', () => {
    const [slate, brick] = candidateDays(BOTH, '2026-10-05' as Day, 0, today, MONDAY_TO_FRIDAY, 15)
    expect(slate).toMatchObject({ orderBy: '2026-07-31', past: true, safeArrival: '2026-10-13' })
    expect(slate!.sentence).toBe(
      'Slate: 28 to 56 days, €1,800.00. It should have been ordered by 31 Jul; ordered now it is surely here by 13 Oct.',
    )
    expect(brick).toMatchObject({ orderBy: '2026-09-10', past: false })
    expect(brick!.sentence).toBe('Brick slips: 21 days, 2 days to put in. Order by 10 Sep.')
  })
  test('while nobody chose, the longer lead is counted on; the choice closes the other', () => {
    expect(countedLead(BOTH, null, [1, 2, 3])).toEqual([28, 42, 56])
    expect(countedLead(BOTH, 'brick slips', [1, 2, 3])).toEqual([21, 21, 21])
    expect(countedLead(BOTH, 'something else', [1, 2, 3])).toEqual([1, 2, 3])
    expect(countedLead([], null, [1, 2, 3])).toEqual([1, 2, 3])
  })
})

describe('a drawing, then its maker, then the goods', () => {
  const fact = (subject: string, subjectId: string, facet: string, value: unknown): Observation =>
    seen({ subject, subjectId, facet, placeId: 'bath', value } as never)
  const HOUSE = laid([{ id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '3 x 2' }])
  const tile = 'bath/Wall and floor tile'
  const asked = fact('decision', 'drawing', 'asked', {
    question: 'The bracket drawing, with sizes?',
    owner: 'designer',
    by: '2026-08-25',
  })
  const waiting = [...HOUSE, asked, fact('selection', tile, 'awaits', 'drawing')]
  const awaited = (facts: readonly Observation[]) => stateOf(facts).selections.find(({ id }) => id === tile)!.awaited

  test('its clock begins on the day that the drawing is promised for, and at once when it comes', () => {
    expect(awaited(waiting)).toMatchObject({ owner: 'designer', by: '2026-08-25' })
    expect(clockBegins(today, awaited(waiting))).toBe('2026-08-25')
    const come = [...waiting, fact('decision', 'drawing', 'answered', 'here it is')]
    expect(awaited(come)).toBeNull()
    expect(clockBegins(today, awaited(come))).toBe(today)
  })
  test('what waits for nothing, or for what nobody asked, begins today', () => {
    expect(clockBegins(today, awaited(HOUSE))).toBe(today)
    expect(awaited([...HOUSE, fact('selection', tile, 'awaits', 'nobody')])).toBeNull()
  })
})
