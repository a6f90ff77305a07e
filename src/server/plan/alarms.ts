import { alarmsOf, saidAndPlanned, uncalledSoon, type Alarm, type Uncalled } from '../../core/schedule/alarms'
import { visitsBy } from '../../core/schedule/visitsBy'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import type { Booking, Crew } from '../../core/schedule/problem'
import type { Line } from '../../core/scope/line'
import { placeName } from '../../core/walk/siteState'
import { readCrews } from '../../data/crews'
import { bookingsIn, readBookedKeys, readPins } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { visitNamer } from '../share/visitWords'
import { siteSense } from './siteSense'

/** Everything that a plan cannot keep on a site, in the words of whoever reads it. What of the firm it takes is read once for
 * all sites. */
export function alarmsOn(context: Context, plan: Plan): (site: Site) => Alarm[] {
  const { db, today } = context
  const name = visitNamer(db)
  const { key, site: visitsAt } = visitsBy(plan)
  const crews = new Map(readCrews(db).map((crew) => [crew.id, crew]))
  const bookings = bookingsIn(db, plan)
  const agreed = new Set([...readBookedKeys(db), ...readPins(db).map(({ visitKey }) => visitKey)])
  return (site) => {
    const state = context.record(site)
    const here = ({ siteId }: { readonly siteId: string }): boolean => siteId === site.id
    const visits = visitsAt(site.id)
    return [
      ...alarmsOf(
        {
          ...plan,
          open: plan.open.filter(here),
          unkept: plan.unkept.filter(here),
          without: plan.without.filter(here),
          promises: plan.promises.filter(here),
        },
        {
          visit: (one) => (key.has(one) ? name(key.get(one)!) : 'a visit'),
          place: (_site, placeId) => placeName(state, placeId),
          agreed,
        },
      ),
      ...saidAndPlanned(site.id, state.lines, plan, site.calendar),
      ...uncalledSoon(
        visits,
        uncalledAmong(visits, state.lines, crews, bookings, siteSense(db, site.id).noticeDays),
        today,
        site.calendar,
      ),
    ]
  }
}

/** Who comes to a site for the first time from outside, and was told nothing yet.
 * @param usual working days of notice, where a crew has none of its own */
function uncalledAmong(
  visits: readonly PlannedVisit[],
  lines: readonly Line[],
  crews: ReadonlyMap<string, Crew>,
  bookings: ReadonlyMap<string, Pick<Booking, 'state'>>,
  usual: number,
) {
  const atWork = new Set(lines.filter(({ progress }) => progress > 0).map(({ trade }) => trade))
  const told = new Set(
    visits
      .filter(({ key }) => bookings.has(key) && bookings.get(key)!.state !== 'declined')
      .map(({ crewId }) => crewId),
  )
  return ({ crewId, trade }: PlannedVisit): Uncalled | null => {
    const crew = crews.get(crewId ?? '')
    if (!crew || crew.own || told.has(crew.id) || atWork.has(trade)) return null
    const noticeDays = crew.noticeDays ?? usual
    return noticeDays > 0 ? { name: crew.name, noticeDays } : null
  }
}
