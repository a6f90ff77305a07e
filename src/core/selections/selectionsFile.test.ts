import { describe, expect, test } from 'vitest'
import { selectionRow } from '../../../tests/fixtures/selectionRow'
import { SELECTION_COLUMNS, selectionCells, selectionChanges } from './selectionsFile'

const AT = { site: 'Example House', place: 'Bathroom' }
const ROWS = [
  selectionRow({ ...AT, id: 'tile' }),
  selectionRow({ ...AT, id: 'tap', what: 'Tap', choice: 'brass', state: 'chosen', supplier: 'Cast & Warm' }),
]
const read = (...cells: readonly Record<string, string>[]) =>
  selectionChanges(ROWS, cells, [...new Set(cells.flatMap(Object.keys))])

describe('a list of selections that came back', () => {
  test('as it went out it changes nothing', () => {
    const cells = selectionCells(ROWS).map((line) =>
      Object.fromEntries(Object.entries(line).map(([key, value]) => [key, String(value)])),
    )
    expect(selectionChanges(ROWS, cells, SELECTION_COLUMNS)).toEqual({ changes: [], problems: [] })
  })
  test('what was filled in is taken, by id or by name; an empty cell leaves what stands', () => {
    const { changes, problems } = read(
      { id: 'tap', choice: 'steel', state: 'Ordered', supplier: '', arrives: '2026-04-02' },
      { site: 'Example House', place: 'Bathroom', what: 'Wall tile', choice: "'=white" },
    )
    expect(problems).toEqual([])
    expect(changes.map(({ row: { id }, facet, value }) => [id, facet, value])).toEqual([
      ['tap', 'choice', 'steel'],
      ['tap', 'state', 'ordered'],
      ['tap', 'arrives', '2026-04-02'],
      ['tile', 'choice', '=white'],
    ])
    expect(changes[0]!.words).toBe('Tap, Bathroom, Example House: choice steel, was brass.')
  })
  test.each([
    [{ id: 'gone', choice: 'x' }, 'Line 2: no selection is called gone.'],
    [{ id: 'tap', state: 'somewhere' }, 'Line 2, state: "somewhere" is none of undecided, chosen,'],
    [{ id: 'tap', arrives: '2.4.2026' }, 'Line 2, arrives: "2.4.2026" is not a day. Write it as year-month-day'],
    [{ id: 'tap', choice: 'x'.repeat(201) }, 'Line 2, choice: use at most 200 characters.'],
    [{ id: 'tap', price: '12' }, 'Line 1: name a column to take in: choice, state, supplier, arrives.'],
    [{ what: 'Tap', choice: 'x' }, 'Line 1: name the column id, or the three columns site, place and what.'],
    [{ id: '', choice: 'x' }, 'Line 2: no selection is called nothing.'],
  ])('%j is refused with its line and what to do', (cells, message) => {
    const { changes, problems } = read(cells as Record<string, string>)
    expect(changes).toEqual([])
    expect(problems.join()).toContain(message)
  })
  test('the same selection on two lines is asked, not guessed', () => {
    expect(read({ id: 'tap', choice: 'steel' }, { id: 'tap', choice: 'gold' }).problems).toEqual([
      'Line 3: Tap, Bathroom stands on line 2 too. Leave one of them.',
    ])
  })
})
