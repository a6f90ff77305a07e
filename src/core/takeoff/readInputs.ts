import { parseDay } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import {
  inDigits,
  isRough,
  NUMBER,
  numberOf,
  parseFineLength,
  parseLength,
  plainFigures,
  TENTHS_PER_INCH,
  type Units,
} from '../measure/length'
import { MOST, MOST_LISTED, type Calculation, type Input } from './calculation'
import { differsBySite, factorOf, UNIT_WORDS } from './unitWords'

/** A value as it was read: exact, or with two ends, and whether somebody was sure of it. */
export interface Read {
  readonly low: unknown
  readonly high: unknown
  readonly rough: boolean
}

const exact = (value: unknown): Read => ({ low: value, high: value, rough: false })

/** Reads what a calculation is told: numbers in the unit of each input, or text as people write it.
 * @param strict whether a number without a unit that could be meant in another is asked rather than taken: set where
 *   somebody outside wrote it
 * @throws ImpossibleRequest whose `field` is the key of what is missing, unknown, unreadable or cannot be true */
export function readInputs(
  { inputs }: Calculation,
  told: Readonly<Record<string, unknown>>,
  units: Units,
  strict = false,
): Record<string, Read> {
  for (const key of Object.keys(told))
    if (!Object.hasOwn(inputs, key) && key !== 'units')
      throw new ImpossibleRequest(
        'unknown-input',
        `"${key}" is not asked for. Known: ${Object.keys(inputs).join(', ')}.`,
        key,
      )
  return Object.fromEntries(
    Object.entries(inputs).flatMap(([key, one]): [string, Read][] => {
      const given = Object.hasOwn(told, key) ? told[key] : undefined
      const empty = given === undefined || given === null || given === ''
      const value = empty ? standardOf(one, units) : given
      if (value !== undefined) {
        if (strict && !empty) requireUnit(key, one, value, units)
        return [[key, readInput(key, one, value, units)]]
      }
      if (one.optional) return []
      throw new ImpossibleRequest('missing-input', `${one.title}: it is needed. Give it ${howTo(one)}.`, key)
    }),
  )
}

/** The default of an input on a site in these units. */
export function standardOf(one: Input, units: Units): number | string | undefined {
  const { default: standard } = one
  return typeof standard === 'object' ? standard[units] : standard
}

const howTo = ({ kind, unit, options }: Input): string =>
  kind === 'choice'
    ? `as one of ${options!.join(', ')}`
    : kind === 'day'
      ? 'as year-month-day'
      : kind === 'lengths' || kind === 'numbers'
        ? 'as a list'
        : kind === 'sizes'
          ? 'as a list like "36 x 48 in, 24 x 36 in"'
          : `as a number${unit ? ` of ${unit}` : ''}${kind === 'length' ? ' or like "16 ft"' : ''}`

/** Under so many, a bare length of a metric site is one of metres. */
const METRES_UNDER = 20

/** Refuses a bare number that could be meant in another unit. */
function requireUnit(key: string, one: Input, value: unknown, units: Units): void {
  const ends = rangeOf(value) ?? [value]
  for (const end of ends) {
    if (typeof end !== 'number') continue
    if (one.kind === 'length' && !isFine(one) && end > 0 && end < METRES_UNDER) {
      const others = units === 'imperial' ? `"${end} in" or "${end} ft"` : `"${end} m"`
      throw ask(key, `${one.title}: is ${end} in millimetres? Write it as "${end} mm" or ${others}.`)
    }
    if (units === 'imperial' && differsBySite(one.unit)) throw ask(key, `${one.title}: ${whichUnit(end, one.unit)}`)
  }
}

const ask = (key: string, message: string): ImpossibleRequest => new ImpossibleRequest('ambiguous-unit', message, key)

function whichUnit(figure: unknown, unit: string): string {
  const { metric, imperial } = UNIT_WORDS[unit]!.site
  const ours = imperial.split(' or ')[0]!
  return `is ${String(figure)} in ${ours} or in ${metric}? Write it with its unit, like "${String(figure)} ${ours}".`
}

/** Whether a length is usually too small to be told in metres. */
export function isFine({ fine, default: usual }: Input): boolean {
  const metric = typeof usual === 'object' ? usual.metric : usual
  return fine === true || (typeof metric === 'number' && metric > 0 && metric < METRES_UNDER)
}

/** Reads one input from a number in its unit or from text as people write it.
 * @throws ImpossibleRequest naming the input */
export function readInput(key: string, one: Input, value: unknown, units: Units): Read {
  try {
    const ends = rangeOf(value)
    if (!ends) return possible(READERS[one.kind](value, one, units), one)
    const [low, high] = ends.map((end) => READERS[one.kind](end, one, units)) as [Read, Read]
    if (Number(low.low) > Number(high.high)) return wrong('give the lower end first.')
    return possible({ low: low.low, high: high.high, rough: true }, one)
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    throw new ImpossibleRequest(error.code, `${one.title}: ${error.message}`, key)
  }
}

/** Refuses figures that cannot be true of the input. */
function possible(read: Read, one: Input): Read {
  const most = one.most ?? MOST[one.kind]
  if (most === undefined) return read
  const listed = Array.isArray(read.low)
  const figures = [read.low, read.high].flat(3) as number[]
  const zero = listed ? one.kind !== 'sizes' : one.zero === true || one.default === 0 || one.kind === 'percent'
  for (const figure of figures) {
    if (!Number.isFinite(figure)) return wrong('it is no figure.')
    if (figure < 0) return wrong('it cannot be less than 0.')
    if (figure === 0 && !zero) return wrong('it cannot be 0.')
    if (figure > most) return wrong(`${shown(figure)}${one.unit ? ` ${one.unit}` : ''} is too much. At most ${most}.`)
  }
  return read
}

const rangeOf = (value: unknown): [unknown, unknown] | null =>
  typeof value === 'object' && value !== null && 'low' in value && 'high' in value ? [value.low, value.high] : null

const wrong = (message: string): never => {
  throw new ImpossibleRequest('unreadable-input', message)
}
const shown = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value))

const FIGURE = `(${NUMBER})`
const AMOUNT = new RegExp(
  String.raw`^(?:(about|around|roughly|maybe|~)\s*)?(?:between\s+)?${FIGURE}\s*([^\d\s–-][^\d–-]*?)?(?:\s*(?:to|and|or|-|–)\s*${FIGURE}\s*(\D.*)?)?$`,
  'i',
)
/** `1,240` is a thousand and more to one and a little over one to another. */
const THOUSANDS = /(?<![\d.,])\d{1,3},\d{3}(?![\d.,])/

/** `ft2`, `m3`, `in2/ft` */
const POWER = /\b(mm|cm|m|in|ft|yd)([23])(?=$|[\s/])/gi
const POWERS: Readonly<Record<string, string>> = { '2': '²', '3': '³' }

/** A figure or a range of it, bare or with the words of a unit behind it. */
function amount(value: unknown, { unit }: Pick<Input, 'unit'>, what: string, units: Units): Read {
  if (typeof value === 'number' && Number.isFinite(value)) return exact(value)
  if (typeof value !== 'string') return wrong(`"${shown(value)}" cannot be read as ${what}.`)
  const text = plainFigures(value.trim().replace(POWER, (_, unit: string, power: string) => unit + POWERS[power]!))
  const thousands = THOUSANDS.exec(text)
  if (thousands) return wrong(`"${thousands[0]}" could be meant in two ways. Write it without the comma.`)
  const said = AMOUNT.exec(text) ?? AMOUNT.exec(inDigits(text))
  if (!said) return wrong(`"${shown(value)}" cannot be read as ${what}.`)
  const [, about, first, firstUnit, second, secondUnit] = said
  const last = second === undefined ? firstUnit : (secondUnit ?? firstUnit)
  if (last === undefined && units === 'imperial' && differsBySite(unit)) return wrong(whichUnit(first, unit))
  const factors = [firstUnit ?? last, last].map((word) => (word === undefined ? 1 : factorOf(word, unit)))
  if (factors.includes(undefined)) return wrong(`"${shown(value)}" cannot be read as ${what}.`)
  const low = numberOf(first!) * factors[0]!
  const high = second === undefined ? low : numberOf(second) * factors[1]!
  if (low > high) return wrong('give the lower end first.')
  return { low, high, rough: about !== undefined || high > low }
}

function lengthIn(value: unknown, units: Units, fine = false): Read {
  if (typeof value === 'number' && Number.isFinite(value)) return exact(value)
  if (typeof value !== 'string') return wrong(`"${shown(value)}" is not a length.`)
  const text = value.trim()
  if (/^0+(?:[.,]0+)?\s*[^\d\s]*$/.test(text)) return exact(0)
  const measured = (fine ? parseFineLength : parseLength)(text, units)
  const mm = (tenths: number): number => (units === 'imperial' ? inFractions(tenths) : tenths) / 10
  return { low: mm(measured.tenths), high: mm(measured.high ?? measured.tenths), rough: isRough(measured) }
}

/** The finest fraction of an inch that people tell. */
const FRACTIONS_OF_INCH = 32

/** A length is kept in tenths of a millimetre; one that was told in fractions of an inch is reckoned as it was told: 1/4 in
 * is 63.5 tenths, not 64. */
function inFractions(tenths: number): number {
  const told = (Math.round((tenths / TENTHS_PER_INCH) * FRACTIONS_OF_INCH) / FRACTIONS_OF_INCH) * TENTHS_PER_INCH
  return Math.abs(told - tenths) <= 0.5 ? told : tenths
}

const BARE = /^\d+(?:[.,]\d+)?$/

/** The parts of a list, given as a list or as text parted by commas. */
function parts(value: unknown): readonly unknown[] {
  const all = Array.isArray(value)
    ? (value as unknown[])
    : typeof value === 'string'
      ? value.split(/\s*[,;]\s*/).filter((part) => part !== '')
      : wrong(`"${shown(value)}" is not a list.`)
  return all.length <= MOST_LISTED ? all : wrong(`${all.length} are too many. At most ${MOST_LISTED}.`)
}

/** Refuses a bare 4 among 1200s: it could be millimetres or metres. */
function requireOneUnit(figures: readonly unknown[], units: Units, fine = false): void {
  if (units === 'imperial' || fine) return
  const bare = figures.flatMap((figure) =>
    typeof figure === 'number'
      ? [figure]
      : typeof figure === 'string' && BARE.test(figure.trim())
        ? [numberOf(figure.trim())]
        : [],
  )
  const odd = bare.find((figure) => figure > 0 && figure < METRES_UNDER)
  if (odd !== undefined && bare.some((figure) => figure >= METRES_UNDER))
    wrong(`is ${odd} in millimetres or in metres? Write "${odd} mm" or "${odd} m".`)
}

function listOf(reads: readonly Read[]): Read {
  const [low, high] = (['low', 'high'] as const).map((end) => reads.map((read) => read[end]))
  return reads.some(({ rough }) => rough) ? { low, high, rough: true } : exact(low)
}

function lengthsIn(value: unknown, one: Input, units: Units): Read {
  const all = parts(value)
  requireOneUnit(all, units, isFine(one))
  return listOf(all.map((part) => (rangeOf(part) ? spanOf(part, units) : lengthIn(part, units, isFine(one)))))
}

function spanOf(part: unknown, units: Units): Read {
  const [low, high] = rangeOf(part)!.map((end) => Number(lengthIn(end, units).low)) as [number, number]
  return low <= high ? { low, high, rough: true } : wrong('give the lower end first.')
}

/** `4 x 36 x 48 in` means four of them. */
function sizeIn(part: unknown, units: Units): Read[] {
  const listed = Array.isArray(part)
  const said: unknown[] = listed
    ? [...(part as unknown[])]
    : plainFigures(String(part)).split(/\s*(?:[x×*]|\bby\b)\s*/i)
  const times = !listed && said.length === 3 && /^\d+$/.test(String(said[0])) ? Number(said.shift()) : 1
  if (said.length !== 2 || said.includes('') || (!listed && typeof part !== 'string'))
    return wrong(`"${shown(part)}" is not a size. Write it like "36 x 48 in".`)
  if (times < 1 || times > MOST_LISTED) return wrong(`"${shown(part)}": ${times} of them. From 1 to ${MOST_LISTED}.`)
  const unit = typeof said[1] === 'string' ? /[^\d.,/\s]+\.?$/.exec(said[1])?.[0] : undefined
  if (unit && typeof said[0] === 'string' && /\d$/.test(said[0])) said[0] = `${said[0]} ${unit}`
  requireOneUnit(said, units)
  const size = listOf(said.map((side) => (rangeOf(side) ? spanOf(side, units) : lengthIn(side, units))))
  return Array.from({ length: times }, () => size)
}

function sizesIn(value: unknown, units: Units): Read {
  const all = parts(value).flatMap((part) => sizeIn(part, units))
  return all.length <= MOST_LISTED ? listOf(all) : wrong(`${all.length} are too many. At most ${MOST_LISTED}.`)
}

const READERS: Record<Input['kind'], (value: unknown, one: Input, units: Units) => Read> = {
  length: (value, one, units) => lengthIn(value, units, isFine(one)),
  area: (value, one, units) => amount(value, one, 'an area, like 12.5 m² or 310 ft²', units),
  volume: (value, one, units) => amount(value, one, 'a volume, like 2.4 m³ or 6 ft³', units),
  mass: (value, one, units) => amount(value, one, 'a weight, like 400 kg or 880 lb', units),
  number: (value, one, units) => amount(value, one, 'a number', units),
  percent: (value, one, units) => amount(value, one, 'per cent', units),
  money: (value, one, units) => amount(value, one, 'an amount', units),
  count: (value, one, units) => {
    const read = amount(value, one, 'a whole number', units)
    return Number.isInteger(read.low) && Number.isInteger(read.high) ? read : wrong(`${shown(value)} is not whole.`)
  },
  choice: (value, one) =>
    one.options!.includes(String(value))
      ? exact(value)
      : wrong(`"${shown(value)}" is none of ${one.options!.join(', ')}.`),
  day: (value) => exact(parseDay(String(value))),
  lengths: lengthsIn,
  sizes: (value, _one, units) => sizesIn(value, units),
  numbers: (value, _one, units) => listOf(parts(value).map((part) => amount(part, { unit: '%' }, 'a number', units))),
}
