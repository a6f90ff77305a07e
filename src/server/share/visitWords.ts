import { listed } from '../../core/share/plainWords'
import type { PlannedVisit } from '../../core/schedule/plan'
import { STAGES } from '../../core/scope/vocabulary'
import type { Db } from '../../data/database'
import { readSite } from '../../data/sites'
import { siteState } from '../siteStates'

/** Names a visit: 'Board and tape, bathroom, Bakehouse Lane'. */
export function visitWords(db: Db, visit: Pick<PlannedVisit, 'siteId' | 'placeIds' | 'stages' | 'trade'>): string {
  const site = readSite(db, visit.siteId)
  if (!site) return 'A visit'
  const places = siteState(db, site).places.filter((place) => visit.placeIds.includes(place.id))
  return `${stageWords(visit)}, ${listed(places.map((place) => place.name))}, ${site.name}`
}

export const stageWords = (visit: Pick<PlannedVisit, 'stages' | 'trade'>): string => {
  if (visit.trade === 'inspector') return 'Inspection'
  const words = visit.stages.map((stage, i) => (i === 0 ? STAGES[stage] : STAGES[stage].toLowerCase()))
  return listed(words)
}
