import { ImpossibleRequest } from '../errors/impossibleRequest'

/** A length in whole tenths of a millimetre. */
export type Tenths = number & { readonly __unit: 'tenths-of-a-millimetre' }
export type Units = 'imperial' | 'metric'
export type Precision = 'exact' | 'about'

/** A length as somebody gave it: the value, how sure it is, and the words, so that it comes back exactly as typed. */
export interface Measured {
  readonly tenths: Tenths
  readonly precision: Precision
  readonly typed: string
}

export const TENTHS_PER_INCH = 254
const TENTHS_PER_FOOT = 12 * TENTHS_PER_INCH

export const tenths = (value: number): Tenths => Math.round(value) as Tenths
export const mm = (value: number): Tenths => tenths(value * 10)
export const metres = (length: Tenths): number => length / 10_000

const NUMBER = String.raw`(?:\d+\s+\d+\s*/\s*\d+|\d+-\d+/\d+|\d+\s*/\s*\d+|\d*[.,]\d+|\d+)`
const FOOT = String.raw`(?:'|′|ft\.?|foot|feet)`
const INCH = String.raw`(?:"|″|''|in\.?|inch|inches)`
const FEET_INCHES = new RegExp(`^(${NUMBER})\\s*${FOOT}\\s*(?:(?:and\\s+)?(${NUMBER})\\s*(?:${INCH})?)?$`, 'i')
const INCHES = new RegExp(`^(${NUMBER})\\s*${INCH}$`, 'i')
const METRIC = new RegExp(
  `^(${NUMBER})\\s*(mm|millimetres?|millimeters?|cm|centimetres?|centimeters?|m|metres?|meters?)$`,
  'i',
)
const BARE = new RegExp(`^(${NUMBER})$`)
const ABOUT = /^(?:about|around|roughly|approx\.?|approximately|ca\.?|~|maybe)\s*/i

function numberOf(text: string): number {
  const mixed = /^(\d+)(?:\s+|-)(\d+)\s*\/\s*(\d+)$/.exec(text)
  if (mixed) return Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3])
  const fraction = /^(\d+)\s*\/\s*(\d+)$/.exec(text)
  if (fraction) return Number(fraction[1]) / Number(fraction[2])
  return Number(text.replace(',', '.'))
}

const METRIC_TENTHS: Record<string, number> = { mm: 10, mi: 10, cm: 100, ce: 100, m: 10_000, me: 10_000 }

function metricTenths(unit: string): number {
  const word = unit.toLowerCase()
  return METRIC_TENTHS[word] ?? METRIC_TENTHS[word.slice(0, 2)] ?? Number.NaN
}

/** A number said without a unit: inches on imperial sites; on metric sites metres under 20, millimetres from 20. */
function bareTenths(value: number, units: Units): number {
  if (units === 'imperial') return value * TENTHS_PER_INCH
  return value < 20 ? value * 10_000 : value * 10
}

/** Reads a length the way people say it (C-00).
 *
 * @param text  `12' 3 5/8"`, `9 ft 6`, `27 1/2"`, `1650 mm`, `2 cm`, `4.1`, `about 12 ft`
 * @param units the site's habit, used for a number without a unit
 * @returns whole tenths of a millimetre, more than 0 and at most 1 km, with its precision and the words typed
 * @throws ImpossibleRequest `unreadable-length` or `length-out-of-range`, naming what was typed and the mend
 * @example parseLength(`12' 3 5/8"`, 'imperial').tenths // => 37497   (147.625 in × 254 = 37 496.75)
 */
export function parseLength(text: string, units: Units): Measured {
  const typed = text.trim()
  const about = ABOUT.test(typed)
  const bare = typed.replace(ABOUT, '').trim()
  const value = tenthsOf(bare, units)
  if (value === null || Number.isNaN(value)) {
    const example = units === 'imperial' ? `12' 3 5/8", 9 ft 6 or 27 1/2"` : '4.1, 4100 or 4.1 m'
    throw new ImpossibleRequest('unreadable-length', `"${typed}" is not a length. Write it like ${example}.`)
  }
  if (!(value > 0) || value > 10_000_000) {
    throw new ImpossibleRequest(
      'length-out-of-range',
      `"${typed}" is out of range. A length is more than 0 and at most 1 km.`,
    )
  }
  return { tenths: tenths(value), precision: about ? 'about' : 'exact', typed }
}

function tenthsOf(text: string, units: Units): number | null {
  const feet = FEET_INCHES.exec(text)
  if (feet) return numberOf(feet[1]!) * TENTHS_PER_FOOT + (feet[2] ? numberOf(feet[2]) * TENTHS_PER_INCH : 0)
  const inch = INCHES.exec(text)
  if (inch) return numberOf(inch[1]!) * TENTHS_PER_INCH
  const metric = METRIC.exec(text)
  if (metric) return numberOf(metric[1]!) * metricTenths(metric[2]!)
  const bare = BARE.exec(text)
  return bare ? bareTenths(numberOf(bare[1]!), units) : null
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** Prints a length in the site's units: feet, inches and sixteenths, or metres to the millimetre.
 * @example printLength(tenths(37497), 'imperial') // => 12' 3 5/8"
 * @example printLength(mm(4100), 'metric') // => 4.1 m
 */
export function printLength(length: Tenths, units: Units): string {
  if (units === 'metric') {
    const millimetres = Math.round(length / 10)
    return millimetres < 1000 ? `${millimetres} mm` : `${String(Number((millimetres / 1000).toFixed(3)))} m`
  }
  const sixteenths = Math.round((length / TENTHS_PER_INCH) * 16)
  const feet = Math.floor(sixteenths / 192)
  const wholeInches = Math.floor((sixteenths % 192) / 16)
  const rest = sixteenths % 16
  const fraction = rest === 0 ? '' : ` ${rest / gcd(rest, 16)}/${16 / gcd(rest, 16)}`
  const inchText = wholeInches === 0 && rest > 0 ? `${fraction.trim()}"` : `${wholeInches}${fraction}"`
  if (feet === 0) return inchText
  return wholeInches === 0 && rest === 0 ? `${feet}'` : `${feet}' ${inchText}`
}
