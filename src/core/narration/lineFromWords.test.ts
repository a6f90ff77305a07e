import { expect, test } from 'vitest'
import { isDay, type Day } from '../calendar/day'
import { lineFromWords } from './lineFromWords'

const setting = { units: 'metric', today: '2026-03-10' as Day } as const
const bath = { id: 'bath', name: 'Bathroom' }

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
