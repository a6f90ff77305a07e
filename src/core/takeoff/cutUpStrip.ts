import { TENTHS_PER_INCH, type Tenths } from '../measure/length'

const SECTION = 96 * TENTHS_PER_INCH
const SHEET = 48 * TENTHS_PER_INCH
/** Width of a saw cut, 1/8 in. General trade default. */
export const KERF = TENTHS_PER_INCH / 8
const STUD_SPACING = 16 * TENTHS_PER_INCH

export interface CutUpStrip {
  /** Lengths of new sheathing, joints on studs: one for every 8 ft begun. */
  readonly sections: number
  readonly stripsPerSheet: number
  /** Sheets of 48 in to buy. */
  readonly sheets: number
  /** Bottom plate that comes to light, door openings taken off. */
  readonly plate: Tenths
  readonly studFeet: number
}

/** What a strip cut up along the foot of a wall takes, and how much plate it shows (C-04).
 *
 * @param wall, strip  length of the wall and height of the strip, each more than 0
 * @param doors  widths of door openings together, which have no plate to look at
 * @example 63 ft of wall, 15 in strip, 5 ft of doors
 * // => { sections: 8, stripsPerSheet: 3, sheets: 3, plate: 58 ft, studFeet: 49 }   63 × 12 / 16 = 47.25, up, + 1
 */
export function cutUpStrip(wall: Tenths, strip: Tenths, doors = 0): CutUpStrip {
  const sections = Math.ceil(wall / SECTION)
  const stripsPerSheet = Math.max(1, Math.floor((SHEET + KERF) / (strip + KERF)))
  return {
    sections,
    stripsPerSheet,
    sheets: Math.ceil(sections / stripsPerSheet),
    plate: Math.max(0, wall - doors) as Tenths,
    studFeet: Math.ceil(wall / STUD_SPACING) + 1,
  }
}
