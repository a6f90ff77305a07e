import { v7 as uuid } from 'uuid'
import { describe, expect, test } from 'vitest'
import { addDays, type Day } from '../../src/core/calendar/day'
import { readBookings, readPins, readPlan } from '../../src/data/plans'
import { readPeople } from '../../src/data/people'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { contextFor } from '../../src/server/context'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { createFirm } from '../../src/server/people/accounts'
import { previewChange } from '../../src/server/plan/changePlan'
import { createSite } from '../../src/server/sites/createSite'
import { selectionsView } from '../../src/server/views/selections'
import { planView } from '../../src/server/views/plan'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as, closed, emptyFolder, TODAY } from '../fixtures/folder'

const TOMORROW = addDays(TODAY as Day, 1)
const SITE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const plan = () => readPlan(firm.db)!.plan

test('what is found has the sort that somebody chose, and none where nobody did', () => {
  const subjectId = uuid()
  const found = { subject: 'finding', subjectId, facet: 'found', placeId: BATH } as const
  const sort = () => stateAt(firm, SITE).findings.find(({ id }) => id === subjectId)!.condition
  recordFacts(lead(), SITE, { facts: [{ ...found, value: { text: 'the joist end is soft', certain: true } }] })
  expect(sort()).toBeUndefined()
  recordFacts(lead(), SITE, {
    facts: [{ ...found, value: { text: 'the joist end is soft', certain: true, condition: 'rot' } }],
  })
  expect(sort()).toBe('rot')
})

test('a selection that is not part of it any more stands in no list', () => {
  const [first] = stateAt(firm, SITE).selections
  const listed = () => JSON.stringify(selectionsView(lead(), SITE)).includes(first!.id)
  expect(listed()).toBe(true)
  const off = (value: boolean) =>
    recordFacts(lead(), SITE, {
      facts: [{ subject: 'selection', subjectId: first!.id, facet: 'removed', placeId: first!.placeId, value }],
    })
  off(true)
  expect(listed()).toBe(false)
  off(false)
  expect(listed()).toBe(true)
})

test('the weather of the demo is simulated and says so; a real firm is told none that nobody saw', async () => {
  expect(walkSnapshot(lead(), SITE).weather).toMatchObject({ simulated: true })
  const real = await openFirmFolder(emptyFolder(), TODAY)
  await createFirm(real, { firm: 'Underbough', name: 'Ada', login: 'ada', password: 'larch-cupola-drift-9' })
  const owner = contextFor(real, readPeople(real.db)[0]!)
  const place = { name: 'Hall', kind: 'room', level: 'Ground floor', size: '4 x 2 x 2.4', treatments: [] }
  const { siteId } = createSite(owner, {
    name: 'Mill Cottage',
    units: 'metric',
    livedIn: true,
    weekdays: [1, 2, 3, 4, 5],
    startsOn: TODAY,
    places: [place],
  })
  expect(walkSnapshot(owner, siteId).weather).toBeNull()
  expect(JSON.stringify(planView(owner, siteId))).not.toMatch(/"simulated":(true|")/)
  closed(real)
})

describe('why a visit stands where it stands', () => {
  test('is an agreed visit only where somebody agreed to that one', () => {
    const agreed = new Set([
      ...readBookings(firm.db).flatMap(({ visitKey, state }) => (state === 'declined' ? [] : [visitKey])),
      ...readPins(firm.db).map(({ visitKey }) => visitKey),
    ])
    const said = plan().visits.filter(({ why }) => why.startsWith('An agreed visit comes first'))
    expect(plan().visits.length).toBeGreaterThan(100)
    expect(said.filter(({ boundBy }) => !agreed.has(boundBy!)).map(({ key }) => key)).toEqual([])
  })
  test('is not that it can start at once, where it cannot start on the day that was asked for', async () => {
    const visits = plan().visits.filter(({ crewId, startDay }) => crewId !== null && startDay > TOMORROW)
    const told: string[] = []
    for (const { key } of visits.slice(0, 4))
      told.push((await previewChange(lead(), { visitKey: key, day: TOMORROW, half: 0 })).lead)
    expect(told.some((words) => words.startsWith('It cannot start then.'))).toBe(true)
    expect(told.filter((words) => /cannot start then.*can start at once/.test(words))).toEqual([])
  })
})

test.each(['120000-01-01', '2026-13-01', '2026-02-30', 'tomorrow', ''])(
  'a visit is moved to no day that is none: %j',
  async (day) => {
    const { key } = plan().visits.at(-1)!
    await expect(previewChange(lead(), { visitKey: key, day, half: 0 })).rejects.toThrow(
      /is not a day\. Write it as|^Day: /,
    )
  },
)
