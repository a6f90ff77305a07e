import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import type { Day } from '../calendar/day'
import { minor } from '../measure/money'
import { extrasOf } from './extras'

const extra = (id: string, price: number | null, answer?: 'approved' | 'declined') =>
  line({
    id,
    stage: 'framing',
    extra: true,
    price: price === null ? null : minor(price),
    approval: answer ? { answer, by: 'the client', on: '2026-03-09' as Day } : null,
  })

describe('the extras of a site', () => {
  test('what waits comes first; approved and waiting are summed apart, declined is in neither', () => {
    const { list, approved, waiting } = extrasOf([
      extra('shelf', 8500, 'approved'),
      extra('platform', 262_200),
      extra('beams', 40_000, 'declined'),
      extra('socket', null),
      line({ id: 'walls', stage: 'framing' }),
      extra('niche', 118_000, 'approved'),
    ])
    expect(list.map(({ title, words }) => `${title}: ${words}`)).toEqual([
      'platform: waits for an answer',
      'socket: to be priced',
      'beams: declined by the client, 9 Mar',
      'niche: approved by the client, 9 Mar',
      'shelf: approved by the client, 9 Mar',
    ])
    expect([approved, waiting]).toEqual([126_500, 262_200])
  })
  test('none are nothing', () => {
    expect(extrasOf([])).toEqual({ list: [], approved: 0, waiting: 0 })
  })
})
