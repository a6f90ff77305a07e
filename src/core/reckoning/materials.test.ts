import { describe, expect, test } from 'vitest'
import { laid, stateOf } from '../../../tests/fixtures/site'
import { line } from '../../../tests/fixtures/line'
import { parseSize } from '../measure/size'
import { readValues } from '../entries/field'
import type { Selection } from '../selections/selection'
import { selectionFields, type SelectionSort } from '../selections/selectionKinds'
import { materialOf, materialTotals } from './materials'
import type { Stage } from '../scope/vocabulary'

const area = (stage: Stage, value: number, more: Partial<Parameters<typeof line>[0]> = {}) =>
  line({ id: stage, stage, quantity: { value, unit: 'm2' }, ...more })
const chosen = (sort: SelectionSort, typed: Readonly<Record<string, string>>): Selection => ({
  id: 'chosen',
  placeId: 'room',
  what: 'chosen',
  lead: 'stock-goods',
  neededFor: 'tile',
  state: 'chosen',
  choice: null,
  leadDays: [1, 2, 4],
  arrives: null,
  wanted: null,
  orderedOn: null,
  responsible: null,
  delivered: null,
  candidates: [],
  awaited: null,
  details: { sort, values: readValues(selectionFields(sort), (key) => typed[key] ?? '', 'metric') },
})
const SETTING = {
  place: undefined,
  selection: undefined,
  units: 'metric',
  standards: {},
} as const
const buy = (
  of: Parameters<typeof materialOf>[0],
  selection?: Selection,
  standards: Readonly<Record<string, string>> = {},
) => materialOf(of, { ...SETTING, selection, standards })

describe('what a line of work takes to buy', () => {
  test('a floor is bought in boxes, once it is told what a box covers', () => {
    const told = buy(area('flooring', 24))!
    expect(told.order).toBeNull()
    expect(told.sentences[0]).toContain('To be told before it can be bought. What a box covers')
    const boxes = buy(area('flooring', 24), chosen('floor', { box: '2.2' }))!
    expect(boxes.sentences[0]).toBe('24 m² + 10 % = 26.4 m²; boxes of 2.2 m²: 12, so 12.')
    expect(boxes.order).toBe(12)
  })
  test('paint by coats, board by sheets', () => {
    expect(buy(area('paint', 17.01), chosen('paint', { coats: '2' }))!.sentences[0]).toContain('17.01 m² × 2 coats')
    expect(buy(area('board', 22))!.sentences[0]).toBe('22 m² + 10 % on sheets of 2.88 m²: 8.4, so 9.')
  })
  test('the site’s own figure stands in for the usual one', () => {
    expect(buy(area('board', 22), undefined, { 'C-35/waste': '25' })!.sentences[0]).toBe(
      '22 m² + 25 % on sheets of 2.88 m²: 9.5, so 10.',
    )
  })
  test('siding follows the height of its face and what shows of a board', () => {
    const face = stateOf(laid([{ id: 'front', kind: 'face', size: '12.2 x 2.72', treatments: [] }])).places[0]
    const boards = materialOf(area('cladding', 90.94), {
      ...SETTING,
      place: face,
      selection: chosen('siding', { exposure: '203 mm' }),
    })!
    expect(boards.sentences.join(' ')).toContain('14 courses of 194.3 mm')
    expect(boards.order).toBe(141)
    expect(parseSize('12.2 x 2.72', 'metric').sides).toHaveLength(2)
  })
  test('what is taken out, counted or not measured is not bought by its area', () => {
    expect(buy(area('tile', 9, { action: 'remove' }))).toBeNull()
    expect(buy(line({ id: 'door', stage: 'trim' }))).toBeNull()
    expect(buy(line({ id: 'x', stage: 'tile', quantity: { value: 3, unit: 'each' } }))).toBeNull()
  })
})

describe('what several lines of work take together', () => {
  const totals = (...lines: readonly Parameters<typeof line>[0][]) =>
    materialTotals(lines.map(line), () => ({ place: undefined, selection: undefined }), SETTING).map(
      ({ sentence }) => sentence,
    )
  const paint = (id: string, title: string, value: number, more: Partial<Parameters<typeof line>[0]> = {}) =>
    ({ id, stage: 'paint', title, quantity: { value, unit: 'm2' }, ...more }) as const

  test('litres, by what is painted and its coats, rounded once', () => {
    expect(
      totals(
        paint('a', 'Paint the rough render on the street face, two coats', 100),
        paint('b', 'Paint the garden side wall, rough render, two coats', 46.06),
        paint('c', 'Three porch ceilings in wood', 13.68),
        paint('d', 'Paint the hall', 20),
      ),
    ).toEqual([
      'Paint on render: 53.56 L to 86.85 L for 146.06 m², 2 lines of work together. One batch number for one wall; keep some for touching up.',
      'Paint on wood: 4.07 L for 13.68 m². One batch number for one wall; keep some for touching up.',
      'Paint on walls and ceilings: 5.18 L for 20 m². One batch number for one wall; keep some for touching up.',
    ])
  })
  test('what is done, out, or not measured is not bought', () => {
    expect(
      totals(
        paint('a', 'Paint the hall', 20, { progress: 100 }),
        paint('b', 'Paint the hall', 20, { excluded: { reason: 'the client does it' } }),
        paint('c', 'Paint the hall', 20, { rough: true }),
      ),
    ).toEqual([])
  })
})
