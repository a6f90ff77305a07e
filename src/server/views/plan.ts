import { visitsBy } from '../../core/schedule/visitsBy'
import { schoolSentences } from '../../core/sequence/schools'
import { addDays, dateOnly, daysBetween, longDay, weekBegin, type Day } from '../../core/calendar/day'
import { addWorkingDays, isWorkingDay } from '../../core/calendar/workingDays'
import { sameTime, visitDays } from '../../core/schedule/planDiff'
import { isLate, promiseWords } from '../../core/schedule/promises'
import { criticalChain } from '../../core/schedule/criticalChain'
import { byStart } from '../../core/schedule/tradeRun'
import { isOffTooLong, withoutWords } from '../../core/schedule/without'
import { emptyPlan, type Plan, type PlannedVisit } from '../../core/schedule/plan'
import { coverGates, gateWords } from '../../core/sequence/coverGate'
import { alarmsOn } from '../plan/alarms'
import { visitHref } from '../plan/visitHref'
import { hiresAt } from '../plan/hires'
import { siteSense } from '../plan/siteSense'
import { listed } from '../../core/lists/listed'
import { SHORT_STAGES, TRADES } from '../../core/scope/vocabulary'
import { finishDays } from '../../core/schedule/finishDays'
import { placeName } from '../../core/walk/siteState'
import { readCrews } from '../../data/crews'
import { bookingsIn, readPins, readPlan, readPlanBefore } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { stageWords, visitNamer } from '../share/visitWords'
import { forecastFor } from '../plan/forecast'

/** The plan of one site (rows are places) or of all sites (rows are crews), with days, gates and reasons. */
export function planView(context: Context, siteId: string | null) {
  context.requireLead()
  const stored = readPlan(context.db)
  const sites = context.sites()
  const site = siteId ? context.site(siteId) : null
  const plan = stored?.plan ?? emptyPlan(context.today)
  const visits = plan.visits.filter((visit) =>
    site ? visit.siteId === site.id : sites.some((one) => one.id === visit.siteId),
  )
  const shownSites = site ? [site] : sites
  const stale = stored
    ? shownSites.filter((one) => stored.revisions[one.id] !== one.revision).map((one) => one.name)
    : shownSites.map((one) => one.name)
  const from = weekBegin(context.today)
  const name = visitNamer(context.db)
  const hires = shownSites.flatMap((one) => hiresAt(plan, one, context.record(one), siteSense(context.db, one.id)))
  const last = visits.reduce(
    (latest, visit) => (visit.endDay > latest ? visit.endDay : latest),
    addDays(context.today, 27),
  )
  const days = Math.ceil((daysBetween(from, last) + 1) / 7) * 7
  return {
    site: site ? { id: site.id, name: site.name } : null,
    today: context.today,
    from,
    days: Array.from({ length: days }, (_, i) => {
      const day = addDays(from, i)
      return { day, works: shownSites.some((one) => isWorkingDay(day, one.calendar)) }
    }),
    finish: finishSentence(plan, site, sites, context.today),
    floor: site ? floorSentence(plan, site, context.today) : null,
    places: site ? context.record(site).places.map(({ id, name: of }) => ({ id, name: of })) : [],
    risk: site ? riskView(context, plan, site) : null,
    kept: [...keptSentences(plan, shownSites, name), ...hires.flatMap(({ idle, words }) => (idle ? [] : [words]))],
    schools: site ? schoolSentences(site.schools) : [],
    reason: stored ? stored.reason : null,
    stale,
    uncrewed: [...new Set(visits.filter((visit) => !visit.crewId).map((visit) => TRADES[visit.trade].toLowerCase()))],
    rows: site ? placeRows(context, site, visits) : crewRows(context, visits),
    without: plan.without
      .filter(({ siteId: at }) => shownSites.some(({ id }) => id === at))
      .map(({ siteId: at, what, from: since, until }) => ({
        site: shownSites.find(({ id }) => id === at)!.name,
        what,
        from: since,
        until,
      })),
    alarms: [
      ...shownSites.flatMap(alarmsOn(context, plan)).map(({ words, siteId: at, visit }) => ({
        words,
        href: visitHref(at, visit),
      })),
      ...hires.flatMap(({ idle, words, href }) => (idle ? [{ words, href }] : [])),
    ],
    visits: visitViews(context, visits, plan),
    weather: weatherView(context),
  }
}

/** Visits of all sites that their page brings; the later ones are fetched once it stands. */
const NEAR_VISITS = 150

/** The plan of all sites as its page shows it at first: the next visits, and how many more there are. */
export function planOfAll(context: Context) {
  const whole = planView(context, null)
  const visits = [...whole.visits].sort(byStart)
  return {
    ...whole,
    visits: visits.slice(0, NEAR_VISITS),
    // A row has what its crew does.
    rows: whole.rows.map((row) => ({ ...row, visitKeys: null })),
    later: Math.max(0, visits.length - NEAR_VISITS),
  }
}

/** The visits of all sites that their page does not bring. */
export const laterVisits = (context: Context) => ({
  rest: [...planView(context, null).visits].sort(byStart).slice(NEAR_VISITS),
})

/** Days ahead of which the weather can be told. */
const WEATHER_DAYS = 10

/** What was told of the sky of the next days, and what the stand-in says of the others. */
function weatherView({ db, today }: Context) {
  const known = forecastFor(db, today)
  return Array.from({ length: WEATHER_DAYS }, (_, i) => addDays(today, i)).map((day) => {
    const sky = known.get(day)
    return sky && !sky.simulated
      ? { day, sky: sky.sky as string, low: sky.low, high: sky.high, simulated: null }
      : { day, sky: '', low: null, high: null, simulated: sky?.sky ?? null }
  })
}

/** What the plan keeps of everything that was promised; what it cannot keep is an alarm. */
function keptSentences(
  { promises, without, risk, visits }: Plan,
  sites: readonly Site[],
  name: (visit: PlannedVisit) => string,
): string[] {
  const { key } = visitsBy({ visits })
  const shown = ({ siteId }: { readonly siteId: string }): boolean => sites.some(({ id }) => id === siteId)
  return [
    ...promises
      .filter((one) => shown(one) && !isLate(one))
      .map((one) => promiseWords(one, key.has(one.last) ? name(key.get(one.last)!) : 'its last visit', risk[one.id])),
    ...without.filter((one) => shown(one) && !isOffTooLong(one)).map(withoutWords),
  ]
}

/** Two dates, the weeks that are left, and the visits that the end hangs on. */
function riskView(context: Context, plan: Plan, site: Site) {
  const risk = plan.risk[site.id]
  const days = finishDays(plan, site.id, context.today)
  if (!risk || !days) return null
  const name = visitNamer(context.db)
  return {
    likely: longDay(days.likely),
    safe: longDay(days.safe),
    weeks: Math.max(1, Math.ceil(daysBetween(context.today, days.likely) / 7)),
    chain: criticalChain(plan, site.id).map((visit) => ({
      key: visit.key,
      words: `${name(visit)}, ${visitDays(visit)}`,
    })),
    tenths: risk.tenths.map((day, i) => ({
      share: (i + 1) * 10,
      day: dateOnly(day),
      after: daysBetween(context.today, day),
    })),
    drivers: risk.drivers,
  }
}

function finishSentence(plan: Plan, site: Site | null, sites: readonly Site[], today: Day): string {
  const likely = (siteId: string): string | null => {
    const days = finishDays(plan, siteId, today)
    return days && dateOnly(days.likely)
  }
  if (site) return likely(site.id) ? `Likely finished ${likely(site.id)}` : 'Nothing left to plan'
  const running = sites.filter((one) => plan.finish[one.id])
  return running.length === 0
    ? 'Nothing left to plan'
    : running.map((one) => `${one.name} ${likely(one.id)}`).join(', ')
}

/** How far the plan of a site can be from the best there is. */
/** How near the plan is to what nothing can beat. Plans are made for goods that come as late as they may. */
function floorSentence(plan: Plan, site: Site, today: Day): string | null {
  const { finish, floor, madeOn } = plan
  const [planned, bound] = [finish[site.id], floor[site.id]]
  if (!planned || !bound) return null
  const least = addWorkingDays(addDays(bound, -1), 1, site.calendar)
  const likely = finishDays(plan, site.id, today)?.likely
  const late = likely && likely < least ? 'If all that is awaited comes as late as it may, ' : ''
  const over = daysBetween(least, planned)
  if (over <= 0) return late ? `${late}${longDay(planned)} cannot be beaten.` : 'That cannot be beaten.'
  const share = Math.ceil((100 * over) / Math.max(1, daysBetween(madeOn, least)))
  return `${late}${late ? 'nothing' : 'Nothing'} can beat ${longDay(least)}: the plan is within ${share} % of it.`
}

function placeRows(context: Context, site: Site, visits: readonly PlannedVisit[]) {
  const state = context.record(site)
  return state.places
    .filter((place) => visits.some((visit) => visit.placeIds.includes(place.id)))
    .map((place) => ({
      id: place.id,
      name: place.name,
      group: place.level,
      visitKeys: visits.filter((visit) => visit.placeIds.includes(place.id)).map((visit) => visit.key),
      gates: coverGates(place.id, state)
        .filter((gate) => !gate.open)
        .flatMap((gate) => {
          const visit = visits.find(
            (v) => v.placeIds.includes(place.id) && v.stages.includes(gate.stage) && v.trade !== 'inspector',
          )
          return visit ? [{ visitKey: visit.key, words: gateWords(gate) }] : []
        }),
    }))
}

function crewRows(context: Context, visits: readonly PlannedVisit[]) {
  return readCrews(context.db)
    .filter((crew) => visits.some((visit) => visit.crewId === crew.id))
    .map((crew) => ({
      id: crew.id,
      name: crew.name,
      group: TRADES[crew.trade],
      visitKeys: visits.filter((visit) => visit.crewId === crew.id).map((visit) => visit.key),
      gates: [],
    }))
}

function visitViews(context: Context, visits: readonly PlannedVisit[], plan: Plan) {
  const sites = new Map(eachSite(context, (site) => [site.id, { site, state: context.record(site) }] as const).shown)
  const bookings = bookingsIn(context.db, plan)
  const pins = new Set(readPins(context.db).map((pin) => pin.visitKey))
  const stored = readPlan(context.db)
  const before = new Map(
    (stored ? readPlanBefore(context.db, stored.madeAt) : null)?.plan.visits.map((one) => [one.key, one]) ?? [],
  )
  const critical = new Set([...sites.keys()].flatMap((siteId) => criticalChain(plan, siteId).map(({ key }) => key)))
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  const shown = visits.filter(({ siteId }) => sites.has(siteId))
  return shown.map((visit) => {
    const { site, state } = sites.get(visit.siteId)!
    const booking = bookings.get(visit.key) ?? null
    const pinned = pins.has(visit.key)
    const crew = crews.get(visit.crewId ?? '')
    return {
      key: visit.key,
      siteId: visit.siteId,
      site: site.name,
      stage: visit.stages[0]!,
      trade: visit.trade,
      short: visit.trade === 'inspector' ? 'Check' : visit.measures ? 'Measure' : SHORT_STAGES[visit.stages[0]!],
      title: stageWords(visit),
      places: listed(visit.placeIds.map((id) => placeName(state, id))),
      crewId: visit.crewId,
      crew: crew?.name ?? `No ${TRADES[visit.trade].toLowerCase()} on record`,
      people: visit.people,
      setUp: visit.setUp ?? 0,
      startDay: visit.startDay,
      startHalf: visit.startHalf,
      endDay: visit.endDay,
      endHalf: visit.endHalf,
      when: visitDays(visit),
      hours: visit.hours,
      booking: booking ? { state: booking.state, reason: booking.reason, told: visitDays(booking) } : null,
      pinned,
      critical: critical.has(visit.key),
      was: movedFrom(before.get(visit.key), visit),
    }
  })
}

/** Where a visit stood in the plan before, if it stood elsewhere. */
function movedFrom(was: PlannedVisit | undefined, now: PlannedVisit) {
  if (!was || sameTime(was, now)) return null
  const { startDay, startHalf, endDay, endHalf } = was
  return { startDay, startHalf, endDay, endHalf, words: visitDays(was) }
}
