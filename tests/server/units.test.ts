import { describe, expect, test } from 'vitest'
import { readSite } from '../../src/data/sites'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { copyUnitOf, settleOffer } from '../../src/server/sites/unitsOfHouse'
import { siteState } from '../../src/server/siteStates'
import { find } from '../../src/server/views/find'
import { roomSheetView } from '../../src/server/views/roomSheet'
import { needsOfSite } from '../../src/server/views/todayNeeds'
import { unitsView } from '../../src/server/views/units'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const KITCHEN = placeIdOf('bakehouse', 'kitchen')
const SCULLERY = placeIdOf('bakehouse', 'scullery')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const copy = (part: object = {}) =>
  copyUnitOf(lead(), BAKEHOUSE, {
    placeIds: [KITCHEN, SCULLERY],
    of: 'Front flat',
    name: 'Back flat',
    mirrored: true,
    differences: ['no range in the kitchen', ''],
    ...part,
  })
const view = () => unitsView(lead(), BAKEHOUSE)
const widen = (subjectId: string, typed: string) =>
  recordFacts(lead(), BAKEHOUSE, {
    facts: [
      {
        subject: 'place',
        subjectId,
        facet: 'measured',
        placeId: subjectId,
        value: {
          sides: typed.split(' x ').map((side) => ({ tenths: Number(side) * 10_000, precision: 'exact', typed: side })),
          typed,
        },
      },
    ],
  })
const asked = () => {
  const site = readSite(firm.db, BAKEHOUSE)!
  const needs = needsOfSite(lead(), { site, state: siteState(firm.db, site) }, null, () => [])
  return needs.filter(({ href }) => href === `/sites/${BAKEHOUSE}/units`)
}

describe('a unit of a house', () => {
  test('is laid out again as a whole; what it comes to stands side by side and together', () => {
    expect(copy()).toEqual({ places: 2 })
    const { units, sums } = view()
    expect(units.map(({ name, places }) => [name, places.map((one) => one.name)])).toEqual([
      ['Front flat', ['Kitchen', 'Scullery']],
      ['Back flat', ['Kitchen, Back flat', 'Scullery, Back flat']],
    ])
    const hours = sums.find(({ what }) => what === 'Hours of work')!
    const [front, back] = hours.each.map(Number) as [number, number]
    expect(back).toBeGreaterThan(0)
    expect(Math.abs(Number(hours.all) - front - back)).toBeLessThanOrEqual(1)
  })
  test('what is different there is on the sheet of that room', async () => {
    copy()
    const place = siteState(firm.db, readSite(firm.db, BAKEHOUSE)!).places.find(
      (one) => one.name === 'Kitchen, Back flat',
    )!
    expect(JSON.stringify(await roomSheetView(lead(), BAKEHOUSE, place.id))).toContain('No range in the kitchen')
    expect(JSON.stringify(await roomSheetView(lead(), BAKEHOUSE, KITCHEN))).not.toContain('No range in the kitchen')
  })
  test('a later change in the one is offered on Today, taken over once, and asked no more', () => {
    copy()
    expect(asked()).toEqual([])
    widen(KITCHEN, '6 x 4 x 2.6')
    expect(asked()).toMatchObject([{ text: 'One change in one unit is not in the other yet.' }])
    const [offer] = view().offers
    expect(offer).toMatchObject({ source: 'Kitchen', place: 'Kitchen, Back flat', words: 'It is 6 × 4 × 2.6 m now' })
    settleOffer(lead(), BAKEHOUSE, { placeId: offer!.placeId, key: offer!.key, take: true })
    expect(view().units[1]!.places[0]!.size).toBe('6 × 4 × 2.6 m')
    expect(asked()).toEqual([])
    expect(() => settleOffer(lead(), BAKEHOUSE, { placeId: offer!.placeId, key: offer!.key, take: true })).toThrow(
      'That was settled already',
    )
  })
  test('said not to be so there, nothing is made', () => {
    copy()
    const before = view().units[1]!.places[0]!.size
    widen(KITCHEN, '6 x 4 x 2.6')
    const [offer] = view().offers
    settleOffer(lead(), BAKEHOUSE, { placeId: offer!.placeId, key: offer!.key, take: false })
    expect(view().units[1]!.places[0]!.size).toBe(before)
    expect(view().offers).toEqual([])
  })
  test('bad input names the field and lays nothing out; crew lay nothing out; it is found by its words', () => {
    expect(() => copy({ name: '' })).toThrow('The other: say what it is called')
    expect(() => copy({ placeIds: [] })).toThrow('Places: tick those that it is made of.')
    copy()
    expect(() => copy()).toThrow('there is a Kitchen, Back flat already')
    expect(() => copyUnitOf(as(firm, 'crew'), BAKEHOUSE, {})).toThrow()
    expect(find(lead(), 'mirror a flat', BAKEHOUSE).map(({ href }) => href)).toContain(`/sites/${BAKEHOUSE}/units`)
  })
})
