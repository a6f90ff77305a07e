import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { coveredTooSoon, faceLayers } from './faceLayers'

const face = [
  line({ id: 'off', stage: 'strip-out', action: 'remove', element: 'siding', progress: 100 }),
  line({ id: 'sheathe', stage: 'framing', element: 'sheathing', progress: 100 }),
  line({ id: 'wrap', stage: 'weather-barrier', element: 'weather-barrier', progress: 100 }),
  line({ id: 'clad', stage: 'cladding', element: 'siding', progress: 25 }),
  line({ id: 'paint', stage: 'paint', element: 'siding' }),
]
const flashings = [
  { kind: 'flashing', settled: { result: '' } },
  { kind: 'flashing', settled: null },
  { kind: 'sealant', settled: null },
]
const words = (layers: ReturnType<typeof faceLayers>) => layers.map((one) => `${one.layer}: ${one.words}`)

describe('the layers of a face', () => {
  test('by their lines, or by the pieces of their register', () => {
    expect(words(faceLayers(face, flashings))).toEqual([
      'sheathing: 100 %',
      'insulation: not in the scope',
      'barrier: 100 %',
      'flashing: 1 of 2 in place',
      'trim: not in the scope',
      'siding: 25 %',
      'sealant: 0 of 1 in place',
      'paint: 0 %',
    ])
  })
  test('a layer begun over one that is not done is told', () => {
    expect(coveredTooSoon(faceLayers(face, flashings))).toEqual([
      'Siding or render was begun over flashing (1 of 2 in place).',
    ])
    expect(coveredTooSoon(faceLayers(face, []))).toEqual([])
  })
  test('what is out of the scope counts for nothing', () => {
    const out = face.map((one) => (one.id === 'clad' ? { ...one, excluded: { reason: 'by others' } } : one))
    expect(words(faceLayers(out, []))).toContain('siding: not in the scope')
  })
})
