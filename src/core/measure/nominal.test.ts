import { expect, test } from 'vitest'
import { printLength } from './length'
import { nominalSize } from './nominal'

test.each([
  ['2x4', '1 1/2" × 3 1/2"'],
  ['2 by 6', '1 1/2" × 5 1/2"'],
  ['1×4', '3/4" × 3 1/2"'],
])('a %s really measures %s', (text, actual) => {
  const { thickness, width } = nominalSize(text)!
  expect(`${printLength(thickness, 'imperial')} × ${printLength(width, 'imperial')}`).toBe(actual)
})
test.each(['2 in x 4 in', '3x5', '4.1 x 3.9', 'two by four', ''])('"%s" is no nominal size', (text) => {
  expect(nominalSize(text)).toBeNull()
})
