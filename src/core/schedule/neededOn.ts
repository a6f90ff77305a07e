import type { Day } from '../calendar/day'
import type { Stage } from '../scope/vocabulary'
import type { Plan, PlannedVisit } from './plan'

/** The day on which the plan needs something at a place for a stage: the start of the visit that installs it. */
export function neededOn(plan: Plan, placeId: string, stage: Stage): Day | null {
  return visitFor(plan, placeId, stage)?.startDay ?? null
}

/** The first visit of a stage at a place, inspections aside. */
export const visitFor = (plan: Plan, placeId: string, stage: Stage): PlannedVisit | null =>
  plan.visits
    .filter((visit) => visit.placeIds.includes(placeId) && visit.stages.includes(stage) && visit.trade !== 'inspector')
    .reduce<PlannedVisit | null>((first, visit) => (!first || visit.startDay < first.startDay ? visit : first), null)
