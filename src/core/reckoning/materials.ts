import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { lengthIn, type Values } from '../entries/field'
import type { Selection } from '../selections/selection'
import { calculationById } from '../takeoff/calculations'
import { runCalculation } from '../takeoff/runCalculation'
import { withStandards, type Standards } from '../takeoff/standards'
import type { Place } from '../walk/siteState'
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
  readonly told: (amount: number, place: Place | undefined, values: Values) => Record<string, unknown>
}

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
    told: (surface, _place, values) => ({ surface, ...numberTold(values, 'coats') }),
  },
  { calculation: 'C-35', applies: at('board'), told: (surface) => ({ surface }) },
  { calculation: 'C-36', applies: at('insulation'), told: (surface) => ({ surface }) },
  { calculation: 'C-05', applies: (line) => line.element === 'sheathing' && area(line), told: (walls) => ({ walls }) },
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
export function materialOf(line: Line, { place, selection, units, standards }: MaterialSetting): Material | null {
  const rule = line.quantity ? RULES.find(({ applies }) => applies(line)) : undefined
  if (!rule) return null
  const { calculation: id } = rule
  const calculation = withStandards(calculationById(id)!, standards)
  try {
    const told = rule.told(line.quantity!.value, place, selection?.details?.values ?? {})
    const { steps, warnings, outputs } = runCalculation(calculation, told, units)
    return {
      calculation: id,
      sentences: [...steps, ...warnings],
      order: orderOf(outputs),
    }
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return { calculation: id, sentences: [`To be told before it can be bought. ${error.message}`], order: null }
  }
}

/** The selection that a line puts in: of the same place and stage. */
export const selectionFor = (line: Line, selections: readonly Selection[]): Selection | undefined =>
  selections.find((one) => one.placeId === line.placeId && one.neededFor === line.stage)

function orderOf(outputs: Readonly<Record<string, unknown>>): number | null {
  const figure = outputs.order ?? (outputs.boxes || outputs.tile) ?? outputs.smallRolls
  return typeof figure === 'number' ? figure : null
}
