import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { sketchOf } from '../sketches/sketchOf'
import type { Sketch } from '../sketches/sketch'
import type { Calculation, Default, InputKind } from '../takeoff/calculation'
import { calculationById } from '../takeoff/calculations'
import { runCalculation, type Reckoned } from '../takeoff/runCalculation'
import { withStandards, type Standards } from '../takeoff/standards'
import type { EntryKind } from './entryKind'
import { choice, withoutMoney, type Field, type FieldKind, type Values } from './field'

const FIELD_OF: Record<InputKind, FieldKind> = {
  length: 'length',
  count: 'number',
  number: 'number',
  percent: 'number',
  money: 'money',
  choice: 'choice',
  day: 'day',
  area: 'words',
  volume: 'words',
  mass: 'words',
  lengths: 'words',
  sizes: 'words',
  numbers: 'words',
}

/** How the amounts are written that a register takes as words. */
const WRITTEN: Partial<Record<InputKind, string>> = {
  area: 'like 12 m² or 130 ft²',
  volume: 'like 2.4 m³ or 6 ft³',
  mass: 'like 400 kg',
  lengths: 'parted by commas',
  sizes: 'parted by commas',
  numbers: 'parted by commas',
}

/** Whether a length is usually too small to be told in metres. */
const isFine = (usual: Default | undefined): boolean => {
  const metric = typeof usual === 'object' ? usual.metric : usual
  return typeof metric === 'number' && metric > 0 && metric < 20
}

/** The fields of a register that ask what a calculation has to be told.
 * @param keys the inputs that are asked; the others keep their defaults */
export const asked = ({ inputs }: Calculation, ...keys: readonly string[]): Field[] =>
  keys.map((key) => {
    const { kind, title, options, default: usual } = inputs[key]!
    const written = WRITTEN[kind]
    const label = written ? `${title} (${written})` : title
    if (kind === 'choice') return choice(key, label, options!)
    return { key, label, kind: FIELD_OF[kind], ...(kind === 'length' && isFine(usual) ? { fine: true } : {}) }
  })

const calculationOf = ({ sum }: EntryKind, standards: Standards = {}): Calculation | null =>
  sum ? withStandards(calculationById(sum.calculation)!, standards) : null

/** Every field of a register: its own, with what its sum asks after the first. */
export function fieldsOf(kind: EntryKind): readonly Field[] {
  const calculation = calculationOf(kind)
  const [first, ...rest] = kind.fields
  return calculation ? [first!, ...asked(calculation, ...kind.sum!.asks), ...rest] : kind.fields
}

/** What a calculation is told by the fields of an entry. */
const toldBy = ({ inputs }: Calculation, values: Values): Record<string, unknown> =>
  Object.fromEntries(
    Object.keys(inputs).flatMap((key) => {
      const value = values[key]
      if (value === undefined || value === '') return []
      if (typeof value === 'object') return [[key, value.typed]]
      return [[key, inputs[key]!.kind === 'money' ? Number(value) / 100 : value]]
    }),
  )

/** What follows from an entry by its sum, in sentences: the steps, then what to mind. While something is missing it says
 * what.
 * @param money whether the reader may see money; everybody else is told what follows without it, where something does
 * @param standards what was set instead of the trade's usual figures */
export function sumSentences(
  kind: EntryKind,
  values: Values,
  units: Units,
  money: boolean,
  standards: Standards,
): string[] {
  const calculation = calculationOf(kind, standards)
  const asksMoney = !money && Object.values(calculation?.inputs ?? {}).some((one) => one.kind === 'money')
  try {
    const sum = sumOf(kind, asksMoney ? withoutMoney(fieldsOf(kind), values) : values, units, standards)
    return sum ? [...sum.steps, ...sum.warnings] : []
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    if (asksMoney) return []
    return [
      error.code === 'missing-input' ? `Still to be told for a sum: ${error.message.split(':')[0]!}.` : error.message,
    ]
  }
}

/** The sum of an entry, or null where it has none or nothing was told for it.
 * @throws ImpossibleRequest naming what is missing or cannot be read */
export function sumOf(kind: EntryKind, values: Values, units: Units, standards: Standards = {}): Reckoned | null {
  const calculation = calculationOf(kind, standards)
  const told = calculation ? toldBy(calculation, values) : {}
  return calculation && Object.keys(told).length > 0 ? runCalculation(calculation, told, units) : null
}

/** The sketch of an entry's figures, where one is drawn. */
export function entrySketch(kind: EntryKind, values: Values, units: Units): Sketch | null {
  const calculation = calculationOf(kind)
  return calculation ? sketchOf(calculation, toldBy(calculation, values), units) : null
}
