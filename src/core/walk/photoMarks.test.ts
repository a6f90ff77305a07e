import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { hiddenParts, markOf, MARK_KINDS, type PhotoMark } from './photoMarks'

describe('a mark drawn with a finger', () => {
  test('a tap makes a ring that can be seen', () => {
    expect(markOf('ring', { x: 0.5, y: 0.5 }, { x: 0.5, y: 0.5 }, '')).toEqual({
      kind: 'ring',
      at: { x: 0.5, y: 0.5 },
      radius: 0.03,
    })
  })
  test('a part to hide may be drawn from any corner', () => {
    const hidden = { kind: 'blur', from: { x: 0.2, y: 0.1 }, to: { x: 0.6, y: 0.4 } }
    expect(markOf('blur', { x: 0.6, y: 0.1 }, { x: 0.2, y: 0.4 }, '')).toEqual(hidden)
    expect(markOf('blur', { x: 0.2, y: 0.4 }, { x: 0.6, y: 0.1 }, '')).toEqual(hidden)
  })
  test('whatever the finger does, a mark lies on the picture', () => {
    const point = fc.record({
      x: fc.double({ min: -2, max: 3, noNaN: true }),
      y: fc.double({ min: -2, max: 3, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.constantFrom(...(Object.keys(MARK_KINDS) as PhotoMark['kind'][])), point, point, (kind, a, b) => {
        const mark = markOf(kind, a, b, 'here')
        const points = 'at' in mark ? [mark.at] : [mark.from, mark.to]
        for (const { x, y } of points) expect(x >= 0 && x <= 1 && y >= 0 && y <= 1).toBe(true)
      }),
    )
  })
})

test('what is hidden covers whole pixels, never less than was drawn, and stays inside the picture', () => {
  expect(hiddenParts([markOf('blur', { x: 0.101, y: 0 }, { x: 0.2, y: 2 }, '')], 100, 50)).toEqual([
    { left: 10, top: 0, width: 10, height: 50 },
  ])
  expect(hiddenParts([markOf('blur', { x: 0.3, y: 0.3 }, { x: 0.3, y: 0.3 }, '')], 10, 10)).toEqual([])
  expect(hiddenParts([markOf('arrow', { x: 0, y: 0 }, { x: 1, y: 1 }, '')], 100, 50)).toEqual([])
})
