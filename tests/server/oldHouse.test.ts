import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { lineFromWords } from '../../src/core/narration/lineFromWords'
import { readPlan } from '../../src/data/plans'
import { readPeople } from '../../src/data/people'
import { contextFor, type Context } from '../../src/server/context'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { planFirm } from '../../src/server/plan/planFirm'
import { addLine } from '../../src/server/sites/addLine'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { createSite, layTreatmentAt } from '../../src/server/sites/createSite'
import { keepCrew } from '../../src/server/sites/crewsAndRates'
import { keepStandard } from '../../src/server/sites/keepStandard'
import { siteState } from '../../src/server/siteStates'
import { closed, emptyFolder, TODAY } from '../fixtures/folder'

let firm: FirmFolder
let owner: Context
beforeEach(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
  await createFirm(firm, { firm: 'Underbough', name: 'Ada', login: 'ada', password: 'larch-cupola-drift-9' })
  owner = contextFor(firm, readPeople(firm.db)[0]!)
})
afterEach(() => closed(firm))

const house = (built: number, treatments: readonly string[]) =>
  createSite(owner, {
    name: 'Mill Cottage',
    built,
    units: 'metric',
    livedIn: true,
    weekdays: [1, 2, 3, 4, 5],
    startsOn: TODAY,
    places: [{ name: 'Hall', kind: 'room', level: 'Ground floor', size: '4 x 2 x 2.4', treatments }],
  }).siteId
const testsOf = (siteId: string) =>
  siteState(firm.db, owner.site(siteId)).lines.filter(({ stage }) => stage === 'testing')

describe('a house that may hold lead and asbestos', () => {
  test('has the work of testing with its first dusty work, once, and it is planned before any dust', async () => {
    const siteId = house(1911, [])
    expect(testsOf(siteId)).toEqual([])
    const [place] = siteState(firm.db, owner.site(siteId)).places
    layTreatmentAt(owner, siteId, { placeId: place!.id, treatment: 'room-board-finishes' })
    layTreatmentAt(owner, siteId, { placeId: place!.id, treatment: 'room-paint-only' })
    expect(testsOf(siteId).map(({ trade }) => trade)).toEqual(['tester'])
    const { visits } = await planFirm(owner, 'first')
    const tests = visits.find(({ stages }) => stages.includes('testing'))!
    for (const dusty of visits.filter(({ stages }) => stages.includes('strip-out') || stages.includes('paint')))
      expect(dusty.startDay > tests.endDay, dusty.key).toBe(true)
  })
  test('has it as well where the work is told, on a walk or in a few words at the desk', () => {
    for (const [built, tests] of [
      [1911, 1],
      [2011, 0],
    ] as const) {
      const siteId = house(built, [])
      const [place] = siteState(firm.db, owner.site(siteId)).places
      addLine(owner, siteId, { placeId: place!.id, text: 'take out the wall to the kitchen' })
      addLine(owner, siteId, { placeId: place!.id, text: 'paint the ceiling' })
      expect(testsOf(siteId)).toHaveLength(tests)
      const walked = house(built, [])
      const [hall] = siteState(firm.db, owner.site(walked)).places
      const value = lineFromWords('strip the plaster', hall!, { units: 'metric', today: owner.today })
      receiveObservations(owner, walked, {
        observations: [
          {
            id: uuid(),
            walkId: null,
            placeId: hall!.id,
            subject: 'line',
            subjectId: uuid(),
            facet: 'laid',
            value,
            seenAt: `${TODAY}T08:00:00.000Z`,
          },
        ],
      })
      expect(testsOf(walked)).toHaveLength(tests)
    }
  })
  test('from which year on is the firm’s to say', () => {
    keepStandard(owner, { site: null, key: 'plan/tested-before', value: '2000' })
    expect(testsOf(house(1994, ['room-paint-only']))).toHaveLength(1)
    expect(testsOf(house(2004, ['room-paint-only']))).toEqual([])
  })
})

describe('a plan that is kept', () => {
  test('asked again with nothing new it is the same plan; something new is a new one', async () => {
    house(2004, ['room-board-finishes'])
    await planFirm(owner, 'first')
    const first = readPlan(firm.db)!
    await planFirm(owner, 'again')
    expect(readPlan(firm.db)!.id).toBe(first.id)
    const crew = { name: 'Fairbrush', trade: 'painter', crews: 1, crewSize: 2, weekdays: [1, 2, 3, 4, 5] }
    keepCrew(owner, { ...crew, noticeDays: 10 })
    const plan = await planFirm(owner, 'a painter')
    expect(readPlan(firm.db)!.id).not.toBe(first.id)
    const painted = plan.visits.find(({ trade }) => trade === 'painter')!
    expect(painted.crewId).not.toBeNull()
    expect(painted.startDay >= '2026-03-24').toBe(true)
  })
  test('a crew does what it does beside its trade, where nobody else does; a licence is asked for that too', async () => {
    house(2004, ['room-board-finishes'])
    const crew = { name: 'Hand & Trowel', trade: 'carpenter', crews: 1, crewSize: 2, weekdays: [1, 2, 3, 4, 5] }
    expect(() => keepCrew(owner, { ...crew, alsoTrades: ['electrician'] })).toThrow(
      'Licence: electricians need one on record.',
    )
    const { id } = keepCrew(owner, { ...crew, alsoTrades: ['painter', 'drywaller'] })
    const { visits } = await planFirm(owner, 'first')
    const theirs = new Set(visits.filter(({ crewId }) => crewId === id).map(({ trade }) => trade))
    expect([...theirs].sort()).toEqual(['carpenter', 'drywaller', 'painter'])
  })
})
