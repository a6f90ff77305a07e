import type { Day } from '../calendar/day'
import { ALL_WORK } from '../entries/kinds/scope'
import { stageOfDeed } from '../narration/deeds'
import { stageIn } from '../narration/mentions'
import type { Line } from '../scope/line'
import { STAGES, type Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** A day that was promised for the end of some work. */
export interface PromisedEnd {
  /** The entry that tells it. */
  readonly id: string
  readonly name: string
  readonly by: Day
  readonly covers: (line: Pick<Line, 'placeId' | 'stage' | 'partOf' | 'trade'>) => boolean
}

/** Every end that was promised and is still owed: of the phases of the contract, and of what was promised by word for the
 * site, a place or a stage. What was promised and is no work ('a spare key') has no end in the plan. */
export const promisedEnds = ({ entries }: Pick<SiteState, 'entries'>): PromisedEnd[] =>
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
  /\b(?:all done|done|finish(?:ed)?|complet(?:e|ed|ion)|ready|hand(?:ed)?[ -]?over|move (?:back )?in|moved in|handed back)\b/i

/** What a promise is of, as somebody chose or by its words: a stage, all the work, or no work at all. */
function promisedWork(what: string, chosen: unknown): Stage | 'all' | null {
  if (chosen === ALL_WORK) return 'all'
  const named = Object.entries(STAGES).find(([, name]) => name === chosen)?.[0] as Stage | undefined
  if (named) return named
  const words = what.toLowerCase()
  return stageOfDeed(words) ?? stageIn(words, null, false) ?? (WHOLE.test(words) ? 'all' : null)
}
