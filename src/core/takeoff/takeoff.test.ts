import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseLength, type Tenths } from '../measure/length'
import { countTieOut, COUNTS, type Counts } from './countTieOut'
import { cutUpStrip } from './cutUpStrip'
import { binCheck, WASTE, type WasteKind } from './demolitionWaste'

const ft = (text: string): Tenths => parseLength(text, 'imperial').tenths

describe('a strip cut up along a wall (C-04)', () => {
  // 38 ft / 8 = 4.75, up to 5. (48 + 1/8) / (16 + 1/8) = 2.98: 2 strips, 3 sheets. 15 7/8: 48.125 / 16 = 3.008: 3 strips.
  test('38 ft of wall, 16 in or 15 7/8 in high', () => {
    expect(cutUpStrip(ft('38 ft'), ft('16 in'))).toMatchObject({
      sections: 5,
      stripsPerSheet: 2,
      sheets: 3,
      studFeet: 30,
    })
    expect(cutUpStrip(ft('38 ft'), ft('15 7/8 in'))).toMatchObject({ stripsPerSheet: 3, sheets: 2 })
  })
  test('63 ft with a 5 ft door: 58 ft of plate, 49 stud feet', () => {
    const strip = cutUpStrip(ft('63 ft'), ft('15 in'), ft('5 ft'))
    expect(strip).toEqual({ sections: 8, stripsPerSheet: 3, sheets: 3, plate: ft('58 ft'), studFeet: 49 })
  })
  test('a longer wall never takes fewer sheets, and the sheets always hold the sections', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 500_000 }), fc.integer({ min: 500, max: 12_000 }), (wall, strip) => {
        const one = cutUpStrip(wall as Tenths, strip as Tenths)
        expect(one.sheets * one.stripsPerSheet).toBeGreaterThanOrEqual(one.sections)
        expect(cutUpStrip((wall + 5000) as Tenths, strip as Tenths).sheets).toBeGreaterThanOrEqual(one.sheets)
      }),
    )
  })
  test('a strip higher than a sheet still takes a sheet a section', () => {
    expect(cutUpStrip(ft('16 ft'), ft('5 ft')).sheets).toBe(2)
  })
})

describe('a bin (C-45)', () => {
  test('weight comes before volume', () => {
    // 37.16 m² × 39 = 1449, × 49 = 1821 kg
    expect(binCheck('plaster and lath', 37.16, 1600, { load: 0.9, bin: 1.2 })).toEqual({
      weight: [1449, 1821],
      overWeight: 'maybe',
      fill: 75,
    })
  })
  test('concrete is over its limit long before the bin is full', () => {
    expect(binCheck('concrete', 2, 4000, { load: 0.4, bin: 1.2 })).toEqual({
      weight: [4800, 4800],
      overWeight: 'yes',
      fill: 33,
    })
  })
  test('on a site in feet it is reckoned in pounds', () => {
    expect(binCheck('plaster and lath', 310, 4400, { load: 26, bin: 48 }, 'imperial')).toEqual({
      weight: [2480, 3100],
      overWeight: 'no',
      fill: 54,
    })
    expect(binCheck('plaster and lath', 500, 4400, undefined, 'imperial').overWeight).toBe('maybe')
  })
  test.each(Object.keys(WASTE) as WasteKind[])('%s weighs no less at the high end', (kind) => {
    const [low, high] = binCheck(kind, 3, 1).weight
    expect(low).toBeGreaterThan(0)
    expect(high).toBeGreaterThanOrEqual(low)
  })
})

describe('counts that should tie out (C-52)', () => {
  test('a difference is a question', () => {
    expect(countTieOut({ said: 12, listed: 12, ordered: 11 })).toEqual(['12 listed, 11 ordered: which is right?'])
    expect(countTieOut({ said: 11, delivered: 12 })).toEqual(['11 said on the walk, 12 delivered: which is right?'])
  })
  test('nothing is asked where the numbers agree or there is only one', () => {
    expect(countTieOut({})).toEqual([])
    expect(countTieOut({ said: 4 })).toEqual([])
    fc.assert(
      fc.property(fc.subarray([...COUNTS]), fc.nat(), (places, n) => {
        const counts: Counts = Object.fromEntries(places.map((place) => [place, n]))
        expect(countTieOut(counts)).toEqual([])
      }),
    )
  })
})
