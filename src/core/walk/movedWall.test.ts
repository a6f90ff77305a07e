import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { withTaken } from '../reckoning/taken'
import { contradictions } from './contradictions'
import { differences } from './differences'
import { movedWall, resizedWords, type WallMove } from './movedWall'
import type { NewFact } from './observation'
import { placeChangeFacts } from './placeChanges'
import type { SiteState } from './siteState'

const HOUSE = laid([
  { id: 'bedroom', name: 'Back bedroom', treatments: ['room-board-finishes'], size: '3.05 x 2.75 x 2.4' },
  { id: 'bath', name: 'Bath', treatments: ['room-board-finishes'], size: '2.3 x 2.2' },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])
const before = stateOf(HOUSE)
const place = (state: SiteState, id: string) => state.places.find((one) => one.id === id)!
const MOVE: WallMove = { side: 1, by: '400 mm', grows: true, beside: 'bath', besideSide: 0, why: 'for the bed' }
const after = (facts: readonly NewFact[]): SiteState =>
  stateOf([...HOUSE, ...facts.map((fact) => seen(fact as Parameters<typeof seen>[0]))])
const changed = (move: Partial<WallMove>) =>
  placeChangeFacts(
    before,
    place(before, 'bedroom'),
    { change: 'wall', to: '', lineIds: [], wall: { ...MOVE, ...move } },
    'metric',
    { fresh: () => 'new', twin: (id, copy) => `${id}~${copy}` },
  )

describe('a wall moves', () => {
  const state = after(changed({}))

  test('one place gets what the other gives, and both are told with what they were', () => {
    expect(
      movedWall(before.places, place(before, 'bedroom'), MOVE, 'metric').map((one) => resizedWords(one, 'metric')),
    ).toEqual([
      'Back bedroom: 3.05 × 3.15 × 2.4 m, 9.61 m² (3.05 × 2.75 × 2.4 m, 8.39 m² before)',
      'Bath: 1.9 × 2.2 m, 4.18 m² (2.3 × 2.2 m, 5.06 m² before)',
    ])
    expect(place(state, 'bath').size!.sides.map((side) => side.tenths)).toEqual([19_000, 22_000])
    expect(place(state, 'bath').wallMoved).toEqual({ was: '2.3 × 2.2 m', why: 'for the bed' })
  })
  test('the work of both follows, and so does what stands between its walls', () => {
    const area = (of: SiteState, id: string) =>
      of.lines.flatMap(({ placeId, quantity }) => (placeId === id && quantity?.unit === 'm2' ? [quantity.value] : []))
    expect(area(state, 'bedroom')[0]).toBeGreaterThan(area(before, 'bedroom')[0]!)
    expect(area(state, 'bath')[0]).toBeLessThan(area(before, 'bath')[0]!)
    const bed = seen({
      subject: 'entry',
      facet: 'written',
      subjectId: 'bed',
      placeId: 'bedroom',
      value: { kind: 'stands-between', values: { what: 'Bed' } },
    })
    const facts = changed({}).map((fact) => seen(fact as Parameters<typeof seen>[0]))
    expect(withTaken(stateOf([...HOUSE, bed, ...facts]), 'metric').entries[0]!.taken!.clear).toMatchObject({
      tenths: 31_500,
    })
  })
  test('the walk tells it with the reason; nobody is asked which of the two sizes is right', () => {
    expect(differences(before, state, 'metric').filter(({ text }) => text.startsWith('Size: '))).toMatchObject([
      { placeId: 'bedroom', detail: '3.05 × 2.75 × 2.4 m before a wall moved: for the bed' },
      { placeId: 'bath', detail: '2.3 × 2.2 m before a wall moved: for the bed' },
    ])
    const told = (id: string, at: string, moved: boolean) => ({
      placeId: 'bath',
      size: place(id === 'now' ? state : before, 'bath').size!,
      by: 'Ada',
      at: at as never,
      moved,
    })
    const two = (moved: boolean) =>
      contradictions(
        state,
        [told('was', '2026-03-01T08:00:00Z', false), told('now', '2026-03-02T08:00:00Z', moved)],
        'metric',
      )
    expect(two(true)).toEqual([])
    expect(two(false)).toHaveLength(1)
  })
  test('moved the other way, and where nothing of ours lies behind it', () => {
    expect(place(after(changed({ grows: false, beside: '' })), 'bedroom').size!.sides[1]!.tenths).toBe(23_500)
    expect(changed({ beside: '' })).toHaveLength(1)
  })
  test('what cannot be is refused by name, and neither place is changed', () => {
    const bare = { ...place(before, 'hall'), size: null }
    expect(() => movedWall([bare], place(before, 'bath'), { ...MOVE, beside: 'hall' }, 'metric')).toThrow(
      'Hall is not measured yet. Measure it first.',
    )
    expect(() => changed({ by: '' })).toThrow('"" is not a length.')
    expect(() => changed({ beside: 'bedroom' })).toThrow('Behind the wall: choose another place of this site.')
    expect(() => changed({ by: '2.5 m' })).toThrow('By how much: that leaves no length of Bath.')
    expect(() => changed({ besideSide: 2 })).toThrow('Bath: choose a side that was measured.')
  })
})
