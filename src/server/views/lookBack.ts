import { dayOf } from '../../core/calendar/day'
import { casesOf } from '../../core/learning/cases'
import { lookBack } from '../../core/learning/lookBack'
import { readAllCrews } from '../../data/crews'
import { readObservations } from '../../data/observations'
import { readToldFinishes } from '../../data/share'
import type { Context } from '../context'

/** What was planned, promised and came at a site, and why; for the office. */
export function lookBackView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const state = context.record(site)
  const size = new Map(readAllCrews(context.db).map((one) => [one.id, one.crewSize]))
  return {
    site: { id: site.id, name: site.name },
    ...lookBack({
      state,
      history: readObservations(context.db, site.id),
      told: readToldFinishes(context.db, site.id).map(({ at, ...days }) => ({ on: dayOf(at), ...days })),
      cases: casesOf({ id: site.id, name: site.name, state }, (crewId) => size.get(crewId ?? '') ?? 1),
      calendar: site.calendar,
      today: context.today,
    }),
  }
}
