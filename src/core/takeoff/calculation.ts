import type { Units } from '../measure/length'
import type { Printer } from './printer'

/** What an input is read as, and the unit that a bare number is in. */
export const INPUT_KINDS = {
  length: 'mm',
  area: 'm2',
  volume: 'm3',
  mass: 'kg',
  count: 'pieces',
  number: '',
  percent: '%',
  money: 'money',
  choice: 'words',
  day: 'date',
  lengths: 'mm',
  sizes: 'mm',
  numbers: '',
} as const
export type InputKind = keyof typeof INPUT_KINDS

/** A default that is the same everywhere, or one for each system of units. */
export type Default = number | string | Readonly<Record<Units, number | string>>

/** One thing that a calculation has to be told. `T` is what it is read as. */
export interface Input<T = unknown> {
  readonly kind: InputKind
  readonly title: string
  readonly unit: string
  readonly default?: Default
  readonly optional?: true
  readonly options?: readonly string[]
  /** The largest figure that can be true; without it that of its kind. */
  readonly most?: number
  /** 0 can be true. It can wherever it is the default. */
  readonly zero?: true
  /** A length of some millimetres: on metric sites a small number without a unit is so many. */
  readonly fine?: true
  /** Carries the type alone. */
  readonly reads?: T
}

export interface Output {
  readonly title: string
  readonly unit: string
}

type Inputs = Readonly<Record<string, Input>>
type Outputs = Readonly<Record<string, Output>>
type ValuesOf<I extends Inputs> = { readonly [K in keyof I]: I[K] extends Input<infer T> ? T : never }

/** What came out: every figure unrounded but for what is bought or counted whole, how it came about, and what to mind. */
export interface Outcome<Key extends string = string> {
  readonly outputs: Readonly<Record<Key, number | string>>
  readonly steps: readonly string[]
  readonly warnings?: readonly string[]
}

/** A formula of the trade as data: what it asks, what it answers, and how it is reckoned from exact values. Ranges are
 * carried through by whoever runs it. */
export interface Calculation {
  /** `C-25`. */
  readonly id: string
  readonly title: string
  readonly inputs: Inputs
  readonly outputs: Outputs
  readonly run: (values: never, printer: Printer, units: Units) => Outcome
}

/** Names a calculation so that its values are typed by its inputs. */
export const calculation = <I extends Inputs, O extends Outputs>(one: {
  readonly id: string
  readonly title: string
  readonly inputs: I
  readonly outputs: O
  readonly run: (values: ValuesOf<I>, printer: Printer, units: Units) => Outcome<keyof O & string>
}): Calculation => one as unknown as Calculation

/** The largest figure that can be true of anything on a site, by kind, in its unit: a slip of the finger lies beyond. */
export const MOST: Partial<Record<InputKind, number>> = {
  length: 1_000_000,
  area: 1_000_000,
  volume: 1_000_000,
  mass: 1_000_000,
  count: 10_000,
  number: 1_000_000,
  percent: 100,
  money: 1_000_000_000,
  lengths: 1_000_000,
  sizes: 1_000_000,
  numbers: 1_000_000,
}
/** The most that a list can hold. */
export const MOST_LISTED = 1_000

type More = Pick<Input, 'default' | 'most' | 'zero' | 'fine'> & { readonly unit?: string }
const input =
  <T>(kind: InputKind) =>
  (title: string, { default: standard, unit, ...limits }: More = {}): Input<T> => ({
    kind,
    title,
    unit: unit ?? INPUT_KINDS[kind],
    ...(standard === undefined ? {} : { default: standard }),
    ...limits,
  })

export const length = input<number>('length')
export const area = input<number>('area')
export const volume = input<number>('volume')
export const mass = input<number>('mass')
export const count = input<number>('count')
export const number = input<number>('number')
export const percent = input<number>('percent')
export const money = input<number>('money')
export const day = input<string>('day')
export const lengths = input<readonly number[]>('lengths')
export const sizes = input<readonly (readonly [number, number])[]>('sizes')
export const numbers = input<readonly number[]>('numbers')
export const choice = <const T extends string>(title: string, options: readonly T[], standard?: T): Input<T> => ({
  ...input<T>('choice')(title, standard === undefined ? {} : { default: standard }),
  options,
})
export const optional = <T>(one: Input<T>): Input<T | undefined> => ({ ...one, optional: true })
export const output = (title: string, unit = ''): Output => ({ title, unit })

/** Rounds up to whole pieces, once and at the end; a sum that is whole but for a computer's last digit stays whole. */
export const up = (value: number): number => Math.ceil(value - 1e-6)
/** Rounds up to a step that things are sold in. */
export const upTo = (value: number, step: number): number => Math.round(up(value / step) * step * 1e6) / 1e6
/** What a net amount becomes with so many per cent on top. */
export const withPercent = (net: number, more: number): number => net * (1 + more / 100)
