import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { TODAY } from '../../../tests/fixtures/site'
import type { Day } from '../calendar/day'
import { keepIsDue } from './keepDue'

const lines = (progress: number) => ({ lines: [line({ id: 'a', stage: 'board', progress })] })
const keep = (part: object) => ({ placeId: 'room', ...part })

describe('something that was to stay only until', () => {
  test('its day: due from that day on', () => {
    expect(keepIsDue(keep({ when: { day: '2026-03-11' as Day } }), lines(0), TODAY)).toBe(false)
    expect(keepIsDue(keep({ when: { day: TODAY } }), lines(0), TODAY)).toBe(true)
  })
  test('a stage is done at a place', () => {
    const when = { placeId: 'room', stage: 'board' as const }
    expect(keepIsDue(keep({ when }), lines(75), TODAY)).toBe(false)
    expect(keepIsDue(keep({ when }), lines(100), TODAY)).toBe(true)
    expect(keepIsDue(keep({ when: { ...when, placeId: 'hall' } }), lines(100), TODAY)).toBe(false)
  })
  test('work that is out of the scope does not keep it waiting, but nothing at all ends nothing', () => {
    const when = { placeId: 'room', stage: 'board' as const }
    const out = { lines: [...lines(100).lines, line({ id: 'b', stage: 'board', excluded: { reason: 'no' } })] }
    expect(keepIsDue(keep({ when }), out, TODAY)).toBe(true)
    expect(keepIsDue(keep({ when }), { lines: [] }, TODAY)).toBe(false)
  })
  test('words that name a stage count for it; other words, and for good, never end by themselves', () => {
    expect(keepIsDue(keep({ until: 'the board is up' }), lines(100), TODAY)).toBe(true)
    expect(keepIsDue(keep({ until: 'the switch-over' }), lines(100), TODAY)).toBe(false)
    expect(keepIsDue(keep({}), lines(100), TODAY)).toBe(false)
  })
})
