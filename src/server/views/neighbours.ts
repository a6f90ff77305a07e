import { composeNeighbourLetter } from '../../core/share/neighbourLetter'
import { readFirm } from '../../data/firm'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { siteState } from '../siteStates'

/** How far ahead a neighbour is told. */
const DAYS = 21

/** The letter to the neighbours of a site, for printing. */
export function neighboursView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const visits = (readPlan(context.db)?.plan.visits ?? []).filter((visit) => visit.siteId === site.id)
  return {
    site: { id: site.id, name: site.name },
    firm: readFirm(context.db)?.name ?? '',
    letter: composeNeighbourLetter(siteState(context.db, site), visits, context.today, DAYS),
  }
}
