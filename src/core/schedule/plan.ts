import type { Day } from '../calendar/day'
import { dayOfSlot, isMorning, type Slot } from '../calendar/slots'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Stage, Trade } from '../scope/vocabulary'
import { finishRisk, type SiteRisk } from './finishRisk'
import { capital } from '../lists/capital'
import { groupBy } from '../lists/groupBy'
import type { Schedule } from './instance'
import type { PlannedBefore, Problem } from './problem'
import { promisesOf, type Promised } from './promises'
import { solve, type SolveOptions } from './solve'
import { excessOf } from './span'
import { standsOpen, type StandsOpen } from './standsOpen'
import { companyOf, whyThen } from './whyThen'
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
    const told = whyThen(problem, schedule, index, incoming, company)
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
    unkept: [...refusedOf(problem), ...tooLongAfter(problem, schedule, visits)],
    promises: promisesOf(problem, schedule.finish),
    risk: {},
  }
  return { plan, score, starts: schedule.start }
}

/** What was said by name and would make visits wait for each other, told as the circle that they would run in. */
const refusedOf = ({ refused, visits, nameOf }: Problem): Plan['unkept'] =>
  refused.map(({ link, circle }) => ({
    siteId: visits[link.to]!.siteId,
    visit: visits[link.to]!.key,
    words: `${link.words}: that cannot be kept, since these would wait for each other: ${circle.map(nameOf).join(', then ')}. Take it back, or split one of them.`,
  }))

/** What was to follow within some days, by a site's own order or by name, and follows later; its why says by how much. */
const tooLongAfter = ({ asks, nameOf }: Problem, schedule: Schedule, visits: readonly PlannedVisit[]): Plan['unkept'] =>
  asks.flatMap((ask) => {
    if (ask.kind !== 'soon' || excessOf(ask.span, schedule) === 0) return []
    const { key: visit, why } = visits[ask.link.to]!
    const words = `${capital(nameOf(ask.link.to))}: ${why} Move what holds it, or allow more days.`
    return [{ siteId: ask.siteId, visit, words }]
  })

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
