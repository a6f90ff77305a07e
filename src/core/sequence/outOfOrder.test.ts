import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import type { Stage } from '../scope/vocabulary'
import { outOfOrder } from './outOfOrder'
import { relationsFor } from './relations'
import { USUAL_SCHOOLS } from './schools'

const at = (progress: Partial<Record<Stage, number>>) =>
  Object.entries(progress).map(([stage, percent]) => line({ id: stage, stage: stage as Stage, progress: percent }))
const told = (progress: Partial<Record<Stage, number>>, schools = USUAL_SCHOOLS) =>
  outOfOrder(at(progress), at(progress)[0]!.placeId, relationsFor(schools)).map((one) => one.words)

describe('work out of order', () => {
  test('cabinets set before paint was begun: what it costs', () => {
    expect(told({ paint: 0, cabinets: 50 })).toEqual([
      'Cabinets at 50 %, paint at 0 %: this site paints before cabinets. Mask the cabinets; the last coat goes on by brush, and their edges are touched up.',
    ])
  })
  test('nothing is said where the site goes by the other school', () => {
    expect(
      told({ paint: 0, cabinets: 50 }, { cabinetsAndPaint: { way: 'cabinets-first', why: 'factory finish' } }),
    ).toEqual([])
  })
  test('stages that run beside each other are no mistake, a finished one over an unfinished one is', () => {
    expect(told({ board: 75, tape: 50 })).toEqual([])
    expect(told({ board: 75, tape: 100 })[0]).toContain('board before tape')
  })
  test('a stage that is absent passes its order on', () => {
    expect(told({ insulation: 0, tape: 100 })[0]).toContain('Insulation'.toLowerCase())
  })
})
