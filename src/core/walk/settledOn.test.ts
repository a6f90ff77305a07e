import { expect, test } from 'vitest'
import { entryKind } from '../entries/entryKinds'
import { VISIT_KINDS, type VisitKind } from './observation'
import { settlesOn } from './settledOn'

test('an opening is closed up at the end of the day, a small thing is put right when all is finished', () => {
  expect(settlesOn('end-of-day', 'close-up')).toBe(true)
  expect(settlesOn('scope', 'close-up')).toBe(false)
  expect(settlesOn('completion', 'defect')).toBe(true)
})

test('what every kind of walk settles can be settled at all', () => {
  const kinds = [
    'access',
    'close-up',
    'defect',
    'pre-cover-photos',
    'return-part',
    'sleeping-risk',
    'release',
    'hazard-screen',
  ]
  for (const kind of kinds) {
    expect(entryKind(kind)?.settle, kind).toBeDefined()
    expect(
      Object.keys(VISIT_KINDS).some((walk) => settlesOn(walk as VisitKind, kind)),
      kind,
    ).toBe(true)
  }
})
