import { describe, expect, test } from 'vitest'
import { calculationById } from '../takeoff/calculations'
import { sketchOf } from './sketchOf'
import type { Shape, Sketch } from './sketch'

const drawn = (id: string, told: Record<string, unknown>): Sketch => {
  const sketch = sketchOf(calculationById(id)!, told, 'metric')
  expect(sketch, id).not.toBeNull()
  return sketch!
}
const texts = (sketch: Sketch): string[] =>
  sketch.shapes.flatMap((shape) => (shape.kind === 'label' ? [shape.text] : []))
const of = (sketch: Sketch, kind: Shape['kind']) => sketch.shapes.filter((shape) => shape.kind === kind)

const EXAMPLES: readonly (readonly [string, Record<string, unknown>, readonly string[]])[] = [
  ['C-28', { rise: 1660 }, ['8 × 207.5 mm', '1960 mm run']],
  ['C-23', { run: '5.6 m', invert: 160 }, ['invert 160 mm', 'dig 263 mm', 'invert 300 mm', 'dig 403 mm']],
  ['C-12', { joists: 2390, obstruction: 310, floor: 22 }, ['drop 380.5 mm', '1987.5 mm']],
  ['C-02', { walls: '12.2 x 2.72', openings: '4.9 x 2.13, 1.2 x 1.3' }, ['12.2 m', '2720 mm', '4900 mm × 2130 mm']],
  ['C-03', { height: 2720, exposure: 203, walls: 20 }, ['2720 mm']],
  ['C-31', { niche: 2424, boxes: '600 mm, 600 mm, 600 mm, 600 mm' }, ['600 mm', '2424 mm, 24 mm left']],
  ['C-15', { plane: 22, layers: '20 mm' }, ['20 mm', 'plane 22 mm']],
]

describe('a sketch', () => {
  test.each(EXAMPLES)('of %s is labelled with its figures and stays inside its frame', (id, told, words) => {
    const sketch = drawn(id, told)
    expect(texts(sketch)).toEqual(expect.arrayContaining([...words]))
    const spots = sketch.shapes.flatMap((shape) =>
      shape.kind === 'line'
        ? [shape.from, shape.to]
        : shape.kind === 'outline'
          ? shape.points
          : shape.kind === 'box'
            ? [shape.at, { x: shape.at.x + shape.width, y: shape.at.y + shape.height }]
            : [shape.at],
    )
    for (const { x, y } of spots) {
      expect(x).toBeGreaterThanOrEqual(-1e-6)
      expect(y).toBeGreaterThanOrEqual(-1e-6)
      expect(x).toBeLessThanOrEqual(sketch.width + 1e-6)
      expect(y).toBeLessThanOrEqual(sketch.height + 1e-6)
    }
    expect(sketch.title).not.toBe('')
  })
  test('of a stair has two edges a riser; of a run a box for each cabinet; of courses a line each', () => {
    const [steps] = of(drawn('C-28', { rise: 1660 }), 'outline')
    expect(steps!.kind === 'outline' && steps!.points.length).toBe(8 * 2 + 1)
    expect(of(drawn('C-31', { niche: 2000, boxes: [600, 600], fillers: [30] }), 'box')).toHaveLength(3)
    expect(of(drawn('C-03', { height: 2720, exposure: 203, walls: 20 }), 'line')).toHaveLength(14)
  })
  test('of a gable stands on its wall', () => {
    const sketch = drawn('C-02', { walls: '8.5 x 2.4', gableBase: '8.5 m', pitch: 6 })
    expect(of(sketch, 'outline')).toHaveLength(2)
  })
  test('is not made while something is missing, or where words say it better', () => {
    expect(sketchOf(calculationById('C-28')!, {}, 'metric')).toBeNull()
    expect(sketchOf(calculationById('C-28')!, { rise: 'high' }, 'metric')).toBeNull()
    expect(sketchOf(calculationById('C-20')!, { hangers: 3, each: 4 }, 'metric')).toBeNull()
  })
})
