import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Units } from '../measure/length'
import type { RegisterEntry } from '../walk/siteState'
import type { EntryKind } from './entryKind'
import { entryKind } from './entryKinds'
import { printValue, type Field, type Values } from './field'

/** The kind of a stored entry.
 * @throws ImpossibleRequest `unknown-kind` for a register that this version does not know */
export function kindOf(id: string): EntryKind {
  const kind = entryKind(id)
  if (!kind) throw new ImpossibleRequest('unknown-kind', `"${id}" is not a register that this version knows.`, 'kind')
  return kind
}

/** What an entry tells, with what the record holds for it. */
export const knownValues = ({ values, taken }: Pick<RegisterEntry, 'values' | 'taken'>): Values =>
  taken ? { ...taken, ...values } : values

export const isOpen = (entry: Pick<RegisterEntry, 'kind' | 'settled'>): boolean =>
  kindOf(entry.kind).settle !== undefined && entry.settled === null

/** What an entry is called: its first field. */
export function entryName({ kind, values }: Pick<RegisterEntry, 'kind' | 'values'>): string {
  const { fields, named } = kindOf(kind)
  return named ? named(values) : String(values[fields[0]!.key] ?? '')
}

/** A name as readers see it: `Beam: over the hall`. */
export const called = (kind: EntryKind, name: string): string => [kind.called, name].filter(Boolean).join(': ')

/** The goals and phases that work can be made part of. */
export const gatherersOf = (
  entries: readonly Pick<RegisterEntry, 'id' | 'kind' | 'values' | 'settled'>[],
): { id: string; words: string }[] =>
  entries
    .filter((entry) => kindOf(entry.kind).gathers && entry.settled === null)
    .map((entry) => ({ id: entry.id, words: gathererWords(entry) }))

const gathererWords = (entry: Pick<RegisterEntry, 'kind' | 'values'>): string =>
  entry.kind === 'phase' ? `Phase ${entryName(entry)}: ${String(entry.values.scope)}` : entryName(entry)

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
