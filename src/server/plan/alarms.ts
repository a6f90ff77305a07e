import { alarmsOf, saidAndPlanned, uncalledSoon, type Alarm, type Uncalled } from '../../core/schedule/alarms'
import { visitsBy } from '../../core/schedule/visitsBy'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import type { Line } from '../../core/scope/line'
import { placeName } from '../../core/walk/siteState'
import { readCrews } from '../../data/crews'
import { bookingsIn, readBookedKeys, readPins } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { visitNamer } from '../share/visitWords'
import { hiresAt } from './hires'
import { siteSense } from './siteSense'

/** Everything that a plan cannot keep on some sites, in the words of whoever reads it. */
export function alarmsAt(context: Context, plan: Plan, sites: readonly Site[]): Alarm[] {
  const { db, today } = context
  const states = new Map(sites.map((site) => [site.id, context.record(site)]))
  const name = visitNamer(db)
  const byKey = visitsBy(plan).key
  const shown = ({ siteId }: { readonly siteId: string }): boolean => states.has(siteId)
  return [
    ...alarmsOf(
      {
        ...plan,
        open: plan.open.filter(shown),
        unkept: plan.unkept.filter(shown),
        without: plan.without.filter(shown),
        promises: plan.promises.filter(shown),
      },
      {
        visit: (key) => (byKey.has(key) ? name(byKey.get(key)!) : 'a visit'),
        place: (siteId, placeId) => placeName(states.get(siteId)!, placeId),
        agreed: new Set([...readBookedKeys(db), ...readPins(db).map(({ visitKey }) => visitKey)]),
      },
    ),
    ...sites.flatMap((site) => {
      const { lines } = states.get(site.id)!
      return [
        ...saidAndPlanned(site.id, lines, plan, site.calendar),
        ...uncalledSoon(visitsBy(plan).site(site.id), uncalledAt(context, plan, site, lines), today, site.calendar),
        ...hiresAt(plan, site, states.get(site.id)!, siteSense(db, site.id))
          .filter(({ idle }) => idle)
          .map(({ words, first }): Alarm => ({ rule: 'hire', siteId: site.id, visit: first, words })),
      ]
    }),
  ]
}

/** Where somebody looks at what an alarm tells. */
export const alarmHref = ({ siteId, visit }: Pick<Alarm, 'siteId' | 'visit'>): string =>
  visit === null ? `/sites/${siteId}/record` : `/sites/${siteId}/plan?visit=${encodeURIComponent(visit)}`

/** Who comes to a site for the first time from outside, and was told nothing yet. */
function uncalledAt({ db }: Context, plan: Plan, site: Site, lines: readonly Line[]) {
  const crews = new Map(readCrews(db).map((crew) => [crew.id, crew]))
  const bookings = bookingsIn(db, plan)
  const atWork = new Set(lines.filter(({ progress }) => progress > 0).map(({ trade }) => trade))
  const told = new Set(
    visitsBy(plan)
      .site(site.id)
      .filter(({ key }) => bookings.has(key) && bookings.get(key)!.state !== 'declined')
      .map(({ crewId }) => crewId),
  )
  return ({ crewId, trade }: PlannedVisit): Uncalled | null => {
    const crew = crews.get(crewId ?? '')
    if (!crew || crew.own || told.has(crew.id) || atWork.has(trade)) return null
    const noticeDays = crew.noticeDays ?? siteSense(db, site.id).noticeDays
    return noticeDays > 0 ? { name: crew.name, noticeDays } : null
  }
}
