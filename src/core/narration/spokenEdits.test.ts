import { describe, expect, test } from 'vitest'
import { saidAt } from '../../../tests/fixtures/said'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import type { Observation } from '../walk/observation'

const rooms = laid([
  { id: 'bath', name: 'Bath', treatments: [] },
  { id: 'kitchen', name: 'Kitchen', treatments: [] },
])
const entry = (subjectId: string, kind: string, values: object): Observation =>
  seen({ subject: 'entry', facet: 'written', subjectId, placeId: 'bath', value: { kind, values } } as never)
const length = (tenths: number, typed: string) => ({ tenths, precision: 'exact', typed })
const trench = entry('0002', 'trench', {
  what: 'To the street',
  long: length(60_000, '6 m'),
  deep: length(9_000, '0.9'),
})
const hangers = entry('0003', 'hangers', { what: 'From the second beam', hangers: '11' })

const told = (text: string, earlier: readonly Observation[], now: readonly Observation[] = []) =>
  saidAt(stateOf([...rooms, ...earlier, ...now]), text, { before: stateOf([...rooms, ...earlier]) })

describe('a sentence that changes what is there', () => {
  test('puts one figure for another', () => {
    const [edit, ...more] = told('The trench is 6.5 metres, not 6 metres.', [trench])
    expect(more).toEqual([])
    expect(edit!.says).toBe('To the street: length 6.5 m')
    expect(edit!.facts).toMatchObject([
      { subject: 'entry', subjectId: '0002', value: { values: { long: { tenths: 65_000 }, deep: { typed: '0.9' } } } },
    ])
  })
  test('changes the one figure of what was said last', () => {
    const [edit] = told('Make that eight.', [trench], [hangers])
    expect(edit!.facts).toMatchObject([{ subjectId: '0003', value: { values: { hangers: '8' } } }])
    // Of two figures nobody knows which is meant.
    expect(told('Make that eight.', [], [trench])[0]!.facts.some(({ subject }) => subject === 'entry')).toBe(false)
  })
  test('takes back the last of this walk, and nothing of an earlier one', () => {
    expect(told('Scratch the last one.', [trench], [hangers])[0]).toMatchObject({
      says: 'Taken back: From the second beam',
      facts: [],
      takesBack: { subject: 'entry', subjectId: '0003' },
    })
    expect(told('Scratch the last one.', [trench])[0]!.takesBack).toBeUndefined()
  })
  test('has the same here as there', () => {
    const floor = (placeId: string): Observation =>
      seen({
        subject: 'selection',
        facet: 'laid',
        subjectId: `floor-${placeId}`,
        placeId,
        value: { placeId, what: 'Floor', lead: 'stock-tile', neededFor: 'flooring' },
      })
    const chosen = seen({
      subject: 'selection',
      facet: 'choice',
      subjectId: 'floor-kitchen',
      placeId: 'kitchen',
      value: 'oak, 180',
    })
    expect(told('Floor same as the kitchen.', [floor('bath'), floor('kitchen'), chosen])[0]).toMatchObject({
      says: 'Floor: oak, 180, as in Kitchen',
      facts: [
        { subjectId: 'floor-bath', facet: 'choice', value: 'oak, 180' },
        { facet: 'state', value: 'chosen' },
      ],
    })
    expect(told('Floor same as the kitchen.', [floor('bath'), floor('kitchen')])[0]!.facts[0]!.facet).not.toBe('choice')
  })
})
