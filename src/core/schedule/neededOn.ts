import type { Day } from '../calendar/day'
import { isSetBy, MEASURED_AFTER, SET_BY, type LeadKey } from '../scope/leads'
import type { Stage } from '../scope/vocabulary'
import type { Selection } from '../selections/selection'
import { visitsBy } from './visitsBy'
import type { Plan, PlannedVisit } from './plan'

/** The day on which the plan needs something at a place for a stage: the start of the visit that installs it.
 * @param lead of what is needed: where a trade of its own sets that, theirs counts */
export function neededOn(plan: Plan, placeId: string, stage: Stage, lead?: LeadKey): Day | null {
  const setBy = lead && SET_BY[lead]
  const theirs =
    setBy &&
    firstOf(
      visitsBy(plan)
        .place(placeId)
        .filter(({ trade }) => trade === setBy),
      stage,
    )
  return (theirs || visitFor(plan, placeId, stage))?.startDay ?? null
}

/** The day on which a selection is needed on site: the one that somebody said, or else the plan's; where no visit needs it,
 * the day by which all is promised.
 * @param plan null where nothing is planned yet */
export const selectionNeededOn = (
  plan: Plan | null,
  { wanted, placeId, neededFor, lead }: Pick<Selection, 'wanted' | 'placeId' | 'neededFor' | 'lead'>,
  promised: Day | null,
): Day | null => wanted ?? (plan && neededOn(plan, placeId, neededFor, lead)) ?? promised

/** The day on which the plan has somebody measure for what is made then, and from which its maker counts; or null. */
export const measuredOn = (
  plan: Plan | null,
  { placeId, neededFor, lead }: Pick<Selection, 'placeId' | 'neededFor' | 'lead'>,
): Day | null =>
  (plan &&
    visitsBy(plan)
      .place(placeId)
      .find(
        ({ measures, stages, trade }) =>
          measures && stages.includes(neededFor) && isSetBy(lead, trade) && lead in MEASURED_AFTER,
      )?.endDay) ??
  null

/** The first visit of a stage at a place, inspections and measuring aside. */
export const visitFor = (plan: Pick<Plan, 'visits'>, placeId: string, stage: Stage): PlannedVisit | null =>
  firstOf(visitsBy(plan).place(placeId), stage)

const firstOf = (visits: readonly PlannedVisit[], stage: Stage): PlannedVisit | null =>
  visits
    .filter((visit) => visit.stages.includes(stage) && visit.trade !== 'inspector' && !visit.measures)
    .reduce<PlannedVisit | null>((first, visit) => (!first || visit.startDay < first.startDay ? visit : first), null)
