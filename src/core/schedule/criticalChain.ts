import type { Plan, PlannedVisit } from './plan'

/** The visits that the end of a site hangs on, the first one first: from its last visit back to whatever bound each.
 * A crew that was busy elsewhere leads to another site. */
export function criticalChain({ visits }: Pick<Plan, 'visits'>, siteId: string): PlannedVisit[] {
  const byKey = new Map(visits.map((visit) => [visit.key, visit]))
  const end = ({ endDay, endHalf }: PlannedVisit): string => `${endDay}/${endHalf}`
  let at = visits
    .filter((visit) => visit.siteId === siteId)
    .reduce<PlannedVisit | undefined>((last, visit) => (last && end(last) >= end(visit) ? last : visit), undefined)
  const chain: PlannedVisit[] = []
  while (at && !chain.includes(at)) {
    chain.unshift(at)
    at = at.boundBy === null ? undefined : byKey.get(at.boundBy)
  }
  return chain
}
