import { expect, test } from 'vitest'
import { usualWords } from './usualWords'

test.each([
  [0.0002982445648, 'm3', 'imperial', '0.08 gal'],
  [0.0003, 'm3', 'metric', '0.3 L'],
  [83.612736, 'm2', 'imperial', '900 ft²'],
  [3657.6, 'mm', 'imperial', "12'"],
  [8.5, 'm2 a litre', 'metric', '8.5 m² a litre'],
  [8.5, 'm2 a litre', 'imperial', '346 ft² a gallon'],
  [5, 'm/h', 'imperial', '16.404 ft an hour'],
  [0.994, 'kg/m', 'imperial', '0.668 lb/ft'],
  ['8 ft', 'mm', 'imperial', '8 ft'],
  [2, 'pieces', 'metric', '2'],
  [10, '%', 'metric', '10 %'],
] as const)('%s %s is read on a site in %s units as %s', (figure, unit, units, read) => {
  expect(usualWords(figure, unit, units)).toBe(read)
})
