import { lower } from '../../core/lists/capital'
import { heldWords } from '../../core/scope/line'
import { addDays, dateOnly, dayOf, longDay, shortDay, type Day } from '../../core/calendar/day'
import { addWorkingDays, isWorkingDay } from '../../core/calendar/workingDays'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import { visitsBy } from '../../core/schedule/visitsBy'
import { finishDays } from '../../core/schedule/finishDays'
import { listed } from '../../core/lists/listed'
import { placeName, type SiteState } from '../../core/walk/siteState'
import { walkNext } from '../../core/walk/walkOrder'
import { bookingsIn, readPlan } from '../../data/plans'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { alarmsOn } from '../plan/alarms'
import { stageWords } from '../share/visitWords'
import { mistByPlace } from './sitePlaces'
import { count, declined, gatesSoon, needsOfSite, toTell, type Need } from './todayNeeds'

/** The morning desk across sites. */
export function todayView(context: Context) {
  const { db, today } = context
  const stored = readPlan(db)
  const whole = stored?.plan ?? null
  const alarms = whole && context.seesMoney ? alarmsOn(context, whole) : () => []
  const { shown: sites, failed } = eachSite(context, (site) => {
    const state = context.record(site)
    return {
      site,
      state,
      row: whoIsWhere(context, site, state, whole),
      needs: context.seesMoney ? needsOfSite(context, { site, state }, whole, alarms) : [],
      walk: toWalk(site, state, whole, today),
    }
  })
  const lost = new Set(failed.map(({ id }) => id))
  const known: Context = { ...context, sites: () => sites.map(({ site }) => site) }
  const plan =
    whole && lost.size > 0 ? { ...whole, visits: whole.visits.filter(({ siteId }) => !lost.has(siteId)) } : whole
  const needs = context.seesMoney
    ? [...declined(context, plan), ...sites.flatMap((one) => one.needs), ...toTell(known, plan)]
    : []
  const board = sites.map(({ row }) => row)
  const next = walkNext(sites.map(({ walk }) => walk))
  const crewsOut = new Set(
    (plan?.visits ?? [])
      .filter((v) => covers(v, today) && sites.some((s) => s.site.id === v.siteId))
      .map((v) => v.crewId),
  )
  const busySites = board.filter((row) => row.morning.length + row.afternoon.length > 0).length
  return {
    today: longDay(today),
    day: today,
    lead: leadSentence(crewsOut.size, busySites, needs, sites.length),
    stale: stored
      ? sites.filter(({ site }) => stored.revisions[site.id] !== site.revision).map(({ site }) => site.name)
      : [],
    failed: failed.map(({ name }) => name),
    board,
    needs: needs.sort((a, b) => b.cost - a.cost).slice(0, 12),
    next: next.map((one) => {
      const { site, state } = sites.find((s) => s.site.id === one.siteId)!
      const mist = mistByPlace(state, plan, today)
      return {
        ...one,
        name: site.name,
        clearness: state.places.map((place) => ({ name: place.name, clearness: mist.get(place.id)!.clearness })),
      }
    }),
  }
}

function leadSentence(crews: number, busy: number, needs: readonly Need[], all: number): string {
  if (all === 0) return 'No site yet. Start with one house that you know well.'
  const out = crews === 0 ? 'Nobody is out today.' : `${count(crews, 'crew')} on ${lower(count(busy, 'site'))}.`
  const pressing = needs.filter((need) => need.cost >= 150).length
  const needing =
    pressing > 0
      ? `${count(pressing, 'thing')} cannot wait.`
      : needs.length > 0
        ? 'Nothing burns.'
        : 'Nothing needs you.'
  return `${out} ${needing}`
}

const covers = (visit: PlannedVisit, day: Day): boolean => visit.startDay <= day && visit.endDay >= day

function whoIsWhere(context: Context, site: Site, state: SiteState, plan: Plan | null) {
  const { today } = context
  const tomorrow = isWorkingDay(addDays(today, 1), site.calendar)
    ? addDays(today, 1)
    : addWorkingDays(today, 1, site.calendar)
  const bookings = bookingsIn(context.db, plan)
  const at = (day: Day, half: 0 | 1 | null) =>
    (plan ? visitsBy(plan).site(site.id) : [])
      .filter((visit) => covers(visit, day))
      .filter(
        (visit) =>
          half === null ||
          ((visit.startDay < day || visit.startHalf <= half) && (visit.endDay > day || visit.endHalf >= half)),
      )
      .map((visit) => ({
        key: visit.key,
        stage: visit.stages[0]!,
        text: `${stageWords(visit)}, ${listed(visit.placeIds.map((id) => placeName(state, id).toLowerCase()))}`,
        note: noteOf(visit, state, bookings.get(visit.key)?.state),
        came: state.comings.find((one) => one.visitKey === visit.key && one.day === today)?.how ?? null,
        due: day === today && visit.crewId !== null,
      }))
  const finish = plan && finishDays(plan, site.id, today)?.likely
  return {
    siteId: site.id,
    name: site.name,
    line:
      site.startsOn > today
        ? `starts ${dateOnly(site.startsOn)}`
        : finish
          ? `likely finished ${dateOnly(finish)}`
          : 'nothing left',
    morning: at(today, 0),
    afternoon: at(today, 1),
    tomorrow: at(tomorrow, null),
    tomorrowIs: tomorrow === addDays(today, 1) ? 'tomorrow' : shortDay(tomorrow),
  }
}

function noteOf(visit: PlannedVisit, state: SiteState, booking: string | undefined): string {
  const held = state.lines.find((line) => visit.lineIds.includes(line.id) && line.held)
  if (held) return heldWords(held.held!)
  const outage = state.lines.find((line) => visit.lineIds.includes(line.id) && line.outage)?.outage
  const told =
    booking === 'confirmed'
      ? 'confirmed'
      : booking === 'told'
        ? 'told, not yet confirmed'
        : booking === 'declined'
          ? 'declined'
          : 'nobody told yet'
  return outage ? `${outage} off, ${told}` : told
}

function toWalk(site: Site, state: SiteState, plan: Plan | null, today: Day) {
  const mist = mistByPlace(state, plan, today)
  return {
    siteId: site.id,
    places: state.places.map((place) => ({
      name: place.name,
      mist: mist.get(place.id)!,
      busy: mist.get(place.id)!.busy,
    })),
    gatesSoon: gatesSoon(site.id, state, plan, today).map(
      (gate) => `${placeName(state, gate.placeId)}: ${gate.words.charAt(0).toLowerCase()}${gate.words.slice(1)}`,
    ),
    neverWalked: state.walks.length === 0,
    walkedToday: state.walks.some((walk) => dayOf(walk.seenAt) === today && walk.ended),
  }
}
