import { expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { inOrder, LINE_ORDERS, type LineOrder } from './lineOrder'

const LINES = [
  line({ id: 'light', stage: 'fixtures', trade: 'electrician', element: 'light' }),
  line({ id: 'floor', stage: 'flooring', trade: 'flooring', element: 'floor' }),
  line({ id: 'wires', stage: 'wires', trade: 'electrician', element: 'wire' }),
  line({ id: 'board', stage: 'board', trade: 'drywaller', element: 'drywall' }),
]
test.each([
  ['stage', 'wires board floor light'],
  ['trade', 'wires light board floor'],
  ['height', 'floor wires board light'],
] as const)('%s', (order, expected) => {
  expect(
    inOrder(LINES, order)
      .map((one) => one.id)
      .join(' '),
  ).toBe(expected)
})
test('every order keeps every line', () => {
  for (const order of Object.keys(LINE_ORDERS) as LineOrder[]) expect(inOrder(LINES, order)).toHaveLength(LINES.length)
})
