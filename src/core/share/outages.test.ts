import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import type { Day } from '../calendar/day'
import type { PlannedVisit } from '../schedule/plan'
import type { SiteState } from '../walk/siteState'
import { outagesOf, outageSentence } from './outages'

const TODAY = '2026-03-10' as Day
const visit = (key: string, stage: string, startDay: string, endDay: string, ...lineIds: string[]): PlannedVisit =>
  ({ key, stages: [stage], placeIds: ['room'], startDay, endDay, lineIds }) as unknown as PlannedVisit
const TAKEN = line({ id: 'out', stage: 'strip-out', action: 'remove', outage: 'kitchen sink' })
const PUT_BACK = line({ id: 'in', stage: 'fixtures' })
const told = (lines: Parameters<typeof outagesOf>[0]['lines'], visits: readonly PlannedVisit[]) =>
  outagesOf({ lines, places: [] }, visits, TODAY).map((outage) => outageSentence(outage, TODAY))

describe('what a household is without', () => {
  const OUT = visit('a', 'strip-out', '2026-03-12', '2026-03-12', 'out')
  const IN = visit('b', 'fixtures', '2026-05-04', '2026-05-05', 'in')
  test('what is taken out for weeks is told with its weeks, not as part of a day', () => {
    expect(told([TAKEN, PUT_BACK], [OUT, IN])).toEqual(['Thu 12 Mar to Tue 5 May: no kitchen sink.'])
  })
  test('once it is out, until when; where nothing brings it back, that this is not known', () => {
    const gone = { ...TAKEN, progress: 100 }
    expect(told([gone, PUT_BACK], [IN])).toEqual(['Until Tue 5 May: no kitchen sink.'])
    expect(told([gone], [])).toEqual(['Now: no kitchen sink; until when we cannot say yet.'])
  })
  test('what is back is told no more', () => {
    expect(
      told(
        [
          { ...TAKEN, progress: 100 },
          { ...PUT_BACK, progress: 100 },
        ],
        [],
      ),
    ).toEqual([])
  })
  test('of two in a house it is said which', () => {
    const bath = (id: string, placeId: string) =>
      line({ id, placeId, stage: 'strip-out', action: 'remove', outage: 'bathroom', progress: 100 })
    const places = [
      { id: 'up', name: 'Bathroom' },
      { id: 'down', name: 'Cloakroom' },
    ] as unknown as SiteState['places']
    const outages = outagesOf({ lines: [bath('a', 'up'), bath('b', 'down')], places }, [], TODAY)
    expect(outages.map(({ what }) => what).sort()).toEqual(['no bathroom (Bathroom)', 'no bathroom (Cloakroom)'])
  })
  test('what is only shut off for one visit is part of that day', () => {
    const shut = line({ id: 'out', stage: 'pipes', outage: 'water' })
    expect(told([shut], [visit('a', 'pipes', '2026-03-12', '2026-03-12', 'out')])).toEqual([
      'Thu 12 Mar: no water for part of the day. We tell you the hours the day before.',
    ])
  })
  test('what was begun and stands in no plan is told, without a day that nobody knows', () => {
    const begun = line({ id: 'out', stage: 'pipes', outage: 'water', progress: 50 })
    expect(told([begun], [])).toEqual(['Now: no water; until when we cannot say yet.'])
  })
})
