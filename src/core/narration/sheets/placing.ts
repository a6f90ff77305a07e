import type { Field } from '../../entries/field'
import type { Units } from '../../measure/length'
import { differsBySite, siteUnit } from '../../takeoff/unitWords'
import { isRoughWord, typedFigure, type SpokenFigure } from './figures'
import type { Says } from './cue'

interface Fit {
  readonly figure: number
  readonly key: string
  readonly score: number
}

/** Gives each figure the field whose words stand beside it; sides of a size go to the fields of its sides.
 * @returns what is typed into each field, the figures that found none, and whether the unit of one was only guessed */
export function placed(
  figures: readonly SpokenFigure[],
  words: readonly string[],
  fields: readonly Field[],
  says: Says,
  units: Units,
): { typed: Record<string, string>; open: SpokenFigure[]; guessed: boolean } {
  const typed: Record<string, string> = {}
  let guessed = false
  const used = new Set<number>()
  const window = windows(figures, words, says.shares === true)
  const inInches = units === 'imperial'
  const put = (key: string, at: number): void => {
    const field = fields.find((one) => one.key === key)
    const figure = figures[at]!
    const inFeet = inInches && field?.kind === 'length' && !THIN.test(key) && goesOnInFeet(figures, at)
    guessed ||= inFeet
    typed[key] = typedFor(field, inFeet ? { ...figure, unit: 'ft' } : figure, window[at]!, units)
    used.add(at)
  }
  const known = new Set(fields.map(({ key }) => key))
  const numeric = fields.filter(isNumeric)

  // What is told in a list: sizes in pairs, lengths one after the other.
  for (const [key, near] of Object.entries(says.lists ?? {})) {
    const field = fields.find((one) => one.key === key)!
    const members =
      field.input?.kind === 'sizes' ? pairs(figures, used, window, near) : run(figures, used, window, words, near)
    if (members.length === 0) continue
    typed[key] = members
      .map((one) => one.map((at) => typedFigure(inSite(figures[at]!, units), inInches)).join(' x '))
      .join(', ')
    for (const at of members.flat()) used.add(at)
    for (const at of members.flat()) {
      // 'Six windows 34 by 52': how many of them.
      const before = at - 1
      if (before >= 0 && !used.has(before) && isCountOf(figures, before, at, words)) {
        typed[key] = `${figures[before]!.low} x ${typed[key]!}`
        used.add(before)
      }
    }
  }

  for (const [key, near] of Object.entries(says.every ?? {})) {
    const members = figures.flatMap((figure, at) =>
      !used.has(at) && isLength(figure) && !figure.by && near.test(window[at]!.before.join(' ')) ? [at] : [],
    )
    if (members.length < 2) continue
    typed[key] = members.map((at) => typedFigure(inSite(figures[at]!, units), inInches)).join(', ')
    for (const at of members) used.add(at)
  }

  const fits: Fit[] = []
  figures.forEach((figure, at) => {
    if (used.has(at)) return
    for (const field of numeric) {
      if (says.lists?.[field.key] || !takes(field, figure)) continue
      const near = says.near?.[field.key] ?? (figure.by || figures[at - 1]?.by ? null : USUAL[field.key])
      const ahead = says.ahead?.[field.key]
      const tight = says.tight?.[field.key]
      const score = Math.max(
        tight && position(tight, window[at]!.after) === 0 ? 3.2 : 0,
        near ? scoreOf(near, window[at]!) : 0,
        ahead ? scoreAhead(ahead, window[at]!) : 0,
      )
      if (figure.counted && field.kind === 'length' && score < 3) continue
      if (score > 0) fits.push({ figure: at, key: field.key, score })
    }
    // Sides that are named singly: 'the wall is 14.2 long and 2.7 high'.
    for (const [key, near] of Object.entries(says.near ?? {}))
      if (!known.has(key)) {
        const score = scoreOf(near, window[at]!)
        if (score > 0) fits.push({ figure: at, key, score })
      }
  })
  const chained = (at: number): boolean => figures[at]!.by || figures[at - 1]?.by === true
  for (const { figure, key } of [...fits].sort((a, b) => b.score - a.score)) {
    if (typed[key] !== undefined || (used.has(figure) && !says.shares) || (chained(figure) && says.sides)) continue
    put(key, figure)
  }
  if (says.shares)
    for (const { figure, key, score } of fits) if (typed[key] === undefined && score > 1) put(key, figure)

  // An area and a volume that one field alone can hold needs no words.
  figures.forEach((figure, at) => {
    const only = numeric.filter((field) => takes(field, figure) && typed[field.key] === undefined)
    if (!used.has(at) && !isLength(figure) && only[0]) put(only[0].key, at)
  })
  for (const chain of chains(figures, used)) {
    const sides = sidesFor(says.sides ?? [], chain, window, typed)
    sides.slice(0, chain.length).forEach((key, i) => put(key, chain[i]!))
  }
  for (const key of says.bare ?? []) {
    const field = fields.find((one) => one.key === key)!
    const at = figures.findIndex((figure, i) => !used.has(i) && !chained(i) && !figure.counted && takes(field, figure))
    if (typed[key] === undefined && at >= 0) put(key, at)
  }
  // A number that a word follows which no figure is about: 'five joists', 'B2'.
  return { typed, guessed, open: figures.filter((one, at) => !used.has(at) && !isIdle(one, words)) }
}

/** What is told in inches also beside feet. */
const THIN = /thick|deep|depth|rise|proud|gap|trim|joint|diameter|sill|spacing/i

/** 'Five foot at the back, four at the sides': a small number said bare after one in feet may be meant in feet too. */
const goesOnInFeet = (figures: readonly SpokenFigure[], at: number): boolean => {
  const { unit, low, counted } = figures[at]!
  const before = figures[at - 1]
  return unit === null && !counted && Number.isInteger(low) && low <= 12 && before?.unit === 'ft' && !before.by
}

const isNumeric = ({ kind }: Field): boolean =>
  kind === 'length' || kind === 'figure' || kind === 'number' || kind === 'money'
/** In a list every length has its unit, so that a bare 620 beside 3.2 is read as it was meant. */
const inSite = (figure: SpokenFigure, units: Units): SpokenFigure =>
  figure.unit === null ? { ...figure, unit: units === 'imperial' ? 'in' : figure.low < 20 ? 'm' : 'mm' } : figure

const isLength = ({ unit }: SpokenFigure): boolean => unit === null || /^(?:mm|cm|m|ft|in)$/.test(unit)

/** Whether a field can hold a figure. A number of things is no length, unless the thing is the field's own word. */
function takes(field: Field, figure: SpokenFigure): boolean {
  const kind = field.kind === 'figure' ? field.input!.kind : field.kind
  switch (kind) {
    case 'length':
      return isLength(figure)
    case 'area':
      return figure.unit === 'm2' || figure.unit === 'ft2'
    case 'volume':
      return figure.unit === 'm3' || figure.unit === 'ft3' || figure.unit === 'yd3'
    case 'percent':
      return figure.unit === 'percent'
    case 'count':
      return figure.unit === null && Number.isInteger(figure.low)
    case 'number':
      // An area a day, a length an hour: the field says the unit.
      return figure.unit !== 'percent' && figure.high === undefined
    case 'money':
      return figure.unit === null
    default:
      return false
  }
}

/** A figure as its field reads it. A number whose unit depends on the site has the site's, unless kilos were said. */
function typedFor(field: Field | undefined, figure: SpokenFigure, { before, after }: Window, units: Units): string {
  const input = field?.input
  if (!field || field.kind === 'length' || (input && input.kind !== 'number' && input.kind !== 'count'))
    return typedFigure(figure, units === 'imperial')
  const bare = typedFigure({ ...figure, unit: null }, false)
  if (!input || !differsBySite(input.unit)) return bare
  const beside = [...before, ...after].join(' ')
  const said = /\b(?:kilos?|kg|met(?:re|er)s?)\b/.test(beside)
    ? 'metric'
    : /\b(?:pounds?|lbs?|foot|feet|ft|gallons?)\b/.test(beside)
      ? 'imperial'
      : units
  return `${bare} ${siteUnit(input.kind, input.unit, false, said)}`
}

interface Window {
  readonly before: readonly string[]
  readonly after: readonly string[]
}

/** The words on both sides of each figure, up to the next figure, comma or 'and'.
 * @param pastCommas whether what stands behind one figure runs on up to the next: 'thirty eight ordered, delivered, used' */
const windows = (figures: readonly SpokenFigure[], words: readonly string[], pastCommas: boolean): Window[] =>
  figures.map(({ start, end }, at) => {
    const before = words.slice(Math.max(0, start - 8, figures[at - 1]?.end ?? 0), start)
    const after = words.slice(end, Math.min(words.length, end + 9, figures[at + 1]?.start ?? words.length))
    // Words between two figures belong to the first up to 'and': '96 on the left and 95 on the right'.
    const from = Math.max(before.lastIndexOf(','), at > 0 ? before.lastIndexOf('and') : -1)
    const stop = after.findIndex((word) => word === ',' || (word === 'and' && at < figures.length - 1))
    return {
      before: before.slice(from + 1).filter((word) => !isRoughWord(word)),
      after: stop >= 0 && !pastCommas ? after.slice(0, stop) : after,
    }
  })

/** How near the words of a field stand to a figure; right behind it they count most, and less with each word between. */
function scoreOf(near: RegExp, window: Window): number {
  const behind = position(near, window.after)
  return Math.max(behind === null ? 0 : 3 - 0.4 * behind, scoreAhead(near, window))
}

function scoreAhead(near: RegExp, { before }: Window): number {
  const ahead = position(near, [...before].reverse(), true)
  return ahead === null ? 0 : 2.6 - 0.35 * ahead
}

export const isNear = ({ near }: Says, word: string): boolean =>
  Object.values(near ?? {}).some((one) => new RegExp(`^(?:${one.source})$`).test(word))

/** How many words stand between a figure and what is looked for, or null. */
function position(near: RegExp, words: readonly string[], reversed = false): number | null {
  const whole = new RegExp(`^(?:${near.source})$`)
  for (let at = 0; at < words.length; at++)
    for (let long = 3; long > 0; long--) {
      const part = words.slice(at, at + long)
      if (part.length === long && whole.test((reversed ? [...part].reverse() : part).join(' '))) return at
    }
  return null
}

/** The words that usually stand beside the figure of a field. */
const USUAL: Readonly<Record<string, RegExp>> = {
  wide: /wide|width|across/,
  width: /wide|width|across/,
  deep: /deep|depth/,
  depth: /deep|depth/,
  long: /long|length/,
  run: /long|run/,
  tall: /high|tall|height/,
  height: /high|tall|height/,
  thick: /thick|thickness/,
  sill: /sill/,
  spacing: /centres|centers|apart|at/,
  overhang: /overhang/,
}

/** Runs of figures that are sides of one size. */
function chains(figures: readonly SpokenFigure[], used: ReadonlySet<number>): number[][] {
  const found: number[][] = []
  figures.forEach((figure, at) => {
    if (used.has(at)) return
    const open = found.at(-1)
    if (open && open.at(-1) === at - 1 && figures[at - 1]!.by) open.push(at)
    else if (figure.by) found.push([at])
  })
  return found.filter((chain) => chain.length > 1)
}

function sidesFor(
  sides: NonNullable<Says['sides']>,
  chain: readonly number[],
  window: readonly Window[],
  typed: Readonly<Record<string, string>>,
): readonly string[] {
  for (const one of sides) {
    const keys = 'near' in one ? one.fields : one
    if (keys.slice(0, chain.length).some((key) => typed[key] !== undefined)) continue
    if (!('near' in one) || one.near.test(window[chain[0]!]!.before.join(' '))) return keys
  }
  return []
}

/** Sizes by pairs; the words of another list before a pair keep it out of this one. */
const pairs = (
  figures: readonly SpokenFigure[],
  used: ReadonlySet<number>,
  window: readonly Window[],
  near: RegExp,
): number[][] =>
  chains(figures, used).filter(
    (chain) => chain.length === 2 && (near.source === '.' || near.test(window[chain[0]!]!.before.join(' '))),
  )

/** Figures one after the other behind a word, up to one that is told something else. */
function run(
  figures: readonly SpokenFigure[],
  used: ReadonlySet<number>,
  window: readonly Window[],
  words: readonly string[],
  near: RegExp,
): number[][] {
  const first = figures.findIndex(
    (figure, at) =>
      !used.has(at) &&
      isLength(figure) &&
      !figure.counted &&
      (near.source === '.' || near.test(words.slice(Math.max(0, figure.start - 4), figure.start).join(' '))),
  )
  if (first < 0) return []
  const members = [first]
  for (let at = first + 1; at < figures.length; at++) {
    const between = window[at]!.before.join(' ')
    const one = figures[at]!
    const joined = /^(?:an?)?$/.test(between) || near.source === '.'
    const isGap = /^(?:gap|space|opening)$/.test(words[one.end] ?? '')
    if (!joined || !isLength(one) || one.by || (one.counted && !isGap) || one.unit !== figures[first]!.unit) break
    members.push(at)
  }
  return members.map((at) => [at])
}

const isCountOf = (
  figures: readonly SpokenFigure[],
  count: number,
  size: number,
  words: readonly string[],
): boolean => {
  const figure = figures[count]!
  const between = words.slice(figure.end, figures[size]!.start).join(' ')
  return (
    figure.unit === null &&
    Number.isInteger(figure.low) &&
    figure.low < 60 &&
    !figure.by &&
    /^(?:[a-z]+ )*(?:windows?|doors?|openings?|of them)(?: at| of)?$/.test(between)
  )
}

/** A number that belongs to a word before it, or says how many of what the sheet is about: no figure of it. */
const isIdle = ({ start, end, unit, low }: SpokenFigure, words: readonly string[]): boolean =>
  unit === null &&
  Number.isInteger(low) &&
  (/^(?:gains?|loses?|unit|phase|number|no|room|flat|sheet|level|beam|wall|old)$/.test(words[start - 1] ?? '') ||
    (low > 1800 && low < 2100 && /^(?:in|of|from|since|year)$/.test(words[start - 1] ?? '')) ||
    (low < 20 && /^(?:[a-z]{4,}|of)$/.test(words[end] ?? '')))
