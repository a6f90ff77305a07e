import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import type { NewFact, Observation } from './observation'
import type { SiteState } from './siteState'
import { mergePlaces, placeChangeFacts, splitPlace } from './placeChanges'

const HOUSE = laid([
  { id: 'dining', name: 'Dining room', treatments: ['room-board-finishes'] },
  { id: 'kitchen', name: 'Kitchen', treatments: ['kitchen-rebuilt'] },
  { id: 'hall', name: 'Hall', treatments: ['room-paint-only'] },
])
const after = (facts: readonly NewFact[], known: readonly Observation[] = HOUSE): Observation[] => [
  ...known,
  ...facts.map((fact) => seen(fact as Parameters<typeof seen>[0])),
]
const place = (state: SiteState, id: string) => state.places.find((one) => one.id === id)!
const names = (state: SiteState) => state.places.map((one) => one.name)
const titlesAt = (state: SiteState, id: string) =>
  state.lines.filter((line) => line.placeId === id).map((line) => line.title)

describe('two places become one', () => {
  const before = stateOf(HOUSE)
  const history = [
    ...HOUSE,
    seen({
      subject: 'line',
      facet: 'progress',
      subjectId: 'dining/room-board-finishes/0',
      placeId: 'dining',
      value: 75,
    }),
    seen({
      subject: 'finding',
      facet: 'found',
      subjectId: 'f',
      placeId: 'dining',
      value: { text: 'crack over the door', condition: 'crack', certain: true },
    }),
    seen(
      { subject: 'place', facet: 'visited', subjectId: 'dining', placeId: 'dining', value: true },
      '2026-03-09T08:00:00.000Z',
      'walk',
    ),
  ]
  const merged = after(mergePlaces(place(before, 'dining'), place(before, 'kitchen')), history)
  const state = stateOf(merged)

  test('one place is left, with the lines, progress and findings of both', () => {
    expect(names(state)).toEqual(['Kitchen', 'Hall'])
    expect(titlesAt(state, 'kitchen')).toHaveLength(
      titlesAt(before, 'kitchen').length + titlesAt(before, 'dining').length,
    )
    expect(state.lines.find((line) => line.id === 'dining/room-board-finishes/0')).toMatchObject({
      placeId: 'kitchen',
      progress: 75,
    })
    expect(state.findings[0]!.placeId).toBe('kitchen')
    expect(place(state, 'kitchen').lastSeen).toBe('2026-03-09T08:00:00.000Z')
  })
  test('it still answers to the name that went', () => {
    expect(place(state, 'kitchen').formerNames).toEqual(['Dining room'])
  })
  test('what a phone still tells of the old place is told of the new one', () => {
    const late = after(
      [{ subject: 'note', facet: 'noted', subjectId: 'n', placeId: 'dining', value: { text: 'seen', private: false } }],
      merged,
    )
    expect(stateOf(late).notes[0]!.placeId).toBe('kitchen')
  })
  test('taken back, both stand as before', () => {
    const back = after(
      [{ subject: 'place', subjectId: 'dining', facet: 'mergedInto', placeId: 'dining', value: null }],
      merged,
    )
    expect(names(stateOf(back))).toEqual(names(before))
    expect(titlesAt(stateOf(back), 'dining')).toEqual(titlesAt(before, 'dining'))
  })
  test('a place cannot become part of itself, and a ring of merges loses nothing', () => {
    expect(() => mergePlaces(place(before, 'hall'), place(before, 'hall'))).toThrow('cannot become part of itself')
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('dining', 'kitchen', 'hall'), fc.constantFrom('dining', 'kitchen', 'hall'))),
        (pairs) => {
          const facts = pairs
            .filter(([a, b]) => a !== b)
            .map(([a, b]): NewFact => ({ subject: 'place', subjectId: a, facet: 'mergedInto', placeId: a, value: b }))
          const ringed = stateOf(after(facts))
          expect(ringed.places.length).toBeGreaterThan(0)
          expect(ringed.lines.map((line) => line.id)).toEqual(before.lines.map((line) => line.id))
          const reset = ['dining', 'kitchen', 'hall'].map((id): NewFact => ({
            subject: 'place',
            subjectId: id,
            facet: 'mergedInto',
            placeId: id,
            value: null,
          }))
          expect(stateOf(after(reset, after(facts))).lines).toEqual(before.lines)
        },
      ),
    )
  })
})

describe('a place is split', () => {
  const before = stateOf(HOUSE)
  const goes = before.lines.filter((line) => line.placeId === 'dining' && line.stage === 'paint').map((line) => line.id)
  const state = stateOf(after(splitPlace(before, place(before, 'dining'), ' Snug ', goes, 'snug')))

  test('the new part follows it in the walk, with the lines that were chosen', () => {
    expect(names(state)).toEqual(['Dining room', 'Snug', 'Kitchen', 'Hall'])
    expect(state.lines.filter((line) => line.placeId === 'snug').map((line) => line.id)).toEqual(goes)
    expect(place(state, 'snug')).toMatchObject({ from: 'dining', size: null, level: 'Ground' })
    expect(state.lines).toHaveLength(before.lines.length)
  })
  test('it needs a name of its own', () => {
    expect(() => splitPlace(before, place(before, 'dining'), ' ', [], 'x')).toThrow('Name: say what')
    expect(() => splitPlace(before, place(before, 'dining'), 'hall', [], 'x')).toThrow('Name: there is a hall already.')
  })
})

describe('a unit is copied', () => {
  const worked = after([
    { subject: 'line', facet: 'progress', subjectId: 'kitchen/kitchen-rebuilt/0', placeId: 'kitchen', value: 100 },
    {
      subject: 'line',
      facet: 'title',
      subjectId: 'kitchen/kitchen-rebuilt/1',
      placeId: 'kitchen',
      value: 'Sink on the left',
    },
    {
      subject: 'line',
      facet: 'excluded',
      subjectId: 'kitchen/kitchen-rebuilt/2',
      placeId: 'kitchen',
      value: { reason: 'the client does it' },
    },
  ])
  const before = stateOf(worked)
  let count = 0
  const copied = (mirrored: boolean) =>
    stateOf(
      after(
        placeChangeFacts(
          before,
          place(before, 'kitchen'),
          { change: mirrored ? 'mirror' : 'copy', to: 'Kitchen of unit 2', lineIds: [] },
          'metric',
          { fresh: () => `new-${++count}`, twin: (id, copy) => `${id}~${copy}` },
        ),
        worked,
      ),
    )

  test('with its size, lines, exceptions and selections, none of it done yet', () => {
    const state = copied(false)
    const copy = state.places.find((one) => one.name === 'Kitchen of unit 2')!
    expect(names(state)).toEqual(['Dining room', 'Kitchen', 'Kitchen of unit 2', 'Hall'])
    expect(copy.size).toEqual(place(before, 'kitchen').size)
    const lines = state.lines.filter((line) => line.placeId === copy.id)
    expect(lines.map((line) => line.title).sort()).toEqual(titlesAt(before, 'kitchen').sort())
    expect(lines.every((line) => line.progress === 0)).toBe(true)
    expect(lines.filter((line) => line.excluded).map((line) => line.excluded!.reason)).toEqual(['the client does it'])
    expect(
      state.selections
        .filter((one) => one.placeId === copy.id)
        .map((one) => one.what)
        .sort(),
    ).toEqual(
      before.selections
        .filter((one) => one.placeId === 'kitchen')
        .map((one) => one.what)
        .sort(),
    )
  })
  test('mirrored, left is right', () => {
    const state = copied(true)
    const copy = state.places.find((one) => one.name === 'Kitchen of unit 2')!
    expect(titlesAt(state, copy.id)).toContain('Sink on the right')
    expect(titlesAt(state, 'kitchen')).toContain('Sink on the left')
  })
})

test('renamed, a place keeps its first name to be found by, and what it becomes', () => {
  const state = stateOf(
    after([
      { subject: 'place', facet: 'name', subjectId: 'dining', placeId: 'dining', value: 'Snug' },
      { subject: 'place', facet: 'futureName', subjectId: 'dining', placeId: 'dining', value: 'Living kitchen' },
      { subject: 'place', facet: 'level', subjectId: 'dining', placeId: 'dining', value: 'Raised ground' },
    ]),
  )
  expect(place(state, 'dining')).toMatchObject({
    name: 'Snug',
    futureName: 'Living kitchen',
    level: 'Raised ground',
    formerNames: ['Dining room'],
  })
})
