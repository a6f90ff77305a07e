import { kindOf } from '../entries/entry'
import { printValue, readValues, typedValue, type Field, type Values } from '../entries/field'
import { fieldsOf } from '../entries/sums'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { parseLength, type Units } from '../measure/length'
import type { NewFact, SubjectKind } from '../walk/observation'
import type { Place, RegisterEntry, SiteState } from '../walk/siteState'
import { plain } from './clauses'
import { figuresIn, typedFigure, wordsOf, type SpokenFigure } from './sheets/figures'
import { placeNames } from './placeNames'

/** What a sentence changes of what is there already. */
export interface Edit {
  readonly says: string
  readonly facts: readonly NewFact[]
  /** What is taken back: it was never so. */
  readonly takesBack?: { readonly subject: SubjectKind; readonly subjectId: string }
}

export interface Editing {
  readonly state: SiteState
  /** The site as it was known before this walk. */
  readonly before: SiteState
  readonly place: Pick<Place, 'id' | 'name'>
  readonly units: Units
}

/** Reads a sentence that changes what is there: 'make that eight', 'it is 1500, not 1700', 'scratch the last one', 'floor
 * same as the kitchen'.
 * @returns null where it changes nothing that could be found for sure */
export function editOf(sentence: string, editing: Editing): Edit | null {
  const said = plain(sentence)
  if (LAST_ONE.test(said)) return takenBack(editing)
  return notThat(sentence, editing) ?? madeThat(sentence, said, editing) ?? sameAs(said, editing)
}

const LAST_ONE =
  /^(?:(?:no|sorry|ok|wait) )*(?:scratch|delete|forget|remove|drop|cancel|undo|strike|take back) (?:that |the )?(?:last|previous) (?:one|line|thing|entry|bit|note|point|item)$|^(?:(?:no|sorry|ok|wait) )*take (?:the |that )?last (?:one|line|thing|entry|bit|note) back$/

/** The thing recorded last on this walk. Ids are made in the order of time. */
function lastOf({ state, before }: Editing): { subject: SubjectKind; id: string; name: string } | null {
  const named = <T extends { readonly id: string }>(
    subject: SubjectKind,
    now: readonly T[],
    then: readonly T[],
    name: (one: T) => string,
  ) => {
    const old = new Set(then.map(({ id }) => id))
    return now.filter(({ id }) => !old.has(id)).map((one) => ({ subject, id: one.id, name: name(one) }))
  }
  const all = [
    ...named('line', state.lines, before.lines, ({ title }) => title),
    ...named('entry', state.entries, before.entries, nameOf),
    ...named('finding', state.findings, before.findings, ({ text }) => text),
    ...named('keep', state.keeps, before.keeps, ({ text }) => text),
    ...named('decision', state.decisions, before.decisions, ({ question }) => question),
    ...named('selection', state.selections, before.selections, ({ what }) => what),
    ...named(
      'note',
      state.notes.filter(({ about }) => !about),
      before.notes,
      ({ text }) => text,
    ),
  ]
  return all.reduce<(typeof all)[number] | null>((last, one) => (last === null || one.id > last.id ? one : last), null)
}

const nameOf = ({ kind, values }: RegisterEntry): string => String(values[kindOf(kind).fields[0]!.key] ?? '')

function takenBack(editing: Editing): Edit | null {
  const last = lastOf(editing)
  return last
    ? { says: `Taken back: ${last.name}`, facts: [], takesBack: { subject: last.subject, subjectId: last.id } }
    : null
}

const isNumeric = ({ kind }: Field): boolean => kind === 'length' || kind === 'figure' || kind === 'number'

/** Whether a field holds a figure, however it was written. */
function holds(field: Field, values: Values, figure: SpokenFigure, units: Units): boolean {
  const value = values[field.key]
  if (value === undefined || !isNumeric(field)) return false
  const typed = typedFigure(figure, units === 'imperial')
  if (typeof value !== 'object') return Number.parseFloat(String(value)) === figure.low && figure.unit === null
  try {
    return parseLength(typed, units).tenths === value.tenths
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return false
  }
}

/** An entry with one of its figures changed; null where the field cannot hold it. */
function changed(entry: RegisterEntry, field: Field, figure: SpokenFigure, units: Units): Edit | null {
  try {
    const typed = typedFigure(figure, units === 'imperial')
    const unit = / (\D+)$/.exec(typedValue(field, entry.values[field.key]))?.[1]
    const own = field.kind === 'figure' && figure.unit === null && unit ? `${typed} ${unit}` : typed
    const values = { ...entry.values, ...readValues([field], () => own, units) }
    return {
      says: `${nameOf(entry)}: ${field.label.toLowerCase()} ${printValue(field, values[field.key]!, units)}`,
      facts: [
        {
          subject: 'entry',
          facet: 'written',
          subjectId: entry.id,
          placeId: entry.placeId,
          value: { kind: entry.kind, values },
        },
      ],
    }
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return null
  }
}

/** 'It is 1500, not 1700': whatever at this place is the second figure becomes the first. */
function notThat(sentence: string, { state, place, units }: Editing): Edit | null {
  const words = wordsOf(sentence)
  const figures = figuresIn(words)
  if (figures.length !== 2) return null
  const [now, was] = figures as [SpokenFigure, SpokenFigure]
  const between = words.slice(now.end, was.start).filter((word) => word !== ',')
  if (!/^(?:and )?(?:not|instead of|rather than)$/.test(between.join(' '))) return null
  const meant = state.entries.flatMap((entry) =>
    entry.placeId === place.id && entry.settled === null
      ? fieldsOf(kindOf(entry.kind)).flatMap((field) =>
          holds(field, entry.values, was, units) ? [{ entry, field }] : [],
        )
      : [],
  )
  if (meant.length === 1) return changed(meant[0]!.entry, meant[0]!.field, now, units)
  const lines = state.lines.filter(
    (line) => line.placeId === place.id && was.unit === null && line.quantity?.value === was.low,
  )
  const [line] = lines
  return meant.length === 0 && lines.length === 1 && line
    ? {
        says: `${line.title}: ${now.low}`,
        facts: [{ subject: 'line', facet: 'quantity', subjectId: line.id, placeId: place.id, value: now.low }],
      }
    : null
}

const MAKE_THAT = /^(?:(?:no|sorry|ok|wait|actually) )*(?:make|call) (?:that|it) /

/** 'Make that eight': the one figure of what was recorded last. */
function madeThat(sentence: string, said: string, editing: Editing): Edit | null {
  const figures = MAKE_THAT.test(said) ? figuresIn(wordsOf(sentence)) : []
  const [figure] = figures
  if (figures.length !== 1 || !figure) return null
  const last = lastOf(editing)
  const { state, units } = editing
  const entry = last?.subject === 'entry' ? state.entries.find(({ id }) => id === last.id) : undefined
  if (entry) {
    const told = fieldsOf(kindOf(entry.kind)).filter(
      (field) => isNumeric(field) && entry.values[field.key] !== undefined,
    )
    const [field] = told
    return told.length === 1 && field ? changed(entry, field, figure, units) : null
  }
  const line = last?.subject === 'line' ? state.lines.find(({ id }) => id === last.id) : undefined
  return line && figure.unit === null
    ? {
        says: `${line.title}: ${figure.low}`,
        facts: [{ subject: 'line', facet: 'quantity', subjectId: line.id, placeId: line.placeId, value: figure.low }],
      }
    : null
}

/** 'Floor same as the kitchen': what was chosen there is chosen here. */
function sameAs(said: string, { state, place }: Editing): Edit | null {
  const found = /^(?:the )?(.+?),? (?:is |are |to be |goes )?(?:the )?same as (?:in )?(?:the )?(.+)$/.exec(said)
  if (!found) return null
  const names = placeNames(state.places.map(({ name }) => name))
  const there = names.find(({ leads }) => leads.test(found[2]!))?.places ?? []
  const from = state.places.find(({ name }) => there.length === 1 && name === there[0])
  if (!from || from.id === place.id) return null
  const thing = found[1]!.replace(/s$/, '')
  const at = (id: string) => state.selections.filter((one) => one.placeId === id && plain(one.what).includes(thing))
  const [chosen, ...others] = at(from.id).filter(({ choice }) => choice)
  const [here, ...more] = at(place.id)
  if (!chosen || others.length > 0 || !here || more.length > 0) return null
  const on = { subject: 'selection' as const, subjectId: here.id, placeId: place.id }
  return {
    says: `${here.what}: ${chosen.choice!}, as in ${from.name}`,
    facts: [
      { ...on, facet: 'choice', value: chosen.choice! },
      ...(here.state === 'undecided' ? [{ ...on, facet: 'state' as const, value: 'chosen' as const }] : []),
    ],
  }
}
