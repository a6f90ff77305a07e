import { dateOnly, daysWords, shortDay } from '../../core/calendar/day'
import { visitDays } from '../../core/schedule/planDiff'
import { constraintsOn, isReady } from '../../core/schedule/readiness'
import { alongside, byStart, clashesOf, holesOf, loadByWeek } from '../../core/schedule/tradeRun'
import { TRADES } from '../../core/scope/vocabulary'
import { listed } from '../../core/lists/listed'
import { placeName } from '../../core/walk/siteState'
import { readCrews } from '../../data/crews'
import { bookingsIn, readPlan } from '../../data/plans'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { forecastFor } from '../plan/forecast'
import { siteSense } from '../plan/siteSense'
import { Refusal } from '../refusal'
import { stageWords, visitNamer } from '../share/visitWords'

const BOOKED = { told: 'told', confirmed: 'confirmed', declined: 'declined' } as const

/** One trade's run through all sites: its visits in order, its weeks, where it stands idle and where it clashes. */
export function tradeView(context: Context, crewId: string) {
  context.requireLead()
  const { db, today } = context
  const forecast = forecastFor(context.db, today)
  const crews = readCrews(db)
  const crew = crews.find(({ id }) => id === crewId)
  if (!crew) throw new Refusal(404, 'This crew is not on record any more. Go back to the plan.')
  const sites = new Map(
    eachSite(
      context,
      (site) => [site.id, { site, state: context.record(site), sense: siteSense(db, site.id) }] as const,
    ).shown,
  )
  const all = (readPlan(db)?.plan.visits ?? []).filter((visit) => sites.has(visit.siteId))
  const mine = all.filter((visit) => visit.crewId === crewId).sort(byStart)
  const bookings = bookingsIn(db, readPlan(db)?.plan)
  const name = visitNamer(db)
  const nameOf = (key: string): string => name(mine.find((visit) => visit.key === key)!)
  return {
    crew: {
      id: crew.id,
      name: crew.name,
      trade: TRADES[crew.trade],
      size: `${crew.crews === 1 ? 'one crew' : `${crew.crews} crews`} of ${crew.crewSize}`,
      contact: crew.contact,
      licence: crew.licence,
    },
    others: crews
      .filter((one) => all.some((visit) => visit.crewId === one.id))
      .map((one) => ({ id: one.id, name: one.name })),
    visits: mine.map((visit) => {
      const { site, state, sense } = sites.get(visit.siteId)!
      const constraints = constraintsOn(visit, state, bookings.get(visit.key) ?? null, forecast, {
        ...sense,
        units: site.units,
      })
      return {
        key: visit.key,
        siteId: site.id,
        site: site.name,
        stage: visit.stages[0]!,
        what: stageWords(visit),
        places: listed(visit.placeIds.map((id) => placeName(state, id))),
        when: visitDays(visit),
        hours: visit.hours,
        booking: bookings.has(visit.key) ? BOOKED[bookings.get(visit.key)!.state] : 'nobody was asked yet',
        ready: isReady(constraints),
        open: constraints.filter((one) => !one.cleared && one.kind !== 'people').map(({ words }) => words),
        alongside: alongside(visit, all).map((other) => `${stageWords(other)}, ${visitDays(other)}`),
      }
    }),
    weeks: loadByWeek(mine, crew, today).map(({ week, planned, room }) => ({
      week: dateOnly(week),
      planned: planned / 2,
      room: room / 2,
    })),
    holes: holesOf(mine, crew.calendar).map(({ from, to, days }) => {
      const after = mine.find((visit) => visit.startDay > to)!
      return {
        words: `${daysWords(days)} free, ${from === to ? shortDay(from) : `${shortDay(from)} to ${shortDay(to)}`}.`,
        next: { key: after.key, siteId: after.siteId, what: name(after), why: after.why },
      }
    }),
    clashes: clashesOf(mine, crew.crews).map(
      ({ day, keys }) =>
        `${shortDay(day)}: ${listed(keys.map(nameOf))} fall together, and there is ${crew.crews === 1 ? 'one crew' : `room for ${crew.crews}`}.`,
    ),
  }
}
