import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { mm, parseLength, printLength, tenths } from './length'

describe('reading lengths the way people say them', () => {
  // Hand-worked: 12 ft = 144 in, + 3 5/8 = 147.625 in × 25.4 = 3749.675 mm
  test.each([
    [`12' 3 5/8"`, 'imperial', 37497],
    ['9 ft 6', 'imperial', 28956], // 114 in × 25.4
    ['27 1/2"', 'imperial', 6985], // 27.5 × 25.4 = 698.5
    ['5/16', 'imperial', 79], // 0.3125 × 25.4 = 7.94
    ['11.25 in', 'imperial', 2858], // 11.25 × 25.4 = 285.75
    [`43'`, 'imperial', 131064], // 516 in
    ['1650', 'metric', 16500],
    ['4.1', 'metric', 41000],
    ['4,1 m', 'metric', 41000],
    ['2 cm', 'metric', 200],
    ['1650 mm', 'imperial', 16500],
    ['6 feet and 2 1/4 in', 'imperial', 18860], // 74.25 × 25.4 = 1885.95
  ] as const)('%s on a %s site', (text, units, expected) => {
    expect(parseLength(text, units).tenths).toBe(expected)
  })

  test('keeps the words and how sure they were', () => {
    expect(parseLength('about 12 ft', 'imperial')).toMatchObject({ precision: 'about', typed: 'about 12 ft' })
    expect(parseLength('12 ft', 'imperial').precision).toBe('exact')
  })

  test.each(['', 'wide', '12 parsecs', '4 x 3', '-3'])('refuses "%s" and says how to write it', (text) => {
    expect(() => parseLength(text, 'metric')).toThrow(/is not a length. Write it like 4.1, 4100 or 4.1 m/)
  })

  test('refuses nothing and more than a kilometre', () => {
    expect(() => parseLength('0', 'metric')).toThrow(/out of range/)
    expect(() => parseLength('1001 m', 'metric')).toThrow(/out of range/)
  })

  test('what is printed reads back as itself, to a sixteenth or a millimetre', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 16 * 12 * 400 }), (sixteenths) => {
        const length = tenths((sixteenths * 254) / 16)
        expect(parseLength(printLength(length, 'imperial'), 'imperial').tenths).toBe(length)
      }),
    )
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 900_000 }), (millimetres) => {
        expect(parseLength(printLength(mm(millimetres), 'metric'), 'metric').tenths).toBe(mm(millimetres))
      }),
    )
  })
})

test.each([
  [37497, `12' 3 5/8"`],
  [3048, `1'`],
  [79, `5/16"`],
  [28956, `9' 6"`],
])('prints %d as %s', (length, words) => {
  expect(printLength(tenths(length), 'imperial')).toBe(words)
})
