import { kindOf } from '../../entries/entry'
import type { EntryKind } from '../../entries/entryKind'
import { readEntry } from '../../entries/entryWords'
import { printValue, readValues, typedValue, type Values } from '../../entries/field'
import { fieldsOf } from '../../entries/sums'
import type { Units } from '../../measure/length'
import type { NewFact } from '../../walk/observation'
import type { RegisterEntry, SiteState } from '../../walk/siteState'
import { plain } from '../clauses'
import type { SpokenLine } from '../line'
import type { Proposal, Setting, SheetAsked } from '../spokenFacts'
import { SAYS } from './says'
import type { SpokenSheet } from './sheetOf'
import type { SheetSaid } from './sheetsSaid'

/** Somebody is told to do something: that is work beside what the sheet tells of it. */
const ORDERS =
  /^(?:then |and |please )*(?:lay|paint|tile|board|frame|insulate|plaster|hang|install|replace|strip|patch|fill|seal|caulk|cover|remove|rebuild|repoint|pour|dig) /i

/** Whether a sheet says what a line says: by its kind, or since its words are what stands in a field. */
export const isSaidBy = ({ instead, typed }: SpokenSheet, { kind, words }: SpokenLine): boolean =>
  (instead.includes(kind) && !(kind === 'work' && ORDERS.test(words))) ||
  Object.values(typed).some((told) => plain(words).includes(plain(told)) && told.length * 2 > words.length)

/** The one room of a site that is called so. */
function roomNamed(called: string | undefined, { places }: SiteState): string | undefined {
  const its = called ? places.filter(({ name }) => plain(name).split(' ').includes(plain(called))) : []
  return its.length === 1 ? its[0]!.id : undefined
}

/** What a sheet records: a new entry, or what is new of the one that this place has already.
 * @returns null where nothing new is told of an entry on record */
export function sheetProposal(
  { sheet, words, place }: SheetSaid,
  instead: readonly Proposal[],
  first: Proposal,
  { state, units, newId }: Setting,
): Proposal | null {
  const { kind, typed } = sheet
  const ofSite = kind.at === 'site' || (kind.at === 'either' && SAYS[kind.id]!.ofSite?.test(plain(words)))
  const placeId = ofSite ? null : (roomNamed(typed[SAYS[kind.id]!.ofRoom ?? ''], state) ?? first.placeId)
  if (kind.at === 'place' && placeId === null) return null
  const name = kind.fields[0]!.key
  const old = state.entries.find((one) => isSame(one, kind.id, placeId, typed[name]))
  if (old && Object.keys(typed).every((key) => key === name)) return null
  const read = readValues(
    fieldsOf(kind).filter(({ key }) => typed[key] !== undefined),
    (key) => typed[key]!,
    units,
  )
  const values = old ? { ...old.values, ...read, [name]: old.values[name]! } : read
  const asked: SheetAsked = {
    register: kind,
    entryId: old?.id ?? newId(),
    values,
    lacks: sheet.lacks.filter(({ key }) => values[key] === undefined),
    sure: sheet.sure,
    instead,
  }
  const line: SpokenLine = { kind: 'note', words, ...(place ? { place } : {}) }
  const says = sheetWords(kind, values, units)
  return {
    line,
    placeId,
    says: old ? `Changed: ${says}` : says,
    ...(asked.lacks.length > 0
      ? { facts: [] }
      : sheetKept({ line, placeId, sheet: asked }, typedIn(asked), units, newId)),
    sheet: asked,
  }
}

/** What stands in the fields of a sheet before anybody changes it. */
const typedIn =
  ({ register, values }: Pick<SheetAsked, 'register' | 'values'>) =>
  (key: string): string =>
    typedValue(
      fieldsOf(register).find((one) => one.key === key)!,
      values[key],
    )

/** What a sheet records as it stands: the entry, and the words that it came from.
 * @param typed what stands in a field
 * @throws ImpossibleRequest whose `field` names what is missing or unreadable */
export function sheetKept(
  { line, placeId, sheet }: Pick<Proposal, 'line' | 'placeId'> & { readonly sheet: SheetAsked },
  typed: (key: string) => string,
  units: Units,
  newId: () => string,
): Pick<Proposal, 'facts' | 'toConfirm'> {
  const { register, entryId } = sheet
  const values = readEntry(register, typed, units)
  const tap = SAYS[register.id]!.onlyTapped
  const confirm = tap && values[tap.field] === tap.value ? tap : null
  const written = (all: Values): NewFact => ({
    subject: 'entry',
    facet: 'written',
    subjectId: entryId,
    placeId,
    value: { kind: register.id, values: all },
  })
  const noted: NewFact = {
    subject: 'note',
    facet: 'noted',
    subjectId: newId(),
    placeId,
    value: { text: line.words, private: false, about: entryId },
  }
  return {
    facts: [written(confirm ? { ...values, [confirm.field]: confirm.until } : values), noted],
    ...(confirm ? { toConfirm: { words: confirm.words, facts: [written(values)] } } : {}),
  }
}

/** Words by which nothing is told from another. */
const NAMES_NOTHING =
  /^(?:the|an?|one|two|three|four|is|are|was|were|has|have|of|for|and|in|on|at|to|by|our|his|her|their|its|still|missing|comes?|waits?|first|then|that|it|face|side|rear|front|left|right|street|garden|upper|lower|rot|rotten|damage|bad)$/

/** Whether an entry on record is what a sheet speaks of: the same register, place and thing. */
function isSame(
  { kind, placeId, values, settled }: RegisterEntry,
  id: string,
  at: string | null,
  name: string | undefined,
): boolean {
  if (kind !== id || placeId !== at || settled !== null || !name) return false
  const names = [String(values[kindOf(kind).fields[0]!.key] ?? ''), name].map((words) => plain(words))
  if (names[0] === names[1]) return true
  const [old, said] = [String(values[kindOf(kind).fields[0]!.key] ?? ''), name].map(
    (words) =>
      new Set((words.toLowerCase().match(/[\p{L}\d]{2,}/gu) ?? []).filter((word) => !NAMES_NOTHING.test(word))),
  )
  const shared = [...said!].filter((word) => old!.has(word))
  const least = SAYS[id]!.sentences ? Math.max(said!.size, old!.size) : Math.min(said!.size, old!.size) / 2
  return shared.length > 0 && shared.length >= least
}

/** A sheet in a few words: what it is and what it is called. */
function sheetWords({ one, fields }: EntryKind, values: Values, units: Units): string {
  const [name] = fields
  const said = values[name!.key]
  return said === undefined ? one : `${one}: ${printValue(name!, said, units)}`
}
