import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import { CAUTIONS, type Caution } from '../cautions/cautions'
import type { RegisterEntry } from '../walk/siteState'
import type { EntryKind } from './entryKind'
import { entryKind } from './entryKinds'
import { reckonedBy, toldBy } from './reckonedBy'
import { sketchOf } from '../sketches/sketchOf'
import type { Sketch } from '../sketches/sketch'
import { printValue, readValues, type Field, type Values } from './field'

/** Reads a filled sheet of a register.
 * @throws ImpossibleRequest whose `field` names what is missing, unreadable or cannot be true */
export function readEntry(kind: EntryKind, typed: (key: string) => string, units: Units): Values {
  const values = readValues(kind.fields, typed, units)
  kind.check?.(values)
  return values
}

/** The kind of a stored entry.
 * @throws ImpossibleRequest `unknown-kind` for a register that this version does not know */
export function kindOf(id: string): EntryKind {
  const kind = entryKind(id)
  if (!kind) throw new ImpossibleRequest('unknown-kind', `"${id}" is not a register that this version knows.`, 'kind')
  return kind
}

export const isOpen = (entry: Pick<RegisterEntry, 'kind' | 'settled'>): boolean =>
  kindOf(entry.kind).settle !== undefined && entry.settled === null

/** What an entry is called: its first field. */
export const entryName = ({ kind, values }: Pick<RegisterEntry, 'kind' | 'values'>): string =>
  String(values[kindOf(kind).fields[0]!.key] ?? '')

/** The goals and phases that work can be made part of. */
export const gatherersOf = (
  entries: readonly Pick<RegisterEntry, 'id' | 'kind' | 'values' | 'settled'>[],
): { id: string; words: string }[] =>
  entries
    .filter((entry) => kindOf(entry.kind).gathers && entry.settled === null)
    .map((entry) => ({ id: entry.id, words: gathererWords(entry) }))

const gathererWords = (entry: Pick<RegisterEntry, 'kind' | 'values'>): string =>
  entry.kind === 'phase' ? `Phase ${entryName(entry)}: ${String(entry.values.scope)}` : entryName(entry)

/** An entry in words: its name, what else it tells, what follows from it, and what can hurt somebody. */
export interface EntryWords {
  readonly title: string
  readonly details: readonly string[]
  readonly reckoned: readonly string[]
  readonly cautions: readonly Caution[]
  /** Drawn from its figures, where that shows more than words. */
  readonly sketch: Sketch | null
}

/** @param money whether the reader may see money and contacts */
export function entryWords(entry: Pick<RegisterEntry, 'kind' | 'values'>, units: Units, money: boolean): EntryWords {
  const kind = kindOf(entry.kind)
  const [name, ...rest] = kind.fields
  return {
    title: printValue(name!, entry.values[name!.key] ?? '', units),
    details: valueWords(rest, entry.values, units, money),
    reckoned: [
      ...(kind.reckon?.(entry.values, units) ?? []),
      ...(kind.calculation ? reckonedBy(kind.calculation, entry.values, units) : []),
    ],
    sketch: kind.calculation ? sketchOf(kind.calculation, toldBy(kind.calculation, entry.values), units) : null,
    cautions: (kind.cautions?.(entry.values) ?? []).map((id) => CAUTIONS[id]),
  }
}

/** `How bad: serious`, one for each field that says something. */
export const valueWords = (
  fields: readonly Field[],
  values: Values | undefined,
  units: Units,
  money: boolean,
): string[] =>
  fields.flatMap((one) => {
    const value = values?.[one.key]
    return value === undefined || value === '' || (one.kind === 'money' && !money)
      ? []
      : [`${one.label}: ${printValue(one, value, units)}`]
  })
