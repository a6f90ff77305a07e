import { daysWords, shortDay, type Day } from '../calendar/day'
import { dayOfSlot, isMorning, slotOfDay, type Slot } from '../calendar/slots'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Stage, Trade } from '../scope/vocabulary'
import { finishRisk, type SiteRisk } from './finishRisk'
import type { Instance, Schedule } from './instance'
import { groupBy } from '../lists/groupBy'
import type { Link } from './links'
import { soThat, type Ask } from './asks'
import type { PlannedBefore, Problem } from './problem'
import { promisesOf, type Promised } from './promises'
import { solve, type SolveOptions } from './solve'
import { standsOpen, type StandsOpen } from './standsOpen'
import { withoutOf, type Without } from './without'
import { hiredOf, type Hired } from './hired'

/** A visit with its dates. The last day is worked. */
export interface PlannedVisit {
  readonly key: string
  readonly siteId: string
  readonly crewId: string | null
  readonly trade: Trade
  readonly stages: readonly Stage[]
  readonly placeIds: readonly string[]
  readonly lineIds: readonly string[]
  /** It only measures for what is made then. */
  readonly measures?: true
  readonly hours: number
  readonly people: number
  /** Hours of the crew that go into setting up, where they need any and are not at work there already. */
  readonly setUp?: number
  readonly startDay: Day
  readonly startHalf: 0 | 1
  readonly endDay: Day
  readonly endHalf: 0 | 1
  /** Why it does not start earlier, in a sentence, and the visit that binds it. */
  readonly why: string
  readonly boundBy: string | null
  /** The day until which something else holds it, where that is why. */
  readonly until?: Day
  /** Keys of the visits that wait for it. */
  readonly holds: readonly string[]
}

export interface Plan {
  readonly madeOn: Day
  readonly visits: readonly PlannedVisit[]
  /** Likely finish of each site. */
  readonly finish: Readonly<Record<string, Day>>
  /** The day nothing can beat: its longest chain with every crew free, or its work for one crew. */
  readonly floor: Readonly<Record<string, Day>>
  /** How each site may finish; empty where no draws were asked for. */
  readonly risk: Readonly<Record<string, SiteRisk>>
  /** Ends that were promised, and what the plan makes of them. */
  readonly promises: readonly Promised[]
  /** Services that are off for a while, against what they should be. */
  readonly without: readonly Without[]
  /** What is hired, with the days on which it is needed. */
  readonly hired: readonly Hired[]
  /** What it answers, where it is kept: asked the same again, it stays. */
  readonly question?: string
  /** What is opened outside, and when it is closed again. */
  readonly open: readonly StandsOpen[]
  /** What was said by name and cannot be kept, in words, with the visit that should have waited. */
  readonly unkept: readonly { readonly siteId: string; readonly visit: string; readonly words: string }[]
}

/** The visits of a plan as the next one knows them. */
export const keptBefore = ({ visits }: Pick<Plan, 'visits'>): PlannedBefore[] =>
  visits.map(({ key, startDay, startHalf, people, crewId, setUp, until, boundBy }) => ({
    visitKey: key,
    day: startDay,
    half: startHalf,
    people,
    crewId,
    ...(setUp === undefined ? {} : { setUp }),
    until,
    boundBy,
  }))

/** A plan in which nothing is to be done. */
export const emptyPlan = (madeOn: Day): Plan => ({
  madeOn,
  visits: [],
  finish: {},
  floor: {},
  risk: {},
  promises: [],
  without: [],
  hired: [],
  open: [],
  unkept: [],
})

export interface PlanOptions extends SolveOptions {
  /** Ways in which the work may go, drawn to say what can be promised. */
  readonly draws?: number
}

/** A plan and how good its schedule is, by `scoreOf`. */
export interface Rated {
  readonly plan: Plan
  readonly score: readonly number[]
  /** The slot at which each visit of the problem begins. */
  readonly starts: Int32Array
}

/** Solves a problem and puts the answer back into visits, days and sentences, with what can be promised of it. */
export function planOf(problem: Problem, { draws, ...options }: PlanOptions): Plan {
  const { plan, starts } = ratedPlan(problem, options)
  return draws ? { ...plan, risk: finishRisk(problem, starts, { draws, seed: options.seed }) } : plan
}

/** The same without what can be promised, and with how good it is: so the answers of several seeds can be compared. */
export function ratedPlan(problem: Problem, options: SolveOptions): Rated {
  const { schedule, score, floors } = named(problem, () => solve(problem.instance, options))
  const after = groupBy(problem.links, (link) => link.from)
  const before = groupBy(problem.links, (link) => link.to)
  const company = companyOf(problem)
  const visits = problem.visits.map((visit, index): PlannedVisit => {
    const start = schedule.start[index]!
    const end = schedule.finish[index]! - 1
    const incoming = before.get(index) ?? []
    const waits = schedule.waits?.get(index)
    const binding = boundBy(problem, schedule, index, incoming, company)
    const bound =
      waits === undefined || isFirm(problem, schedule, binding)
        ? binding
        : waitsFor(problem, schedule, problem.asks[waits]!)
    const weathered = withWeather(problem, schedule, index, bound)
    const told = withMost(problem, schedule, index, incoming, weathered)
    return {
      key: visit.key,
      siteId: visit.siteId,
      crewId: problem.crews[index]?.id ?? null,
      trade: visit.trade,
      stages: visit.stages,
      placeIds: visit.placeIds,
      lineIds: visit.lineIds,
      ...(visit.measures ? { measures: true as const } : {}),
      hours: visit.hours,
      ...mannedBy(problem, index, schedule.mode[index]!),
      ...halfDay('start', problem.origin, start),
      ...halfDay('end', problem.origin, end),
      why: told.why,
      boundBy: told.boundBy,
      ...(told.until === undefined ? {} : { until: dayOfSlot(problem.origin, told.until) }),
      holds: (after.get(index) ?? []).map((link) => problem.visits[link.to]!.key),
    }
  })
  const plan: Plan = {
    madeOn: problem.origin,
    visits,
    finish: lastDays(problem, schedule.finish),
    floor: floorDays(problem, floors),
    without: withoutOf(problem, schedule),
    hired: hiredOf(problem, schedule),
    open: standsOpen(problem, schedule),
    unkept: unkeptOf(problem),
    promises: promisesOf(problem, schedule.finish),
    risk: {},
  }
  return { plan, score, starts: schedule.start }
}

/** What was said by name and would make visits wait for each other, told as the circle that they would run in. */
const unkeptOf = ({ refused, visits, nameOf }: Problem): Plan['unkept'] =>
  refused.map(({ link, circle }) => ({
    siteId: visits[link.to]!.siteId,
    visit: visits[link.to]!.key,
    words: `${link.words}: that cannot be kept, since these would wait for each other: ${circle.map(nameOf).join(', then ')}. Take it back, or split one of them.`,
  }))

/** Who comes for a visit done in some mode, and what they need to set up. */
function mannedBy({ crews, instance }: Problem, index: number, mode: number): Pick<PlannedVisit, 'people' | 'setUp'> {
  const crew = crews[index]
  if (!crew) return { people: 1 }
  const { modes, team } = instance.activities[index]!
  const { demands, follows } = modes[mode]!
  const { units } = demands.find(({ resource }) => resource === team)!
  return { people: crew.crewSize * units, ...(crew.setUpHours && !follows ? { setUp: crew.setUpHours } : {}) }
}

/** Puts the visit's name where the search finds no time for one. */
function named<T>({ nameOf, crews }: Problem, search: () => T): T {
  try {
    return search()
  } catch (error) {
    if (!(error instanceof ImpossibleRequest && error.code === 'horizon-too-short')) throw error
    const index = Number(error.field)
    const crew = crews[index]
    throw new ImpossibleRequest(
      error.code,
      `${crew ? `${crew.name} find` : 'Nobody finds'} no working time for ${nameOf(index)} in the next two years. Give ${crew ? 'them' : 'the site'} more days, another crew for the trade, or take work out.`,
      'weekdays',
    )
  }
}

function halfDay<P extends 'start' | 'end'>(prefix: P, origin: Day, slot: Slot) {
  return { [`${prefix}Day`]: dayOfSlot(origin, slot), [`${prefix}Half`]: isMorning(slot) ? 0 : 1 } as {
    readonly [K in `${P}Day`]: Day
  } & { readonly [K in `${P}Half`]: 0 | 1 }
}

function lastDays(problem: Problem, finishes: Int32Array): Record<string, Day> {
  const last: Record<string, number> = {}
  problem.visits.forEach((visit, index) => {
    last[visit.siteId] = Math.max(last[visit.siteId] ?? 0, finishes[index]!)
  })
  return Object.fromEntries(Object.entries(last).map(([site, slot]) => [site, dayOfSlot(problem.origin, slot - 1)]))
}

function floorDays({ instance, visits, origin }: Problem, floors: ReadonlyMap<number, number>): Record<string, Day> {
  return Object.fromEntries(
    visits.map(({ siteId }, i) => [siteId, dayOfSlot(origin, floors.get(instance.activities[i]!.site ?? 0)! - 1)]),
  )
}

/** The visits of each crew and in each place, by their numbers. */
interface Company {
  readonly byCrew: ReadonlyMap<string, readonly number[]>
  readonly byPlace: ReadonlyMap<string, readonly number[]>
}

function companyOf({ visits, crews }: Problem): Company {
  const at = visits.flatMap(({ placeIds }, index) => placeIds.map((id) => ({ id, index })))
  const of = crews.flatMap((crew, index) => (crew ? [{ id: crew.id, index }] : []))
  const numbers = (list: typeof at): ReadonlyMap<string, readonly number[]> =>
    new Map([...groupBy(list, ({ id }) => id)].map(([id, its]) => [id, its.map(({ index }) => index)]))
  return { byCrew: numbers(of), byPlace: numbers(at) }
}

interface Why {
  readonly why: string
  readonly boundBy: string | null
  /** The slot before which something else than a visit keeps it away, where that is why. */
  readonly until?: Slot
}

/** Adds the days just before its start on which the weather kept a visit away. */
function withWeather(problem: Problem, { start }: { readonly start: Int32Array }, index: number, told: Why): Why {
  const first = dayOfSlot(problem.origin, start[index]!)
  const away = [...problem.stopped[index]!].filter(([day]) => day < first).sort(([a], [b]) => (a < b ? -1 : 1))
  const last = away.at(-1)
  if (!last || nextOpen(problem.instance, index, slotOfDay(problem.origin, last[0])) !== start[index]) return told
  return { ...told, why: `${told.why} Not before ${shortDay(first)}, for ${last[1]}.` }
}

/** What opens something, and what lies between, waits for what closes it again. */
function waitsFor({ visits, origin, nameOf }: Problem, { start }: { start: Int32Array }, ask: Ask): Why {
  const { closes, counts } = ask.span
  const [first, last] = [Math.min, Math.max].map((pick) => pick(...closes.map((i) => start[i]!)))
  const to = closes.find((i) => start[i] === (counts === 'nights' ? first : last))!
  return {
    why: `It could be earlier, and waits ${soThat(ask)}: ${nameOf(to)} follows on ${shortDay(dayOfSlot(origin, start[to]!))}.`,
    boundBy: visits[to]!.key,
  }
}

const FREE: Why = { why: 'Nothing holds it: the plan puts it here beside the other work.', boundBy: null }

/** Whether a reason holds a visit whatever else waits: it is no visit that could itself be earlier. */
const isFirm = ({ visits }: Problem, { waits }: Schedule, { why, boundBy: by }: Why): boolean =>
  why !== FREE.why && ![...waits!.keys()].some((i) => visits[i]!.key === by)

/** What binds a visit: what comes before it and waits for it is no reason, as long as there is another. */
function boundBy(
  problem: Problem,
  schedule: Schedule,
  index: number,
  incoming: readonly Link[],
  company: Company,
): Why {
  const by = (its: readonly Link[]): Why =>
    withOpening(problem, schedule, index, its, whyThen(problem, schedule, index, its, company))
  const first = by(incoming.filter(({ from }) => !schedule.waits?.has(from)))
  return first.why === FREE.why ? by(incoming) : first
}

/** Adds that a visit comes later than it may after another, by a site's own order. */
function withMost(
  { nameOf }: Problem,
  { start, finish }: { start: Int32Array; finish: Int32Array },
  index: number,
  incoming: readonly Link[],
  told: Why,
): Why {
  const late = incoming.find(({ from, most }) => most !== undefined && start[index]! > finish[from]! + most)
  if (!late) return told
  const days = Math.ceil((start[index]! - finish[late.from]!) / 2)
  return {
    ...told,
    why: `${told.why} It should follow ${nameOf(late.from)} within ${daysWords(late.most! / 2)} and comes after ${daysWords(days)}.`,
  }
}

/** Adds that nothing is opened before days off, where that keeps a visit from the afternoon on which it could begin. */
function withOpening(
  { instance, opens, origin }: Problem,
  { start, finish }: { start: Int32Array; finish: Int32Array },
  index: number,
  incoming: readonly Link[],
  told: Why,
): Why {
  if (!opens[index]) return told
  const { calendar, release } = instance.activities[index]!
  const open = instance.calendars[calendar]!
  let could = Math.max(release, ...incoming.map(({ from, lag }) => finish[from]! + lag))
  while (could < start[index]! && open[could] === 0) could++
  if (could === start[index] || isMorning(could) || nextOpen(instance, index, could) !== start[index]) return told
  return {
    ...told,
    why: `${told.why} Not on the afternoon of ${shortDay(dayOfSlot(origin, could))}: nothing outside is opened before days off.`,
  }
}

/** The constraint that really binds a visit's start, found in the schedule: what ends just when it can begin. */
function whyThen(
  problem: Problem,
  schedule: Pick<Schedule, 'start' | 'finish' | 'mode'>,
  index: number,
  incoming: readonly Link[],
  company: Company,
): Why {
  const { instance, visits } = problem
  const activity = instance.activities[index]!
  const start = schedule.start[index]!
  const firstOpen = (slot: Slot): Slot => nextOpen(instance, index, slot)
  // On the first slot that its people have nothing that comes before binds it.
  const bindings = incoming.filter(
    (link) => firstOpen(0) < start && firstOpen(schedule.finish[link.from]! + link.lag) === start,
  )
  // What was said of this very work tells more than what is usual.
  const binding = bindings.find(({ by }) => by === 'name') ?? bindings[0]
  if (activity.fixed === start && !(binding && schedule.finish[binding.from]! + binding.lag === start))
    return { why: 'It was agreed for then.', boundBy: null }
  if (binding) {
    const wait = binding.lag > 0 ? `, after a wait of ${daysWords(binding.lag / 2)}` : ''
    return { why: `${binding.words}${wait}.`, boundBy: visits[binding.from]!.key }
  }
  if (firstOpen(activity.release) === start) {
    const release = problem.holds[index]![0]!
    return release.kind === 'today'
      ? { why: 'It can start at once.', boundBy: null }
      : { why: `${release.words}.`, boundBy: null, until: release.slot }
  }
  return withoutSettingUp(problem, schedule, index, company) ?? occupied(problem, schedule, index, company)
}

/** What came before it in the same coming, where a visit waits for that to be spared setting up. */
function withoutSettingUp(
  { instance, visits, crews, nameOf }: Problem,
  { start, finish, mode }: Pick<Schedule, 'start' | 'finish' | 'mode'>,
  index: number,
  { byCrew }: Company,
): Why | null {
  const { modes, site } = instance.activities[index]!
  if (!modes[mode[index]!]!.follows) return null
  const before = byCrew
    .get(crews[index]!.id)!
    .find(
      (other) =>
        instance.activities[other]!.site === site && nextOpen(instance, index, finish[other]!) === start[index],
    )
  if (before === undefined) return null
  return {
    why: `${crews[index]!.name} go on from ${nameOf(before)} and need not set up again.`,
    boundBy: visits[before]!.key,
  }
}

function occupied(
  problem: Problem,
  schedule: { start: Int32Array; finish: Int32Array },
  index: number,
  { byCrew, byPlace }: Company,
): Why {
  const { visits, crews, instance } = problem
  const start = schedule.start[index]!
  const before = (other: number): boolean =>
    other !== index && schedule.start[other]! < start && nextOpen(instance, index, schedule.finish[other]!) >= start
  const crew = crews[index]
  const sameCrew = crew ? byCrew.get(crew.id)!.filter(before) : []
  if (crew && sameCrew.length >= crew.crews)
    return { why: `${crew.name} will be busy elsewhere until then.`, boundBy: visits[sameCrew[0]!]!.key }
  const samePlace = visits[index]!.placeIds.flatMap((id) => byPlace.get(id)!).filter(before)
  if (samePlace.length > 0)
    return { why: 'Another crew is still in the room.', boundBy: visits[Math.min(...samePlace)]!.key }
  const agreed = [...sameCrew, ...visits[index]!.placeIds.flatMap((id) => byPlace.get(id) ?? [])].find(
    (other) => other !== index && instance.activities[other]!.fixed !== undefined && schedule.start[other]! < start,
  )
  return agreed === undefined ? FREE : { why: 'An agreed visit comes first.', boundBy: visits[agreed]!.key }
}

function nextOpen(instance: Instance, index: number, slot: Slot): Slot {
  const { calendar, starts } = instance.activities[index]!
  const open = instance.calendars[calendar]!
  const may = starts === undefined ? open : instance.calendars[starts]!
  let at = Math.max(0, slot)
  while (at < open.length && (open[at] === 0 || may[at] === 0)) at++
  return at
}
