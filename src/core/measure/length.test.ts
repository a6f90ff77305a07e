import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { mm, parseLength, printLength, printMeasured, tenths } from './length'

describe('reading lengths the way people say them', () => {
  // Hand-worked: 12 ft = 144 in, + 3 5/8 = 147.625 in × 25.4 = 3749.675 mm
  test.each([
    [`12' 3 5/8"`, 'imperial', 37497],
    ['9 ft 6', 'imperial', 28956], // 114 in × 25.4
    ['27 1/2"', 'imperial', 6985], // 27.5 × 25.4 = 698.5
    ['5/16', 'imperial', 79], // 0.3125 × 25.4 = 7.94
    ['11.25 in', 'imperial', 2858], // 11.25 × 25.4 = 285.75
    [`43'`, 'imperial', 131064], // 516 in
    [`6'-3"`, 'imperial', 19050], // as on drawings: 75 in
    [`6'-3 1/2"`, 'imperial', 19177], // 75.5 in
    ['3 m 20', 'metric', 32000],
    ['1 m 5 cm', 'metric', 10500],
    ['12 000', 'metric', 120000],
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

  // Hand-worked: 5 in = 1270, 7 in = 1778, 15.5 in = 3937, 6 ft = 18288, 2.5 ft = 7620 tenths of a millimetre
  test.each([
    ['five to seven inches', 'imperial', 'range', 1270, 1778],
    ['between 5 and 7 in', 'metric', 'range', 1270, 1778],
    ['5 or 7 in', 'imperial', 'range', 1270, 1778],
    ['fifteen to sixteen inches', 'imperial', 'range', 3810, 4064],
    ['4 to 4.2', 'metric', 'range', 40000, 42000],
    ['550–600 mm', 'metric', 'range', 5500, 6000],
    ['just short of 6 ft', 'imperial', 'short', 18288, undefined],
    ['not quite six feet', 'imperial', 'short', 18288, undefined],
    ['a bit over 2 m', 'metric', 'over', 20000, undefined],
    ['maybe two and a half feet', 'imperial', 'maybe', 7620, undefined],
    ['about two feet', 'imperial', 'about', 6096, undefined],
    ['sixty three feet', 'imperial', 'exact', 192024, undefined],
  ] as const)('%s on a %s site is %s', (text, units, precision, low, high) => {
    const { high: upper, ...read } = parseLength(text, units)
    expect(read).toEqual({ tenths: low, precision, typed: text })
    expect(upper).toBe(high)
  })
  test.each(['7 to 5 in', '6-5 in'])('"%s" gives the lower end last', (text) => {
    expect(() => parseLength(text, 'imperial')).toThrow(/give the lower end first/)
  })
  // Hand-worked: 5 7/8 in = 149.225 mm, 12 ft 3 5/8 in as above, 9 1/2 to 10 in = 241.3 to 254 mm
  test.each([
    ['5 ⅞″', 1492, undefined],
    ['5⅞”', 1492, undefined],
    ['½ in', 127, undefined],
    ['12′ 3⅝″', 37497, undefined],
    ['12’ 3 5⁄8”', 37497, undefined],
    ['5-7 in', 1270, 1778],
    ['9-1/2 in', 2413, undefined],
    ['9-1/2 - 10 in', 2413, 2540],
    ['5½-7 in', 1397, 1778],
  ] as const)('%s as phones write it', (text, low, high) => {
    const read = parseLength(text, 'imperial')
    expect([read.tenths, read.high]).toEqual([low, high])
  })
  test.each(['5 to wide', 'from here to there', 'between five'])('"%s" is no range', (text) => {
    expect(() => parseLength(text, 'imperial')).toThrow(/is not a length/)
  })
  test('how sure it was is printed with it, and reads back the same', () => {
    for (const text of ['just short of 6 ft', 'maybe 2 ft', 'five to seven inches', 'about 3 m', '4 m']) {
      const first = parseLength(text, 'imperial')
      const again = parseLength(printMeasured(first, 'imperial'), 'imperial')
      expect([again.precision, printMeasured(again, 'imperial')]).toEqual([
        first.precision,
        printMeasured(first, 'imperial'),
      ])
    }
    expect(printMeasured(parseLength('five to seven inches', 'metric'), 'imperial')).toBe('5" to 7"')
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
