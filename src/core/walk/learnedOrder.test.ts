import { expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { learnedOrder } from './learnedOrder'
import type { Observation } from './observation'

const HOUSE = laid(['attic', 'bath', 'cellar', 'den', 'entry'].map((id) => ({ id, name: id, treatments: [] })))
const PLACES = stateOf(HOUSE).places
const visit = (id: string, minute: number, walk = 'walk', by = 'Ada'): Observation => ({
  ...seen(
    { subject: 'place', facet: 'visited', subjectId: id, placeId: id, value: true },
    `2026-03-09T08:${String(minute).padStart(2, '0')}:00.000Z`,
    walk,
  ),
  by,
})
const order = (...visits: Observation[]) => learnedOrder(PLACES, visits, 'Ada').map((place) => place.id)

test('never walked: as laid', () => {
  expect(order()).toEqual(['attic', 'bath', 'cellar', 'den', 'entry'])
})
test('as the person walked last time', () => {
  expect(order(visit('entry', 1), visit('cellar', 2), visit('den', 3), visit('bath', 4), visit('attic', 5))).toEqual([
    'entry',
    'cellar',
    'den',
    'bath',
    'attic',
  ])
})
test('a place that was left out keeps following its neighbour; a first one stays first', () => {
  expect(order(visit('entry', 1), visit('bath', 2))).toEqual(['attic', 'entry', 'bath', 'cellar', 'den'])
})
test('an older walk and another person do not count', () => {
  expect(
    order(visit('den', 1, 'older'), visit('bath', 9), visit('attic', 10), visit('cellar', 50, 'theirs', 'Bo')),
  ).toEqual(['bath', 'cellar', 'den', 'entry', 'attic'])
})
