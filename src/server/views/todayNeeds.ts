import { asksOf } from '../../core/entries/asks'
import { dueDay, isQuestion } from '../../core/entries/due'
import { called, entryName, isOpen, kindOf } from '../../core/entries/entry'
import { printMoney } from '../../core/measure/money'
import { addDays, daysBetween, daysWords, dayOf, shortDay, type Day } from '../../core/calendar/day'
import { visitsBy } from '../../core/schedule/visitsBy'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import { neededOn } from '../../core/schedule/neededOn'
import type { Alarm, AlarmRule } from '../../core/schedule/alarms'
import { coverGates, gateWords } from '../../core/sequence/coverGate'
import type { Stage } from '../../core/scope/vocabulary'
import { placeName, type SiteState } from '../../core/walk/siteState'
import { answersWords } from '../../core/walk/answersWords'
import { offers } from '../../core/walk/units'
import { capital } from '../../core/lists/capital'
import { readCrews } from '../../data/crews'
import { bookingsIn } from '../../data/plans'
import { readLatestUpdate } from '../../data/share'
import type { Site } from '../../data/sites'
import { siteContradictions } from './siteContradictions'
import { keepIsDue } from '../../core/walk/keepDue'
import type { Context } from '../context'
import { setAsideAt } from '../siteStates'
import { visitHref } from '../plan/visitHref'
import { hiresAt } from '../plan/hires'
import { siteSense } from '../plan/siteSense'
import { twinIds } from '../../schemas/twinIds'
import { changedFacts } from '../share/tell'
import { stageWords, visitWords } from '../share/visitWords'
import { dueSoon, selectionRows } from './selectionRows'

/** Something that somebody has to do, with what it costs to leave it. */
export interface Need {
  readonly cost: number
  readonly when: string
  readonly note: string
  readonly text: string
  readonly detail: string
  readonly href: string
  readonly action: string
}

/** `One crew`, `3 crews`, `2 people`. */
export const count = (n: number, one: string, many = `${one}s`): string => (n === 1 ? `One ${one}` : `${n} ${many}`)

type SiteAndState = { readonly site: Site; readonly state: SiteState }

/** What a site needs of somebody today.
 * @param alarmsOf what the plan cannot keep there */
export const needsOfSite = (
  context: Context,
  { site, state }: SiteAndState,
  plan: Plan | null,
  alarmsOf: (site: Site) => Alarm[],
): Need[] => [
  ...decisions(site, state, context.today),
  ...orders(site, state, plan, context.today),
  ...extrasWaiting(context, site, state, plan),
  ...shutGates(site, state, plan, context.today),
  ...cannotBeKept(site, alarmsOf(site)),
  ...hiresDue(context, site, state, plan),
  ...keepsDue(site, state, context.today),
  ...toAsk(context, site, state),
  ...toAnswer(site, state),
  ...askedByEntries(site, state, plan),
  ...entriesDue(site, state, context.today),
  ...unitsApart(context, site, state),
  ...updateDue(context, site, plan),
  ...cannotBe(context, site),
]

/** How pressing an alarm of the plan is, and what it is about. */
const ALARMS: Readonly<Record<AlarmRule, { readonly cost: number; readonly note: string }>> = {
  promised: { cost: 200, note: 'promised' },
  notice: { cost: 190, note: 'never called' },
  without: { cost: 175, note: 'too long' },
  open: { cost: 170, note: 'open too long' },
  order: { cost: 170, note: 'cannot be kept' },
  begins: { cost: 170, note: 'cannot be kept' },
}

/** What the plan cannot keep, because facts force it. */
const cannotBeKept = (site: Site, alarms: readonly Alarm[]): Need[] =>
  alarms.map(({ rule, day, words, visit }) => ({
    cost: ALARMS[rule].cost,
    when: day ? shortDay(day) : 'plan',
    note: ALARMS[rule].note,
    text: words,
    detail: `${site.name}.`,
    href: visitHref(site.id, visit),
    action: 'Open the plan',
  }))

/** Days ahead on which to call for what is hired. */
const CALL_DAYS = 3

/** What is hired and has to be called for, and what stands while nobody uses it. */
const hiresDue = ({ db, person, today }: Context, site: Site, state: SiteState, plan: Plan | null): Need[] =>
  plan && person.role !== 'crew'
    ? hiresAt(plan, site, state, siteSense(db, site.id)).flatMap(({ words, callBy, idle, href }): Need[] => {
        const call = callBy !== null && callBy <= addDays(today, CALL_DAYS)
        return call || idle
          ? [
              {
                cost: call ? 155 : 70,
                when: call ? (callBy <= today ? 'today' : `by ${shortDay(callBy)}`) : 'hired',
                note: call ? 'to call' : 'not used',
                text: words,
                detail: `${site.name}.`,
                href,
                action: 'Look at it',
              },
            ]
          : []
      })
    : []

/** What changed in one unit of a house and is settled neither way in the one that was copied from it. */
function unitsApart({ person }: Context, site: Site, state: SiteState): Need[] {
  if (person.role === 'crew') return []
  const waiting = offers(state, site.units, twinIds)
  const first = waiting[0]
  if (!first) return []
  return [
    {
      cost: 90,
      when: 'units',
      note: 'built alike',
      text: `${count(waiting.length, 'change')} in one unit ${waiting.length === 1 ? 'is' : 'are'} not in the other yet.`,
      detail: `${placeName(state, first.placeId)}, ${site.name}: ${first.words}.`,
      href: `/sites/${site.id}/units`,
      action: 'Take over or not',
    },
  ]
}

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
      href: `/sites/${site.id}/record#left-out`,
      action: 'Look at it',
    },
  ]
}

/** Visits that a trade declined. */
export function declined(context: Context, plan: Plan | null): Need[] {
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew.name]))
  const visits = new Map((plan?.visits ?? []).map((visit) => [visit.key, visit]))
  return [...bookingsIn(context.db, plan).values()]
    .filter((booking) => booking.state === 'declined')
    .map((booking) => {
      const visit = visits.get(booking.visitKey)!
      const free = booking.freeFrom ? `next free ${shortDay(booking.freeFrom)}` : 'no other day named'
      return {
        cost: 300,
        when: 'declined',
        note: shortDay(booking.startDay),
        text: `${crews.get(booking.crewId)} declined: ${visitWords(context.db, visit)}.`,
        detail: `${booking.reason ? `${booking.reason}; ` : ''}${free}. Plan again to move it.`,
        href: visitHref(visit.siteId, visit.key),
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
  visitsBy(plan)
    .place(placeId)
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
export function gatesSoon(siteId: string, state: SiteState, plan: Plan | null, today: Day) {
  const until = addDays(today, GATE_DAYS)
  const found: { visit: PlannedVisit; words: string; placeId: string; stage: Stage }[] = []
  if (!plan) return found
  const by = visitsBy(plan)
  for (const visit of by.site(siteId)) {
    if (visit.startDay > until || visit.startDay < today) continue
    const comes = (lineId: string | null): boolean =>
      lineId === null ? visit.startDay > addDays(today, 1) : (by.line.get(lineId)?.endDay ?? '9') <= visit.startDay
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
  const open = plan !== null && visitsBy(plan).site(site.id).length > 0
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
    .filter((entry) => entry.settled === null && isQuestion(entry))
    .map(({ placeId, seenAt, values }) => ({
      cost: 120,
      when: `since ${shortDay(dayOf(seenAt))}`,
      note: 'to answer',
      text: `${String(values.by ?? 'Somebody')} asks: ${String(values.asked)}`,
      detail: `${placeId ? `${placeName(state, placeId)}, ` : ''}${site.name}. They read the answer at their link.`,
      href: `/sites/${site.id}/record`,
      action: 'Answer',
    }))

/** What entries of the record ask: of us, and of whom else, the nearer the work at their place the more pressing. */
const askedByEntries = (site: Site, state: SiteState, plan: Plan | null): Need[] =>
  asksOf(state.entries, site.units).map(({ of, question, placeId, entryId }) => {
    const next = plan && placeId ? nextAt(plan, placeId) : null
    return {
      cost: of === 'us' ? 95 : 85,
      when: next ? `before ${shortDay(next)}` : 'to ask',
      note: 'to ask',
      text: `${question} ${placeId ? `${placeName(state, placeId)}, ` : ''}${site.name}.`,
      detail: of === 'us' ? 'For us to settle.' : `Of the ${of}: it stands on their paper.`,
      href: `/sites/${site.id}/record#${entryId}`,
      action: 'Look at it',
    }
  })

/** Days ahead in which what an entry promises or awaits is told. */
const DUE_DAYS = 2

/** What is on record with a day that has come, and is still open: a letter, a permit, a part, something to put right. */
const entriesDue = (site: Site, state: SiteState, today: Day): Need[] =>
  state.entries.flatMap((entry) => {
    const due = isOpen(entry) && !isPlannedEnd(entry) ? dueDay(entry) : null
    if (due === null || daysBetween(today, due) > DUE_DAYS) return []
    const late = daysBetween(due, today)
    return [
      {
        cost: 100 + Math.min(60, Math.max(0, late) * 2),
        when: late > 0 ? `${daysWords(late)} late` : late === 0 ? 'today' : `by ${shortDay(due)}`,
        note: kindOf(entry.kind).register.toLowerCase(),
        text: `${called(kindOf(entry.kind), entryName(entry))}. ${placeName(state, entry.placeId)}, ${site.name}.`,
        detail: late > 0 ? `It was due on ${shortDay(due)} and is still open.` : 'It is still open.',
        href: `/sites/${site.id}/record#${entry.id}`,
        action: 'Look at it',
      },
    ]
  })

/** Promises and phases are held against the plan, not against their day. */
const isPlannedEnd = ({ kind }: Pick<SiteState['entries'][number], 'kind'>): boolean => kindOf(kind).promises === true

/** People whose dates changed. */
export function toTell(context: Context, plan: Plan | null): Need[] {
  if (!plan) return []
  const people = changedFacts(context, plan)
  if (people.length === 0) return []
  return [
    {
      cost: 160,
      when: 'today',
      note: 'to tell',
      text: `${count(people.length, 'person has', 'people have')} dates that changed.`,
      detail: 'Each gets only what changed for them.',
      href: '/share',
      action: 'See who',
    },
  ]
}
