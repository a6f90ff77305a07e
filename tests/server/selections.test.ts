import { beforeEach, describe, expect, test } from 'vitest'
import { readValues } from '../../src/core/entries/field'
import { parseSize } from '../../src/core/measure/size'
import { notYet, toOrder } from '../../src/core/selections/toOrder'
import { createSite } from '../../src/server/sites/createSite'
import { selectionFields, type SelectionSort } from '../../src/core/selections/selectionKinds'
import { demoId, placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { selectionsView } from '../../src/server/views/selections'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const KITCHEN = placeIdOf('bakehouse', 'kitchen')
const SINK = demoId('selection', 'bakehouse', 'kitchen', 'Sink and tap')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

const rowOf = (what: string, role: 'owner' | 'lead' = 'owner') =>
  selectionsView(as(firm, role), BAKEHOUSE).rows.find((row) => row.what === what && row.place === 'Kitchen')!
const say = (facet: string, value: unknown, role: 'owner' | 'crew' = 'owner'): unknown =>
  recordFacts(as(firm, role), BAKEHOUSE, {
    facts: [{ subject: 'selection', subjectId: SINK, facet, placeId: KITCHEN, value }],
  })
const details = (sort: SelectionSort, typed: Readonly<Record<string, string>>) => ({
  sort,
  values: readValues(selectionFields(sort), (key) => typed[key] ?? '', 'metric'),
})

describe('a selection in depth', () => {
  test('the sink does not go into its cabinet until the cabinet is measured wider', () => {
    expect(rowOf('Sink and tap').checks).toContain('2 mm too little: build out, or another box.')
    say('details', details('fixture', { wide: '600 mm', niche: '612 mm', finish: 'white' }))
    const { checks, details: told } = rowOf('Sink and tap')
    expect(checks).toEqual(['612 mm − 600 mm = 12 mm, 6 mm at each side.'])
    expect(told).toContain('Colour, finish, texture: white')
  })
  test('what came is counted against what is needed', () => {
    say('details', details('hardware', { count: '2' }))
    say('delivered', { on: '2026-03-09', count: 2, damaged: 1 })
    expect(rowOf('Sink and tap').checks).toEqual(['1 of 2 came damaged.', '1 of 2 is still wanted.'])
  })
  test('supplier and days of approval are told apart from how it was laid down, and the order day follows', () => {
    const before = rowOf('Sink and tap').orderBy!
    say('supplier', 'Cast & Warm')
    say('approvalDays', 14)
    const { supplier, orderBy } = rowOf('Sink and tap')
    expect(supplier).toBe('Cast & Warm')
    expect(orderBy! < before).toBe(true)
  })
  test('an order tells how long it has been on its way, from the day it was really placed', () => {
    say('state', 'ordered')
    say('arrives', '2026-05-15')
    expect(rowOf('Sink and tap').reason).toContain('0 days gone, 66 to go')
    say('details', details('fixture', { ordered: '2026-02-06' }))
    expect(rowOf('Sink and tap').reason).toContain(': 32 days gone, 66 to go.')
  })
  test('what fits no sort of thing is refused by name', () => {
    expect(() => say('details', { sort: 'spaceship', values: {} })).toThrow('Sort: choose one of the list.')
    expect(() => say('details', { sort: 'paint', values: { coats: 'two' } })).toThrow('Coats: write a number.')
    expect(() => say('delivered', { on: '2026-03-09', count: -1 })).toThrow()
    expect(() => say('approvalDays', 1000)).toThrow()
  })
})

describe('what a selection costs', () => {
  beforeEach(() => {
    say('details', details('fixture', { allowance: '400', price: '512.35', finish: 'white' }))
  })
  test('is read by whoever sees money', () => {
    expect(rowOf('Sink and tap').checks).toContain('€112.35 over the allowance: to be agreed before it is ordered.')
  })
  test('is on no phone of the crew, and the crew can neither write nor drop it', () => {
    expect(JSON.stringify(walkSnapshot(as(firm, 'crew'), BAKEHOUSE))).not.toContain('51235')
    expect(JSON.stringify(walkSnapshot(as(firm, 'owner'), BAKEHOUSE))).toContain('51235')
    expect(() => say('details', details('fixture', { finish: 'black' }), 'crew')).toThrow(
      'Prices are for the lead and the owner.',
    )
  })
})

test('a floor for a room that nobody measured is not ordered until it is', () => {
  const owner = as(firm, 'owner')
  const { siteId } = createSite(owner, {
    name: 'Thornlea',
    built: '1960',
    units: 'metric',
    livedIn: false,
    weekdays: [1, 2, 3, 4, 5],
    startsOn: '2026-03-10',
    places: [{ name: 'Loft', kind: 'room', level: 'Attic', size: '', treatments: ['room-paint-floor'] }],
  })
  const floor = () => selectionsView(owner, siteId).rows.find((row) => row.what === 'Floor')!
  expect(floor().heldBack).toEqual(['Lay the floor is not measured: measure it before this is ordered.'])
  expect(notYet([floor()])).toHaveLength(1)
  recordFacts(owner, siteId, {
    facts: [
      {
        subject: 'place',
        subjectId: floor().placeId,
        facet: 'measured',
        placeId: floor().placeId,
        value: parseSize('4 x 3 x 2.4', 'metric'),
      },
    ],
  })
  expect(floor().heldBack).toEqual([])
  expect(toOrder([floor()])).toHaveLength(1)
})
