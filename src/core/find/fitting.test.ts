import { expect, test } from 'vitest'
import { ENTRY_KINDS } from '../entries/entryKinds'
import { BUILD_ORDER, type Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'
import { fittingHere } from './fitting'

const KINDS = new Set(ENTRY_KINDS.map(({ id }) => id))
const bath = { id: 'bath', kind: 'room' }
const face = { id: 'north', kind: 'face' }
const line = (placeId: string, stage: Stage, progress: number) => ({ placeId, stage, progress, excluded: null })
const written = (kind: string, placeId: string | null, seenAt: string) => ({ kind, placeId, seenAt })
const site = (lines: readonly object[], entries: readonly object[] = []) =>
  ({ places: [bath, face], lines, entries }) as unknown as SiteState

test('what is offered first follows the stage that is under way', () => {
  const now = fittingHere('bath', site([line('bath', 'wires', 25), line('bath', 'board', 0)]))
  expect(now[0]).toBe('device-box')
  expect(now).not.toContain('tile-area')
  expect(fittingHere('bath', site([line('bath', 'wires', 100), line('bath', 'tile', 0)]))[0]).toBe('tile-area')
})

test('a place without work is told what a first walk writes down there', () => {
  expect(fittingHere('north', site([]))).toContain('face-area')
  expect(fittingHere('bath', site([]))).not.toContain('face-area')
})

test('what was written down last in such a place is among it, what was written elsewhere is not', () => {
  const state = site(
    [line('bath', 'paint', 50)],
    [
      written('fire-sound', 'bath', '2026-03-02T08:00:00.000Z'),
      written('face-siding', 'north', '2026-03-03T08:00:00.000Z'),
    ],
  )
  expect(fittingHere('bath', state)).toContain('fire-sound')
  expect(fittingHere('bath', state)).not.toContain('face-siding')
})

test('every stage offers at most seven kinds that there are', () => {
  for (const stage of BUILD_ORDER) {
    const offered = fittingHere('bath', site([line('bath', stage, 10)]))
    expect(offered.length, stage).toBeGreaterThan(0)
    expect(offered.length, stage).toBeLessThanOrEqual(7)
    expect(
      offered.filter((id) => !KINDS.has(id)),
      stage,
    ).toEqual([])
  }
})
