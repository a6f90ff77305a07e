import { beforeAll, describe, expect, test } from 'vitest'
import { daysBetween, type Day } from '../../src/core/calendar/day'
import { TRADES, type Stage, type Trade } from '../../src/core/scope/vocabulary'
import { finishDays } from '../../src/core/schedule/finishDays'
import type { PlannedVisit } from '../../src/core/schedule/plan'
import { readPeople } from '../../src/data/people'
import { readPlan } from '../../src/data/plans'
import { contextFor, type Context } from '../../src/server/context'
import { openFirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { planFirm } from '../../src/server/plan/planFirm'
import { createSite } from '../../src/server/sites/createSite'
import { keepCrew } from '../../src/server/sites/crewsAndRates'
import { planView } from '../../src/server/views/plan'
import { emptyFolder } from '../fixtures/folder'

/** Houses as a newcomer sets them up, each plan read as a builder reads it: day by day, from its visits. */
interface House {
  readonly built: string
  readonly livedIn: boolean
  readonly places: readonly {
    readonly name: string
    readonly kind: string
    readonly level: string
    readonly size: string
    readonly treatments: readonly string[]
  }[]
}

const room = (name: string, size: string, ...treatments: string[]) => ({
  name,
  kind: 'room',
  level: 'Ground floor',
  size,
  treatments,
})
const below = (name: string, size: string, ...treatments: string[]) => ({
  ...room(name, size, ...treatments),
  level: 'Basement',
})
const outside = (name: string, kind: string, size: string, ...treatments: string[]) => ({
  name,
  kind,
  level: 'Outside',
  size,
  treatments,
})

const HOUSES = {
  'a bungalow’s windows': {
    built: '1971',
    livedIn: true,
    places: [
      room('Living room', '5 x 4 x 2.5', 'window-replaced', 'room-paint-only'),
      room('Kitchen', '4 x 3 x 2.5', 'window-replaced'),
      room('Bedroom', '4 x 3.5 x 2.5', 'window-replaced', 'room-paint-only'),
    ],
  },
  'a kitchen and bath where people live': {
    built: '1988',
    livedIn: true,
    places: [
      room('Kitchen', '4.2 x 3.6 x 2.6', 'kitchen-rebuilt'),
      room('Bathroom', '2.6 x 2.1 x 2.6', 'bathroom-rebuilt'),
    ],
  },
  'a roof of two slopes': {
    built: '1954',
    livedIn: true,
    places: [
      outside('Street roof', 'roof', '11 x 6', 'roof-recovered'),
      outside('Yard roof', 'roof', '11 x 6', 'roof-recovered'),
    ],
  },
  'an empty shell': {
    built: '1931',
    livedIn: false,
    places: [
      room('Kitchen', '5 x 4 x 2.8', 'kitchen-rebuilt'),
      room('Living room', '6 x 5 x 2.8', 'room-board-finishes', 'window-replaced'),
      outside('Front', 'face', '9 x 6', 'face-tear-off'),
      outside('Roof', 'roof', '10 x 7', 'roof-recovered'),
    ],
  },
  'an addition': {
    built: '1999',
    livedIn: true,
    places: [
      room('New room', '5 x 4 x 2.6', 'room-board-finishes', 'window-added'),
      room('Kitchen', '4 x 4 x 2.6', 'opening-between-rooms', 'room-paint-floor'),
      outside('Garden face', 'face', '7 x 3', 'face-insulated-rendered'),
    ],
  },
  'a basement': {
    built: '1966',
    livedIn: true,
    places: [
      below('Family room', '6 x 4 x 2.3', 'basement-finished'),
      below('Bedroom', '4 x 3 x 2.3', 'basement-finished', 'escape-window'),
      below('Stair', '3 x 1 x 2.5', 'stair-and-railing'),
    ],
  },
} as const satisfies Record<string, House>

/** The plan of a house on the day it is set up, with a crew of every trade. */
class PlannedHouse {
  private constructor(
    private readonly owner: Context,
    private readonly siteId: string,
    private readonly visits: readonly PlannedVisit[],
    private readonly places: ReadonlyMap<string, string>,
  ) {}

  static async of(house: House): Promise<PlannedHouse> {
    const firm = await openFirmFolder(emptyFolder(), '2026-03-02')
    await createFirm(firm, { firm: 'Example & Co', name: 'Ada', login: 'ada', password: 'barge quoin lantern' })
    const owner = contextFor(firm, readPeople(firm.db)[0]!)
    for (const trade of Object.keys(TRADES) as Trade[])
      keepCrew(owner, {
        name: TRADES[trade],
        trade,
        crews: 1,
        crewSize: 2,
        weekdays: [1, 2, 3, 4, 5],
        licence: 'L-1',
        contact: `${trade}@trades.example.com`,
      })
    const { siteId } = createSite(owner, {
      ...house,
      name: 'The house',
      units: 'metric',
      weekdays: [1, 2, 3, 4, 5],
      startsOn: '2026-03-02',
      clientName: 'The household',
    })
    await planFirm(owner, 'Planned')
    const places = new Map(owner.record(owner.site(siteId)).places.map(({ id, name }) => [name, id]))
    return new PlannedHouse(owner, siteId, readPlan(firm.db)!.plan.visits, places)
  }

  /** Visits of a stage at a place, the first one first. */
  private at(place: string, stage: Stage): PlannedVisit[] {
    return this.visits
      .filter(({ placeIds, stages }) => placeIds.includes(this.places.get(place)!) && stages.includes(stage))
      .filter(({ trade }) => trade !== 'inspector')
      .sort((a, b) => (a.startDay < b.startDay ? -1 : 1))
  }
  has = (place: string, stage: Stage): boolean => this.at(place, stage).length > 0
  starts = (place: string, stage: Stage): Day => this.at(place, stage)[0]!.startDay
  ends = (place: string, stage: Stage): Day => this.at(place, stage).at(-1)!.endDay
  /** Nights from the end of one stage to the start of another. */
  nights = (place: string, from: Stage, to: Stage): number =>
    daysBetween(this.ends(place, from), this.starts(place, to))
  likely = (): Day => finishDays(readPlan(this.owner.db)!.plan, this.siteId, this.owner.today)!.likely
  ending = (): Day => readPlan(this.owner.db)!.plan.floor[this.siteId]!
  view = () => planView(this.owner, this.siteId)
}

describe.each(Object.entries(HOUSES))('%s', (_name, house: House) => {
  let plan: PlannedHouse
  beforeAll(async () => {
    plan = await PlannedHouse.of(house)
  })

  test('has nothing that facts force to be told', () => {
    expect(plan.view().alarms).toEqual([])
  })

  test('protects a place when that is needed, and not weeks before', () => {
    for (const { name } of house.places)
      for (const next of ['strip-out', 'windows-doors', 'paint'] as const) {
        if (!plan.has(name, 'protect') || !plan.has(name, next)) continue
        expect(plan.nights(name, 'protect', next), name).toBeLessThanOrEqual(5)
        break
      }
  })

  test('says what cannot be beaten on a day that is worked, and what it counts on where less may be needed', () => {
    const { floor } = plan.view()
    expect(floor).toMatch(/cannot be beaten|can beat/)
    expect(floor).not.toMatch(/Saturday|Sunday/)
    if (plan.likely() < plan.ending()) expect(floor).toMatch(/^If all that is awaited comes as late as it may/)
  })
})

test('of two slopes one is covered before the other is stripped', async () => {
  const plan = await PlannedHouse.of(HOUSES['a roof of two slopes'])
  expect(plan.nights('Street roof', 'strip-out', 'roof')).toBeLessThanOrEqual(1)
  expect(plan.nights('Yard roof', 'strip-out', 'roof')).toBeLessThanOrEqual(1)
})

test('a room whose goods are short does not wait for one whose window takes twelve weeks', async () => {
  const plan = await PlannedHouse.of(HOUSES['a basement'])
  expect(daysBetween(plan.ends('Family room', 'framing'), plan.starts('Family room', 'ducts'))).toBeLessThanOrEqual(4)
  expect(daysBetween(plan.starts('Family room', 'wires'), plan.starts('Bedroom', 'wires'))).toBeGreaterThan(30)
})

test('openings are cut and set before a face gets its insulation and render, and it is not stripped weeks before', async () => {
  const plan = await PlannedHouse.of(HOUSES['an addition'])
  expect(plan.ends('New room', 'windows-doors') <= plan.starts('Garden face', 'insulation')).toBe(true)
  expect(plan.nights('Garden face', 'strip-out', 'insulation')).toBeLessThanOrEqual(5)
})

test('a face is painted after the roof above it', async () => {
  const plan = await PlannedHouse.of(HOUSES['an empty shell'])
  expect(plan.ends('Roof', 'roof') <= plan.starts('Front', 'paint')).toBe(true)
})

test('of the only kitchen and the only bathroom one works while the other is out', async () => {
  const { without } = (await PlannedHouse.of(HOUSES['a kitchen and bath where people live'])).view()
  const [first, second] = [...without].sort((a, b) => (a.from < b.from ? -1 : 1))
  expect([first!.what, second!.what].sort()).toEqual(['Bathroom', 'Kitchen'])
  expect(first!.until < second!.from).toBe(true)
})
