import { expect, test } from 'vitest'
import { parseSize } from '../measure/size'
import { isDay, type Day } from '../calendar/day'
import { lineFromWords } from './lineFromWords'

const setting = { units: 'metric', today: '2026-03-10' as Day } as const
const bath = { id: 'bath', name: 'Bathroom', kind: 'room', size: parseSize('2 x 3 x 2.5', 'metric') } as const

test.each([
  ['patch the wall behind the radiator', 'board', 'drywaller'],
  ['paint the door', 'paint', 'painter'],
  ['add an outlet by the mirror', 'fixtures', 'electrician'],
  ['tile the niche', 'tile', 'tiler'],
  ['take out the old tub', 'strip-out', 'demolition'],
])('%s is %s for the %s', (text, stage, trade) => {
  expect(isDay(setting.today)).toBe(true)
  expect(lineFromWords(text, bath, setting)).toMatchObject({ placeId: 'bath', stage, trade })
})

test('the words stay as they were said, and nothing is a quantity that was not told', () => {
  const line = lineFromWords('oil the hinges', bath, setting)
  expect(line.title).toBe('Oil the hinges')
  expect(line.quantity).toEqual({ value: 1, unit: 'each' })
})

test.each([
  ['paint the walls', '2 × (2 + 3), 2.5 high', 25, 4],
  ['paint walls and ceiling', '2 × (2 + 3), 2.5 high, plus 2 × 3 overhead', 31, 5],
  ['board the ceiling', '2 × 3', 6, 1.25],
  ['lay the floor', '2 × 3', 6, 2],
  ['tile 4 square metres of wall', 'as told', 4, 6],
  ['paint the wall behind the radiator', 'an hour or two, until somebody says more', 1, 2],
  ['hang two doors', 'an hour or two, until somebody says more', 2, 5],
])('%s: %s', (text, how, value, hours) => {
  const line = lineFromWords(text, bath, setting)
  expect([line.how, line.quantity?.value, line.hours]).toEqual([how, value, hours])
})

test('a firm that paints at its own pace has its own hours', () => {
  expect(lineFromWords('paint the walls', bath, { ...setting, rates: { paint: 0.2 } }).hours).toBe(5)
})
