import { number, object, string } from 'yup'
import { addDays, longDay, parseDay, shortDay } from '../../core/calendar/day'
import { lostDays } from '../../core/schedule/lostDays'
import { listed } from '../../core/lists/listed'
import { readCrews } from '../../data/crews'
import { planDiff, shiftWords, visitDays, type PlanDiff } from '../../core/schedule/planDiff'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import type { Pin } from '../../core/schedule/problem'
import { deletePin, insertPlan, readBookings, readPins, readPlan, savePin, undoPlan } from '../../data/plans'
import { readSites } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { visitWords } from '../share/visitWords'
import { problemInput, towards } from './planFirm'
import { KEPT, PREVIEW, solveInWorker } from './solver'

const move = object({
  visitKey: string().required('Visit: say which.'),
  day: string().required('Day: choose one.'),
  half: number().oneOf([0, 1], 'Half: morning or afternoon.').required('Half: morning or afternoon.'),
})

interface Consequence {
  /** Whether the visit really stands where it was put. */
  readonly stands: boolean
  readonly lead: string
  readonly moved: readonly {
    readonly what: string
    readonly days: string
    readonly shift: string
    readonly booked: string
  }[]
  readonly finish: readonly string[]
  readonly lost: readonly string[]
}

/** What a move would do, before anything is saved. */
export async function previewMove(context: Context, body: unknown): Promise<Consequence> {
  context.requireLead()
  const pin = pinOf(context, body)
  const current = requirePlan(context)
  const plan = await solveInWorker(
    problemInput(context.db, context.today, withPin(context, pin)),
    towards(context.db, PREVIEW),
  )
  return consequence(context, pin, current, plan)
}

/** Pins a visit to a half-day, plans again and puts the plan in force. */
export async function moveVisit(context: Context, body: unknown): Promise<Consequence> {
  context.requireLead()
  const pin = pinOf(context, body)
  const current = requirePlan(context)
  const revisions = Object.fromEntries(readSites(context.db).map((site) => [site.id, site.revision]))
  const plan = await solveInWorker(
    problemInput(context.db, context.today, withPin(context, pin)),
    towards(context.db, KEPT),
  )
  context.db.transaction(() => {
    savePin(context.db, pin)
    insertPlan(context.db, {
      plan,
      revisions,
      reason: 'A visit was moved',
      by: context.person.name,
      madeAt: context.now(),
    })
  })()
  return consequence(context, pin, current, plan)
}

/** Takes a pin away; the next plan is free to move the visit. */
export function unpinVisit(context: Context, body: unknown): void {
  context.requireLead()
  const { visitKey } = object({ visitKey: string().required('Visit: say which.') }).validateSync(body)
  deletePin(context.db, visitKey)
}

/** Takes the newest plan back, with its pins. What people were told and answered meanwhile stays as it is. */
export function undoLastPlan(context: Context): { undone: string } {
  context.requireLead()
  const undone = context.db.transaction(() => undoPlan(context.db, context.now()))()
  if (undone === null) throw new Refusal(409, 'There is no earlier plan to go back to.')
  return { undone }
}

function pinOf(context: Context, body: unknown): Pin {
  const input = move.validateSync(body)
  const day = parseDay(input.day)
  if (day < context.today) throw new Refusal(422, 'Day: it has passed. Choose today or later.', 'day')
  const visit = readPlan(context.db)?.plan.visits.find((one) => one.key === input.visitKey)
  const site = visit ? context.site(visit.siteId) : null
  if (site && day < site.startsOn)
    throw new Refusal(422, `Day: ${site.name} starts on ${longDay(site.startsOn)}. Choose that day or later.`, 'day')
  return { visitKey: input.visitKey, day, half: input.half as 0 | 1 }
}

const withPin = (context: Context, pin: Pin): Pin[] => [
  ...readPins(context.db).filter((p) => p.visitKey !== pin.visitKey),
  pin,
]

function requirePlan(context: Context): Plan {
  const stored = readPlan(context.db)
  if (!stored) throw new Refusal(409, 'There is no plan yet. Plan first.')
  return stored.plan
}

function consequence(context: Context, pin: Pin, before: Plan, after: Plan): Consequence {
  const visit = after.visits.find((v) => v.key === pin.visitKey)
  if (!visit) throw new Refusal(404, 'Visit: it is no longer in the plan. Reload the page.')
  const stands = visit.startDay === pin.day && visit.startHalf === pin.half
  const diff = planDiff(before, after)
  const others = diff.moved.filter(({ to }) => to.key !== pin.visitKey)
  return {
    stands,
    lead: stands
      ? `${visitWords(context.db, visit)} would be ${visitDays(visit)}.`
      : `It cannot start then. ${visit.why} The first it can do is ${visitDays(visit)}.`,
    moved: others.map(({ from, to }) => ({
      what: visitWords(context.db, to),
      days: visitDays(to),
      shift: shiftWords(from, to),
      booked: bookedWords(context, to),
    })),
    finish: finishWords(context, diff),
    lost: lostWords(context, before, after),
  }
}

/** How far ahead a day that is lost matters. */
const LOST_WITHIN_DAYS = 28

function lostWords(context: Context, before: Plan, after: Plan): string[] {
  const names = new Map(readCrews(context.db).map((crew) => [crew.id, crew.name]))
  return [...lostDays(before, after, addDays(context.today, LOST_WITHIN_DAYS))].map(
    ([crew, days]) => `${names.get(crew)}: nothing to do on ${listed(days.map(shortDay))}.`,
  )
}

function bookedWords(context: Context, visit: PlannedVisit): string {
  const booking = readBookings(context.db).find((b) => b.visitKey === visit.key)
  if (booking?.state === 'confirmed') return 'they had confirmed'
  return booking?.state === 'told' ? 'they were told' : ''
}

function finishWords(context: Context, diff: PlanDiff): string[] {
  const names = new Map(readSites(context.db).map((site) => [site.id, site.name]))
  return diff.finish.map(
    ({ siteId, from, to }) => `${names.get(siteId)}: likely finish ${to ?? 'none'} instead of ${from ?? 'none'}.`,
  )
}
