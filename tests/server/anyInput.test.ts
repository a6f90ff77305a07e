import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ValidationError } from 'yup'
import type { Day } from '../../src/core/calendar/day'
import { ENTRY_KINDS } from '../../src/core/entries/entryKinds'
import { ImpossibleRequest } from '../../src/core/errors/impossibleRequest'
import type { SubjectKind } from '../../src/core/walk/observation'
import { Refusal } from '../../src/server/refusal'
import { checkedValue, FACT_SCHEMAS } from '../../src/server/walk/factSchemas'

const STARTS = '2026-03-01' as Day
const FACETS = Object.entries(FACT_SCHEMAS).flatMap(([subject, facets]) =>
  Object.keys(facets).map((facet) => [subject as SubjectKind, facet] as const),
)

/** JSON as a request brings it in: names of methods are dropped on the way. */
const json = (maxDepth: number) =>
  fc
    .jsonValue({ maxDepth })
    .filter((value) => !/"(?:toString|valueOf|constructor|__proto__|toJSON)":/.test(JSON.stringify(value)))

/** Takes a value, or refuses it with a sentence; anything else is a fault of ours. */
function taken(subject: SubjectKind, facet: string, value: unknown): boolean {
  try {
    checkedValue(subject, facet, value, STARTS)
    return true
  } catch (error) {
    const told = error instanceof ValidationError || error instanceof Refusal || error instanceof ImpossibleRequest
    if (!told) throw error
    expect(error.message.length).toBeGreaterThan(3)
    return false
  }
}

describe('whatever is sent is taken or refused in words', () => {
  test.each(FACETS)('%s %s', (subject, facet) => {
    fc.assert(
      fc.property(json(3), (value) => void taken(subject, facet, value)),
      { numRuns: 60 },
    )
  })
  test('an unknown facet is refused', () => {
    expect(() => checkedValue('line', 'colour', 'red', STARTS)).toThrow('A line has no "colour".')
    expect(() => checkedValue('line', 'constructor', 'red', STARTS)).toThrow('A line has no "constructor".')
  })
})

describe('an entry of a register with anything in its fields', () => {
  test.each(ENTRY_KINDS.map((kind) => [kind.id, kind] as const))('%s', (id, kind) => {
    const values = fc.record(Object.fromEntries(kind.fields.map((field) => [field.key, json(2)])), { requiredKeys: [] })
    fc.assert(
      fc.property(values, (given) => {
        if (!taken('entry', 'written', { kind: id, values: given })) return
        // What was taken holds only what its fields may hold.
        const kept = checkedValue('entry', 'written', { kind: id, values: given }, STARTS) as { values: object }
        expect(kind.fields.map((field) => field.key)).toEqual(expect.arrayContaining(Object.keys(kept.values)))
      }),
      { numRuns: 60 },
    )
  })
})
