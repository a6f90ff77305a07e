import { describe, expect, test } from 'vitest'
import { laid, seen, stateOf } from '../../../tests/fixtures/site'
import { readEntry } from '../entries/entryWords'
import { kindOf } from '../entries/entry'
import type { Observation } from '../walk/observation'
import { withFaceAreas } from './faceAreas'

const FACE = laid([{ id: 'front', kind: 'face', size: '12.2 x 2.72', treatments: ['face-tear-off'] }])
const told = (typed: Readonly<Record<string, string>>): Observation =>
  seen({
    subject: 'entry',
    facet: 'written',
    subjectId: `area-${typed.what}`,
    placeId: 'front',
    value: { kind: 'face-area', values: readEntry(kindOf('face-area'), (key) => typed[key] ?? '', 'metric') },
  })
const siding = (facts: readonly Observation[]) =>
  withFaceAreas(stateOf([...FACE, ...facts]), 'metric').lines.find((line) => line.stage === 'cladding')!

describe('a face that is reckoned from its own few measures', () => {
  const gross = siding([])
  test('without them it is its length by its height', () => {
    expect(gross.quantity!.value).toBeCloseTo(33.18, 2)
  })
  test('openings come off, gables and bands come on, and the effort follows', () => {
    const net = siding([told({ what: 'front', walls: '12.2 x 2.72', openings: '4.9 x 2.13, 2 x 1.2 x 1.3' })])
    expect(net.quantity!.value).toBeCloseTo(19.63, 2)
    expect(net.how).toContain('less 3 of 3 openings')
    expect(net.hours / gross.hours).toBeCloseTo(19.63 / 33.18, 1)
    const two = siding([told({ what: 'front', walls: '12.2 x 2.72' }), told({ what: 'band', walls: '6 x 0.4' })])
    expect(two.quantity!.value).toBeCloseTo(33.184 + 2.4, 2)
  })
  test('a quantity set by hand stays', () => {
    const byHand = seen({ subject: 'line', facet: 'quantity', subjectId: gross.id, placeId: 'front', value: 25 })
    const line = siding([byHand, told({ what: 'front', walls: '10 x 2.72' })])
    expect(line.quantity!.value).toBe(25)
    expect(line.reckoned.quantity!.value).toBeCloseTo(27.2, 2)
  })
  test('measures that cannot be read yet change nothing', () => {
    const values = { what: 'front', walls: 'quite long' }
    const vague = { ...told({ what: 'front' }), value: { kind: 'face-area', values } } as Observation
    expect(siding([vague]).quantity).toEqual(gross.quantity)
  })
})
