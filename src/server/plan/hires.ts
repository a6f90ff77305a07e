import type { Day } from '../../core/calendar/day'
import { callBy, hireWords, isIdle } from '../../core/schedule/hired'
import type { Plan } from '../../core/schedule/plan'
import type { Sense } from '../../core/schedule/sense'
import type { SiteState } from '../../core/walk/siteState'
import type { Site } from '../../data/sites'
import { visitHref } from './visitHref'

/** Something hired, with what the plan makes of it. */
export interface HireRow {
  readonly entryId: string
  readonly words: string
  /** The last day to call for it, where its day is not agreed. */
  readonly callBy: Day | null
  /** It stands for long while nobody uses it, or nothing needs it any more. */
  readonly idle: boolean
  /** Where somebody looks at it: at the visit that needs it first, or where it was told. */
  readonly href: string
}

/** All that is hired on a site. */
export const hiresAt = (
  plan: Pick<Plan, 'hired'>,
  { id, calendar }: Site,
  { entries }: SiteState,
  { idleHireDays }: Pick<Sense, 'idleHireDays'>,
): HireRow[] =>
  entries.flatMap((entry): HireRow[] => {
    const hired = plan.hired.find(({ siteId, entryId }) => siteId === id && entryId === entry.id) ?? null
    const words = hireWords(entry, hired, calendar, idleHireDays)
    return words === null
      ? []
      : [
          {
            entryId: entry.id,
            words,
            callBy: hired && callBy(entry, hired, calendar),
            idle: hired === null || isIdle(hired, calendar, idleHireDays),
            href: hired ? visitHref(id, hired.first) : `/sites/${id}/record`,
          },
        ]
  })
