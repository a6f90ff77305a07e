import { parseDay } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { isRough, parseLength, type Units } from '../measure/length'
import { FT2, FT3, GALLON, LB, YD3 } from './printer'
import type { Calculation, Input } from './calculation'

/** A value as it was read: exact, or with two ends, and whether somebody was sure of it. */
export interface Read {
  readonly low: unknown
  readonly high: unknown
  readonly rough: boolean
}

const exact = (value: unknown): Read => ({ low: value, high: value, rough: false })

/** Reads what a calculation is told: numbers in the unit of each input, or text as people write it.
 * @throws ImpossibleRequest whose `field` is the key of what is missing, unknown or unreadable */
export function readInputs(
  { inputs }: Calculation,
  told: Readonly<Record<string, unknown>>,
  units: Units,
): Record<string, Read> {
  for (const key of Object.keys(told))
    if (!(key in inputs) && key !== 'units')
      throw new ImpossibleRequest(
        'unknown-input',
        `"${key}" is not asked for. Known: ${Object.keys(inputs).join(', ')}.`,
        key,
      )
  return Object.fromEntries(
    Object.entries(inputs).flatMap(([key, one]): [string, Read][] => {
      const value = told[key] ?? standardOf(one, units)
      if (value !== undefined && value !== null && value !== '') return [[key, readInput(key, one, value, units)]]
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

/** Reads one input from a number in its unit or from text as people write it.
 * @throws ImpossibleRequest naming the input */
export function readInput(key: string, one: Input, value: unknown, units: Units): Read {
  try {
    const ends = rangeOf(value)
    if (ends) {
      const [low, high] = ends.map((end) => READERS[one.kind](end, one, units)) as [Read, Read]
      return { low: low.low, high: high.high, rough: true }
    }
    return READERS[one.kind](value, one, units)
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    throw new ImpossibleRequest(error.code, `${one.title}: ${error.message}`, key)
  }
}

const rangeOf = (value: unknown): [unknown, unknown] | null =>
  typeof value === 'object' && value !== null && 'low' in value && 'high' in value ? [value.low, value.high] : null

const wrong = (message: string): never => {
  throw new ImpossibleRequest('unreadable-input', message)
}
const shown = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value))

/** A number, in digits or with the words of a unit behind it. */
function amount(value: unknown, words: Readonly<Record<string, number>>, what: string): Read {
  const number = (text: string): number => Number(text.replace(',', '.'))
  if (typeof value === 'number' && Number.isFinite(value)) return exact(value)
  const said =
    /^(?:(about|around|maybe)\s+)?(\d+(?:[.,]\d+)?)(?:\s*(?:to|-|–)\s*(\d+(?:[.,]\d+)?))?\s*([^\d\s].*)?$/i.exec(
      String(value).trim(),
    )
  const factor = said ? (said[4] ? words[said[4].toLowerCase().replace(/\.$/, '')] : 1) : undefined
  if (typeof value !== 'string' || !said || factor === undefined)
    return wrong(`"${shown(value)}" cannot be read as ${what}.`)
  const low = number(said[2]!) * factor
  const high = said[3] ? number(said[3]) * factor : low
  return low <= high ? { low, high, rough: said[1] !== undefined || high > low } : wrong('give the lower end first.')
}

function lengthIn(value: unknown, units: Units): Read {
  if (typeof value === 'number' && Number.isFinite(value)) return exact(value)
  if (typeof value !== 'string') return wrong(`"${shown(value)}" is not a length.`)
  if (/^0+(?:\.0+)?\s*\D*$/.test(value.trim())) return exact(0)
  const measured = parseLength(value, units)
  return { low: measured.tenths / 10, high: (measured.high ?? measured.tenths) / 10, rough: isRough(measured) }
}

const AREAS = { m2: 1, 'm²': 1, sqm: 1, ft2: FT2, 'ft²': FT2, sf: FT2, 'sq ft': FT2, sqft: FT2 }
const VOLUMES = {
  m3: 1,
  'm³': 1,
  l: 0.001,
  ft3: FT3,
  'ft³': FT3,
  'cu ft': FT3,
  yd3: YD3,
  'yd³': YD3,
  'cu yd': YD3,
  gal: GALLON / 1000,
}
const MASSES = { kg: 1, t: 1000, g: 0.001, lb: LB, lbs: LB, pounds: LB }

/** The parts of a list, given as a list or as text parted by commas. */
const parts = (value: unknown): readonly unknown[] =>
  Array.isArray(value)
    ? value
    : typeof value === 'string'
      ? value.split(/\s*[,;]\s*/).filter((part) => part !== '')
      : wrong(`"${shown(value)}" is not a list.`)

/** `4 x 36 x 48 in` means four of them. */
function sizesIn(part: unknown, units: Units): [number, number][] {
  if (Array.isArray(part) && part.length === 2)
    return [part.map((side) => Number(lengthIn(side, units).low)) as [number, number]]
  const said = String(part).split(/\s*(?:[x×]|\bby\b)\s*/i)
  const times = said.length === 3 && /^\d+$/.test(said[0]!) ? Number(said.shift()) : 1
  if (said.length !== 2 || said.includes(''))
    return wrong(`"${shown(part)}" is not a size. Write it like "36 x 48 in".`)
  const unit = /[^\d.,/\s]+\.?$/.exec(said[1]!)?.[0]
  const first = unit && /[\d]$/.test(said[0]!) ? `${said[0]!} ${unit}` : said[0]!
  const size = [first, said[1]!].map((side) => Number(lengthIn(side, units).low)) as [number, number]
  return Array.from({ length: times }, () => size)
}

const READERS: Record<Input['kind'], (value: unknown, one: Input, units: Units) => Read> = {
  length: (value, _one, units) => positive(lengthIn(value, units)),
  area: (value) => positive(amount(value, AREAS, 'an area, like 12.5 m² or 310 ft²')),
  volume: (value) => positive(amount(value, VOLUMES, 'a volume, like 2.4 m³ or 6 ft³')),
  mass: (value) => positive(amount(value, MASSES, 'a weight, like 400 kg or 880 lb')),
  number: (value) => positive(amount(value, {}, 'a number')),
  percent: (value) => positive(amount(value, { '%': 1, percent: 1, 'per cent': 1 }, 'per cent')),
  money: (value) => positive(amount(value, {}, 'an amount')),
  count: (value) => {
    const read = positive(amount(value, {}, 'a whole number'))
    return Number.isInteger(read.low) && Number.isInteger(read.high) ? read : wrong(`${shown(value)} is not whole.`)
  },
  choice: (value, one) =>
    one.options!.includes(String(value))
      ? exact(value)
      : wrong(`"${shown(value)}" is none of ${one.options!.join(', ')}.`),
  day: (value) => exact(parseDay(String(value))),
  lengths: (value, _one, units) => exact(parts(value).map((part) => Number(lengthIn(part, units).low))),
  sizes: (value, _one, units) => exact(parts(value).flatMap((part) => sizesIn(part, units))),
  numbers: (value) => exact(parts(value).map((part) => Number(amount(part, { '%': 1 }, 'a number').low))),
}

const positive = (read: Read): Read => (Number(read.low) >= 0 ? read : wrong('it cannot be less than 0.'))
