import { ImpossibleRequest } from '../errors/impossibleRequest'
import { readNumber } from './spokenNumber'

/** A length in whole tenths of a millimetre. */
export type Tenths = number & { readonly __unit: 'tenths-of-a-millimetre' }
export type Units = 'imperial' | 'metric'
/** How sure a length is, with the words that say so before it. */
export const PRECISIONS = {
  exact: '',
  about: 'about ',
  maybe: 'maybe ',
  short: 'just short of ',
  over: 'just over ',
  range: '',
} as const
export type Precision = keyof typeof PRECISIONS

/** A length as somebody gave it: the value, how sure it is, and the words, so that it comes back exactly as typed. */
export interface Measured {
  /** The value; of a range the lower end. */
  readonly tenths: Tenths
  /** The upper end of a range. */
  readonly high?: Tenths
  readonly precision: Precision
  readonly typed: string
}

/** Not exact: good for planning and pricing, not for ordering. */
export const isRough = (length: Measured): boolean => length.precision !== 'exact'

export const TENTHS_PER_INCH = 254
const TENTHS_PER_FOOT = 12 * TENTHS_PER_INCH

export const tenths = (value: number): Tenths => Math.round(value) as Tenths
export const mm = (value: number): Tenths => tenths(value * 10)
export const metres = (length: Tenths): number => length / 10_000

/** A figure in digits, with a fraction or a decimal. */
export const NUMBER = String.raw`(?:\d+\s+\d+\s*/\s*\d+|\d+-\d+/\d+|\d+\s*/\s*\d+|\d*[.,]\d+|\d+)`
const FOOT = String.raw`(?:'|ft\.?|foot|feet)`
const INCH = String.raw`(?:"|''|in\.?|inch|inches)`
const FEET_INCHES = new RegExp(`^(${NUMBER})\\s*${FOOT}\\s*(?:(?:and\\s+|-\\s*)?(${NUMBER})\\s*(?:${INCH})?)?$`, 'i')
const INCHES = new RegExp(`^(${NUMBER})\\s*${INCH}$`, 'i')
const METRIC = new RegExp(
  `^(${NUMBER})\\s*(mm|millimetres?|millimeters?|cm|centimetres?|centimeters?|m|metres?|meters?)$`,
  'i',
)
/** `3 m 20`, `1 m 5 cm`. */
const METRES_AND_CENTIMETRES = /^(\d+)\s*m\s*(?:(\d{2})|(\d{1,2})\s*cm)$/i
/** `12 000 mm`. */
const THOUSANDS = /^(\d{1,3}) (\d{3})(?=\s*(?:mm)?$)/
const BARE = new RegExp(`^(${NUMBER})$`)
const SAID_BEFORE: readonly { readonly precision: Precision; readonly words: RegExp }[] = [
  {
    precision: 'short',
    words: /^(?:just|a bit|a touch|slightly|not quite)\s+(?:short of|shy of|under|less than)\s+|^not quite\s+/i,
  },
  { precision: 'over', words: /^(?:just|a bit|a touch|slightly)\s+(?:over|more than|above)\s+/i },
  { precision: 'maybe', words: /^(?:maybe|perhaps|possibly)\s+/i },
  { precision: 'about', words: /^(?:about|around|roughly|approx\.?|approximately|ca\.?|some|~)\s*/i },
]
const RANGE = /^(?:between\s+)?(.+?)\s*(?:–|\bto\b|\band\b|\bor\b)\s*(.+)$/i
/** A hyphen parts two ends where it does not part a whole number from its fraction. */
const HYPHENED = /^(.*?[^\s-])\s*-\s*(?!\d+\s*\/)(\S.*)$/

const VULGAR = /(\d?)([¼-¾⅐-⅞])/g
const LETTERS: readonly (readonly [RegExp, string])[] = [
  [/[′’‘ʹ]/g, "'"],
  [/[″”“ʺ]/g, '"'],
  [/⁄/g, '/'],
  [/[\u00a0\u2007\u2009\u202f]/g, ' '],
]

/** Fractions, primes and blanks as a keyboard without them has them: `5 ⅞″` becomes `5 7/8"`. */
export const plainFigures = (text: string): string =>
  LETTERS.reduce(
    (plain, [letter, key]) => plain.replace(letter, key),
    text.replace(VULGAR, (_all, before: string, part: string) => `${before}${before && ' '}${part.normalize('NFKC')}`),
  )

/** A figure that matches NUMBER. */
export function numberOf(text: string): number {
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
 * @param text  `12' 3 5/8"`, `9 ft 6`, `27 1/2"`, `1650 mm`, `2 cm`, `4.1`, `about 12 ft`, `five to seven inches`,
 *   `between 5 and 7 in`, `just short of 6 ft`, `maybe two feet`
 * @param units the site's habit, used for a number without a unit
 * @returns whole tenths of a millimetre, more than 0 and at most 1 km, with its precision and the words typed
 * @throws ImpossibleRequest `unreadable-length`, `reversed-range` or `length-out-of-range`, naming what was typed and the mend
 * @example parseLength(`12' 3 5/8"`, 'imperial').tenths // => 37497   (147.625 in × 254 = 37 496.75)
 */
export function parseLength(text: string, units: Units): Measured {
  const typed = text.trim()
  const said = SAID_BEFORE.find(({ words }) => words.test(typed))
  const plain = plainFigures(typed)
  const bare = inDigits(said ? plain.replace(said.words, '') : plain)
  const value = tenthsOf(units === 'metric' ? bare.replace(THOUSANDS, '$1$2') : bare, units)
  if (value !== null && !Number.isNaN(value)) {
    return { tenths: inRange(value, typed), precision: said?.precision ?? 'exact', typed }
  }
  const ends = endsOf(bare, units)
  if (ends) {
    const [low, high] = ends.map((end) => inRange(end, typed)) as [Tenths, Tenths]
    return { tenths: low, high, precision: 'range', typed }
  }
  const example = units === 'imperial' ? `12' 3 5/8", 9 ft 6 or 27 1/2"` : '4.1, 4100 or 4.1 m'
  throw new ImpossibleRequest('unreadable-length', `"${typed}" is not a length. Write it like ${example}.`)
}

/** A length of some millimetres, like a joint or a board: on metric sites a number without a unit is so many. Its words are
 * kept with the unit, so that they read back as the same.
 * @throws ImpossibleRequest as `parseLength` does */
export const parseFineLength = (text: string, units: Units): Measured =>
  units === 'metric' && BARE.test(text.trim()) ? parseLength(`${text.trim()} mm`, units) : parseLength(text, units)

function inRange(value: number, typed: string): Tenths {
  if (value > 0 && value <= 10_000_000) return tenths(value)
  throw new ImpossibleRequest(
    'length-out-of-range',
    `"${typed}" is out of range. A length is more than 0 and at most 1 km.`,
  )
}

/** `two and a half feet` in digits; what is in digits already stays as it is. */
export function inDigits(text: string): string {
  if (!/[a-z]/i.test(text)) return text.trim()
  const tokens = text.trim().split(/\s+/)
  const words: string[] = []
  for (let at = 0; at < tokens.length;) {
    const number = /^[a-z]+$/i.test(tokens[at]!)
      ? readNumber(
          tokens.map((token) => token.toLowerCase()),
          at,
        )
      : null
    words.push(number ? String(number.value) : tokens[at]!)
    at = number ? number.next : at + 1
  }
  return words.join(' ')
}

/** The two ends of a range, the lower first; an end without a unit borrows the other's.
 * @throws ImpossibleRequest `reversed-range` */
function endsOf(text: string, units: Units): [number, number] | null {
  const range = RANGE.exec(text) ?? HYPHENED.exec(text)
  if (!range) return null
  const unit = /[^\d.,/\s]+\.?$/.exec(range[2]!)?.[0]
  const low = tenthsOf(unit && BARE.test(range[1]!) ? `${range[1]} ${unit}` : range[1]!, units)
  const high = tenthsOf(range[2]!, units)
  if (low === null || high === null || low === high) return null
  if (low < high) return [low, high]
  throw new ImpossibleRequest('reversed-range', `"${text}": give the lower end first.`)
}

function tenthsOf(text: string, units: Units): number | null {
  const feet = FEET_INCHES.exec(text)
  if (feet) return numberOf(feet[1]!) * TENTHS_PER_FOOT + (feet[2] ? numberOf(feet[2]) * TENTHS_PER_INCH : 0)
  const inch = INCHES.exec(text)
  if (inch) return numberOf(inch[1]!) * TENTHS_PER_INCH
  const metres = METRES_AND_CENTIMETRES.exec(text)
  if (metres) return Number(metres[1]) * 10_000 + Number(metres[2] ?? metres[3]) * 100
  const metric = METRIC.exec(text)
  if (metric) return numberOf(metric[1]!) * metricTenths(metric[2]!)
  const bare = BARE.exec(text)
  return bare ? bareTenths(numberOf(bare[1]!), units) : null
}

/** Prints a length with how sure it is: `just short of 6'`, `5" to 7"`. */
export const printMeasured = ({ tenths: low, high, precision }: Measured, units: Units): string =>
  high === undefined
    ? `${PRECISIONS[precision]}${printLength(low, units)}`
    : `${printLength(low, units)} to ${printLength(high, units)}`

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
