import { shortDay } from '../../core/calendar/day'
import { kindsOf } from '../../core/places/place'
import { constraintsOn } from '../../core/schedule/readiness'
import { openWords } from '../../core/schedule/standsOpen'
import { linesOfVisit } from '../../core/schedule/visits'
import { visitsBy } from '../../core/schedule/visitsBy'
import { stoppedDays } from '../../core/schedule/weather'
import { deskAmount } from '../../core/scope/lineAmount'
import { comingWords } from '../../core/walk/coming'
import { placeName } from '../../core/walk/siteState'
import { bookingsIn, readPlan } from '../../data/plans'
import type { Context } from '../context'
import { forecastFor } from '../plan/forecast'
import { siteSense } from '../plan/siteSense'
import { Refusal } from '../refusal'
import { visitNamer } from '../share/visitWords'

/** What there is to say of one visit of the plan beside its days: why then, what it needs, what waits for it, its work. A page
 * of all of them has only their days. */
export function visitView(context: Context, key: string) {
  context.requireLead()
  const plan = readPlan(context.db)?.plan
  const visit = plan && visitsBy(plan).key.get(key)
  if (!visit) throw new Refusal(404, 'Visit: it is in no plan any more. Open the plan again.', 'key')
  const site = context.site(visit.siteId)
  const state = context.record(site)
  const name = visitNamer(context.db)
  const named = (one: string): string[] => {
    const other = visitsBy(plan).key.get(one)
    return other ? [name(other)] : []
  }
  const booking = bookingsIn(context.db, plan).get(key) ?? null
  const forecast = forecastFor(context.db, context.today)
  const sense = siteSense(context.db, visit.siteId)
  return {
    why: visit.why,
    boundBy: visit.boundBy ? (named(visit.boundBy)[0] ?? null) : null,
    sky: [
      ...[...stoppedDays(visit.stages, kindsOf(state.places, visit.placeIds), forecast, sense.coldest)]
        .filter(([day]) => day >= visit.startDay && day <= visit.endDay)
        .map(
          ([day, why]) => `Forecast for ${shortDay(day)}: ${why}${forecast.get(day)!.simulated ? ' (simulated)' : ''}.`,
        ),
      ...plan.open.filter(({ opens }) => opens === key).flatMap((one) => openWords(one) ?? []),
    ],
    comings: state.comings.filter(({ visitKey }) => visitKey === key).map(comingWords),
    needs: constraintsOn(visit, state, booking, forecast, { ...sense, units: site.units }).map(
      ({ words, cleared }) => ({ words, cleared }),
    ),
    waiting: visit.holds.flatMap(named),
    work: linesOfVisit(visit, state.lines).map((line) => ({
      id: line.id,
      words: `${placeName(state, line.placeId)}: ${[line.title, deskAmount(line, site.units)].filter(Boolean).join(', ')}`,
    })),
  }
}
