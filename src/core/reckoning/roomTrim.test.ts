import { describe, expect, test } from 'vitest'
import fc from 'fast-check'
import { roomTrim, trimSentences, type TrimmedRoom } from './roomTrim'

const ROOM: TrimmedRoom = {
  perimeter: 15_200,
  doors: 2,
  doorWide: 850,
  doorHigh: 2050,
  windows: 1,
  windowRound: 4600,
  crown: true,
  risers: 0,
  stairWide: 0,
  stick: 4800,
  waste: 0.1,
}
const parts = (room: TrimmedRoom) => Object.fromEntries(roomTrim(room).map((one) => [one.part, one]))

describe('the trim of a room', () => {
  test('base stops at the doors, casing stands on both faces, crown does not', () => {
    expect(parts(ROOM)).toMatchObject({
      base: { long: 13_500, sticks: 4 }, // 14 850 / 4 800 = 3.09
      casing: { long: 24_400, sticks: 6 }, // 2 x 2 x (4 100 + 850) + 4 600; 26 840 / 4 800 = 5.59
      crown: { long: 15_200, sticks: 4 },
    })
    expect(parts(ROOM)['riser']).toBeUndefined()
  })
  test('risers go across the stair, and a price a door is multiplied once', () => {
    expect(parts({ ...ROOM, risers: 13, stairWide: 900 })['riser']).toMatchObject({ long: 11_700, sticks: 3 })
    expect(trimSentences({ ...ROOM, crown: false, perDoor: 12_000 }, 'metric')).toEqual([
      'Base 13.5 m, with 10 %: 4 sticks of 4.8 m.',
      'Casing 24.4 m, with 10 %: 6 sticks of 4.8 m.',
      '2 doors at €120.00: €240.00.',
    ])
  })
  test('more doors never need more base, and never less casing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), (doors) => {
        const [few, many] = [parts({ ...ROOM, doors }), parts({ ...ROOM, doors: doors + 1 })]
        expect(many['base']?.long ?? 0).toBeLessThanOrEqual(few['base']?.long ?? 0)
        expect(many['casing']!.long).toBeGreaterThan(few['casing']!.long)
      }),
    )
  })
})
