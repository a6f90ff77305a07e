import { SLOTS_PER_DAY } from '../calendar/slots'
import { STAYS, type Activity, type Instance, type Schedule } from './instance'
import { excessOf, isOpen, lengthOf, overlapOf } from './span'

/** What a plan can be made for. Agreed days and promised ends always come first. */
export const GOALS = {
  fastest: 'Earliest finishes',
  'least-change': 'Least change to the plan before',
  'fewest-visits': 'Fewest comings of each trade',
  smooth: 'Own crew evenly at work',
} as const
export type Goal = keyof typeof GOALS
export const GOAL_ORDER = Object.keys(GOALS) as readonly Goal[]

/** The goals in the order in which they count: the chosen one first, the others as they usually follow. */
export const goalsFrom = (first: Goal): readonly Goal[] => [first, ...GOAL_ORDER.filter((goal) => goal !== first)]

const WEEK = SLOTS_PER_DAY * 7

/** Slots won at a site's end for which one visit of those that stand in a plan already is worth moving: one working day for
 * ten of them. What wins less stays where it is. */
const MOVING = 0.2

/** How good a schedule is, the weightiest first; smaller is better: agreed starts that are broken, slots after promised
 * ends, slots for which something stands open too long, then what the rest costs in slots of sites' ends (services that
 * are off for longer than they should, visits moved, and the ends themselves where they are the goal), each goal in its
 * order, after the first of them the nights that anything stands open, and earlier finishes on the whole. */
export function scoreOf(instance: Instance, schedule: Schedule, goals: readonly Goal[]): readonly number[] {
  const spans = instance.spans ?? []
  const excess = spans.map((span) => excessOf(span, schedule))
  const open = excess.reduce((sum, slots, i) => sum + (spans[i]!.price === undefined ? slots : 0), 0)
  const priced = excess.reduce((sum, slots, i) => sum + slots * (spans[i]!.price ?? 0), 0)
  const both = (instance.apart ?? []).reduce((sum, [a, b]) => sum + overlapOf(spans[a]!, spans[b]!, schedule), 0)
  const moved = instance.movesAreFree
    ? 0
    : instance.activities.reduce((sum, one, i) => (isMoved(one, i, schedule) ? sum + (one.moving ?? MOVING) : sum), 0)
  const ends = goals[0] === 'fastest' ? MEASURES.fastest(instance, schedule) : 0
  return [
    schedule.broken,
    lateSlots(instance, schedule),
    open,
    priced + both + (goals[0] === 'least-change' ? 0 : moved) + ends,
    ...goals.slice(0, 1).map((goal) => MEASURES[goal](instance, schedule)),
    spans.reduce((sum, span) => (isOpen(span) ? sum + lengthOf(span, schedule) : sum), 0),
    ...goals.slice(1).map((goal) => MEASURES[goal](instance, schedule)),
    schedule.finish.reduce((sum, finish) => sum + finish, 0),
  ]
}

export function isBetter(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! < b[i]!
  return false
}

const lateSlots = ({ activities }: Instance, { finish }: Schedule): number =>
  activities.reduce(
    (sum, { deadline }, i) => (deadline === undefined ? sum : sum + Math.max(0, finish[i]! - deadline)),
    0,
  )

const isMoved = ({ before }: Activity, index: number, { start }: Schedule): boolean =>
  before !== undefined && before !== start[index]

/** The slot after the last work of each site, by its number. */
export function siteEnds(
  { activities }: Pick<Instance, 'activities'>,
  { finish }: Pick<Schedule, 'finish'>,
): ReadonlyMap<number, number> {
  const last = new Map<number, number>()
  activities.forEach(({ site = 0 }, i) => last.set(site, Math.max(last.get(site) ?? 0, finish[i]!)))
  return last
}

const MEASURES: Readonly<Record<Goal, (instance: Instance, schedule: Schedule) => number>> = {
  fastest: (instance, schedule) => [...siteEnds(instance, schedule).values()].reduce((sum, end) => sum + end, 0),
  'least-change': ({ activities }, schedule) =>
    activities.reduce((sum, one, i) => (isMoved(one, i, schedule) ? sum + 1 : sum), 0),
  'fewest-visits': ({ activities }, schedule) => comings(activities, schedule),
  smooth: ({ activities }, { start, finish }) => {
    const load = new Map<number, number>()
    activities.forEach(({ own }, i) => {
      if (!own) return
      for (let week = Math.floor(start[i]! / WEEK); week * WEEK < finish[i]!; week++) {
        const slots = Math.min(finish[i]!, (week + 1) * WEEK) - Math.max(start[i]!, week * WEEK)
        load.set(week, (load.get(week) ?? 0) + slots)
      }
    })
    return [...load.values()].reduce((sum, slots) => sum + slots * slots, 0)
  },
}

/** How often a trade comes to a site, all trades and sites together: work that follows within two days is one coming. */
export function comings(
  activities: readonly Pick<Activity, 'site' | 'team'>[],
  { start, finish }: { readonly start: ArrayLike<number>; readonly finish: ArrayLike<number> },
): number {
  const runs = new Map<string, number[]>()
  activities.forEach(({ site = 0, team }, i) => {
    if (team === undefined) return
    const key = `${site}/${team}`
    const run = runs.get(key)
    if (run) run.push(i)
    else runs.set(key, [i])
  })
  let count = 0
  for (const run of runs.values()) {
    run.sort((a, b) => start[a]! - start[b]!)
    let until = Number.NEGATIVE_INFINITY
    for (const i of run) {
      if (start[i]! > until + STAYS) count++
      until = Math.max(until, finish[i]!)
    }
  }
  return count
}
