import { isRough, metres, mm, printLength, type Units } from '../measure/length'
import type { Quantity } from '../measure/quantity'
import type { Size } from '../measure/size'
import type { PlaceKind } from './place'

/** What a quantity of work is reckoned from. */
export type Basis =
  | 'once'
  | 'floor'
  | 'ceiling'
  | 'walls'
  | 'walls-and-ceiling'
  | 'perimeter'
  | 'face'
  | 'length'
  | 'slab'

/** Usual height of a room when nobody has measured it, in metres. General trade default, editable by measuring. */
export const ASSUMED_HEIGHT = 2.4
/** Usual thickness of a house slab, 100 mm. General trade default. */
const SLAB_THICKNESS = 0.1

export interface Reckoned {
  readonly quantity: Quantity
  /** The sum in words, for 'How was this reckoned?'. */
  readonly how: string
  /** True where a side was only about right, or the height was assumed. */
  readonly rough: boolean
}

/** Reckons a quantity from the size of a place, in metres.
 *
 * A room's sides are length, width and, where measured, height (else 2.4 m assumed); a face's, a roof's and a piece of
 * ground's are length and height, or length and width. Openings in walls are not taken off: the surplus is the waste. The
 * sum is told in the site's units.
 * @returns null where the place has no size yet
 */
export function reckon(basis: Basis, kind: PlaceKind, size: Size | null, units: Units = 'metric'): Reckoned | null {
  if (basis === 'once') return { quantity: { value: 1, unit: 'each' }, how: 'one', rough: false }
  if (!size) return null
  const m = (value: number): string =>
    units === 'metric' ? String(Number(value.toFixed(3))) : printLength(mm(value * 1000), units)
  const [a, b, c] = size.sides.map((side) => metres(side.tenths)) as [number, number, number | undefined]
  const height = c ?? ASSUMED_HEIGHT
  const about = size.sides.some(isRough)
  const assumed = kind === 'room' && c === undefined
  const walls = 2 * (a + b) * height
  const face = (): Reckoned => ({
    quantity: { value: a * b, unit: 'm2' },
    how: `${m(a)} × ${m(b)}, openings not taken off`,
    rough: about,
  })
  const room = kind === 'room' || kind === 'void' || kind === 'outbuilding'
  const heightWords = assumed ? `${m(height)} high (assumed)` : `${m(height)} high`
  switch (basis) {
    case 'floor':
    case 'ceiling':
      return { quantity: { value: a * b, unit: 'm2' }, how: `${m(a)} × ${m(b)}`, rough: about }
    case 'walls':
      if (!room) return face()
      return {
        quantity: { value: walls, unit: 'm2' },
        how: `2 × (${m(a)} + ${m(b)}), ${heightWords}`,
        rough: about || assumed,
      }
    case 'walls-and-ceiling':
      if (!room) return face()
      return {
        quantity: { value: walls + a * b, unit: 'm2' },
        how: `2 × (${m(a)} + ${m(b)}), ${heightWords}, plus ${m(a)} × ${m(b)} overhead`,
        rough: about || assumed,
      }
    case 'perimeter':
      return { quantity: { value: 2 * (a + b), unit: 'm' }, how: `2 × (${m(a)} + ${m(b)})`, rough: about }
    case 'face':
      return face()
    case 'length':
      return { quantity: { value: a, unit: 'm' }, how: `${m(a)} long`, rough: about }
    case 'slab':
      return {
        quantity: { value: a * b * SLAB_THICKNESS, unit: 'm3' },
        how: `${m(a)} × ${m(b)} × ${m(SLAB_THICKNESS)} (thickness assumed)`,
        rough: true,
      }
  }
}

/** Floor area in square metres, or null without a size; decides how many crews fit. */
export function floorArea(size: Size | null): number | null {
  if (!size) return null
  return metres(size.sides[0]!.tenths) * metres(size.sides[1]!.tenths)
}
