import { expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { evening } from './endOfDay'

const HOUSE = laid([
  { id: 'hall', name: 'Hall', treatments: [] },
  { id: 'yard', name: 'Yard face', kind: 'face', treatments: [] },
])
const entry = (kind: string, placeId: string, values: object) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: kind + placeId,
    placeId,
    value: { kind, values },
  } as Parameters<typeof seen>[0])
const TOLD = [
  entry('cleanliness', 'hall', { standard: 'safe to walk barefoot' }),
  entry('cleanliness', 'yard', { standard: 'safe, no more', proof: 'no' }),
  entry('close-up', 'yard', { opening: 'Window hole', how: 'sheet, fixed all round' }),
]
const photo = (at: string) =>
  seen({ subject: 'photo', facet: 'taken', subjectId: 'p', placeId: 'hall', value: { hash: 'h', caption: '' } }, at)
const SINCE = '2026-03-10T15:00:00.000Z'

test('a place with a standard needs its photo of this evening, unless none is wanted', () => {
  expect(evening(stateOf([...HOUSE, ...TOLD]), SINCE).proof).toEqual([
    { placeId: 'hall', standard: 'safe to walk barefoot' },
  ])
  expect(evening(stateOf([...HOUSE, ...TOLD, photo('2026-03-10T09:00:00.000Z')]), SINCE).proof).toHaveLength(1)
  expect(evening(stateOf([...HOUSE, ...TOLD, photo('2026-03-10T15:10:00.000Z')]), SINCE).proof).toEqual([])
})
test('openings are closed every evening until they are closed for good', () => {
  expect(evening(stateOf([...HOUSE, ...TOLD]), SINCE).close).toEqual([
    { placeId: 'yard', opening: 'Window hole', how: 'sheet, fixed all round' },
  ])
  const done = seen({
    subject: 'entry',
    facet: 'settled',
    subjectId: 'close-upyard',
    placeId: 'yard',
    value: { result: '' },
  })
  expect(evening(stateOf([...HOUSE, ...TOLD, done]), SINCE).close).toEqual([])
})
