import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { sketchOf } from '../sketches/sketchOf'
import type { Sketch } from '../sketches/sketch'
import type { Calculation, Input } from '../takeoff/calculation'
import { calculationById } from '../takeoff/calculations'
import { isFine } from '../takeoff/readInputs'
import { runCalculation, type Figure, type Reckoned } from '../takeoff/runCalculation'
import { withStandards, type Standards } from '../takeoff/standards'
import type { EntryKind } from './entryKind'
import { choice, withoutMoney, type Field, type FieldKind, type Values } from './field'

/** Figures of the clock are reckoned with beside the sum, so they are told as one number. */
const isHour = ({ unit }: Input): boolean => unit === 'h'

const fieldKind = (input: Input): FieldKind =>
  input.kind === 'length' || input.kind === 'money' || input.kind === 'day'
    ? input.kind
    : isHour(input)
      ? 'number'
      : 'figure'

/** The fields of a register that ask what a calculation has to be told.
 * @param keys the inputs that are asked; the others keep their defaults */
export const asked = ({ inputs }: Calculation, ...keys: readonly string[]): Field[] =>
  keys.map((key) => {
    const input = inputs[key]!
    const { kind, title, options } = input
    if (kind === 'choice') return choice(key, title, options!)
    const fine = isFine(input) ? ({ fine: true } as const) : {}
    return { key, label: title, kind: fieldKind(input), input, ...fine }
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

/** What a calculation answers to the fields of an entry; null while something for it is missing or cannot be read. */
export function outputsOf(id: string, values: Values, units: Units): Readonly<Record<string, Figure>> | null {
  const calculation = calculationById(id)!
  try {
    return runCalculation(calculation, toldBy(calculation, values), units).outputs
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
}
