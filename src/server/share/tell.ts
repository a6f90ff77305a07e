import { addDays, dayOf } from '../../core/calendar/day'
import { addWorkingDays } from '../../core/calendar/workingDays'
import { clientFacts } from '../../core/share/clientUpdate'
import { tellList, type ToTell } from '../../core/share/tellList'
import { sameTime, visitDays } from '../../core/schedule/planDiff'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import { readCrews } from '../../data/crews'
import { readBookings, readPlan, type StoredBooking } from '../../data/plans'
import { readLatestUpdate } from '../../data/share'
import type { Context } from '../context'
import { finishedKeys, recordOf } from '../siteStates'
import { changedOthers, othersToTell, telephoneOf } from './others'
import { visitNamer } from './visitWords'

/** Working days before a visit on which its trade is reminded. */
const REMIND_DAYS = 3
/** Visits of the next weeks that nobody was told about yet, or that were declined and have another day now. */
const ASK_AHEAD_DAYS = 21

/** Who has to be told what: people whose told facts changed, and visits nobody has been asked for yet. */
export function whoToTell(context: Context) {
  context.requireLead()
  const plan = readPlan(context.db)?.plan
  if (!plan) return { changed: [], unasked: [], remind: [], others: [] }
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  const sites = new Map(context.sites().map((site) => [site.id, site]))
  const others = othersToTell(context, plan)
  const name = visitNamer(context.db)
  const named = new Map(others.map(({ other }) => [other.id, other]))
  return {
    changed: changedFacts(context, plan, others).map((one) => ({
      audience: one.audience,
      id: one.who,
      who: {
        trade: () => crews.get(one.who)?.name ?? 'A crew',
        client: () => `Client of ${sites.get(one.who)?.name ?? ''}`,
        other: () => named.get(one.who)!.name,
      }[one.audience](),
      telephone: one.audience === 'other' ? telephoneOf(named.get(one.who)!) : null,
      siteId: one.audience === 'client' ? one.who : null,
      changes: one.changes,
    })),
    others: others
      .filter(({ told }) => !told)
      .map(({ other, sentences }) => ({
        id: other.id,
        siteId: other.siteId,
        who: other.name,
        site: sites.get(other.siteId)?.name ?? '',
        telephone: telephoneOf(other),
        what: sentences,
      })),
    remind: dueReminders(context).map((booking) => ({
      visitKey: booking.visitKey,
      who: crews.get(booking.crewId)?.name ?? '',
      what: booking.what,
      when: visitDays(booking),
      confirmed: booking.state === 'confirmed',
    })),
    unasked: unaskedVisits(context, plan).map((visit) => ({
      visitKey: visit.key,
      who: crews.get(visit.crewId!)?.name ?? '',
      what: name(visit),
      when: visitDays(visit),
    })),
  }
}

/** Bookings that stand as they were told, begin within three working days, and were not reminded of yet. */
export function dueReminders(context: Context): StoredBooking[] {
  const { db, today } = context
  const visits = new Map((readPlan(db)?.plan.visits ?? []).map((visit) => [visit.key, visit]))
  const own = new Set(context.sites().map((site) => site.id))
  const until = addWorkingDays(today, REMIND_DAYS)
  return readBookings(db)
    .filter((booking) => {
      const visit = visits.get(booking.visitKey)
      return (
        visit !== undefined &&
        visit.crewId === booking.crewId &&
        own.has(booking.siteId) &&
        booking.state !== 'declined' &&
        booking.remindedAt === null &&
        // Who was told today is not reminded today.
        dayOf(booking.changedAt) < today &&
        booking.startDay > today &&
        booking.startDay <= until &&
        sameTime(booking, visit)
      )
    })
    .sort((a, b) => (a.startDay < b.startDay ? -1 : a.startDay > b.startDay ? 1 : a.visitKey < b.visitKey ? -1 : 1))
}

function unaskedVisits(context: Context, plan: Plan) {
  const bookings = new Map(readBookings(context.db).map((booking) => [booking.visitKey, booking]))
  // Who declined is asked again as soon as the plan has another day for them.
  const asked = (visit: PlannedVisit): boolean => {
    const booking = bookings.get(visit.key)
    return (
      booking !== undefined &&
      (booking.state !== 'declined' || (booking.crewId === visit.crewId && sameTime(booking, visit)))
    )
  }
  const own = new Set(context.sites().map((site) => site.id))
  const until = addDays(context.today, ASK_AHEAD_DAYS)
  return plan.visits
    .filter((visit) => visit.crewId && own.has(visit.siteId) && !asked(visit) && visit.startDay <= until)
    .sort((a, b) => (a.startDay < b.startDay ? -1 : a.startDay > b.startDay ? 1 : a.key < b.key ? -1 : 1))
}

/** Exactly those whose facts differ from what they were last told, on the sites that somebody sees. */
export function changedFacts(context: Context, plan: Plan, others = othersToTell(context, plan)): ToTell[] {
  const own = new Set(context.sites().map(({ id }) => id))
  const told = readBookings(context.db)
    .filter((booking) => booking.state !== 'declined' && own.has(booking.siteId))
    .map((b) => ({
      key: b.visitKey,
      siteId: b.siteId,
      crewId: b.crewId,
      startDay: b.startDay,
      startHalf: b.startHalf,
      endDay: b.endDay,
      endHalf: b.endHalf,
      confirmed: b.state === 'confirmed',
      what: b.what,
    }))
  const clients = new Map(
    context.sites().flatMap((site) => {
      const published = readLatestUpdate(context.db, site.id)
      if (!published) return []
      const now = clientFacts({
        siteId: site.id,
        today: context.today,
        plan,
        now: recordOf('client', context.db, site),
      })
      return [[site.id, { told: published.facts, now }] as const]
    }),
  )
  const finished = finishedKeys(context.db, context.sites())
  return [...tellList(told, clients, plan, finished, visitNamer(context.db)), ...changedOthers(others)]
}
