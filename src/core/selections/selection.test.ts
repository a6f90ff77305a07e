import { describe, expect, test } from 'vitest'
import type { Stage } from '../scope/vocabulary'
import { isBought, isTheirChoice, type SelectionDetails } from './selection'
import { likelySort } from './selectionKinds'

const opening = (status: string): SelectionDetails => ({ sort: 'opening', values: { status } })
const chosen = (what: string, neededFor: Stage, details: SelectionDetails | null = null) =>
  ({ what, neededFor, lead: 'stock-goods', details }) as const

describe('what is bought', () => {
  test.each(['kept', 'trim only', 'moved', 'filled in'])('a window that is %s is in no order', (status) => {
    expect(isBought({ details: opening(status) })).toBe(false)
  })
  test('a new one is, and so is one of which nothing is said', () => {
    expect(isBought({ details: opening('new') })).toBe(true)
    expect(isBought({ details: null })).toBe(true)
  })
})

describe('what a household is asked for', () => {
  test.each([
    ['Engineer’s drawing', 'tile'],
    ['Beam over the opening', 'framing'],
    ['Brackets for the shelf', 'trim'],
  ] as const)('%s is not theirs to choose', (what, stage) => {
    expect(isTheirChoice(chosen(what, stage))).toBe(false)
  })
  test('a tile is; a window that stays is not', () => {
    expect(isTheirChoice(chosen('Wall tile', 'tile'))).toBe(true)
    expect(isTheirChoice(chosen('Hall window', 'windows-doors', opening('new')))).toBe(true)
    expect(isTheirChoice(chosen('Hall window', 'windows-doors', opening('kept')))).toBe(false)
  })
})

test('siding is no window, whatever its lead', () => {
  expect(likelySort('stock-window', 'cladding')).not.toBe('opening')
  expect(likelySort('stock-window', 'windows-doors')).toBe('opening')
})
