import { ImpossibleRequest } from '../errors/impossibleRequest'
import { parseLength, printMeasured, type Measured, type Units } from './length'

/** The size of a place: a room's length, width and height; a face's width and height. */
export interface Size {
  readonly sides: readonly Measured[]
  readonly typed: string
}

/** Reads two or three lengths joined by x, × or by, length first.
 *
 * A side without a unit borrows the unit of its nearest neighbour that has one ('4.1 x 3.9 m', '12 x 14 ft').
 * @throws ImpossibleRequest `unreadable-size` when there are not two or three sides, or an error of parseLength
 * @example parseSize('4.1 x 3.9', 'metric').sides.map((s) => s.tenths) // => [41000, 39000]
 */
export function parseSize(text: string, units: Units): Size {
  const typed = text.trim()
  const parts = typed.split(/\s*(?:[x×*]|\bby\b)\s*/i).filter((part) => part !== '')
  if (parts.length < 2 || parts.length > 3) {
    const example = units === 'imperial' ? `12' 6" x 10' x 8'` : '4.1 x 3.9 x 2.45'
    throw new ImpossibleRequest(
      'unreadable-size',
      `"${typed}" is not a size. Write two or three sides, like ${example}.`,
    )
  }
  return { sides: parts.map((part, i) => parseLength(withUnit(part, parts, i, units), units)), typed }
}

const BARE = /^(?:about\s+|~\s*)?[\d.,/\s]+$/i
const TRAILING_UNIT = /(ft\.?|feet|foot|'|in\.?|inch(?:es)?|"|mm|cm|m|metres?|meters?)$/i

function withUnit(part: string, parts: readonly string[], index: number, units: Units): string {
  if (!BARE.test(part)) return part
  const neighbours = [...parts.slice(index + 1), ...parts.slice(0, index).reverse()]
  const unit = neighbours.map((other) => TRAILING_UNIT.exec(other)?.[1]).find((found) => found !== undefined)
  if (unit)
    return `${part} ${/^(in|")/i.test(unit) && units === 'imperial' && neighbours.some((n) => /'|ft/i.test(n)) ? 'ft' : unit}`
  // A room said as '12 x 14' on an imperial site is in feet: nobody walks a room of twelve inches.
  return units === 'imperial' ? `${part} ft` : part
}

/** Prints a size in the site's units: `4.1 × 3.9 × 2.45 m`, `12' × 10' 6" × 8'`. */
export function printSize(size: Size, units: Units): string {
  const sides = size.sides.map((side) => printMeasured(side, units))
  if (units === 'metric' && sides.every((side) => side.endsWith(' m'))) {
    return `${sides.map((side) => side.slice(0, -2)).join(' × ')} m`
  }
  return sides.join(' × ')
}
