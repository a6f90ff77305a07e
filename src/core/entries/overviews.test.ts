import { describe, expect, it } from 'vitest'
import type { Values } from './field'
import { layersByFace, layerSentences } from './layersByFace'
import { STAYS_FOR_NOW, strippedSentences, strippedShare } from './strippedShare'

const faces = [
  { id: 'north', name: 'North gable', kind: 'face' as const },
  { id: 'east', name: 'East wall', kind: 'face' as const },
  { id: 'kitchen', name: 'Kitchen', kind: 'room' as const },
]
const entry = (placeId: string, values: Values, settled = false) => ({ placeId, values, settled })

describe('the layers of each face', () => {
  const everywhere = entry('north', { layers: 'sheathing, barrier, siding', rule: 'on every face' })
  it('are those of every face until a face has its own', () => {
    expect(layersByFace([everywhere], faces).map((face) => [face.name, face.from, face.layers.length])).toEqual([
      ['North gable', 'every face', 3],
      ['East wall', 'every face', 3],
    ])
  })
  it('tell an exception by what it lacks and adds', () => {
    const own = entry('east', { layers: 'Barrier, battens, siding', rule: 'an exception to the others' })
    expect(layerSentences([everywhere, own], faces)).toEqual([
      'North gable: sheathing → barrier → siding.',
      'East wall: Barrier → battens → siding, an exception: without sheathing and with battens.',
    ])
  })
  it('say where nobody has said anything', () => {
    expect(layerSentences([], faces)[0]).toBe('North gable: nobody has said its layers yet.')
  })
  it('follow the latest that was said', () => {
    const later = entry('north', { layers: 'siding', rule: 'on every face' })
    expect(layersByFace([everywhere, later], faces)[1]!.layers).toEqual(['siding'])
  })
})

describe('how far a place is stripped', () => {
  const kitchen = [
    entry('kitchen', { element: 'cabinets', hours: 6, amount: 9, done: 9 }),
    entry('kitchen', { element: 'plaster', hours: 20, amount: 500, done: 310 }),
    entry('kitchen', { element: 'soffit', hours: 4 }, true),
    entry('kitchen', { element: 'outer wall', hours: 8 }),
    entry('kitchen', { element: 'floor', hours: 7, salvage: STAYS_FOR_NOW }),
    entry('kitchen', { element: 'old wire', hours: 5, amount: 5, done: 1 }),
  ]
  it('is weighed by hours, not by impression', () => {
    const share = strippedShare(kitchen)
    expect(share.done).toBeCloseTo(23.4, 9)
    expect(share.all).toBe(50)
    expect(share.allWithoutStaying).toBe(43)
  })
  it('is told with and without what stays', () => {
    expect(strippedSentences(kitchen, faces)).toEqual([
      'Kitchen: 46.8 % out by quantity (23.4 of 50 hours); 54.4 % of 43 without what stays for the time being.',
    ])
  })
  it('names what has no hours', () => {
    const [told] = strippedSentences([...kitchen, entry('kitchen', { element: 'lath' })], faces)
    expect(told).toContain('Without hours, so not counted: lath.')
  })
  it('never counts more than there is', () => {
    expect(strippedShare([entry('kitchen', { element: 'x', hours: 2, amount: 3, done: 9 })]).done).toBe(2)
  })
})
