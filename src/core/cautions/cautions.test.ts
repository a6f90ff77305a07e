import { expect, test } from 'vitest'
import { TREATMENTS } from '../scope/treatments'
import { CAUTION_IDS, type CautionId } from './cautionIds'
import { CAUTIONS } from './cautions'

test('all forty cautions say what, the usual care, and who alone may clear them', () => {
  expect(CAUTION_IDS).toHaveLength(40)
  for (const id of CAUTION_IDS) {
    const { what, care, deferTo } = CAUTIONS[id]
    expect(what.length, id).toBeGreaterThan(4)
    expect(care, id).toMatch(/\.$/)
    expect(deferTo.length, id).toBeGreaterThan(4)
    // The software never clears anything itself.
    expect(`${what} ${care} ${deferTo}`, id).not.toMatch(/\b(?:safe to|approved|certified by us)\b/i)
  }
})

/** Work that can hurt somebody carries its caution wherever it is laid down. */
const DANGERS: readonly (readonly [RegExp, CautionId])[] = [
  [/temporary support|open the wall/i, 'shoring-early'],
  [/beam, posts/i, 'heavy-lift'],
  [/trench|drain.*sections|dig the/i, 'buried-services'],
  [/saw and break out|scan, saw/i, 'slab-cables'],
  [/strip (?:walls|fittings)/i, 'dust'],
  [/tear off the old siding/i, 'weather-opening'],
  [/strip the covering|underlay and covering/i, 'roof-edge'],
  [/set the escape window/i, 'escape-window'],
  [/take out the old stair/i, 'guard-out'],
  [/fan and duct/i, 'bath-fan'],
]
test.each(DANGERS)('%s carries "%s"', (title, caution) => {
  const lines = TREATMENTS.flatMap((treatment) => treatment.lines).filter(
    (line) => title.test(line.title) && !/^open the wall/i.test(line.title),
  )
  expect(lines.length).toBeGreaterThan(0)
  for (const line of lines) expect(line.cautions ?? [], line.title).toContain(caution)
})

test('whoever opens a wall treats hanging wires as live', () => {
  const strips = TREATMENTS.flatMap((treatment) => treatment.lines).filter(
    (line) => line.stage === 'strip-out' && /strip walls|strip fittings|open the wall/i.test(line.title),
  )
  for (const line of strips) expect(line.cautions, line.title).toContain('hanging-wires')
})
