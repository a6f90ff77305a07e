import { parseDay, dateOnly, type Day } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { parseFineLength, parseLength, printMeasured, type Measured, type Units } from '../measure/length'
import { currencySign, minor, printMoney, readAmount, type Minor } from '../measure/money'
import type { Input } from '../takeoff/calculation'
import { readInput } from '../takeoff/readInputs'
import { siteUnit } from '../takeoff/unitWords'

export type FieldKind = 'words' | 'choice' | 'length' | 'figure' | 'number' | 'money' | 'day' | 'tick'

/** One thing that an entry may tell. */
export interface Field {
  readonly key: string
  readonly label: string
  readonly kind: FieldKind
  /** The words of a choice. Nothing is chosen until somebody chooses. */
  readonly options?: readonly string[]
  readonly needed?: true
  /** A length of some millimetres: on metric sites a number without a unit is so many. */
  readonly fine?: true
  /** What a figure is read as. */
  readonly input?: Input
}

/** A field's label on a site, with the unit that a bare figure in it is in. */
export function labelOn({ label, kind, fine, input }: Field, units: Units): string {
  if (kind === 'money') return `${label} (${currencySign()})`
  if (kind !== 'length' && kind !== 'figure') return label
  const unit = siteUnit(input?.kind ?? kind, input?.unit ?? '', fine === true, units)
  return unit ? `${label} (${unit})` : label
}

export type FieldValue = string | number | boolean | Measured
export type Values = Readonly<Record<string, FieldValue>>

/** The length that stands in a field, or null. */
export function lengthIn(values: Values, key: string): Measured | null {
  const value = values[key]
  return typeof value === 'object' ? value : null
}

type Part = Pick<Field, 'needed'>
const field =
  (kind: FieldKind) =>
  (key: string, label: string, part: Part = {}): Field => ({ key, label, kind, ...part })

export const words = field('words')
export const length = field('length')
export const number = field('number')
export const money = field('money')
export const day = field('day')
export const tick = field('tick')
export const choice = (key: string, label: string, options: readonly string[], part: Part = {}): Field => ({
  ...field('choice')(key, label, part),
  options,
})

/** Where on a place something is: rows of fields that many entries share. */
export const POSITION: readonly Field[] = [
  choice('side', 'On which side', [
    'facing you',
    'left, as seen',
    'right, as seen',
    'behind you',
    'north',
    'east',
    'south',
    'west',
    'ceiling',
    'floor',
  ]),
  length('height', 'Height above the floor'),
  length('fromCorner', 'Distance from the corner'),
  words('corner', 'From which corner, or the plan sheet'),
]

/** Reads what was typed into the fields of an entry. Empty fields are left out.
 * @param typed what stands in a field, '' where nothing does; a tick is 'on'
 * @throws ImpossibleRequest whose `field` is the key of what is missing or unreadable */
export function readValues(fields: readonly Field[], typed: (key: string) => string, units: Units): Values {
  const values: Record<string, FieldValue> = {}
  for (const one of fields) {
    const text = typed(one.key).trim()
    if (text !== '' && one.needed && one.kind === 'words' && !saysSomething(text))
      throw new ImpossibleRequest('empty', `${one.label}: ${MISSING.words}.`, one.key)
    if (text !== '') values[one.key] = READERS[one.kind](text, one, units)
    else if (one.needed) throw new ImpossibleRequest('empty', `${one.label}: ${MISSING[one.kind]}.`, one.key)
  }
  return values
}

/** Whether words say something: two letters, or a number. One letter alone was typed by mistake. */
export const saysSomething = (words: string): boolean => /[\p{L}\p{N}].*[\p{L}\p{N}]|\p{N}/su.test(words)

/** What to do about a field that was left empty. */
export const MISSING: Record<FieldKind, string> = {
  words: 'say it in a few words',
  choice: 'choose one',
  length: 'write a length',
  figure: 'write a figure',
  number: 'write a number',
  money: 'write an amount',
  day: 'choose a day',
  tick: 'tick it',
}

const numberIn = (text: string, { label, key, input }: Field): number => {
  const value = Number(text.replace(',', '.'))
  if (!(value >= 0))
    throw new ImpossibleRequest(
      'unreadable-number',
      `${label}: "${text}" is not a number. Write one like 12 or 2.5.`,
      key,
    )
  const most = input?.most ?? Number.POSITIVE_INFINITY
  if (value > most) throw new ImpossibleRequest('impossible-number', `${label}: at most ${most}.`, key)
  return value
}

const READERS: Record<FieldKind, (text: string, one: Field, units: Units) => FieldValue> = {
  words: (text) => text,
  choice: (text) => text,
  tick: () => true,
  number: numberIn,
  figure: (text, one, units) => {
    readInput(one.key, one.input!, text, units)
    return text
  },
  money: (text, one) => minor(numberIn(String(readAmount(text) ?? text), one) * 100),
  length: (text, one, units) =>
    naming(one, () => {
      const read = (one.fine ? parseFineLength : parseLength)(text, units)
      const most = one.input?.most
      if (most === undefined || read.tenths <= most * 10) return read
      // '2 by 10' of timber is no 2 m by 10 m.
      const bare = text.replace(/[^\d./ ]+/g, '').trim()
      throw new ImpossibleRequest(
        'impossible-number',
        `${printMeasured(read, units)} is too much. Is it in mm or in inches? Write "${bare} mm" or "${bare} in".`,
      )
    }),
  day: (text, one) => naming(one, () => parseDay(text)),
}

function naming<T>(one: Field, read: () => T): T {
  try {
    return read()
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    throw new ImpossibleRequest(error.code, `${one.label}: ${error.message}`, one.key)
  }
}

const PRINTERS: Record<FieldKind, (value: FieldValue, units: Units) => string> = {
  words: String,
  choice: String,
  tick: () => 'yes',
  number: String,
  figure: String,
  money: (value) => printMoney(value as Minor),
  length: (value, units) => printMeasured(value as Measured, units),
  day: (value) => dateOnly(value as Day),
}

export const printValue = (one: Field, value: FieldValue, units: Units): string => PRINTERS[one.kind](value, units)

/** What stands in a field when the entry is opened to be changed. */
export function typedValue(one: Field, value: FieldValue | undefined): string {
  if (value === undefined || value === false) return ''
  if (value === true) return 'on'
  if (typeof value === 'object') return value.typed
  return one.kind === 'money' ? String(Number(value) / 100) : String(value)
}

/** The values that somebody who sees no money may read. */
export const withoutMoney = (fields: readonly Field[], values: Values): Values =>
  Object.fromEntries(Object.entries(values).filter(([key]) => fields.find((one) => one.key === key)?.kind !== 'money'))
