import type { Plan, PlannedVisit } from './plan'
import { visitsBy } from './visitsBy'

/** The visits that the end of a site hangs on, the first one first: from its last visit back to whatever bound each.
 * A crew that was busy elsewhere leads to another site. */
export function criticalChain(plan: Pick<Plan, 'visits'>, siteId: string): PlannedVisit[] {
  const by = visitsBy(plan)
  const end = ({ endDay, endHalf }: PlannedVisit): string => `${endDay}/${endHalf}`
  let at = by
    .site(siteId)
    .reduce<PlannedVisit | undefined>((last, visit) => (last && end(last) >= end(visit) ? last : visit), undefined)
  const chain: PlannedVisit[] = []
  while (at && !chain.includes(at)) {
    chain.unshift(at)
    at = at.boundBy === null ? undefined : by.key.get(at.boundBy)
  }
  return chain
}
