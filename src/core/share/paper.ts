import { dateOnly, shortDay, type Day } from '../calendar/day'
import { asksOf } from '../entries/asks'
import { entryName, kindOf } from '../entries/entry'
import { siteTotals } from '../entries/totals'
import { boughtFor, materialTotals } from '../reckoning/materials'
import { toldOfAll, type Telltale } from '../entries/toldTo'
import type { Units } from '../measure/length'
import { groupBy } from '../lists/groupBy'
import { capital } from '../lists/capital'
import { listed } from '../lists/listed'
import { ENGLISH } from './languages/english'
import { cautionIn } from './languages/languages'
import { isNextDoor } from './neighbourLetter'
import { kindsOf } from '../places/place'
import { neededOn } from '../schedule/neededOn'
import { visitDays } from '../schedule/planDiff'
import { byStart } from '../schedule/tradeRun'
import { isOutside } from '../schedule/weather'
import type { Plan, PlannedVisit } from '../schedule/plan'
import { honestProgress } from '../scope/progress'
import { BUILD_ORDER, STAGES, type Stage } from '../scope/vocabulary'
import { placeName, type RegisterEntry, type SiteState } from '../walk/siteState'

/** Who a paper is for, beside client, trade, crew and neighbour. */
export const PAPER_READERS = {
  designer: 'designer',
  engineer: 'engineer',
  authority: 'authority',
  association: 'association',
  street: 'street office',
  supplier: 'supplier',
  driver: 'driver of a delivery',
  contractor: 'client’s own contractor',
  tenant: 'tenant',
  followers: 'follower',
  'set-up': 'people on site',
} as const
export type PaperReader = keyof typeof PAPER_READERS
export const isPaperReader = (reader: string): reader is PaperReader => Object.keys(PAPER_READERS).includes(reader)

/** What one of them may read: what is asked of them, the facts that they need for it, the days that concern them. Facts
 * only: no money, no remark, no name of the household, nothing of another site. */
export interface Paper {
  readonly asked: readonly string[]
  readonly facts: readonly { readonly title: string; readonly place: string; readonly told: readonly string[] }[]
  readonly days: readonly string[]
  /** What the paper is, and is not. */
  readonly note: string
  /** Whether anything is ever asked of them: what is not, is said then. */
  readonly answers: boolean
  readonly photos: readonly { readonly hash: string; readonly words: string }[]
}

/** What each paper says of itself. */
const MEASURED = (who: string): string =>
  `Counted and measured on site. What is likely or enough is for ${who} and licensed people to say.`
const NOTES: Readonly<Record<PaperReader, string>> = {
  designer: MEASURED('the designer'),
  engineer: MEASURED('the engineer'),
  authority: MEASURED('the authority'),
  association: MEASURED('the association'),
  street: 'Nothing stands on the street before it is permitted. Please say what is missing.',
  supplier: 'What is delivered is counted against what was ordered. Please say at once what is short or late.',
  driver: 'Please call before you come, and keep to the hours. What does not go in this way is not carried over it.',
  contractor: 'What we do and what you do, in one order. Please say which day is yours, and when it moves.',
  tenant: 'Days may move; you hear of it when they do.',
  followers: 'A look at the craft, with leave. Where it is and whose it is stays with them.',
  'set-up': 'What stands here is for the works alone. Ask before anything of it is moved.',
}
const ANSWERING: readonly PaperReader[] = ['designer', 'engineer', 'authority', 'association', 'contractor']
/** Stages that bring a skip, a pump or a crane. */
const ON_THE_STREET: readonly Stage[] = ['strip-out', 'excavation', 'concrete', 'structure', 'roof']
const CARRIES: readonly Stage[] = ['shoring', 'masonry', 'structure', 'concrete']

/** The paper that somebody of a site is given, by their part; null where there is none for them. */
export const readerOf = ({ values }: Pick<RegisterEntry, 'values'>): string | null => {
  const part = String(values.part ?? '')
  return isPaperReader(part) ? part : (PAPER_OF_PART[part] ?? null)
}

const PAPER_OF_PART: Readonly<Record<string, string>> = {
  neighbour: 'neighbours',
  fabricator: 'supplier',
  'supplier to the fabricator': 'supplier',
  'plant or supplier': 'driver',
  'client’s own contractor': 'contractor',
  'hire or waste firm': 'driver',
  follower: 'followers',
}

/** Those of a site who are given a paper, and whether they can be written to. */
export const readersOf = ({ entries }: Pick<SiteState, 'entries'>, reader: string) =>
  entries
    .filter((entry) => entry.kind === 'party' && entry.settled === null && readerOf(entry) === reader)
    .map(({ id, values }) => ({ id, name: String(values.name), written: String(values.contact ?? '').includes('@') }))

/** Composes the paper for one of them from the allowed facts. */
export function composePaper(
  reader: PaperReader,
  state: SiteState,
  plan: Plan,
  siteId: string,
  how: Telltale & { readonly unit?: string },
): Paper {
  if (reader === 'followers') return paperForFollowers(state, how)
  const theirs = reader === 'tenant' ? placesOfUnit(state, how.unit) : null
  const told = toldOfAll(reader, state.entries, how).filter(
    ({ placeId }) => theirs === null || placeId === null || theirs.has(placeId),
  )
  const shown = new Set(told.map(({ id }) => id))
  const visits = plan.visits.filter((visit) => visit.siteId === siteId)
  return {
    asked: [
      ...openQuestions(reader, state, plan).map(({ asks }) => asks),
      ...askedByEntries(reader, state, how.units),
      ...(ANSWERING.includes(reader) ? leaveOwed(state, shown, how.today) : []),
    ],
    facts: [
      ...totalsFor(reader, state, how),
      ...told.map(({ title, sentences, care, placeId }) => ({
        title,
        place: placeId ? placeName(state, placeId) : '',
        told: [...sentences, ...care.map((id) => cautionIn(ENGLISH, id))],
      })),
    ],
    days: DELIVERED.includes(reader)
      ? deliveries(state)
      : theirs
        ? tenantDays(state, visits, theirs)
        : daysFor(reader, state, visits),
    note: NOTES[reader],
    answers: ANSWERING.includes(reader),
    photos: state.photos
      .filter((photo) => photo.about !== undefined && shown.has(photo.about))
      .map(({ hash, caption, placeId }) => ({
        hash,
        words: [placeId ? placeName(state, placeId) : '', caption].filter(Boolean).join(': '),
      })),
  }
}

/** What somebody comes to do. */
const whatOf = ({ trade, stages }: PlannedVisit): string =>
  trade === 'inspector' ? 'Inspection' : capital(listed(stages.map((stage) => STAGES[stage].toLowerCase())))

/** The places of a unit; null where the house has none of that name. */
function placesOfUnit({ places }: SiteState, unit = ''): ReadonlySet<string> | null {
  const theirs = places.filter((place) => place.unit && place.unit.toLowerCase() === unit.trim().toLowerCase())
  return theirs.length > 0 ? new Set(theirs.map(({ id }) => id)) : null
}

/** The days on which somebody comes into a tenant's unit, and those on which the rest of the house is loud or dusty; what is
 * done elsewhere, and where, is not theirs. */
const tenantDays = (state: SiteState, visits: readonly PlannedVisit[], theirs: ReadonlySet<string>): string[] =>
  [...visits].sort(byStart).flatMap((visit) => {
    const here = visit.placeIds.filter((id) => theirs.has(id))
    const what = whatOf(visit)
    if (here.length > 0)
      return [`${visitDays(visit)}: we come in. ${what}, ${listed(here.map((id) => placeName(state, id)))}.`]
    return isNextDoor(visit, kindsOf(state.places, visit.placeIds))
      ? [`${visitDays(visit)}: noise or dust in the house. ${what}.`]
      : []
  })

/** What anybody who follows the work may see, while there is leave: how far it is, the words and the photos that were chosen
 * for them by hand; no place, no name, no price. */
function paperForFollowers(state: SiteState, how: Telltale): Paper {
  const leave = state.entries.some(
    ({ kind, settled, values }) =>
      kind === 'photo-consent' &&
      settled === null &&
      (!values.until || how.today === undefined || String(values.until) >= how.today),
  )
  const empty = { asked: [], days: [], answers: false }
  if (!leave)
    return {
      ...empty,
      facts: [{ title: 'Nothing to show', place: '', told: ['There is no leave to show this work at the moment.'] }],
      note: NOTES.followers,
      photos: [],
    }
  const stages = groupBy(
    state.lines.filter((line) => line.excluded === null && line.trade !== 'inspector'),
    ({ stage }) => stage,
  )
  const far = BUILD_ORDER.flatMap((stage) => {
    const lines = stages.get(stage)
    const percent = lines ? honestProgress(lines) : null
    return percent ? [percent === 100 ? `${STAGES[stage]}: done.` : `${STAGES[stage]}: ${percent} %.`] : []
  })
  return {
    ...empty,
    facts: [
      ...(far.length > 0 ? [{ title: 'How far it is', place: '', told: far }] : []),
      ...toldOfAll('followers', state.entries, how).map(({ sentences }) => ({
        title: 'From the work',
        place: '',
        told: sentences,
      })),
    ],
    note: NOTES.followers,
    photos: state.photos.flatMap(({ hash, shown }) => (shown ? [{ hash, words: shown }] : [])),
  }
}

/** Who delivers is told what all places take together. */
function totalsFor(reader: PaperReader, state: SiteState, { units, standards = {} }: Telltale): Paper['facts'] {
  if (reader !== 'supplier') return []
  const told = [
    ...siteTotals(state.entries, units, standards),
    ...materialTotals(state.lines, boughtFor(state), { units, standards }),
  ].map(({ sentence }) => sentence)
  return told.length > 0 ? [{ title: 'In all', place: '', told }] : []
}

/** Who hears of deliveries instead of visits. */
const DELIVERED: readonly PaperReader[] = ['driver', 'supplier']

/** Questions that wait for one of them, with the last day and what stands still until then. */
export const openQuestions = (reader: PaperReader, state: SiteState, plan: Plan): { id: string; asks: string }[] =>
  state.decisions
    .filter(({ owner, answer }) => owner === reader && answer === null)
    .map(({ id, question, placeId, by, blocks }) => {
      const day: Day | null = blocks && placeId ? neededOn(plan, placeId, blocks) : null
      const where = placeId ? `${placeName(state, placeId)}: ` : ''
      return {
        id,
        asks: [
          `${where}${ended(question)}`,
          ...(by ? [`Please answer by ${dateOnly(by)}.`] : []),
          ...(blocks ? [`${STAGES[blocks]} waits for it${day ? `, planned ${dateOnly(day)}` : ''}.`] : []),
        ].join(' '),
      }
    })

const ended = (sentence: string): string => (/[.!?]$/.test(sentence) ? sentence : `${sentence}.`)

/** What entries that are open ask of one of them. */
const askedByEntries = (reader: PaperReader, state: SiteState, units: Units): string[] =>
  asksOf(state.entries, units)
    .filter(({ of }) => of === reader)
    .map(({ placeId, question }) => `${placeId ? `${placeName(state, placeId)}: ` : ''}${question}`)

/** Leave that one of them has to give before work goes on: when it was due, and what waits for it since.
 * @param shown the entries that they are told of */
const leaveOwed = (state: SiteState, shown: ReadonlySet<string>, today: Day | undefined): string[] =>
  state.entries.flatMap((entry) => {
    const { leave } = kindOf(entry.kind)
    if (!leave || entry.settled !== null || !shown.has(entry.id)) return []
    const { before, granted, expected } = leave(entry.values)
    if (granted) return []
    const late = expected !== null && today !== undefined && expected < today
    const when =
      expected === null
        ? 'please say when it comes'
        : `${late ? 'it was due on' : 'please answer by'} ${shortDay(expected)}`
    const waits = before
      ? ` ${capital(before)} ${/,| and /.test(before) ? 'wait' : 'waits'} for it${late ? ' since' : ''}.`
      : ''
    return [`${entry.placeId ? `${placeName(state, entry.placeId)}: ` : ''}${entryName(entry)}: ${when}.${waits}`]
  })

/** What is ordered and has its day, in the order in which it comes. */
const deliveries = (state: SiteState): string[] =>
  state.selections
    .flatMap(({ what, placeId, state: of, arrives }) =>
      of === 'ordered' && arrives ? [{ what, placeId, arrives }] : [],
    )
    .sort((a, b) => (a.arrives < b.arrives ? -1 : 1))
    .map(({ what, placeId, arrives }) => `${shortDay(arrives)}: ${what}, ${placeName(state, placeId)}.`)

/** The days of the plan that concern them. */
function daysFor(reader: PaperReader, state: SiteState, visits: readonly PlannedVisit[]): string[] {
  const concerns: Partial<Record<PaperReader, (visit: PlannedVisit) => boolean>> = {
    engineer: ({ trade, stages }) => trade === 'engineer' || stages.some((stage) => CARRIES.includes(stage)),
    authority: ({ trade }) => trade === 'inspector',
    association: ({ placeIds }) => isOutside(kindsOf(state.places, placeIds)),
    street: ({ stages, trade }) => trade !== 'inspector' && stages.some((stage) => ON_THE_STREET.includes(stage)),
    tenant: (visit) => isNextDoor(visit, kindsOf(state.places, visit.placeIds)),
  }
  return visits
    .filter(concerns[reader] ?? (() => false))
    .sort(byStart)
    .map((visit) => {
      const what = whatOf(visit)
      return `${visitDays(visit)}: ${what}, ${listed(visit.placeIds.map((id) => placeName(state, id)))}.`
    })
}
