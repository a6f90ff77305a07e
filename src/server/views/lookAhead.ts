import { addDays, longDay, type Day } from '../../core/calendar/day'
import { addWorkingDays } from '../../core/calendar/workingDays'
import { visitDays } from '../../core/schedule/planDiff'
import type { PlannedVisit } from '../../core/schedule/plan'
import { constraintsOn, isReady, keptOf } from '../../core/schedule/readiness'
import { byStart } from '../../core/schedule/tradeRun'
import { TRADES } from '../../core/scope/vocabulary'
import { listed } from '../../core/lists/listed'
import { readyRate } from '../../core/takeoff/money/readyRate'
import { runCalculation } from '../../core/takeoff/runCalculation'
import { placeName } from '../../core/walk/siteState'
import { readCrews } from '../../data/crews'
import { bookingsIn, readPlan, readPlanBefore } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { forecastFor } from '../plan/forecast'
import { siteSense } from '../plan/siteSense'
import { stageWords, visitNamer } from '../share/visitWords'
import { finishedKeys } from '../siteStates'

/** What starts within two or three weeks, with what clears it and what does not; tomorrow; and what became of last
 * week's and yesterday's plan.
 * @param siteId one site, or null for all that the person sees
 * @param weeks 2 or 3 */
export function lookAheadView(context: Context, siteId: string | null, weeks: 2 | 3) {
  context.requireLead()
  const { db, today } = context
  const forecast = forecastFor(context.db, today)
  const site = siteId ? context.site(siteId) : null
  const known = (one: Site) =>
    [one.id, { site: one, state: context.record(one), sense: siteSense(db, one.id) }] as const
  const sites = new Map(site ? [known(site)] : eachSite(context, known).shown)
  const until = addDays(today, weeks * 7 - 1)
  const bookings = bookingsIn(db, readPlan(db)?.plan)
  const crews = new Map(readCrews(db).map((crew) => [crew.id, crew.name]))
  const open = (readPlan(db)?.plan.visits ?? []).filter((visit) => sites.has(visit.siteId))
  const rowOf = (visit: PlannedVisit) => {
    const { site: at, state, sense } = sites.get(visit.siteId)!
    const constraints = constraintsOn(visit, state, bookings.get(visit.key) ?? null, forecast, {
      ...sense,
      units: at.units,
    })
    return {
      key: visit.key,
      siteId: visit.siteId,
      site: at.name,
      what: stageWords(visit),
      stage: visit.stages[0]!,
      places: listed(visit.placeIds.map((id) => placeName(state, id))),
      trade: TRADES[visit.trade],
      crew: visit.crewId ? (crews.get(visit.crewId) ?? '') : null,
      crewId: visit.crewId,
      when: visitDays(visit),
      startDay: visit.startDay,
      ready: isReady(constraints),
      constraints,
    }
  }
  const rows = open
    .filter((visit) => visit.startDay <= until)
    .sort(byStart)
    .map(rowOf)
  const finished = finishedKeys(
    db,
    [...sites.values()].map((one) => one.site),
  )
  const next = addWorkingDays(today, 1)
  const since = (days: number) => became(context, addDays(today, -days), sites, finished)
  const [lastWeek, yesterday] = [since(7), since(1)]
  return {
    site: site ? { id: site.id, name: site.name } : null,
    sites: context.sites().map(({ id, name }) => ({ id, name })),
    weeks,
    until: longDay(until),
    rows,
    ready: runCalculation(
      readyRate,
      {
        planned: rows.length,
        cleared: rows.filter((row) => row.ready).length,
        lastPlanned: lastWeek?.planned ?? 0,
        lastDone: lastWeek?.done ?? 0,
      },
      'metric',
    ).steps,
    lastWeek,
    yesterday,
    tomorrow: {
      day: longDay(next),
      rows: open.filter((visit) => visit.startDay <= next && visit.endDay >= next).map(rowOf),
    },
    blocked: blockedBy(rows),
  }
}

/** What became of the plan that was in force on a day: what was to end from then until yesterday. */
function became(
  context: Context,
  from: Day,
  sites: ReadonlyMap<string, unknown>,
  finished: ReadonlySet<string>,
): { planned: number; done: number; missed: string[] } | null {
  const stored = readPlanBefore(context.db, `${from}T12:00:00`)
  if (!stored) return null
  const visits = stored.plan.visits.filter((visit) => sites.has(visit.siteId))
  const { planned, done } = keptOf(visits, from, addDays(context.today, -1), (key) => finished.has(key))
  const name = visitNamer(context.db)
  return {
    planned: planned.length,
    done: done.length,
    missed: visits.filter(({ key }) => planned.includes(key) && !done.includes(key)).map(name),
  }
}

/** How many visits each kind of thing holds, the most first. */
function blockedBy(rows: readonly { readonly constraints: ReturnType<typeof constraintsOn> }[]) {
  const counts = new Map<string, number>()
  for (const { constraints } of rows)
    for (const kind of new Set(constraints.filter(({ cleared }) => !cleared).map((one) => one.kind)))
      counts.set(kind, (counts.get(kind) ?? 0) + 1)
  return [...counts].map(([kind, count]) => ({ kind, count })).sort((a, b) => b.count - a.count)
}
