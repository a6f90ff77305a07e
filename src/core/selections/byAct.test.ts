import { expect, test } from 'vitest'
import { actOf, sameThings } from './byAct'
import type { SelectionRow } from './selectionRow'

const row = (id: string, part: Partial<SelectionRow> = {}): SelectionRow =>
  ({
    id,
    siteId: 's',
    sort: 'paint',
    what: 'Wall paint',
    place: id,
    choice: 'chalk',
    state: 'chosen',
    supplier: '',
    leadDays: [1, 2, 4],
    approvalDays: 0,
    values: {},
    ...part,
  }) as SelectionRow

test('what is to be done follows from the state, and from whether somebody has to approve it', () => {
  expect(actOf({ state: 'undecided', approvalDays: 5 })).toBe('decide')
  expect(actOf({ state: 'chosen', approvalDays: 5 })).toBe('approve')
  expect(actOf({ state: 'chosen', approvalDays: 0 })).toBe('order')
  expect(actOf({ state: 'ordered', approvalDays: 5 })).toBe('chase')
  expect(actOf({ state: 'wrong', approvalDays: 0 })).toBe('mend')
})

test('one colour in three rooms is one thing; another colour, state or site is another', () => {
  const things = sameThings([
    row('bath'),
    row('hall', { choice: 'slate' }),
    row('kitchen'),
    row('landing', { state: 'ordered' }),
    row('stair', { what: 'wall paint' }),
    row('attic', { siteId: 'other' }),
  ])
  expect(things.map((thing) => thing.map(({ id }) => id))).toEqual([
    ['bath', 'kitchen', 'stair'],
    ['hall'],
    ['landing'],
    ['attic'],
  ])
})
