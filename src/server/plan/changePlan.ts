import { visitsBy } from '../../core/schedule/visitsBy'
import { v7 as uuid } from 'uuid'
import { object, string } from 'yup'
import { addDays, longDay, parseDay, shortDay, type Day } from '../../core/calendar/day'
import { isWorkingDay } from '../../core/calendar/workingDays'
import { lostDays } from '../../core/schedule/lostDays'
import { listed } from '../../core/lists/listed'
import {
  factsFor,
  pinsFor,
  takingBack,
  type Consequence,
  type LineFact,
  type PlanChange,
} from '../../core/schedule/planChange'
import { planDiff, shiftWords, visitDays, type PlanDiff } from '../../core/schedule/planDiff'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import type { Pin, ProblemInput } from '../../core/schedule/problem'
import { linesOfVisit } from '../../core/schedule/visits'
import type { Line } from '../../core/scope/line'
import { readCrews } from '../../data/crews'
import {
  deletePin,
  insertPlan,
  readBookings,
  readPins,
  readPlan,
  savePin,
  undoPlan,
  type TakingBack,
} from '../../data/plans'
import { readSites, type Site } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { visitWords } from '../share/visitWords'
import { siteState, siteStateWith } from '../siteStates'
import { planChange } from '../../schemas/planChange'
import { factOf } from '../walk/factOf'
import { recordFacts } from '../walk/recordFacts'
import { planAsOfNow, problemInput, towards, withState } from './planFirm'
import { kept, PREVIEW, solveInWorker } from './solver'

/** A change as it would be made: the starts it sets, what it records, and the problem with both in it. */
interface Tried {
  readonly change: PlanChange
  readonly current: Plan
  readonly pins: readonly Pin[]
  readonly site: Site
  readonly facts: readonly LineFact[]
  /** A line that the visit in question does, before and after. */
  readonly first: string
  /** What takes the facts back. */
  readonly back: readonly TakingBack[]
  readonly input: ProblemInput
}

/** What a change would do, before anything is saved. */
export async function previewChange(context: Context, body: unknown): Promise<Consequence> {
  const tried = tryOut(context, body)
  const [after, base] = await Promise.all([
    solveInWorker(tried.input, towards(context.db, PREVIEW)),
    planAsOfNow(context),
  ])
  return consequence(context, tried, after, base!)
}

/** Makes a change: sets days by hand, records what was said of lines, plans again and puts the plan in force. */
export async function changePlan(context: Context, body: unknown): Promise<Consequence> {
  const tried = tryOut(context, body)
  const revisions = Object.fromEntries(readSites(context.db).map((site) => [site.id, site.revision]))
  const plan = await solveInWorker(tried.input, towards(context.db, kept()))
  context.db.transaction(() => {
    for (const pin of tried.pins) savePin(context.db, pin)
    const { id } = tried.site
    // What somebody else recorded while it was planned is not in the plan: then it stays out of date.
    const untouched = context.site(id).revision === revisions[id]
    if (tried.facts.length > 0) recordFacts(context, id, { facts: tried.facts })
    if (untouched) revisions[id] = context.site(id).revision
    insertPlan(
      context.db,
      { plan, revisions, reason: REASONS[tried.change.kind], by: context.person.name, madeAt: context.now() },
      tried.back,
    )
  })()
  return consequence(context, tried, plan, tried.current)
}

const REASONS: Readonly<Record<PlanChange['kind'], string>> = {
  move: 'A visit was moved',
  swap: 'Two visits were swapped',
  hold: 'A visit was held',
  split: 'A visit was split',
  add: 'A visit was added',
}

/** Takes a pin away; the next plan is free to move the visit. */
export function unpinVisit(context: Context, body: unknown): void {
  context.requireLead()
  const { visitKey } = object({ visitKey: string().required('Visit: say which.') }).validateSync(body)
  deletePin(context.db, visitKey)
}

/** Takes the newest plan back, with its pins and what was recorded with it. What people were told and answered
 * meanwhile stays as it is. */
export function undoLastPlan(context: Context): { undone: string } {
  context.requireLead()
  return context.db.transaction(() => {
    const undone = undoPlan(context.db, context.now())
    if (undone === null) throw new Refusal(409, 'There is no earlier plan to go back to.')
    for (const { siteId, facts } of undone.back) recordFacts(context, siteId, { facts })
    return { undone: undone.reason }
  })()
}

function changeOf(body: unknown): PlanChange {
  const { kind } = object({
    kind: string().oneOf(Object.keys(planChange), 'Change: not one of ours.').default('move'),
  }).validateSync(body)
  const input = planChange[kind as PlanChange['kind']].validateSync(body)
  if ('day' in input) return { ...input, kind: 'move', day: parseDay(input.day) } as PlanChange
  if ('until' in input) return { ...input, kind: 'hold', until: input.until ? parseDay(input.until) : null }
  return { ...input, kind } as PlanChange
}

function tryOut(context: Context, body: unknown): Tried {
  context.requireLead()
  const change = changeOf(body)
  const current = requirePlan(context)
  const byKey = visitsBy(current).key
  const visit = change.kind === 'add' ? null : byKey.get(change.visitKey)
  if (visit === undefined || (change.kind === 'swap' && !byKey.has(change.withKey)))
    throw new Refusal(404, 'Visit: it is no longer in the plan. Reload the page.')
  const site = context.site(change.kind === 'add' ? change.siteId : visit!.siteId)
  const pins = pinsFor(change, byKey)
  for (const pin of pins) requirePossibleDay(context, pin, byKey.get(pin.visitKey)!)
  const { lines } = siteState(context.db, site)
  const its = visit ? linesOfVisit(visit, lines) : []
  requireSplittable(change, its)
  const facts = factsFor(change, its, uuid)
  const keys = new Set(pins.map(({ visitKey: key }) => key))
  const input = problemInput(context.db, context.today, [
    ...readPins(context.db).filter((pin) => !keys.has(pin.visitKey)),
    ...pins,
  ])
  const state = siteStateWith(
    context.db,
    site,
    facts.map((fact) => factOf(context, site.id, fact)),
  )
  return {
    change,
    current,
    pins,
    site,
    facts,
    first:
      change.kind === 'add'
        ? facts[0]!.subjectId
        : its.find(({ id }) => change.kind !== 'split' || !change.lineIds.includes(id))!.id,
    back: facts.length === 0 ? [] : [{ siteId: site.id, facts: takingBack(facts, lines) }],
    input: facts.length === 0 ? input : withState(input, site.id, state),
  }
}

function requirePossibleDay(context: Context, { day }: Pin, visit: PlannedVisit): void {
  if (day < context.today) throw new Refusal(422, 'Day: it has passed. Choose today or later.', 'day')
  const site = context.site(visit.siteId)
  if (day < site.startsOn)
    throw new Refusal(422, `Day: ${site.name} starts on ${longDay(site.startsOn)}. Choose that day or later.`, 'day')
}

function requireSplittable(change: PlanChange, lines: readonly Line[]): void {
  if (change.kind !== 'split') return
  if (change.hours === null) {
    const later = lines.filter(({ id }) => change.lineIds.includes(id)).length
    if (later === 0 || later === lines.length)
      throw new Refusal(422, 'Later: choose some of its work, and leave some for the first coming.', 'lineIds')
  } else if (lines.length !== 1) {
    throw new Refusal(422, 'Hours: it has several lines of work. Choose those that come later.', 'hours')
  } else if (change.hours >= lines[0]!.hours) {
    throw new Refusal(422, `Hours: fewer than the ${lines[0]!.hours} that it takes.`, 'hours')
  }
}

function requirePlan(context: Context): Plan {
  const stored = readPlan(context.db)
  if (!stored) throw new Refusal(409, 'There is no plan yet. Plan first.')
  return stored.plan
}

/** @param base the plan without the change, as of now */
function consequence(context: Context, { change, current, pins, first }: Tried, after: Plan, base: Plan): Consequence {
  const visit = after.visits.find((one) => one.lineIds.includes(first))
  if (!visit) throw new Refusal(404, 'Visit: it is no longer in the plan. Reload the page.')
  const stands = pins.every(({ visitKey: key, day, half: part }) =>
    after.visits.some((one) => one.key === key && one.startDay === day && one.startHalf === part),
  )
  const diff = planDiff(current, after)
  const pinned = new Set([...pins.map(({ visitKey: key }) => key), visit.key])
  const partner = change.kind === 'swap' ? after.visits.find(({ key }) => key === change.withKey) : undefined
  return {
    stands,
    lead: [
      stands
        ? `${visitWords(context.db, visit)} would be ${visitDays(visit)}.`
        : `It cannot start then. ${standsWhy(visit.why)}The first it can do is ${visitDays(visit)}.`,
      ...(partner ? [`${visitWords(context.db, partner)} would be ${visitDays(partner)}.`] : []),
      ...diff.added
        .filter(({ key }) => key !== visit.key)
        .map((one) => `Then they come again, ${visitDays(one)}, for ${visitWords(context.db, one)}.`),
    ].join(' '),
    ...whatMoves(context, { current, base, after }, pinned),
  }
}

/** Who else moves by a change, which ends do, and who is left without work.
 * @param plans the one in force, what it would be now without the change, and with it
 * @param besides visits that move of themselves, by key
 * @param absent the crew of which nobody need be told that it lost its day */
export function whatMoves(
  context: Context,
  { current, base, after }: { readonly current: Plan; readonly base: Plan; readonly after: Plan },
  besides: ReadonlySet<string>,
  absent: string | null = null,
): Pick<Consequence, 'moved' | 'finish' | 'lost' | 'anyway'> {
  const diff = planDiff(base, after)
  const anyway = planDiff(current, base).moved.length
  return {
    anyway:
      anyway === 0
        ? ''
        : `What was learned since the plan was made moves ${anyway === 1 ? 'one visit' : `${anyway} visits`} without this too.`,
    moved: diff.moved
      .filter(({ to }) => !besides.has(to.key))
      .map(({ from, to }) => ({
        what: visitWords(context.db, to),
        days: visitDays(to),
        shift: shiftWords(from, to),
        booked: bookedWords(context, to),
      })),
    finish: finishWords(context, diff),
    lost: lostWords(context, base, after, absent),
  }
}

/** Why a visit stands where it stands, unless that is that nothing holds it. */
const standsWhy = (why: string): string => (/^It can start at once|^Nothing holds it/.test(why) ? '' : `${why} `)

/** How far ahead a day that is lost matters. */
const LOST_WITHIN_DAYS = 28

function lostWords(context: Context, before: Plan, after: Plan, absent: string | null): string[] {
  const crews = new Map(readCrews(context.db).map((crew) => [crew.id, crew]))
  const works = (crewId: string, day: Day): boolean => {
    const crew = crews.get(crewId)
    return !crew || isWorkingDay(day, crew.calendar)
  }
  return [...lostDays(before, after, addDays(context.today, LOST_WITHIN_DAYS), works)].flatMap(([crew, days]) =>
    crew === absent ? [] : [`${crews.get(crew)?.name}: nothing to do on ${listed(days.map(shortDay))}.`],
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
