import { describe, expect, test } from 'vitest'
import { arrived, laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { addDays, shortDay, type Day } from '../calendar/day'
import type { SiteConditions } from '../walk/siteConditions'
import { planOf } from './plan'
import { problemOf, type ProblemInput } from './problem'
import { constraintsOn } from './readiness'
import { openingSlots } from './opening'
import { openWords } from './standsOpen'
import { USUAL_SENSE } from './sense'
import { USUAL_COLDEST, NO_FORECAST, stoppedDays, stormDays, stopsWork, type Forecast } from './weather'

const sky = (part: Partial<SiteConditions> = {}): SiteConditions => ({
  sky: 'dry',
  low: 8,
  high: 14,
  ground: 'dry',
  ...part,
})
const HOUSE = laid([
  { id: 'front', kind: 'face', size: '12 x 2.7', treatments: ['face-repainted'] },
  { id: 'hall', treatments: ['room-paint-only'], size: '4 x 2 x 2.4' },
])
const planned = (forecast: Forecast, part: Partial<ProblemInput> = {}) =>
  planOf(problemOf(planInput(HOUSE, { forecast, ...part })), { rounds: 10, seed: 1 }).visits
const rain = (days: number): Forecast =>
  new Map(Array.from({ length: days }, (_, i) => [addDays(TODAY, i), sky({ sky: 'rain' })]))

describe('what stops work outside', () => {
  test('rain stops paint, roof and digging; showers only what must stay dry; frost fresh concrete', () => {
    expect(stopsWork(['paint'], ['face'], sky({ sky: 'rain' }))).toBe('rain')
    expect(stopsWork(['roof'], ['roof'], sky({ sky: 'showers' }))).toBe('showers')
    expect(stopsWork(['cladding'], ['face'], sky({ sky: 'showers' }))).toBeNull()
    expect(stopsWork(['concrete'], ['ground'], sky({ low: -2 }))).toBe('−2 °C')
    expect(stopsWork(['paint'], ['face'], sky({ low: 3 }))).toBe('3 °C')
    expect(stopsWork(['paint'], ['face'], sky())).toBeNull()
    expect(stopsWork(['paint'], ['face'], sky({ low: 3 }), { ...USUAL_COLDEST, paint: 2 })).toBeNull()
  })
  test('nothing stops work inside', () => {
    expect(stopsWork(['paint'], ['room'], sky({ sky: 'storm', low: -10 }))).toBeNull()
    expect([...stoppedDays(['paint'], ['room'], rain(5))]).toEqual([])
  })
})

describe('a storm', () => {
  test('holds what would stand open in it: nothing is opened on the days before, and the plan says why', () => {
    const wall = laid([{ id: 'rear', kind: 'face', size: '9 x 2.7', treatments: ['face-tear-off'] }])
    const stripped = (forecast: Forecast) =>
      planOf(problemOf(planInput(arrived(wall), { forecast })), { rounds: 10, seed: 1 }).visits.find(({ stages }) =>
        stages.includes('strip-out'),
      )!
    const calm = stripped(NO_FORECAST)
    const storm = addDays(calm.startDay, 1)
    const held = stripped(new Map([[storm, sky({ sky: 'storm' })]]))
    expect(held.startDay > storm).toBe(true)
    expect(held.why).toContain(`for storm on ${shortDay(storm)}.`)
    expect([...stormDays(3, new Map([[storm, sky({ sky: 'storm' })]])).keys()]).toEqual([
      addDays(storm, -1),
      addDays(storm, -2),
      addDays(storm, -3),
    ])
  })
})

describe('the plan and the sky', () => {
  const WET = 8
  const painted = (visits: ReturnType<typeof planned>, place: string) =>
    visits.find((visit) => visit.placeIds.includes(place) && visit.stages.includes('paint'))!
  test('work outside keeps off the days that stop it and says so; work inside goes on', () => {
    const [dry, wet] = [planned(NO_FORECAST), planned(rain(WET))]
    expect(painted(dry, 'front').startDay < addDays(TODAY, WET)).toBe(true)
    const visit = painted(wet, 'front')
    expect(visit.startDay >= addDays(TODAY, WET)).toBe(true)
    expect(painted(wet, 'hall').startDay < addDays(TODAY, WET)).toBe(true)
  })
  test('an agreed day is kept, and what is forecast for it is open', () => {
    const pins = planned(NO_FORECAST).map(({ key, startDay, startHalf }) => ({
      visitKey: key,
      day: startDay,
      half: startHalf,
    }))
    const kept = painted(planned(rain(8), { pins }), 'front')
    expect(kept.startDay).toBe(painted(planned(NO_FORECAST), 'front').startDay)
    const open = constraintsOn(kept, stateOf(HOUSE), null, rain(8), { ...USUAL_SENSE, units: 'metric' }).filter(
      ({ kind }) => kind === 'weather',
    )
    expect(open[0]!.words).toMatch(/^Forecast for \w{3} \d+ Mar: rain$/)
  })
})

describe('how long a house stands open', () => {
  const open = (until: string | null) => openWords({ from: '2026-03-17' as Day, until: until as Day | null })
  test('from the visit that opens a face to the one that closes it', () => {
    expect(open('2026-03-19')).toBe(
      'Open from Tue 17 Mar, closed on Thu 19 Mar: 2 nights. Open no more in a day than is closed or covered by the evening.',
    )
  })
  test('closed on the day says nothing, closed by nothing asks for a cover', () => {
    expect(open('2026-03-17')).toBeNull()
    expect(open(null)).toContain('cover it before the evening')
  })
  test('nothing is opened on the afternoon before days off, unless a site knows no other time', () => {
    const week = Uint8Array.from([1, 1, 1, 1, 0, 0, 1, 1])
    expect([...openingSlots(week)]).toEqual([1, 1, 1, 0, 0, 0, 1, 0])
    expect([...openingSlots(Uint8Array.from([0, 1, 0, 0]))]).toEqual([0, 1, 0, 0])
  })
  test('a face that could be opened on Friday afternoon is opened on Monday, and the plan says why', () => {
    const facts = laid([{ id: 'front', kind: 'face', size: '12 x 2.7', treatments: ['face-tear-off'] }])
    const strip = stateOf(facts).lines.filter(({ stage }) => stage === 'strip-out')
    const from = (day: string) => {
      const held = strip.map(({ id }) =>
        seen({
          subject: 'line',
          facet: 'held',
          subjectId: id,
          placeId: 'front',
          value: { reason: 'the scaffold stands from then on', until: day },
        }),
      )
      const input = planInput([...facts, ...held])
      const sites = input.sites.map((site) => ({
        ...site,
        calendar: { ...site.calendar, halvesOff: [{ day: '2026-03-13' as Day, half: 0 as const }] },
      }))
      return planOf(problemOf({ ...input, sites }), { rounds: 5, seed: 1 }).visits.find(({ stages }) =>
        stages.includes('strip-out'),
      )!
    }
    expect(from('2026-03-12').startDay).toBe('2026-03-12')
    expect(from('2026-03-13').startDay).toBe('2026-03-16')
    expect(from('2026-03-13').why).toContain(
      'Not on the afternoon of Fri 13 Mar: nothing outside is opened before days off.',
    )
  })
})
