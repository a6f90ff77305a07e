import { alarmsOf, saidAndPlanned, type Alarm } from '../../core/schedule/alarms'
import { visitsBy } from '../../core/schedule/visitsBy'
import type { Plan } from '../../core/schedule/plan'
import { placeName } from '../../core/walk/siteState'
import { readBookedKeys, readPins } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { visitNamer } from '../share/visitWords'

/** What a plan leaves open on some sites, in the words of whoever reads it. */
export function alarmsAt(context: Context, plan: Plan, sites: readonly Site[]): Alarm[] {
  const states = new Map(sites.map((site) => [site.id, context.record(site)]))
  const name = visitNamer(context.db)
  const byKey = visitsBy(plan).key
  const said = sites.flatMap((site) => saidAndPlanned(site.id, states.get(site.id)!.lines, plan, site.calendar))
  const kept = alarmsOf(
    {
      ...plan,
      open: plan.open.filter(({ siteId }) => states.has(siteId)),
      unkept: plan.unkept.filter(({ siteId }) => states.has(siteId)),
    },
    {
      visit: (key) => (byKey.has(key) ? name(byKey.get(key)!) : 'A visit'),
      place: (siteId, placeId) => placeName(states.get(siteId)!, placeId),
      agreed: new Set([...readBookedKeys(context.db), ...readPins(context.db).map(({ visitKey }) => visitKey)]),
    },
  )
  return [...kept, ...said]
}
