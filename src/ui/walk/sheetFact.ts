import { v7 as uuid } from 'uuid'
import type { Day } from '@/core/calendar/day'
import { kindOf } from '@/core/entries/entry'
import { readEntry } from '@/core/entries/entryWords'
import { placeChangeFacts } from '@/core/walk/placeChanges'
import type { EntryKind } from '@/core/entries/entryKind'
import { readValues, type Field, type Values } from '@/core/entries/field'
import { FINDING_FIELDS } from '@/core/entries/kinds/conditions'
import { DECISION_FIELDS, EXTRA_FIELDS, KEEP_FIELDS, REASON_FIELDS } from '@/core/entries/kinds/scope'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { parseSize } from '@/core/measure/size'
import { effort } from '@/core/scope/layTreatment'
import { lineByHand } from '@/core/scope/lineByHand'
import { selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import type { LeadKey } from '@/core/scope/leads'
import type { Line } from '@/core/scope/line'
import type { Stage, Trade } from '@/core/scope/vocabulary'
import type { Responsible } from '@/core/scope/responsible'
import type { Decision, Keep, NewFact } from '@/core/walk/observation'
import type { Place, RegisterEntry } from '@/core/walk/siteState'
import { twinIds } from '@/schemas/twinIds'
import { placeChangeOf } from '../shared/PlaceChangeFields'
import { filesIn, saidIn, ticked, wordsIn, type Typed } from '../shared/typed'
import { readWaits } from '../shared/WaitFields'
import type { SiteWalk } from './useSiteWalk'

export type Adding =
  | {
      readonly kind: 'say' | 'note' | 'photo' | 'measure' | 'found' | 'more' | 'selection' | 'keep' | 'decide'
    }
  | { readonly kind: 'work'; readonly extra?: true }
  | { readonly kind: 'hold' | 'exclude' | 'waits'; readonly line: Line }
  | { readonly kind: 'whose'; readonly line: Line }
  | { readonly kind: 'entry'; readonly register: EntryKind; readonly entry?: RegisterEntry }
  | { readonly kind: 'settle'; readonly entry: RegisterEntry }
  | { readonly kind: 'answer'; readonly decisionId: string }
  | { readonly kind: 'place' }

/** Turns a filled form into the facts it tells.
 * @throws ImpossibleRequest naming what is missing or unreadable */
export function sheetFacts(adding: Adding, place: Place, site: SiteWalk, typed: Typed): NewFact[] {
  if (adding.kind === 'place')
    return placeChangeFacts(site.state, place, placeChangeOf(typed), site.snapshot.site.units, twinIds)
  if (adding.kind === 'whose') return whoseFacts(adding.line, typed)
  const text = wordsIn(typed)
  if (adding.kind === 'selection') {
    const laid = sheetFact(adding, place, site, typed)
    const sort = text('sort') as SelectionSort
    const values = readValues(selectionFields(sort), text, site.snapshot.site.units)
    const details = { ...laid, facet: 'details', value: { sort, values } } as NewFact
    return [laid, details]
  }
  if (adding.kind === 'work' && adding.extra) {
    const laid = sheetFact(adding, place, site, typed)
    const { price } = readValues(EXTRA_FIELDS, text, site.snapshot.site.units)
    return price === undefined || price === '' ? [laid] : [laid, { ...laid, facet: 'price', value: price } as NewFact]
  }
  if (adding.kind !== 'answer') return [sheetFact(adding, place, site, typed)]
  const reasons = readValues(REASON_FIELDS, text, site.snapshot.site.units)
  const at = { subject: 'decision' as const, subjectId: adding.decisionId, placeId: place.id }
  return [
    { ...at, facet: 'answered', value: String(reasons.answer) },
    { ...at, facet: 'reasons', value: reasons },
  ]
}

/** The photos that stand in a form.
 * @throws ImpossibleRequest where the browser cannot keep any */
export function photosIn(typed: Typed): File[] {
  const photos = filesIn(typed, 'photos')
  if (photos.length > 0) refuseInsecure()
  return photos
}

/** @throws ImpossibleRequest where the browser cannot keep photos */
export function refuseInsecure(): void {
  if (!window.isSecureContext)
    throw new ImpossibleRequest('insecure', 'Photos can be kept only over https or on this machine itself.', 'photos')
}

/** Whose a line is and what it is part of, as far as either was changed. */
function whoseFacts(line: Line, typed: Typed): NewFact[] {
  const at = { subject: 'line' as const, subjectId: line.id, placeId: line.placeId }
  const whose = wordsIn(typed)('responsible') as Responsible | ''
  const partOf = ticked(typed, 'partOf')
  const samePart = partOf.length === line.partOf.length && partOf.every((id) => line.partOf.includes(id))
  return [
    ...(whose && whose !== line.responsible ? [{ ...at, facet: 'responsible' as const, value: whose }] : []),
    ...(samePart ? [] : [{ ...at, facet: 'partOf' as const, value: partOf }]),
  ]
}

function sheetFact(
  adding: Exclude<Adding, { readonly kind: 'answer' | 'place' | 'whose' }>,
  place: Place,
  site: SiteWalk,
  typed: Typed,
): NewFact {
  const text = wordsIn(typed)
  const needed = (name: string, what: string): string => saidIn(typed, name, what)
  const at = { placeId: place.id, subjectId: uuid() }
  const onLine = (line: Line) => ({ placeId: place.id, subjectId: line.id })
  const { units } = site.snapshot.site
  const details = (fields: readonly Field[]): { details?: Values } => {
    const values = readValues(fields, text, units)
    return Object.values(values).some((value) => value !== '') ? { details: values } : {}
  }
  const day = (name: string): Day | undefined => (text(name) === '' ? undefined : (text(name) as Day))
  switch (adding.kind) {
    case 'note':
      return {
        ...at,
        subject: 'note',
        facet: 'noted',
        value: {
          text: needed('text', 'Note'),
          private: text('private') !== '',
          ...(text('opinion') ? { opinion: true } : {}),
        },
      }
    case 'measure':
      return {
        placeId: place.id,
        subjectId: place.id,
        subject: 'place',
        facet: 'measured',
        value: parseSize(needed('size', 'Size'), units),
      }
    case 'found':
      return {
        ...at,
        subject: 'finding',
        facet: 'found',
        value: {
          text: needed('text', 'What was found'),
          ...(text('condition') ? { condition: text('condition') } : {}),
          certain: text('suspected') === '',
          ...details(FINDING_FIELDS),
        },
      }
    case 'selection':
      return {
        ...at,
        subject: 'selection',
        facet: 'laid',
        value: {
          placeId: place.id,
          what: needed('what', 'What'),
          lead: text('lead') as LeadKey,
          neededFor: text('stage') as Stage,
        },
      }
    case 'keep':
      return {
        ...at,
        subject: 'keep',
        facet: 'kept',
        value: {
          text: needed('text', 'What stays'),
          ...(text('until') ? { until: text('until') } : {}),
          ...whenOf(text('whenStage'), day('whenDay'), place.id),
          ...details(KEEP_FIELDS),
        },
      }
    case 'decide': {
      const by = day('by')
      if (by && by < site.snapshot.site.startsOn && by < site.snapshot.today)
        throw new ImpossibleRequest('past', 'By: that day has passed. Choose today or later.', 'by')
      const value: Decision = {
        question: needed('question', 'Question'),
        owner: text('owner') as Decision['owner'],
        ...(by ? { by } : {}),
        ...(text('blocks') ? { blocks: text('blocks') as Stage } : {}),
        ...details(DECISION_FIELDS),
      }
      return { ...at, subject: 'decision', facet: 'asked', value }
    }
    case 'work': {
      const hours = Number(text('hours').replace(',', '.'))
      if (!(hours > 0)) throw new ImpossibleRequest('hours', 'Hours: write a number, like 4.', 'hours')
      const title = needed('title', 'What')
      // A list that stands at its first choice would be taken for an answer.
      const chosen = (name: string, label: string): string => {
        if (text(name) === '') throw new ImpossibleRequest(name, `${label}: choose one of the list.`, name)
        return text(name)
      }
      return {
        ...at,
        subject: 'line',
        facet: 'laid',
        value: {
          ...lineByHand({
            placeId: place.id,
            stage: chosen('stage', 'Stage') as Stage,
            trade: chosen('trade', 'Who does it') as Trade,
            title,
            hours: effort(1, hours),
            how: 'said on the walk',
          }),
          quantity: { value: 1, unit: 'each' },
          ...(adding.extra || text('extra') ? { extra: true } : {}),
        },
      }
    }
    case 'hold': {
      const until = day('until')
      return {
        ...onLine(adding.line),
        subject: 'line',
        facet: 'held',
        value: { reason: needed('reason', 'Reason'), ...(until ? { until } : {}) },
      }
    }
    case 'waits':
      return {
        ...onLine(adding.line),
        subject: 'line',
        facet: 'waits',
        value: readWaits(typed, adding.line.waits),
      }
    case 'exclude':
      return {
        ...onLine(adding.line),
        subject: 'line',
        facet: 'excluded',
        value: { reason: needed('reason', 'Reason'), ...(text('until') ? { until: text('until') } : {}) },
      }
    case 'entry':
      return {
        placeId: entryPlace(adding, place, typed),
        subjectId: adding.entry?.id ?? uuid(),
        subject: 'entry',
        facet: 'written',
        value: { kind: adding.register.id, values: readEntry(adding.register, text, units) },
      }
    case 'settle': {
      const ask = kindOf(adding.entry.kind).settle?.ask
      return {
        placeId: adding.entry.placeId,
        subjectId: adding.entry.id,
        subject: 'entry',
        facet: 'settled',
        value: { result: ask ? needed('result', ask) : '' },
      }
    }
    case 'say':
    case 'photo':
    case 'more':
      throw new ImpossibleRequest('no-fact', 'Choose what to add.')
  }
}

/** Where an entry belongs: one that is changed stays where it was. */
function entryPlace(
  { register, entry }: Extract<Adding, { readonly kind: 'entry' }>,
  place: Place,
  typed: Typed,
): string | null {
  if (register.at === 'either') return wordsIn(typed)(WHERE) === 'site' ? null : place.id
  if (entry) return entry.placeId
  return register.at === 'site' ? null : place.id
}

/** The field that says whether an entry holds here or everywhere, told apart from those of the entry itself. */
export const WHERE = 'where-it-is'

/** What ends a stay by itself: a day, or a stage that is done there. */
function whenOf(stage: string, day: Day | undefined, placeId: string): Pick<Keep, 'when'> {
  if (day) return { when: { day } }
  return stage ? { when: { placeId, stage: stage as Stage } } : {}
}
