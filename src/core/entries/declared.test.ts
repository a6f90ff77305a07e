import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf, type ExamplePlace } from '../../../tests/fixtures/site'
import { withPasses } from '../reckoning/passes'
import { withTaken } from '../reckoning/taken'
import { coverGates } from '../sequence/coverGate'
import { BUILD_ORDER } from '../scope/vocabulary'
import type { Observation } from '../walk/observation'
import { asksOf } from './asks'
import { ENTRY_KINDS } from './entryKinds'
import { entryWords, readEntry } from './entryWords'
import { kindOf } from './entry'
import { holdsCover, workOf } from './work'
import type { Values } from './field'

const ROOM: ExamplePlace = { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '3 x 2 x 2.5' }
const FACE: ExamplePlace = {
  id: 'yard',
  name: 'Yard face',
  kind: 'face',
  treatments: ['face-tear-off'],
  size: '10.4 x 2.7',
}
const entry = (id: string, kind: string, values: object, placeId: string | null = 'bath'): Observation =>
  seen({ subject: 'entry', facet: 'written', subjectId: id, placeId, value: { kind, values } } as never)
const typed = (id: string, told: Readonly<Record<string, string>>): Values =>
  readEntry(kindOf(id), (key) => told[key] ?? '', 'metric')

describe('what a kind declares of its work', () => {
  test.each(ENTRY_KINDS.filter(({ holdsCover }) => holdsCover).map((kind) => [kind.id, kind] as const))(
    '%s never holds the work that it tells of',
    (id, kind) => {
      const values = { [kind.fields[0]!.key]: 'framing, wires and pipes' }
      const work = workOf(kind, values)
      // A place with work of every stage, so that whatever could be held is there.
      const lines = stateOf(laid([ROOM])).lines
      const all = BUILD_ORDER.map((stage) => ({ ...lines[0]!, id: stage, stage, progress: 0 }))
      const gates = coverGates('bath', {
        lines: all,
        gateMarks: new Map(),
        entries: [{ id: 'one', kind: id, placeId: 'bath', values, settled: null }],
      })
      const holding = gates.filter(({ items }) => items.some((item) => item.kind === 'entry'))
      expect(holding.map(({ stage }) => stage).filter((stage) => work.includes(stage))).toEqual([])
      expect(holding.length).toBeLessThanOrEqual(1)
    },
  )
  test('insulation that is in and not inspected holds the board, not itself', () => {
    const state = stateOf([...laid([ROOM]), entry('one', 'insulation', { what: 'outer wall' })])
    const held = coverGates('bath', state).filter(({ items }) => items.some((item) => item.kind === 'entry'))
    expect(held.map(({ stage }) => stage)).toEqual(['board'])
  })
})

describe('one act closes it everywhere', () => {
  const looked = (values: object) => withPasses(stateOf([...laid([ROOM]), entry('one', 'inspection', values)]))
  const inspections = (values: object) => looked(values).lines.filter(({ inspects }) => inspects?.includes('wires'))

  test('an inspection whose result is passed is closed, and so is the line that stands for it', () => {
    const passed = { what: 'framing, wires, pipes and ducts', result: 'passed', on: '2026-03-09', inspector: 'Ms Ray' }
    expect(looked(passed).entries[0]!.settled).toEqual({ result: 'Passed, Mon 9 Mar, by Ms Ray' })
    expect(inspections(passed).map(({ progress }) => progress)).toEqual([100])
  })
  test('one that failed, or that was of something else, closes nothing', () => {
    for (const values of [
      { what: 'wires and pipes', result: 'failed' },
      { what: 'the chimney', result: 'passed' },
    ])
      expect(inspections(values).map(({ progress }) => progress)).toEqual([0])
  })
  test.each([
    ['moving-test', { what: 'pocket door', result: 'passed' }],
    ['countertop', { what: 'island', stage: 'set' }],
  ])('%s is closed by its own field', (kind, values) => {
    expect(stateOf([...laid([ROOM]), entry('one', kind, values)]).entries[0]!.settled).not.toBeNull()
  })
})

describe('a figure that the record holds is not typed again', () => {
  const words = (kind: string, told: Readonly<Record<string, string>>, place: ExamplePlace = ROOM) => {
    const facts = [...laid([ROOM, FACE]), entry('one', kind, typed(kind, told), place.id)]
    return entryWords(withTaken(stateOf(facts), 'metric').entries[0]!, 'metric', false)
  }
  test('the walls, the ceiling and the floor of a room', () => {
    expect(words('board-type', { what: 'walls' }).reckoned.join(' ')).toContain('25 m²')
    expect(words('insulation', { what: 'ceiling' }).reckoned[0]).toBe('6 m² − 15 % = 5.1 m².')
    expect(words('air-sheet', { what: 'fan', straight: '6.7 m' }).reckoned[0]).toContain('64')
  })
  test('the net area of a face by its own measures', () => {
    const measures = entry(
      'measures',
      'face-area',
      typed('face-area', { what: 'all', walls: '10 x 3', openings: '2 x 1' }),
      'yard',
    )
    const paint = entry(
      'paint',
      'paint-progress',
      typed('paint-progress', { what: 'render', spread: '3.7 to 6' }),
      'yard',
    )
    const state = withTaken(stateOf([...laid([FACE]), measures, paint]), 'metric')
    expect(
      entryWords(
        state.entries.find(({ id }) => id === 'paint')!,
        'metric',
        false,
      ).reckoned[0],
    ).toContain('28 m²')
  })
  test('what is typed wins', () => {
    expect(words('board-type', { what: 'walls', surface: '7 m2' }).reckoned.join(' ')).toContain('7 m²')
  })
})

describe('what an entry asks', () => {
  const asked = (kind: string, told: Readonly<Record<string, string>>) =>
    asksOf(stateOf([...laid([ROOM]), entry('one', kind, typed(kind, told))]).entries, 'metric').map(
      ({ of, question }) => `${of}: ${question}`,
    )
  test('a deviation of the engineer, a room that is too small of the authority, a misfit of us', () => {
    expect(asked('engineer-value', { element: 'Ridge', value: '16 in', found: '14 in' })).toEqual([
      'engineer: Ridge: 14 in instead of 16 in. May it be so, and what must be done?',
    ])
    expect(asked('room-use', { use: 'bedroom', long: '3 m', wide: '2.05 m' })).toEqual([
      'authority: The room is under the usual least. May somebody sleep in it?',
    ])
    expect(asked('fit-check', { what: 'The pantry handle', space: '28 mm', takes: '34 mm' })).toEqual([
      'us: The pantry handle: it does not fit. What gives way, it or what is beside it?',
    ])
  })
  test('nothing where nothing is amiss, and nothing once it is closed', () => {
    expect(asked('room-use', { use: 'study', long: '3 m', wide: '2.05 m' })).toEqual([])
    expect(asked('fit-check', { what: 'tub', space: '1.9 m', takes: '1.7 m' })).toEqual([])
  })
})

test('what was allowed for and carries nothing may be covered; more than that, or what carries, is talked about first', () => {
  const holds = (told: Readonly<Record<string, string>>): boolean =>
    holdsCover(kindOf('hidden-damage'), typed('hidden-damage', { what: 'Fascia rot', ...told }))
  expect(holds({ allowance: '9', unitPrice: '34' })).toBe(false)
  expect(holds({ allowance: '9', found: '9' })).toBe(false)
  expect(holds({ allowance: '9', found: '11' })).toBe(true)
  expect(holds({ allowance: '5', structural: 'yes' })).toBe(true)
  expect(holds({})).toBe(true)
})

describe('the work that an entry lays', () => {
  test.each(ENTRY_KINDS.filter(({ lays }) => lays).map((kind) => [kind.id, kind] as const))(
    '%s is work that it tells of itself, in words that name it',
    (_, kind) => {
      const values = { [kind.fields[0]!.key]: 'the old north wall', coats: 2, allowance: 3 }
      const work = kind.lays!(values, 'two coats', 'metric')!
      const own = workOf(kind, values)
      if (own.length > 0) expect(own).toContain(work.stage)
      expect(work.title.toLowerCase()).toMatch(/north wall|joints/)
    },
  )
})
