import { expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { isLivedIn } from './livedIn'

const house = laid([{ id: 'hall', name: 'Hall', treatments: [] }])
const told = (values: Record<string, string>) =>
  stateOf([
    ...house,
    seen({ subject: 'entry', subjectId: 'e', facet: 'written', placeId: 'hall', value: { kind: 'occupancy', values } }),
  ])

test('a house is lived in by its settings, or since the record tells who uses it', () => {
  expect(isLivedIn(false, stateOf(house))).toBe(false)
  expect(isLivedIn(true, stateOf(house))).toBe(true)
  expect(isLivedIn(false, told({ who: 'The owners' }))).toBe(true)
  expect(isLivedIn(false, told({ who: 'Nobody', use: 'ours alone, they stay out' }))).toBe(false)
})
