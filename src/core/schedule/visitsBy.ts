import { keptFor } from '../lists/keptFor'
import type { Plan, PlannedVisit } from './plan'

/** The visits of a plan as they are looked for. */
export interface VisitsBy {
  readonly key: ReadonlyMap<string, PlannedVisit>
  /** Those of a site, of a place, in the order of the plan. */
  readonly site: (id: string) => readonly PlannedVisit[]
  readonly place: (id: string) => readonly PlannedVisit[]
  /** The visit that does a line of work. */
  readonly line: ReadonlyMap<string, PlannedVisit>
}

const kept = keptFor<readonly PlannedVisit[], VisitsBy>()

/** Sorts the visits of a plan once, however often they are looked for. */
export const visitsBy = ({ visits }: Pick<Plan, 'visits'>): VisitsBy => kept(visits, [], () => sorted(visits))

function sorted(visits: readonly PlannedVisit[]): VisitsBy {
  const [sites, places] = [new Map<string, PlannedVisit[]>(), new Map<string, PlannedVisit[]>()]
  const key = new Map<string, PlannedVisit>()
  const line = new Map<string, PlannedVisit>()
  const put = (all: Map<string, PlannedVisit[]>, id: string, visit: PlannedVisit): void => {
    const its = all.get(id)
    if (its) its.push(visit)
    else all.set(id, [visit])
  }
  for (const visit of visits) {
    key.set(visit.key, visit)
    put(sites, visit.siteId, visit)
    for (const id of visit.placeIds) put(places, id, visit)
    for (const id of visit.lineIds) if (!line.has(id)) line.set(id, visit)
  }
  return { key, site: (id) => sites.get(id) ?? [], place: (id) => places.get(id) ?? [], line }
}
