import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { printQuantity } from '../measure/quantity'
import { parseSize } from '../measure/size'
import { minor, printMoney } from '../measure/money'
import { floorArea, reckon, type Basis } from './geometry'
import { PLACE_KINDS, type PlaceKind } from './place'

const room = parseSize('4 x 3 x 2.5', 'metric')

describe('quantities from a room of 4 × 3 × 2.5 m', () => {
  test.each<[Basis, number, string]>([
    ['once', 1, 'each'],
    ['floor', 12, 'm2'],
    ['ceiling', 12, 'm2'],
    ['walls', 35, 'm2'], // 2 × (4 + 3) × 2.5
    ['walls-and-ceiling', 47, 'm2'], // 35 + 12
    ['perimeter', 14, 'm'],
    ['length', 4, 'm'],
    ['slab', 1.2, 'm3'], // 12 × 0.1
  ])('%s', (basis, value, unit) => {
    const reckoned = reckon(basis, 'room', room)!
    expect(reckoned.quantity.value).toBeCloseTo(value, 9)
    expect(reckoned.quantity.unit).toBe(unit)
  })
  test('says its sum in words', () => {
    expect(reckon('walls-and-ceiling', 'room', room)!.how).toBe('2 × (4 + 3), 2.5 high, plus 4 × 3 overhead')
    expect(reckon('walls', 'room', parseSize('4 x 3', 'metric'))!.how).toBe('2 × (4 + 3), 2.4 high (assumed)')
    expect(reckon('face', 'face', parseSize('6.6 x 6.1', 'metric'))!.how).toBe('6.6 × 6.1, openings not taken off')
  })
  test('a room that is measured in feet has its sum in feet', () => {
    const feet = parseSize(`21' 4" x 13' 6" x 7' 10"`, 'imperial')
    expect(reckon('walls', 'room', feet, 'imperial')!.how).toBe(`2 × (21' 4" + 13' 6"), 7' 10" high`)
    expect(reckon('walls', 'room', feet, 'imperial')!.quantity).toEqual(reckon('walls', 'room', feet)!.quantity)
  })
})

test('a face has one side: its walls are its face', () => {
  const face = parseSize('6.6 x 6.1', 'metric')
  for (const basis of ['face', 'walls', 'walls-and-ceiling'] as const)
    expect(reckon(basis, 'face', face)!.quantity.value).toBeCloseTo(40.26, 9)
})

test('without a size there is nothing to reckon, but one is one', () => {
  expect(reckon('floor', 'room', null)).toBeNull()
  expect(reckon('once', 'room', null)!.quantity.value).toBe(1)
  expect(floorArea(null)).toBeNull()
  expect(floorArea(room)).toBeCloseTo(12, 9)
})

test('a bigger room never needs less of anything, and everything is rough where a side is', () => {
  const side = fc.integer({ min: 5, max: 200 })
  const bases = fc.constantFrom<Basis>('floor', 'walls', 'walls-and-ceiling', 'perimeter', 'length', 'slab')
  fc.assert(
    fc.property(
      side,
      side,
      side,
      fc.integer({ min: 1, max: 50 }),
      bases,
      fc.constantFrom(...(Object.keys(PLACE_KINDS) as PlaceKind[])),
      (a, b, c, more, basis, kind) => {
        const size = (length: number, about = '') =>
          parseSize(`${about}${length / 10} x ${b / 10} x ${c / 10} m`, 'metric')
        const small = reckon(basis, kind, size(a))!
        expect(reckon(basis, kind, size(a + more))!.quantity.value).toBeGreaterThanOrEqual(small.quantity.value)
        expect(reckon(basis, kind, size(a, 'about '))!.rough).toBe(true)
      },
    ),
  )
})

test.each([
  [{ value: 55.19, unit: 'm2' }, 'metric', '55 m²'],
  [{ value: 5.519, unit: 'm2' }, 'metric', '5.5 m²'],
  [{ value: 3.048, unit: 'm' }, 'imperial', '10 ft'],
  [{ value: 0.7646, unit: 'm3' }, 'imperial', '1.00 yd³'],
  [{ value: 3, unit: 'each' }, 'imperial', '3'],
] as const)('%j reads %s: %s', (quantity, units, words) => {
  expect(printQuantity(quantity, units)).toBe(words)
})

test('money has two decimals and thousands apart', () => {
  expect(printMoney(minor(195845))).toBe('€1,958.45')
  expect(printMoney(minor(-5520))).toBe('-€55.20')
  expect(printMoney(minor(123456789))).toBe('€1,234,567.89')
})
