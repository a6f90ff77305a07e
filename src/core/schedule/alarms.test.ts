import { describe, expect, test } from 'vitest'
import { BY_KEY, laid, planInput, seen, stateOf } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { MONDAY_TO_FRIDAY } from '../calendar/workingDays'
import type { Observation } from '../walk/observation'
import type { Relation } from '../sequence/relations'
import { alarmsOf, uncalledSoon, type Uncalled } from './alarms'
import { planOf, type PlannedVisit } from './plan'
import { problemOf } from './problem'

const ROOM = laid([{ id: 'room', treatments: ['room-paint-floor'], size: '4 x 3 x 2.4' }])

describe('who was never called', () => {
  // A Tuesday.
  const TODAY = '2026-03-10' as Day
  const coming = (startDay: string, crewId = 'painter'): PlannedVisit =>
    ({ key: `${crewId} ${startDay}`, siteId: 'site', crewId, trade: 'painter', startDay, startHalf: 0 }) as PlannedVisit
  const told = (visits: readonly PlannedVisit[], who: Uncalled | null = { name: 'Dapple & Daughter', noticeDays: 3 }) =>
    uncalledSoon(visits, () => who, TODAY, MONDAY_TO_FRIDAY)
  test('and starts within the days of notice is told once, at the first coming', () => {
    expect(told([coming('2026-03-16'), coming('2026-03-12')])).toEqual([
      {
        rule: 'notice',
        siteId: 'site',
        visit: 'painter 2026-03-12',
        day: '2026-03-12',
        words:
          'Dapple & Daughter: they start on Thu 12 Mar and nobody has told them. They are called 3 days ahead: call today, or plan again.',
      },
    ])
  })
  test('has time while their notice has not begun to run, and nobody is told of who knows', () => {
    expect(told([coming('2026-03-13')])).toEqual([])
    expect(told([coming('2026-03-09')])).toEqual([])
    expect(told([coming('2026-03-11')], null)).toEqual([])
  })
})

test('what was to follow within days and cannot is told, with what it follows, by how much, and what holds it', () => {
  const soon: Relation = { before: 'paint', after: 'flooring', mostDays: 2, why: 'the rooms are let at once' }
  const floor = stateOf(ROOM).lines.find(({ stage }) => stage === 'flooring')!
  const held = seen({
    subject: 'line',
    facet: 'held',
    subjectId: floor.id,
    placeId: 'room',
    value: { reason: 'the floor layers are away', until: '2026-06-15' },
  })
  const planned = (...more: readonly Observation[]) => {
    const base = planInput([...ROOM, ...more])
    return planOf(problemOf({ ...base, sites: base.sites.map((site) => ({ ...site, ownRelations: [soon] })) }), {
      rounds: 10,
      seed: 1,
    })
  }
  expect(alarmsOf(planned(), BY_KEY)).toEqual([])
  // The paint waits for the floor where it can; begun, it cannot.
  const paint = stateOf(ROOM).lines.filter(({ stage }) => stage === 'paint')
  const begun = paint.map(({ id }) =>
    seen({ subject: 'line', facet: 'progress', subjectId: id, placeId: 'room', value: 50 }),
  )
  const [alarm] = alarmsOf(planned(held, ...begun), BY_KEY)
  expect(alarm).toMatchObject({ rule: 'order' })
  expect(alarm!.words).toMatch(
    /^Flooring in Room, .*: .*floor layers are away.* It should follow paint in Room, .* within 2 days and comes after \d+ days\. Move what holds it, or allow more days\.$/i,
  )
})
