import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { lengthIn, type Values } from '../entries/field'
import type { Selection } from '../selections/selection'
import { calculationById } from '../takeoff/calculations'
import { up } from '../takeoff/calculation'
import { printerFor } from '../takeoff/printer'
import { runCalculation, type Reckoned } from '../takeoff/runCalculation'
import { withStandards, type Standards } from '../takeoff/standards'
import type { Place, SiteState } from '../walk/siteState'
import { coatsIn } from '../scope/coats'
import type { Line } from '../scope/line'
import type { Stage } from '../scope/vocabulary'

/** What has to be bought for a line of work, reckoned from its quantity. */
export interface Material {
  /** `C-32`. */
  readonly calculation: string
  /** The sum in sentences; or what has to be told before there is one. */
  readonly sentences: readonly string[]
  /** Pieces, packs or litres to order; null while something has to be told. */
  readonly order: number | null
}

interface Rule {
  readonly calculation: string
  readonly applies: (line: Line) => boolean
  /** What the calculation is told beside its defaults; lengths in millimetres, areas in m². */
  readonly told: (amount: number, place: Place | undefined, values: Values, title: string) => Record<string, unknown>
  /** The figure that is added up over several lines, in words by what they are of. */
  readonly total?: {
    readonly output: string
    readonly unit: 'L' | 'pieces' | 'm2'
    readonly of: (title: string) => string
    /** What to mind when it is ordered. */
    readonly mind?: string
  }
}

/** What paint goes on, by the words of its work, with how far a litre of one coat goes there in m² (C-10). */
const PAINTED: readonly { readonly named: RegExp; readonly on: string; readonly spread?: string }[] = [
  { named: /\b(?:render|stucco|roughcast|rough cast|pebble ?dash)/i, on: 'render', spread: '3.7 to 6' },
  { named: /\b(?:wood|wooden|timber|soffits?|boards?|siding|fences?|decks?)\b/i, on: 'wood', spread: '7.4' },
  { named: /./, on: 'walls and ceilings' },
]
const paintedOn = (title: string) => PAINTED.find(({ named }) => named.test(title))!

const area = ({ quantity }: Line): boolean => quantity?.unit === 'm2'
const at =
  (...stages: readonly Stage[]) =>
  (line: Line): boolean =>
    stages.includes(line.stage) && area(line) && line.action !== 'remove' && line.action !== 'protect'

const lengthTold = (values: Values, key: string): Record<string, unknown> => {
  const told = lengthIn(values, key)
  return told ? { [key]: told.typed } : {}
}
const numberTold = (values: Values, key: string): Record<string, unknown> =>
  values[key] === undefined ? {} : { [key]: Number(values[key]) }

/** The first rule that applies to a line tells what it is bought by. */
const RULES: readonly Rule[] = [
  {
    calculation: 'C-33',
    applies: at('tile'),
    told: (surface, _place, values) => ({
      surface,
      ...lengthTold(values, 'tileLong'),
      ...lengthTold(values, 'tileWide'),
      ...numberTold(values, 'box'),
    }),
  },
  {
    calculation: 'C-32',
    applies: at('flooring'),
    told: (surface, _place, values) => ({ surface, ...numberTold(values, 'box') }),
  },
  {
    calculation: 'C-10',
    applies: at('paint'),
    told: (surface, _place, values, title) => ({
      surface,
      ...(paintedOn(title).spread ? { spread: paintedOn(title).spread } : {}),
      ...(coatsIn(title) ? { coats: coatsIn(title)!.count } : {}),
      ...numberTold(values, 'coats'),
    }),
    total: {
      output: 'litres',
      unit: 'L',
      of: (title) => `Paint on ${paintedOn(title).on}`,
      mind: 'One batch number for one wall; keep some for touching up.',
    },
  },
  {
    calculation: 'C-35',
    applies: at('board'),
    told: (surface) => ({ surface }),
    total: { output: 'sheets', unit: 'pieces', of: () => 'Sheets of board' },
  },
  { calculation: 'C-36', applies: at('insulation'), told: (surface) => ({ surface }) },
  {
    calculation: 'C-05',
    applies: (line) => line.element === 'sheathing' && area(line),
    told: (walls) => ({ walls }),
    total: { output: 'sheets', unit: 'pieces', of: () => 'Sheets of sheathing' },
  },
  { calculation: 'C-06', applies: at('weather-barrier'), told: (walls) => ({ walls }) },
  {
    calculation: 'C-03',
    applies: at('cladding'),
    told: (walls, place, values) => ({
      walls,
      ...lengthTold(values, 'exposure'),
      ...(place?.size ? { height: place.size.sides[1]!.tenths / 10 } : {}),
    }),
  },
  {
    calculation: 'C-25',
    applies: ({ stage, quantity }) => stage === 'concrete' && quantity?.unit === 'm3',
    told: (other) => ({ other, place: 'in ground' }),
  },
]

/** What the sum of a line depends on beside the line itself. */
export interface MaterialSetting {
  /** Where it is done. */
  readonly place: Place | undefined
  /** What was chosen for it there: a tile's size, a box's contents. */
  readonly selection: Selection | undefined
  readonly units: Units
  /** What the site sets instead of the trade's usual figures. */
  readonly standards: Standards
}

/** What a line of work takes to buy, or null where nothing is bought by its quantity. */
export function materialOf(line: Line, setting: MaterialSetting): Material | null {
  const rule = ruleOf(line)
  if (!rule) return null
  const { calculation } = rule
  try {
    const { steps, warnings, outputs } = reckonedBy(rule, line, setting)
    return { calculation, sentences: [...steps, ...warnings], order: orderOf(outputs) }
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return { calculation, sentences: [`To be told before it can be bought. ${error.message}`], order: null }
  }
}

const ruleOf = (line: Line): Rule | undefined =>
  line.quantity ? RULES.find(({ applies }) => applies(line)) : undefined

/** @throws ImpossibleRequest naming what has to be told first */
const reckonedBy = (
  { calculation: id, told }: Rule,
  { quantity, title }: Line,
  { place, selection, units, standards }: MaterialSetting,
): Reckoned =>
  runCalculation(
    withStandards(calculationById(id)!, standards),
    told(quantity!.value, place, selection?.details?.values ?? {}, title),
    units,
  )

/** Where each line of a site is done, and what was chosen for it. */
export const boughtFor =
  ({ places, selections }: Pick<SiteState, 'places' | 'selections'>) =>
  (line: Line): Pick<MaterialSetting, 'place' | 'selection'> => ({
    place: places.find(({ id }) => id === line.placeId),
    selection: selectionFor(line, selections),
  })

/** What several lines take together, unrounded and rounded once. */
export interface MaterialTotal {
  readonly calculation: string
  readonly sentence: string
}

/** What open lines of work take together of what is bought by their areas: litres by what is painted, sheets. What is not
 * measured is not counted, and said.
 * @param of the selection and the place of a line */
export function materialTotals(
  lines: readonly Line[],
  of: (line: Line) => Pick<MaterialSetting, 'place' | 'selection'>,
  { units, standards }: Pick<MaterialSetting, 'units' | 'standards'>,
): MaterialTotal[] {
  const sums = new Map<string, { calculation: string; low: number; high: number; area: number; lines: number }>()
  for (const line of lines) {
    const rule = line.excluded === null && line.progress < 100 && !line.rough ? ruleOf(line) : undefined
    const figure = rule?.total && totalOf(rule, line, { ...of(line), units, standards })
    if (!rule?.total || !figure) continue
    const words = rule.total.of(line.title)
    const before = sums.get(words) ?? { calculation: rule.calculation, low: 0, high: 0, area: 0, lines: 0 }
    sums.set(words, {
      ...before,
      low: before.low + figure.low,
      high: before.high + figure.high,
      area: before.area + line.quantity!.value,
      lines: before.lines + 1,
    })
  }
  const p = printerFor(units)
  return [...sums].map(([words, { calculation, low, high, area, lines: many }]) => {
    const { unit, mind } = RULES.find((rule) => rule.calculation === calculation)!.total!
    const told = (value: number): string =>
      unit === 'L' ? p.liquid(value) : unit === 'm2' ? p.area(value) : String(up(value))
    const amount = told(low) === told(high) ? told(high) : `${told(low)} to ${told(high)}`
    return {
      calculation,
      sentence: `${words}: ${amount} for ${p.area(area)}${many > 1 ? `, ${many} lines of work together` : ''}.${mind ? ` ${mind}` : ''}`,
    }
  })
}

function totalOf(
  rule: Rule,
  line: Line,
  setting: MaterialSetting,
): { readonly low: number; readonly high: number } | null {
  try {
    const figure = reckonedBy(rule, line, setting).outputs[rule.total!.output]
    return typeof figure === 'number' ? { low: figure, high: figure } : isFigureRange(figure) ? figure : null
  } catch (error) {
    // What has to be told before it can be bought is said at its line.
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
}

/** The selection that a line puts in: of the same place and stage. */
export const selectionFor = (line: Line, selections: readonly Selection[]): Selection | undefined =>
  selections.find((one) => one.placeId === line.placeId && one.neededFor === line.stage)

function orderOf(outputs: Readonly<Record<string, unknown>>): number | null {
  const figure = outputs.order ?? (outputs.boxes || outputs.tile) ?? outputs.smallRolls
  // Of a range the upper end is ordered.
  return isFigureRange(figure) ? figure.high : typeof figure === 'number' ? figure : null
}

const isFigureRange = (figure: unknown): figure is { readonly low: number; readonly high: number } =>
  typeof figure === 'object' && figure !== null && 'low' in figure && 'high' in figure
