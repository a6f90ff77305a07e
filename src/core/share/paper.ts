import { dateOnly, type Day } from '../calendar/day'
import { entryWords } from '../entries/entryWords'
import type { Units } from '../measure/length'
import { listed } from '../lists/listed'
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
} as const
export type PaperReader = keyof typeof PAPER_READERS

/** What one of them may read: what is asked of them, the facts that they need for it, the days that concern them. Facts
 * only: no money, no remark, no name of the household, nothing of another site. */
export interface Paper {
  readonly asked: readonly string[]
  readonly facts: readonly { readonly title: string; readonly place: string; readonly told: readonly string[] }[]
  readonly days: readonly string[]
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
}
const DECIDES: Partial<Record<PaperReader, string>> = {
  designer: 'the designer',
  engineer: 'the engineer',
  authority: 'the authority',
}
const CARRIES: readonly Stage[] = ['shoring', 'structure', 'concrete']

/** The paper that somebody of a site is given, by their part; null where there is none for them. */
export const readerOf = ({ values }: Pick<RegisterEntry, 'values'>): string | null => {
  const part = String(values.part ?? '')
  if (part === 'neighbour') return 'neighbours'
  return Object.keys(PAPER_READERS).includes(part) ? part : null
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
      const { title, details, reckoned } = entryWords(entry, units, false)
      return { title, place: entry.placeId ? placeName(state, entry.placeId) : '', told: [...details, ...reckoned] }
    }),
    days: daysFor(reader, state, visits),
    photos: state.photos
      .filter((photo) => photo.about !== undefined && shown.has(photo.about))
      .map(({ hash, caption, placeId }) => ({
        hash,
        words: [placeId ? placeName(state, placeId) : '', caption].filter(Boolean).join(': '),
      })),
  }
}

function isFor(reader: PaperReader, { kind, values }: RegisterEntry): boolean {
  if (!SHOWN[reader].includes(kind)) return false
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

/** The days of the plan that concern them. */
function daysFor(reader: PaperReader, state: SiteState, visits: readonly PlannedVisit[]): string[] {
  const concerns: Readonly<Record<PaperReader, (visit: PlannedVisit) => boolean>> = {
    designer: () => false,
    engineer: ({ trade, stages }) => trade === 'engineer' || stages.some((stage) => CARRIES.includes(stage)),
    authority: ({ trade }) => trade === 'inspector',
    association: ({ placeIds }) => isOutside(kindsOf(state.places, placeIds)),
  }
  return visits
    .filter(concerns[reader])
    .sort(byStart)
    .map((visit) => {
      const what = visit.trade === 'inspector' ? 'Inspection' : listed(visit.stages.map((stage) => STAGES[stage]))
      return `${visitDays(visit)}: ${what}, ${listed(visit.placeIds.map((id) => placeName(state, id)))}.`
    })
}
