import { printMoney } from '../../core/measure/money'
import { addDays, dateOnly, daysBetween, daysWords, dayOf, longDay, shortDay, type Day } from '../../core/calendar/day'
import { addWorkingDays, isWorkingDay } from '../../core/calendar/workingDays'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import { finishDays } from '../../core/schedule/finishDays'
import { neededOn } from '../../core/schedule/neededOn'
import { coverGates, gateWords } from '../../core/sequence/coverGate'
import type { Stage } from '../../core/scope/vocabulary'
import { listed } from '../../core/lists/listed'
import { placeName, type SiteState } from '../../core/walk/siteState'
import { walkNext } from '../../core/walk/walkOrder'
import { answersWords } from '../../core/walk/answersWords'
import { capital } from '../../core/share/plainWords'
import { readCrews } from '../../data/crews'
import { readBookings, readPlan } from '../../data/plans'
import { readLatestUpdate } from '../../data/share'
import type { Site } from '../../data/sites'
import { siteContradictions } from './siteContradictions'
import { keepIsDue } from '../../core/walk/keepDue'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { setAsideAt } from '../siteStates'
import { changedFacts } from '../share/tell'
import { stageWords, visitWords } from '../share/visitWords'
import { dueSoon, selectionRows } from './selectionRows'
import { mistByPlace } from './sitePlaces'

interface Need {
  readonly cost: number
  readonly when: string
  readonly note: string
  readonly text: string
  readonly detail: string
  readonly href: string
  readonly action: string
}

/** The morning desk across sites. */
export function todayView(context: Context) {
  const { db, today } = context
  const stored = readPlan(db)
  const whole = stored?.plan ?? null
  const { shown: sites, failed } = eachSite(context, (site) => {
    const state = context.record(site)
    return {
      site,
      state,
      row: whoIsWhere(context, site, state, whole),
      needs: context.seesMoney ? needsOfSite(context, { site, state }, whole) : [],
      walk: toWalk(site, state, whole, today),
    }
  })
  const lost = new Set(failed.map(({ id }) => id))
  const known: Context = { ...context, sites: () => sites.map(({ site }) => site) }
  const plan = whole && { ...whole, visits: whole.visits.filter(({ siteId }) => !lost.has(siteId)) }
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
  const out = crews === 0 ? 'Nobody is out today.' : `${count(crews, 'crew')} on ${count(busy, 'site')}.`
  const pressing = needs.filter((need) => need.cost >= 150).length
  const needing =
    pressing > 0
      ? `${count(pressing, 'thing')} cannot wait.`
      : needs.length > 0
        ? 'Nothing burns.'
        : 'Nothing needs you.'
  return `${out} ${needing}`
}

const count = (n: number, word: string): string => (n === 1 ? `One ${word}` : `${n} ${word}s`)
const covers = (visit: PlannedVisit, day: Day): boolean => visit.startDay <= day && visit.endDay >= day

function whoIsWhere(context: Context, site: Site, state: SiteState, plan: Plan | null) {
  const { today } = context
  const tomorrow = isWorkingDay(addDays(today, 1), site.calendar)
    ? addDays(today, 1)
    : addWorkingDays(today, 1, site.calendar)
  const bookings = new Map(readBookings(context.db).map((booking) => [booking.visitKey, booking.state]))
  const at = (day: Day, half: 0 | 1 | null) =>
    (plan?.visits ?? [])
      .filter((visit) => visit.siteId === site.id && covers(visit, day))
      .filter(
        (visit) =>
          half === null ||
          ((visit.startDay < day || visit.startHalf <= half) && (visit.endDay > day || visit.endHalf >= half)),
      )
      .map((visit) => ({
        key: visit.key,
        stage: visit.stages[0]!,
        text: `${stageWords(visit)}, ${listed(visit.placeIds.map((id) => placeName(state, id).toLowerCase()))}`,
        note: noteOf(visit, state, bookings.get(visit.key)),
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
  if (held) return `held: ${held.held!.reason}`
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

type SiteAndState = { readonly site: Site; readonly state: SiteState }

const needsOfSite = (context: Context, { site, state }: SiteAndState, plan: Plan | null): Need[] => [
  ...decisions(site, state, context.today),
  ...orders(site, state, plan, context.today),
  ...extrasWaiting(context, site, state, plan),
  ...shutGates(site, state, plan, context.today),
  ...keepsDue(site, state, context.today),
  ...toAsk(context, site, state),
  ...toAnswer(site, state),
  ...updateDue(context, site, plan),
  ...cannotBe(context, site),
]

/** Facts on record that cannot be so: nothing is reckoned with them until somebody takes them back. */
function cannotBe({ db }: Context, site: Site): Need[] {
  const aside = setAsideAt(db, site)
  if (aside.length === 0) return []
  return [
    {
      cost: 280,
      when: 'today',
      note: 'left out',
      text: `${aside.length === 1 ? 'One entry cannot be so and is' : `${aside.length} entries cannot be so and are`} left out of everything. ${site.name}.`,
      detail: aside[0]!.why,
      href: `/sites/${site.id}/registers#left-out`,
      action: 'Look at it',
    },
  ]
}

function declined(context: Context, plan: Plan | null): Need[] {
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew.name]))
  const visits = new Map((plan?.visits ?? []).map((visit) => [visit.key, visit]))
  return readBookings(context.db)
    .filter((booking) => booking.state === 'declined' && visits.has(booking.visitKey))
    .map((booking) => {
      const visit = visits.get(booking.visitKey)!
      const free = booking.freeFrom ? `next free ${shortDay(booking.freeFrom)}` : 'no other day named'
      return {
        cost: 300,
        when: 'declined',
        note: shortDay(booking.startDay),
        text: `${crews.get(booking.crewId)} declined: ${visitWords(context.db, visit)}.`,
        detail: `${booking.reason ? `${booking.reason}; ` : ''}${free}. Plan again to move it.`,
        href: `/sites/${visit.siteId}/plan?visit=${encodeURIComponent(visit.key)}`,
        action: 'Open the plan',
      }
    })
}

function decisions(site: Site, state: SiteState, today: Day): Need[] {
  return state.decisions
    .filter((decision) => decision.answer === null && decision.by && daysBetween(today, decision.by) <= 5)
    .map((decision) => {
      const left = daysBetween(today, decision.by!)
      return {
        cost: 150 - left * 10,
        when: left < 0 ? `${daysWords(-left)} late` : left === 0 ? 'today' : `by ${shortDay(decision.by!)}`,
        note: left <= 0 ? 'last day' : 'to decide',
        text: `${decision.question} ${placeName(state, decision.placeId)}, ${site.name}.`,
        detail: `${capital(answersWords(decision.owner))}.${decision.stake ? ` ${decision.stake}` : ''}`,
        href: `/sites/${site.id}/scope?place=${decision.placeId ?? ''}`,
        action: 'Open',
      }
    })
}

/** Extras that nobody answered yet although the work that they belong to is near. */
function extrasWaiting(context: Context, site: Site, state: SiteState, plan: Plan | null): Need[] {
  if (!context.seesMoney) return []
  return state.lines
    .filter((line) => line.extra && line.approval === null && line.progress < 100)
    .flatMap((line) => {
      const day = plan ? (neededOn(plan, line.placeId, line.stage) ?? nextAt(plan, line.placeId)) : null
      const left = day ? daysBetween(context.today, day) : null
      if (left === null || left > 10) return []
      return [
        {
          cost: 160 - left * 10,
          when: left <= 0 ? 'today' : `by ${shortDay(day!)}`,
          note: 'to approve',
          text: `${line.title}: an extra that nobody approved yet. ${placeName(state, line.placeId)}, ${site.name}.`,
          detail: line.price === null ? 'It is not priced yet.' : `${printMoney(line.price)}.`,
          href: `/sites/${site.id}/scope?place=${line.placeId}&stage=${line.stage}`,
          action: 'Open',
        },
      ]
    })
}

/** When somebody comes to a place next. */
const nextAt = (plan: Plan, placeId: string): Day | null =>
  plan.visits
    .filter(({ placeIds }) => placeIds.includes(placeId))
    .map(({ startDay }) => startDay)
    .sort()[0] ?? null

function orders(site: Site, state: SiteState, plan: Plan | null, today: Day): Need[] {
  return selectionRows(site, state, plan, today, false, {})
    .filter((row) => dueSoon(row, today, site) || row.state === 'wrong')
    .map((row) => {
      const late = row.orderBy ? daysBetween(row.orderBy, today) : 0
      return {
        cost: (row.state === 'wrong' ? 220 : 110) + Math.min(80, Math.max(0, late) * 2),
        when:
          row.state === 'wrong'
            ? 'came wrong'
            : late > 0
              ? `${daysWords(late)} late`
              : late === 0
                ? 'today'
                : 'tomorrow',
        note: row.state === 'wrong' ? 'order again' : 'last day to order',
        text: `${row.state === 'undecided' ? 'Choose and order' : 'Order'} ${row.what.toLowerCase()} for ${row.place}, ${site.name}.`,
        detail: row.reason,
        href: `/sites/${site.id}/selections#${row.id}`,
        action: 'Open',
      }
    })
}

/** Gates that shut a visit of the next days. */
function shutGates(site: Site, state: SiteState, plan: Plan | null, today: Day): Need[] {
  return gatesSoon(site.id, state, plan, today).map(({ visit, words, placeId, stage }) => ({
    cost: 200 - daysBetween(today, visit.startDay) * 8,
    when: `by ${shortDay(visit.startDay)}`,
    note: 'before cover',
    text: `${placeName(state, placeId)}, ${site.name}: ${words}.`,
    detail: `${stageWords(visit)} is planned for ${shortDay(visit.startDay)}.`,
    href: `/sites/${site.id}/scope?place=${placeId}&stage=${stage}`,
    action: 'Look at it',
  }))
}

const GATE_DAYS = 3

/** Gates that will still be shut when their visit comes: something is missing that no visit before it will bring. */
function gatesSoon(siteId: string, state: SiteState, plan: Plan | null, today: Day) {
  const until = addDays(today, GATE_DAYS)
  const endOf = new Map((plan?.visits ?? []).flatMap((visit) => visit.lineIds.map((id) => [id, visit.endDay] as const)))
  const found: { visit: PlannedVisit; words: string; placeId: string; stage: Stage }[] = []
  for (const visit of plan?.visits ?? []) {
    if (visit.siteId !== siteId || visit.startDay > until || visit.startDay < today) continue
    const comes = (lineId: string | null): boolean =>
      lineId === null ? visit.startDay > addDays(today, 1) : (endOf.get(lineId) ?? '9') <= visit.startDay
    for (const placeId of visit.placeIds) {
      for (const gate of coverGates(placeId, state)) {
        if (gate.open || !visit.stages.includes(gate.stage)) continue
        const missing = gate.items.filter((item) => !item.done && (item.failed || !comes(item.lineId)))
        if (missing.length > 0)
          found.push({ visit, words: gateWords({ ...gate, items: missing }), placeId, stage: gate.stage })
      }
    }
  }
  return found
}

/** What was to stay only until something, and has outstayed it. */
const keepsDue = (site: Site, state: SiteState, today: Day): Need[] =>
  state.keeps
    .filter((keep) => !keep.released && keepIsDue(keep, state, today))
    .map((keep) => ({
      cost: 90,
      when: 'now',
      note: 'its time has come',
      text: `${keep.text}, ${placeName(state, keep.placeId)}, ${site.name}.`,
      detail: keep.until
        ? `It was to stay until ${keep.until}; that is done.`
        : 'It was only there for the time being.',
      href: `/sites/${site.id}/scope?place=${keep.placeId ?? ''}`,
      action: 'Look at it',
    }))

/** What was said in two ways; one of them is built on already. */
const toAsk = (context: Context, site: Site, state: SiteState): Need[] =>
  siteContradictions(context, site).map((one) => ({
    cost: 80,
    when: 'today',
    note: 'to ask',
    text: `${one.question} ${placeName(state, one.placeId)}, ${site.name}.`,
    detail: `${one.sides.join('; or: ')}.`,
    href: `/sites/${site.id}/scope`,
    action: 'Answer',
  }))

/** Days after which a client should hear again, in a quiet week too. */
const RHYTHM_DAYS = 7

/** A client who heard nothing for a week while their house is worked on. */
function updateDue({ db, today }: Context, site: Site, plan: Plan | null): Need[] {
  const open = plan?.visits.some(({ siteId }) => siteId === site.id) ?? false
  if (!open || site.clientName === '' || site.startsOn > today) return []
  const update = readLatestUpdate(db, site.id)
  const quiet = daysBetween(update ? dayOf(update.publishedAt) : site.startsOn, today)
  if (quiet < RHYTHM_DAYS) return []
  return [
    {
      cost: 165,
      when: 'this week',
      note: 'to tell',
      text: `The client of ${site.name} heard nothing for ${daysWords(quiet)}.`,
      detail: 'A quiet week is told too: why there is little to see, and what comes next.',
      href: `/sites/${site.id}/share`,
      action: 'Write the update',
    },
  ]
}

/** What client and trades asked and nobody answered yet. */
const toAnswer = (site: Site, state: SiteState): Need[] =>
  state.entries
    .filter(({ kind, settled }) => settled === null && (kind === 'client-question' || kind === 'trade-question'))
    .map(({ placeId, seenAt, values }) => ({
      cost: 120,
      when: `since ${shortDay(dayOf(seenAt))}`,
      note: 'to answer',
      text: `${String(values.by ?? 'Somebody')} asks: ${String(values.asked)}`,
      detail: `${placeId ? `${placeName(state, placeId)}, ` : ''}${site.name}. They read the answer at their link.`,
      href: `/sites/${site.id}/registers`,
      action: 'Answer',
    }))

function toTell(context: Context, plan: Plan | null): Need[] {
  if (!plan) return []
  const people = changedFacts(context, plan)
  if (people.length === 0) return []
  return [
    {
      cost: 160,
      when: 'today',
      note: 'to tell',
      text: `${count(people.length, 'person')} ${people.length === 1 ? 'has' : 'have'} dates that changed.`.replace(
        'persons',
        'people',
      ),
      detail: 'Each gets only what changed for them.',
      href: '/share',
      action: 'See who',
    },
  ]
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
