import { describe, expect, test } from 'vitest'
import { parseSize, printSize } from './size'

const sides = (text: string, units: 'metric' | 'imperial') => parseSize(text, units).sides.map((side) => side.tenths)

describe('sizes of places', () => {
  test('two or three sides, joined by x, × or by', () => {
    expect(sides('4.1 x 3.9', 'metric')).toEqual([41000, 39000])
    expect(sides('4.1 × 3.9 × 2.45', 'metric')).toEqual([41000, 39000, 24500])
    expect(sides('4100 by 3900', 'metric')).toEqual([41000, 39000])
    // 12.5 ft = 3.81 m; 10 ft = 3.048 m; 8 ft = 2.4384 m
    expect(sides(`12' 6" x 10' x 8'`, 'imperial')).toEqual([38100, 30480, 24384])
  })

  test('a side without a unit borrows its neighbour’s; a room is never twelve inches', () => {
    expect(sides('4.1 x 3.9 m', 'imperial')).toEqual([41000, 39000])
    expect(sides('12 x 14', 'imperial')).toEqual([36576, 42672])
  })

  test('says what is wrong and shows an example', () => {
    expect(() => parseSize('big', 'metric')).toThrow(
      '"big" is not a size. Write two or three sides, like 4.1 x 3.9 x 2.45.',
    )
    expect(() => parseSize('4.1 x wide', 'metric')).toThrow('"wide" is not a length')
  })

  test('prints in the units of the site and says where it is only about right', () => {
    expect(printSize(parseSize('4.1 x 3.9 x 2.45', 'metric'), 'metric')).toBe('4.1 × 3.9 × 2.45 m')
    expect(printSize(parseSize('about 4.2 x 3.8', 'metric'), 'metric')).toBe('about 4.2 × 3.8 m')
    expect(printSize(parseSize(`12' x 10' 6"`, 'imperial'), 'imperial')).toBe(`12' × 10' 6"`)
  })
})
