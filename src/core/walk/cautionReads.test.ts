import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { cautionsAt, readValues } from './cautionReads'

const facts = laid([{ id: 'bath', treatments: ['bathroom-rebuilt'] }])
const state = stateOf(facts)

describe('cautions of a place', () => {
  test('stand once, however many lines carry them', () => {
    const all = cautionsAt(state, 'bath', state.lines)
    expect(all.length).toBeGreaterThan(1)
    expect(new Set(all.map((one) => one.id)).size).toBe(all.length)
    expect(state.lines.flatMap((line) => line.cautions).length).toBeGreaterThan(all.length)
  })
  test('are over with the work, and where it is out of the scope', () => {
    const done = state.lines.map((line) => ({ ...line, progress: 100 }))
    const out = state.lines.map((line) => ({ ...line, excluded: { reason: 'phase 2' } }))
    expect(cautionsAt(state, 'bath', done)).toEqual([])
    expect(cautionsAt(state, 'bath', out)).toEqual([])
  })
  test('say by name who has read them, each once', () => {
    const first = cautionsAt(state, 'bath', state.lines)[0]!
    expect(first.readBy).toEqual([])
    const written = (who: string, before = first) =>
      seen({
        subject: 'entry',
        facet: 'written',
        subjectId: first.entryId,
        placeId: 'bath',
        value: { kind: 'caution-read', values: readValues(before, who) },
      })
    const once = stateOf([...facts, written('Ada')])
    const again = cautionsAt(once, 'bath', once.lines)[0]!
    expect(again.readBy).toEqual(['Ada'])
    const both = stateOf([...facts, written('Ada'), written('Bo', again), written('Ada', again)])
    expect(cautionsAt(both, 'bath', both.lines)[0]!.readBy).toEqual(['Ada'])
    expect(readValues(again, 'Bo').who).toBe('Ada, Bo')
  })
})
