import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { laid, stateOf } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { minor } from '../measure/money'
import type { Line } from '../scope/line'
import { priceWords, withPrices } from './prices'

const tiled = (more: Partial<Line> = {}): Line =>
  line({
    id: 'splash',
    stage: 'tile',
    quantity: { value: 14, unit: 'm2' },
    price: minor(70_000),
    pricedFor: 12,
    ...more,
  })
const priced = (one: Line): Line => withPrices({ ...stateOf(laid([])), lines: [one] }).lines[0]!

describe('the price of an extra', () => {
  test('follows its quantity, and tells the difference', () => {
    const now = priced(tiled())
    expect(now.price).toBe(81_667) // 700 × 14 / 12
    expect(priceWords(now, 'metric')).toBe('Priced at €700.00 for 12 m²; for 14 m² it comes to €816.67.')
  })
  test('stays where the client approved it, and asks to talk', () => {
    const approved = priced(tiled({ approval: { answer: 'approved', by: 'Ansel', on: '2026-03-10' as Day } }))
    expect(approved.price).toBe(70_000)
    expect(priceWords(approved, 'metric')).toBe(
      'Approved at €700.00 for 12 m²; it is 14 m² now, which comes to €816.67: talk before it is done.',
    )
  })
  test('stays where the quantity did, or where nobody said what it was for', () => {
    for (const same of [tiled({ pricedFor: 14 }), tiled({ pricedFor: null }), tiled({ price: null })]) {
      expect(priced(same)).toEqual(same)
      expect(priceWords(same, 'metric')).toBeNull()
    }
  })
})
