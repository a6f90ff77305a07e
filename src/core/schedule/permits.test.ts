import { expect, test } from 'vitest'
import { seen, stateOf } from '../../../tests/fixtures/site'
import { permitsBefore } from './permits'

const letter = (subjectId: string, placeId: string | null) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId,
    placeId,
    value: { kind: 'permit', values: { what: 'Engineer’s letter', before: 'Board' } },
  } as never)
const state = stateOf([letter('house', null), letter('kitchen', 'kitchen')])
const before = (stage: 'board' | 'paint', ...placeIds: string[]) =>
  permitsBefore({ stages: [stage], placeIds }, state).map(({ entry }) => entry.id)

test('a letter asked for one room holds that room alone; one for the site holds them all', () => {
  expect(before('board', 'kitchen').sort()).toEqual(['house', 'kitchen'])
  expect(before('board', 'bath')).toEqual(['house'])
  expect(before('paint', 'kitchen')).toEqual([])
})
