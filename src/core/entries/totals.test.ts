import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { kindOf } from './entry'
import { readEntry } from './entryWords'
import { siteTotals } from './totals'

const PLACES = laid([
  { id: 'street', name: 'Street', kind: 'face', size: '10 x 3', treatments: [] },
  { id: 'rear', name: 'Rear', kind: 'face', size: '8 x 3', treatments: [] },
])
const entry = (id: string, kind: string, placeId: string, typed: Readonly<Record<string, string>>) =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: id,
    placeId,
    value: { kind, values: readEntry(kindOf(kind), (key) => typed[key] ?? '', 'metric') },
  } as never)
const totals = (...entries: ReturnType<typeof entry>[]) =>
  siteTotals(stateOf([...PLACES, ...entries]).entries, 'metric').map(({ sentence }) => sentence)

describe('what all places take together', () => {
  test('paint by colour, ranges kept, rounded once at the end', () => {
    expect(
      totals(
        entry('a', 'paint-progress', 'street', { what: 'render', colour: 'lime', surface: '30 m²', spread: '4 to 6' }),
        entry('b', 'paint-progress', 'rear', { what: 'render', colour: 'lime', surface: '24 m²', spread: '6' }),
        entry('c', 'paint-progress', 'rear', { what: 'trim', colour: 'white', surface: '4 m²', spread: '8' }),
      ),
    ).toEqual(['Paint, lime: 19.8 L to 25.3 L, 2 sums together.', 'Paint, white: 1.1 L.'])
  })
  test('sheets that are half used at each place are bought once', () => {
    const sheets = (id: string, place: string) => entry(id, 'sheathing', place, { what: 'face', walls: '4 m²' })
    expect(totals(sheets('a', 'street'), sheets('b', 'rear'))).toEqual(['Sheets of sheathing: 3, 2 sums together.'])
  })
  test('what is allowed for rot comes to one sum, told only to who sees money', () => {
    const allowed = ['9', '6', '5'].map((allowance, i) =>
      entry(`rot ${i}`, 'hidden-damage', 'rear', { what: `part ${i}`, allowance, unitPrice: '34' }),
    )
    const { entries } = stateOf([...PLACES, ...allowed])
    expect(totals(...allowed)).toEqual([])
    expect(siteTotals(entries, 'metric', {}, () => true, true).map(({ sentence }) => sentence)).toEqual([
      'Allowed for what is found once open, in the price: €680.00, 3 sums together.',
    ])
  })
  test('faces are summed without what is open', () => {
    const face = (id: string, placeId: string, walls: string, openings = '') =>
      entry(id, 'face-area', placeId, { what: 'render', walls, openings })
    // 28.08 − 10.08 and 38.34.
    expect(totals(face('a', 'street', '10.4 x 2.7', '4.8 x 2.1'), face('b', 'rear', '14.2 x 2.7'))).toEqual([
      'Faces, without what is open: 56.34 m², 2 sums together.',
    ])
  })
  test('what cannot be reckoned yet is left out, and so is what is done', () => {
    const open = entry('a', 'sheathing', 'rear', { what: 'face' })
    const done = [
      entry('b', 'sheathing', 'rear', { what: 'face', walls: '9 m²' }),
      seen({ subject: 'entry', facet: 'settled', subjectId: 'b', placeId: 'rear', value: { result: 'on' } } as never),
    ]
    expect(totals(open, ...done)).toEqual([])
  })
})
