import { expect, test } from 'vitest'
import { carriedOver, editedPart, NO_EDITS, type UpdateEdits } from './updateEdits'

const draft = { done: ['Hall is painted.'], next: ['Tile comes.', 'The floor comes.'], off: [], decide: [], terms: [] }
const edits: UpdateEdits = {
  headline: 'A good week',
  instead: { 'Tile comes.': 'Your tile comes on Monday.' },
  dropped: ['The floor comes.'],
  added: { next: ['We bring cake.'] },
}
const texts = (of: typeof draft, by: UpdateEdits) => editedPart(of, by, 'next').map(({ text }) => text)

test('reworded, left out, added; untouched where nobody edited', () => {
  expect(texts(draft, edits)).toEqual(['Your tile comes on Monday.', 'We bring cake.'])
  expect(texts(draft, NO_EDITS)).toEqual(draft.next)
})
test('composed anew, what was edited stands and what is new comes as it was composed', () => {
  const later = { ...draft, next: ['Paint comes.', 'Tile comes.', 'The floor comes.'] }
  expect(texts(later, edits)).toEqual(['Paint comes.', 'Your tile comes on Monday.', 'We bring cake.'])
})
test('the next update keeps words for what is composed again, not what was added to this one', () => {
  expect(texts(draft, carriedOver(edits))).toEqual(['Your tile comes on Monday.'])
  expect(carriedOver(edits).headline).toBeNull()
})
test('a sentence called like a method of an object is only a sentence', () => {
  expect(editedPart({ ...draft, next: ['toString'] }, NO_EDITS, 'next')).toEqual([
    { composed: 'toString', text: 'toString' },
  ])
})
