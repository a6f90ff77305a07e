import type { Units } from '../../measure/length'
import { readNumber } from '../../measure/spokenNumber'
import { CORRECTION, plain } from '../clauses'

/** What a figure was said to be in; null where it was said bare. */
export type FigureUnit = 'mm' | 'cm' | 'm' | 'ft' | 'in' | 'm2' | 'ft2' | 'm3' | 'ft3' | 'yd3' | 'percent' | null

/** A figure in a sentence, with the tokens that it stands on. */
export interface SpokenFigure {
  readonly start: number
  readonly end: number
  readonly low: number
  /** The upper end, where a range was said. */
  readonly high?: number
  readonly unit: FigureUnit
  /** Inches said after feet. */
  readonly inches?: number
  /** Whether it tells how many of something: 'two pieces'. */
  readonly counted: boolean
  /** Whether it is one side of a size, and the side after it is the next figure. */
  readonly by: boolean
}

/** A sentence in plain words; a comma is a word of its own. */
export const wordsOf = (sentence: string): string[] =>
  sentence
    .replace(/(\d)\s*[×x]\s*(?=\d)/g, '$1 by ')
    // A pitch is told by its run, a fall by its length: '5/12', 'nine in twelve', 'one in forty'.
    .replace(/\b(\d+)\s*\/\s*12\b(?!\s*(?:in|"))/g, '$1 pitch')
    .replace(/\bpitch (?:is |of )?(\w+) (?:in |on |over )?(?:12|twelve)\b/gi, 'pitch $1')
    .replace(/\bin (?:12|twelve)\b/gi, 'pitch')
    .replace(/\b(?:one|1) in (?=\d|ten|fifteen|twenty|thirty|forty|fifty|sixty|eighty|a hundred)/gi, 'fall ')
    .split(/[,;:](?!\d)/)
    .map((part) => plain(part).split(' ').filter(Boolean))
    .reduce<string[]>((all, part) => (all.length === 0 ? part : part.length === 0 ? all : [...all, ',', ...part]), [])

const UNITS: readonly (readonly [RegExp, FigureUnit])[] = [
  [/^(?:mm|mil|mils|mill|millimet(?:re|er)s?)$/, 'mm'],
  [/^(?:cm|centimet(?:re|er)s?)$/, 'cm'],
  [/^(?:m|met(?:re|er)s?)$/, 'm'],
  [/^(?:foot|feet|ft)$/, 'ft'],
  [/^(?:inch|inches)$/, 'in'],
  [/^percent$/, 'percent'],
]
const unitOf = (word: string | undefined): FigureUnit => UNITS.find(([said]) => said.test(word ?? ''))?.[1] ?? null
const ROUGHLY = /^(?:about|around|roughly|some|maybe|say|perhaps|nearly)$/
const AREAS: Readonly<Record<string, FigureUnit>> = { m: 'm2', ft: 'ft2' }
const VOLUMES: Readonly<Record<string, FigureUnit>> = { m: 'm3', ft: 'ft3', yd: 'yd3' }
const PARTS: Readonly<Record<string, number>> = { half: 0.5, quarter: 0.25, third: 1 / 3, eighth: 0.125 }

/** What is told by the foot or by the metre: 'forty kilos a metre', '34 a foot'. */
const PER = /^(?:kilos?|kg|pounds?|lbs?|quid|dollars|euros|hours?|bags?|inches|litres?|[\d.]+)$/

type Raw = Omit<SpokenFigure, 'by' | 'start' | 'counted'>

/** 'An inch and a half', 'inch and an eighth', 'a foot', 'half inch', 'a quarter', 'three quarter'. */
function singleOf(words: readonly string[], at: number): Raw | null {
  if (words[at] === 'a' && PER.test(words[at - 1] ?? '')) return null
  const from = /^an?$/.test(words[at] ?? '') ? at + 1 : at
  const unit = unitOf(words[from])
  const said = words[from] ?? ''
  if ((unit === 'in' || unit === 'ft' || unit === 'm') && /^(?:inch|foot|met(?:re|er))$/.test(said)) {
    const more = words[from + 1] === 'and' ? partAt(words, from + 2) : null
    if (!more && from === at) return null
    return { low: 1 + (more?.value ?? 0), unit, end: more?.next ?? from + 1 }
  }
  const part = /^(?:half|quarter|eighth|third)$/.test(said) ? PARTS[said]! : null
  if (part === null) return null
  const after = from + 1
  const skip = /^(?:an|a)$/.test(words[after] ?? '') ? after + 1 : after
  const own = unitOf(words[skip])
  if (own) return { low: part, unit: own, end: skip + 1 }
  // 'Quarter by quarter', 'leaves a quarter' are sizes; 'half up' is none.
  if (said !== 'quarter' && said !== 'eighth') return null
  return /^(?:done|up|of|in|left|finished|past|to)$/.test(words[after] ?? '')
    ? null
    : { low: part, unit: null, end: after }
}

function partAt(words: readonly string[], at: number): { value: number; next: number } | null {
  if (/^an?$/.test(words[at] ?? '') && PARTS[words[at + 1] ?? ''])
    return { value: PARTS[words[at + 1]!]!, next: at + 2 }
  const number = readNumber(words, at)
  return number && number.value < 1 ? { value: number.value, next: number.next } : null
}

/** 'Two six by two six': feet and inches, as sides of a size are told in them. */
function bareFeet(words: readonly string[], at: number): Raw | null {
  const feet = readNumber(words, at)
  const inches = feet && readNumber(words, feet.next)
  if (!inches || !Number.isInteger(feet.value) || !Number.isInteger(inches.value) || inches.value >= 12) return null
  const ofSize = words[inches.next] === 'by' || words[at - 1] === 'by'
  return ofSize && !unitOf(words[inches.next])
    ? { low: feet.value, unit: 'ft', inches: inches.value, end: inches.next }
    : null
}

function rawAt(words: readonly string[], at: number, units?: Units): Raw | null {
  const single = singleOf(words, at) ?? (units === 'imperial' ? bareFeet(words, at) : null)
  if (single) return single
  const number = readNumber(words, at)
  if (!number) return null
  let { value, next } = number
  // 'Nine and a half', 'one and three quarter inches'
  if (words[next] === 'and' && Number.isInteger(value)) {
    const part = partAt(words, next + 1)
    if (part) {
      value += part.value
      next = part.next
    }
  }
  // 'Nine square inches a foot' is a rate.
  if (words[next] === 'square' && unitOf(words[next + 1]))
    return { low: value, unit: AREAS[unitOf(words[next + 1])!] ?? null, end: next + 2 }
  if (words[next] === 'cubic' && (unitOf(words[next + 1]) || /^yards?$/.test(words[next + 1] ?? '')))
    return { low: value, unit: VOLUMES[unitOf(words[next + 1]) ?? 'yd'] ?? null, end: next + 2 }
  const unit = unitOf(words[next])
  if (!unit) return { low: value, unit: null, end: next }
  next++
  if (unit === 'm' && Number.isInteger(value)) {
    // 'One metre twelve'
    const rest = readNumber(words, next)
    if (rest && Number.isInteger(rest.value) && rest.value >= 10 && rest.value < 100 && !unitOf(words[rest.next]))
      return { low: value + rest.value / 100, unit, end: rest.next }
  }
  if (unit !== 'ft') return { low: value, unit, end: next }
  const half = words[next] === 'and' ? partAt(words, next + 1) : null
  if (half && unitOf(words[half.next]) !== 'in') return { low: value + half.value, unit, end: half.next }
  const from = words[next] === 'and' ? next + 1 : next
  const inches = rawAt(words, from)
  const fits =
    inches !== null &&
    inches.low < 12 &&
    (inches.unit === 'in' || (inches.unit === null && from === next)) &&
    !/^(?:foot|feet|ft|inch|percent|ply|plies|days?|weeks?|hours?|of)$/.test(words[inches.end] ?? '')
  return fits ? { low: value, unit, inches: inches.low, end: inches.end } : { low: value, unit, end: next }
}

/** Every figure of a sentence, in spoken order. Of a figure that was taken back ('88, sorry, 86 and a half') the last
 * counts; of two sides the one without a unit has the other's.
 * @param words as `wordsOf` makes them
 * @param units of the site, where they are known: only on one in feet 'two six' is two foot six */
export function figuresIn(words: readonly string[], units?: Units): SpokenFigure[] {
  const found: SpokenFigure[] = []
  for (let at = 0; at < words.length;) {
    const raw = rawAt(words, at, units)
    if (
      !raw ||
      (words[at] === 'one' && raw.unit === null && !/^(?:and|point|[a-z]*s|[a-z]{4,})$/.test(words[at + 1] ?? ''))
    ) {
      at++
      continue
    }
    const before = found.at(-1)
    const between = before ? words.slice(before.end, at).join(' ') : ''
    const end = raw.end
    let start = at
    if (before && isCorrection(between)) {
      // A size is taken back with all its sides, where a size follows; what was said before it is said of the new one.
      do start = found.pop()!.start
      while (words[end] === 'by' && found.at(-1)?.by)
    }
    // 'From 1.95 to 2.40' is a change.
    if (before && words[before.start - 1] !== 'from' && isRange(between, before, raw)) {
      found[found.length - 1] = {
        ...before,
        high: raw.low,
        end,
        unit: raw.unit ?? before.unit,
        by: false,
        counted: false,
      }
      at = end
      continue
    }
    found.push({
      ...raw,
      start,
      counted: isCounted(raw, words),
      by: words[end] === 'by' && rawAt(words, end + 1) !== null,
    })
    at = words[end] === 'by' ? end + 1 : end
  }
  return withNeighbours(found, words)
}

/** What may stand behind a length that was said bare. */
const BESIDE_A_LENGTH =
  /^(?:wide|width|deep|depth|long|high|tall|thick|round|around|rough|clear|off|apart|centres|centers|from|below|above|proud|beyond|past|each|towards|between|over|under|with|where|that|this|then|there|here|because|so|and|maybe|across|free|square|left|right|spare|more|short|less|into|instead)$/

const isCounted = ({ unit, low, end }: Raw, words: readonly string[]): boolean =>
  unit === null &&
  Number.isInteger(low) &&
  /^[a-z]{3,}$/.test(words[end] ?? '') &&
  !/^(?:the|its|and|but|was|are|has|for)$/.test(words[end]!) &&
  !BESIDE_A_LENGTH.test(words[end]!)

const isCorrection = (between: string): boolean =>
  CORRECTION.test(
    between
      .replace(/^(?:by|,| )+/, '')
      .replaceAll(',', ' ')
      .replace(/\s+/g, ' ')
      .trim(),
  )

const isRange = (between: string, before: SpokenFigure, raw: Raw): boolean =>
  /^(?:, )?(?:to|or|maybe|or maybe|perhaps|up to)$/.test(between) &&
  !before.by &&
  before.high === undefined &&
  raw.low > before.low &&
  (before.unit === null || before.unit === raw.unit)

/** 'Six by six millimetres', 'five foot by nine': the side without a unit has the other's. */
function withNeighbours(figures: readonly SpokenFigure[], words: readonly string[]): SpokenFigure[] {
  const all = [...figures]
  all.forEach((one, at) => {
    const before = all[at - 1]
    if (!before?.by || before.unit === null || before.inches !== undefined || one.unit !== null) return
    all[at] = { ...one, unit: before.unit === 'm' && one.low >= 100 ? 'mm' : before.unit }
  })
  for (let at = all.length - 2; at >= 0; at--) {
    const one = all[at]!
    if (one.by && one.unit === null && all[at + 1]!.unit !== null && (all[at + 1]!.unit !== 'ft' || one.low <= 40))
      all[at] = { ...one, unit: all[at + 1]!.unit }
    // 'Ten and eight foot': both are told in feet.
    const next = all[at + 1]!
    const listed =
      words.slice(one.end, next.start).join(' ') === 'and' && !/^(?:at|by|of)$/.test(words[one.start - 1] ?? '')
    if (listed && one.unit === null && next.unit === 'ft' && next.inches === undefined && !one.by && !next.by)
      all[at] = { ...one, unit: 'ft', counted: false }
  }
  return all
}

/** A figure without its roughness words stands where they begin. */
export const isRoughWord = (word: string | undefined): boolean => ROUGHLY.test(word ?? '')

const fraction = (value: number): string => {
  const whole = Math.floor(value)
  const sixteenths = Math.round((value - whole) * 16)
  if (sixteenths === 0 || Math.abs(value * 16 - Math.round(value * 16)) > 1e-6) return String(Number(value.toFixed(4)))
  let [top, bottom] = [sixteenths, 16]
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return `${whole > 0 ? `${whole} ` : ''}${top}/${bottom}`
}
const decimal = (value: number): string => String(Number(value.toFixed(4)))

/** A figure as one types it: `11 ft 8 in`, `9 1/4 in`, `400 mm`, `9.5 to 10 m`. A bare one stays bare.
 * @param inInches whether bare figures are written in fractions, as on sites in feet */
export function typedFigure({ low, high, unit, inches }: SpokenFigure, inInches: boolean): string {
  const printed = unit === 'in' || (unit === null && inInches) ? fraction : decimal
  const own = unit === null || unit === 'percent' ? '' : ` ${unit}`
  if (high !== undefined) return `${printed(low)} to ${printed(high)}${own}`
  return `${printed(low)}${own}${inches === undefined ? '' : ` ${fraction(inches)} in`}`
}
