import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { parseQuantity, printQuantity, type Unit } from './quantity'

describe('a quantity is read as it is typed', () => {
  test.each([
    ['55', 'm2', 'metric', 55],
    ['12,5', 'm2', 'metric', 12.5],
    ['12.5 m²', 'm2', 'metric', 12.5],
    ['594', 'm2', 'imperial', 594 * 0.3048 ** 2],
    ['594 sq ft', 'm2', 'metric', 594 * 0.3048 ** 2],
    ['100 sf', 'm2', 'imperial', 100 * 0.3048 ** 2],
    ['16', 'm', 'imperial', 16 * 0.3048],
    [`16' 4"`, 'm', 'metric', 196 * 0.0254],
    ['4.9 m', 'm', 'imperial', 4.9],
    ['2 yards', 'm3', 'metric', 54 * 0.3048 ** 3],
    ['0.5', 'm3', 'metric', 0.5],
    ['3', 'each', 'imperial', 3],
    ['3 pieces', 'each', 'metric', 3],
  ] as const)('%s for %s on a %s site', (text, unit, units, expected) => {
    // A length is kept to a tenth of a millimetre.
    expect(parseQuantity(text, unit, units)).toBeCloseTo(expected, 3)
  })

  test.each([
    ['', 'm2'],
    ['0', 'm2'],
    ['-4', 'm2'],
    ['a lot', 'm2'],
    ['5 litres', 'm2'],
    ['5 m', 'm2'],
    ['5 m2', 'm'],
  ] as const)('"%s" for %s is refused by its field, with a mend', (text, unit) => {
    expect(() => parseQuantity(text, unit, 'metric')).toThrow(ImpossibleRequest)
    expect(() => parseQuantity(text, unit, 'metric')).toThrow(/^Quantity: .* Write a number of /)
  })

  test('what is printed can be read again, to what printing keeps', () => {
    fc.assert(
      fc.property(
        // one length is at most 1 km
        fc.double({ min: 0.6, max: 900, noNaN: true }),
        fc.constantFrom<Unit>('each', 'm', 'm2', 'm3'),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (value, unit, units) => {
          const printed = printQuantity({ value, unit }, units)
          expect(printQuantity({ value: parseQuantity(printed, unit, units), unit }, units)).toBe(printed)
        },
      ),
    )
  })
})
