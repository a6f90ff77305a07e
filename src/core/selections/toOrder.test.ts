import { describe, expect, test } from 'vitest'
import { selectionRow as row } from '../../../tests/fixtures/selectionRow'
import type { Day } from '../calendar/day'
import { notYet, orderRows, toOrder } from './toOrder'

describe('what is to be ordered', () => {
  const rows = [
    row({ id: '1', supplier: 'The yard', orderBy: '2026-03-20' as Day, state: 'chosen', choice: 'white' }),
    row({ id: '2', supplier: 'The mill', orderBy: '2026-03-12' as Day, site: 'Pell Street' }),
    row({ id: '3', supplier: 'The yard', orderBy: '2026-03-16' as Day, site: 'Pell Street' }),
    row({ id: '4', supplier: 'The yard', state: 'ordered' }),
    row({ id: '5' }),
  ]
  test('is gathered by supplier over all sites, the most pressing first; what is ordered is left out', () => {
    expect(toOrder(rows).map(({ supplier, words }) => `${supplier}: ${words}`)).toEqual([
      'The mill: 1 thing for Pell Street, by 12 Mar, 1 still to be chosen',
      'The yard: 2 things for 2 sites, in one call by 16 Mar, 1 still to be chosen',
      'No supplier named yet: 1 thing for Bakehouse Lane, 1 still to be chosen',
    ])
  })
  test('what falls due later than a few days goes with another call', () => {
    const late = row({ id: '6', supplier: 'The yard', orderBy: '2026-03-30' as Day, what: 'Grout' })
    const [, yard] = toOrder([...rows, late])
    expect(yard!.calls).toEqual([
      { by: '2026-03-16', what: ['Wall tile, Kitchen', 'Wall tile, Kitchen'] },
      { by: '2026-03-30', what: ['Grout, Kitchen'] },
    ])
    expect(yard!.words).toContain('in 2 calls: 2 by 16 Mar, 1 by 30 Mar')
  })
  test('is a row each in the file', () => {
    expect(
      orderRows(toOrder(rows)).map((one) => [one.supplier, one.what, one.order_by, one.lead_days_at_most]),
    ).toEqual([
      ['The mill', 'Wall tile', '2026-03-12', 14],
      ['The yard', 'Wall tile', '2026-03-20', 14],
      ['The yard', 'Wall tile', '2026-03-16', 14],
      ['No supplier named yet', 'Wall tile', '', 14],
    ])
  })
  test('is nothing where nothing is open', () => {
    expect(toOrder([row({ state: 'installed' })])).toEqual([])
  })
})

test('what was never measured is not ordered yet: it stands apart with what has to be measured', () => {
  const held = row({ id: 'floor', heldBack: ['Lay the floor is not measured: measure it before this is ordered.'] })
  const orders = toOrder([row({ id: 'tile' }), held])
  expect(orders.flatMap(({ rows }) => rows.map(({ id }) => id))).toEqual(['tile'])
  expect(orderRows(orders)).toHaveLength(1)
  expect(notYet([row({ id: 'tile' }), held]).map(({ id }) => id)).toEqual(['floor'])
  expect(notYet([{ ...held, state: 'ordered' }])).toEqual([])
})
