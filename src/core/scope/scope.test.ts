import { describe, expect, test } from 'vitest'
import { line } from '../../../tests/fixtures/line'
import { parseSize } from '../measure/size'
import { printQuantity } from '../measure/quantity'
import { layTreatment } from './layTreatment'
import { honestProgress, stageProgress } from './progress'
import { TREATMENTS, treatmentById, treatmentsFor } from './treatments'
import { weaveOf } from './weave'

describe('treatments', () => {
  test('there are at least fourteen, each with a name of its own, lines and cautions', () => {
    expect(TREATMENTS.length).toBeGreaterThanOrEqual(14)
    expect(new Set(TREATMENTS.map((t) => t.id)).size).toBe(TREATMENTS.length)
    for (const treatment of TREATMENTS) {
      expect(treatment.lines.length, treatment.id).toBeGreaterThan(0)
      expect(treatment.cautions.length, treatment.id).toBeGreaterThan(0)
    }
  })
  test('everything that is chosen is needed for a stage that the treatment has', () => {
    for (const treatment of TREATMENTS) {
      const stages = new Set(treatment.lines.map((one) => one.stage))
      for (const selection of treatment.selections)
        expect(stages, `${treatment.id}: ${selection.what}`).toContain(selection.neededFor)
    }
  })
  test('every kind of place has something that can happen there', () => {
    for (const kind of ['room', 'face', 'roof', 'ground', 'void', 'outbuilding', 'boundary'] as const)
      expect(treatmentsFor(kind).length, kind).toBeGreaterThan(0)
  })
})

describe('laying a treatment down', () => {
  const lay = (size: string | null) =>
    layTreatment(
      treatmentById('room-board-finishes')!,
      { id: 'r', kind: 'room', size: size ? parseSize(size, 'metric') : null },
      { board: 0.25 },
    )
  const board = (size: string | null) => lay(size).find((one) => one.title === 'Hang board')!

  test('quantity from the geometry, effort from the firm’s own rate', () => {
    // Walls 2 × (4.1 + 3.9) × 2.45 = 39.2; ceiling 4.1 × 3.9 = 15.99; together 55.19 m². × 0.25 = 13.7975 h → 13.75
    expect(board('4.1 x 3.9 x 2.45').quantity!.value).toBeCloseTo(55.19, 6)
    expect(board('4.1 x 3.9 x 2.45').hours).toBe(13.75)
    expect(board('4.1 x 3.9 x 2.45').rough).toBe(false)
    expect(printQuantity(board('4.1 x 3.9 x 2.45').quantity!, 'imperial')).toBe('594 ft²') // 55.19 × 10.7639
  })
  test('an assumed height or a rough side says that it is rough', () => {
    expect(board('4.1 x 3.9').how).toContain('2.4 high (assumed)')
    expect(board('4.1 x 3.9').rough).toBe(true)
    expect(board('about 4.1 x 3.9 x 2.45').rough).toBe(true)
  })
  test('a place without a size is reckoned as an ordinary room and says so', () => {
    expect(board(null)).toMatchObject({ rough: true, how: expect.stringContaining('not measured') as string })
  })
})

describe('honest progress (C-41)', () => {
  const framing = [
    line({ id: 'standing', stage: 'framing', hours: 40, progress: 100 }),
    line({ id: 'nailing', stage: 'framing', hours: 12, progress: 50 }),
    line({ id: 'blocking', stage: 'framing', hours: 9, progress: 50 }),
    line({ id: 'bracing', stage: 'framing', hours: 8, progress: 25 }),
    line({ id: 'kit', stage: 'framing', hours: 6 }),
    line({ id: 'hatch', stage: 'framing', hours: 3, progress: 100 }),
    line({ id: 'strapping', stage: 'framing', hours: 6 }),
  ]
  test('standing is not fixed: 40 + 6 + 4.5 + 2 + 3 of 84 hours is 66 per cent', () => {
    expect(honestProgress(framing)).toBe(66)
  })
  test('what is out of the scope does not count', () => {
    expect(
      honestProgress([
        ...framing,
        line({ id: 'out', stage: 'framing', hours: 100, excluded: { reason: 'by others' } }),
      ]),
    ).toBe(66)
    expect(honestProgress([])).toBeNull()
  })
  test('a stage shows 90 at most while its inspection is open', () => {
    const done = [line({ id: 'pipes', stage: 'pipes', progress: 100 })]
    const inspection = line({ id: 'inspection', stage: 'wires', trade: 'inspector', inspects: ['pipes', 'wires'] })
    expect(stageProgress([...done, inspection], 'room', 'pipes')).toBe(90)
    expect(stageProgress([...done, { ...inspection, progress: 100 }], 'room', 'pipes')).toBe(100)
  })
})

test('the weave shows only stages that occur, in build order, and empty cells where a place has no such work', () => {
  const weave = weaveOf(
    ['a', 'b'],
    [line({ id: '1', stage: 'paint', placeId: 'a' }), line({ id: '2', stage: 'framing', placeId: 'b', progress: 50 })],
    new Map([['b/framing', 90]]),
  )
  expect(weave.stages).toEqual(['framing', 'paint'])
  expect(weave.rows[0]!.cells.map((cell) => cell.percent)).toEqual([null, 0])
  expect(weave.rows[1]!.cells[0]).toMatchObject({ percent: 50, eye: 90 })
})
