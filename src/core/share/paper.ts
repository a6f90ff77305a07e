import { dateOnly, shortDay, type Day } from '../calendar/day'
import { entryWords } from '../entries/entryWords'
import { WAY_IN } from '../entries/kinds/access'
import type { Units } from '../measure/length'
import { listed } from '../lists/listed'
import { ENGLISH } from './languages/english'
import { cautionWords } from './languages/languages'
import { kindsOf } from '../places/place'
import { neededOn } from '../schedule/neededOn'
import { visitDays } from '../schedule/planDiff'
import { byStart } from '../schedule/tradeRun'
import { isOutside } from '../schedule/weather'
import type { Plan, PlannedVisit } from '../schedule/plan'
import { STAGES, type Stage } from '../scope/vocabulary'
import { placeName, type RegisterEntry, type SiteState } from '../walk/siteState'

/** Who a paper is for, beside client, trade, crew and neighbour. */
export const PAPER_READERS = {
  designer: 'designer',
  engineer: 'engineer',
  authority: 'authority',
  association: 'association',
  street: 'street office',
  driver: 'driver of a delivery',
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

/** The registers that each of them is shown. */
export const SHOWN: Readonly<Record<PaperReader, readonly string[]>> = {
  designer: ['rough-opening', 'alignment', 'flush-plane'],
  engineer: ['beam', 'hangers', 'shoring', 'engineer-value', 'old-frame', 'hidden-damage', 'footing', 'pour'],
  authority: [
    'permit',
    'escape',
    'fire-sound',
    'fireplace',
    'licensed-task',
    'stair-levels',
    'rail',
    'air-sheet',
    'drain-run',
  ],
  association: ['permit'],
  street: ['set-up', 'delivery-path', 'pour'],
  driver: ['delivery-path', 'access', 'set-up'],
  'set-up': ['set-up', 'delivery-path', 'access', 'protection', 'cleanliness', 'close-up'],
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
  driver: 'Please call before you come, and keep to the hours. What does not go in this way is not carried over it.',
  'set-up': 'What stands here is for the works alone. Ask before anything of it is moved.',
}
const ANSWERING: readonly PaperReader[] = ['designer', 'engineer', 'authority', 'association']
/** Of some registers they are shown only what concerns them. */
const CONCERNS: Partial<Record<PaperReader, (entry: RegisterEntry) => boolean>> = {
  street: ({ kind, values }) =>
    kind === 'set-up'
      ? OUT_THERE.includes(String(values.sort))
      : Boolean(kind === 'pour' ? values.permit : values.parking),
  driver: ({ kind, values }) =>
    kind === 'delivery-path' || (kind === 'set-up' ? DROPPED_AT : WAY_IN).includes(String(values.sort)),
  'set-up': ({ kind, values }) => kind !== 'access' || WAY_IN.includes(String(values.sort)),
}
const OUT_THERE: readonly string[] = ['skip', 'bulk bags', 'plant']
const DROPPED_AT: readonly string[] = ['store', 'bulk bags', 'barrow route']
/** Stages that bring a skip, a pump or a crane. */
const ON_THE_STREET: readonly Stage[] = ['strip-out', 'excavation', 'concrete', 'structure', 'roof']
const DECIDES: Partial<Record<PaperReader, string>> = {
  designer: 'the designer',
  engineer: 'the engineer',
  authority: 'the authority',
}
const CARRIES: readonly Stage[] = ['shoring', 'structure', 'concrete']

/** The paper that somebody of a site is given, by their part; null where there is none for them. */
export const readerOf = ({ values }: Pick<RegisterEntry, 'values'>): string | null => {
  const part = String(values.part ?? '')
  return isPaperReader(part) ? part : (PAPER_OF_PART[part] ?? null)
}

const PAPER_OF_PART: Readonly<Record<string, string>> = {
  neighbour: 'neighbours',
  fabricator: 'driver',
  'supplier to the fabricator': 'driver',
  'plant or supplier': 'driver',
  'hire or waste firm': 'driver',
}

/** Those of a site who are given a paper, and whether they can be written to. */
export const readersOf = ({ entries }: Pick<SiteState, 'entries'>, reader: string) =>
  entries
    .filter((entry) => entry.kind === 'party' && entry.settled === null && readerOf(entry) === reader)
    .map(({ id, values }) => ({ id, name: String(values.name), written: String(values.contact ?? '').includes('@') }))

/** Composes the paper for one of them from the allowed facts. */
export function composePaper(reader: PaperReader, state: SiteState, plan: Plan, siteId: string, units: Units): Paper {
  const entries = state.entries.filter((entry) => entry.settled === null && isFor(reader, entry))
  const shown = new Set(entries.map(({ id }) => id))
  const visits = plan.visits.filter((visit) => visit.siteId === siteId)
  return {
    asked: [...openQuestions(reader, state, plan).map(({ asks }) => asks), ...unknowns(reader, state)],
    facts: entries.map((entry) => {
      const { title, details, reckoned, cautions } = entryWords(entry, units, false)
      const care = cautions.map((one) => cautionWords(ENGLISH, one))
      return {
        title,
        place: entry.placeId ? placeName(state, entry.placeId) : '',
        told: [...details, ...reckoned, ...care],
      }
    }),
    days: reader === 'driver' ? deliveries(state) : daysFor(reader, state, visits),
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

function isFor(reader: PaperReader, entry: RegisterEntry): boolean {
  const { kind, values } = entry
  if (!SHOWN[reader].includes(kind) || CONCERNS[reader]?.(entry) === false) return false
  const communal = values.sort === 'association' || values.sort === 'conservation'
  return kind !== 'permit' || (reader === 'association' ? communal : !communal)
}

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
          `${where}${question}`,
          ...(by ? [`Please answer by ${dateOnly(by)}.`] : []),
          ...(blocks ? [`${STAGES[blocks]} waits for it${day ? `, planned ${dateOnly(day)}` : ''}.`] : []),
        ].join(' '),
      }
    })

/** What cannot be known until it is opened, where they decide then. */
const unknowns = (reader: PaperReader, state: SiteState): string[] =>
  state.entries
    .filter(
      ({ kind, settled, values }) =>
        kind === 'sleeping-risk' &&
        settled === null &&
        DECIDES[reader] !== undefined &&
        values.decides === DECIDES[reader],
    )
    .map(
      ({ placeId, values }) =>
        `${placeId ? `${placeName(state, placeId)}: ` : ''}${String(values.what)} cannot be known yet; we assume ${String(values.assumed)}. You decide when it is open.`,
    )

/** What is ordered and has its day, in the order in which it comes. */
const deliveries = (state: SiteState): string[] =>
  state.selections
    .flatMap(({ what, placeId, state: of, arrives }) =>
      of === 'ordered' && arrives ? [{ what, placeId, arrives }] : [],
    )
    .sort((a, b) => (a.arrives < b.arrives ? -1 : 1))
    .map(({ what, placeId, arrives }) => `${shortDay(arrives)}: ${what}, ${placeName(state, placeId)}.`)

/** The days of the plan that concern them. */
function daysFor(reader: Exclude<PaperReader, 'driver'>, state: SiteState, visits: readonly PlannedVisit[]): string[] {
  const concerns: Readonly<Record<Exclude<PaperReader, 'driver'>, (visit: PlannedVisit) => boolean>> = {
    designer: () => false,
    engineer: ({ trade, stages }) => trade === 'engineer' || stages.some((stage) => CARRIES.includes(stage)),
    authority: ({ trade }) => trade === 'inspector',
    association: ({ placeIds }) => isOutside(kindsOf(state.places, placeIds)),
    street: ({ stages, trade }) => trade !== 'inspector' && stages.some((stage) => ON_THE_STREET.includes(stage)),
    'set-up': () => false,
  }
  return visits
    .filter(concerns[reader])
    .sort(byStart)
    .map((visit) => {
      const what = visit.trade === 'inspector' ? 'Inspection' : listed(visit.stages.map((stage) => STAGES[stage]))
      return `${visitDays(visit)}: ${what}, ${listed(visit.placeIds.map((id) => placeName(state, id)))}.`
    })
}
