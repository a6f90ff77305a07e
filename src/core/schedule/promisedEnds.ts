import type { Day } from '../calendar/day'
import { ALL_WORK } from '../entries/kinds/scope'
import { stageOfDeed } from '../narration/deeds'
import { stageIn } from '../narration/mentions'
import type { Line } from '../scope/line'
import { stageNamed, type Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'
import { linesOfVisit, type Visit } from './visits'

/** A day that was promised for the end of some work. */
interface PromisedEnd {
  /** The entry that tells it. */
  readonly id: string
  readonly name: string
  readonly by: Day
  readonly covers: (line: Pick<Line, 'placeId' | 'stage' | 'partOf' | 'trade'>) => boolean
}

/** A promised end with the visits that it takes, by their numbers; at least one. */
export type PlannedEnd = Omit<PromisedEnd, 'covers'> & { readonly siteId: string; readonly visits: readonly number[] }

/** The promised ends of a site with the visits that they take.
 * @param first the number of the first visit among those of all sites */
export const endsAmong = (siteId: string, state: SiteState, visits: readonly Visit[], first: number): PlannedEnd[] =>
  promisedEnds(state)
    .map(({ covers, ...end }) => ({
      ...end,
      siteId,
      visits: visits.flatMap((visit, i) => (linesOfVisit(visit, state.lines).some(covers) ? [first + i] : [])),
    }))
    .filter((end) => end.visits.length > 0)

/** The first day by which all the work of a site was promised, or null. */
export const wholePromisedBy = ({ entries }: Pick<SiteState, 'entries'>): Day | null =>
  entries.reduce<Day | null>((first, { kind, values, settled, placeId }) => {
    const isWhole =
      kind === 'promise' &&
      settled === null &&
      placeId === null &&
      values.by &&
      promisedWork(String(values.what), values.of) === 'all'
    return isWhole && (first === null || (values.by as Day) < first) ? (values.by as Day) : first
  }, null)

/** Every end that was promised and is still owed: of the phases of the contract, and of what was promised by word for the
 * site, a place or a stage. What was promised and is no work ('a spare key') has no end in the plan. */
const promisedEnds = ({ entries }: Pick<SiteState, 'entries'>): PromisedEnd[] =>
  entries.flatMap(({ id, kind, values, settled, placeId }): PromisedEnd[] => {
    if (settled !== null) return []
    if (kind === 'phase' && values.promised)
      return [
        {
          id,
          name: `Phase ${String(values.number)}`,
          by: values.promised as Day,
          covers: ({ partOf }) => partOf.includes(id),
        },
      ]
    if (kind !== 'promise' || !values.by) return []
    const of = promisedWork(String(values.what), values.of)
    if (of === null) return []
    const whom = values.to ? `, told to ${String(values.to)},` : ''
    return [
      {
        id,
        name: `“${String(values.what)}”${whom}`,
        by: values.by as Day,
        covers: (line) =>
          (placeId === null || line.placeId === placeId) &&
          (of === 'all' || (line.stage === of && line.trade !== 'inspector')),
      },
    ]
  })

const WHOLE =
  /\b(?:all done|done|finish(?:ed)?|complet(?:e|ed|ion)|ready|hand(?:ed|ing)?[ -]?over|move (?:back )?in|moved in|handed back)\b/i

/** What a promise is of, as somebody chose or by its words: a stage, all the work, or no work at all. */
function promisedWork(what: string, chosen: unknown): Stage | 'all' | null {
  if (chosen === ALL_WORK) return 'all'
  const named = stageNamed(chosen)
  if (named) return named
  const words = what.toLowerCase()
  return stageOfDeed(words) ?? stageIn(words, null, false) ?? (WHOLE.test(words) ? 'all' : null)
}
