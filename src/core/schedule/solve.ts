import { earliestFinishes, latestStarts, siteFloors } from './bounds'
import { goalsFrom, isBetter, scoreOf, type Goal } from './goals'
import type { Instance, Schedule, Span } from './instance'
import { networkOf, pathsBetween, type Network } from './network'
import { seededRandom } from './random'
import { brokenIn, Scheduler } from './scheduler'
import { excessOf, isOpen } from './span'

export interface SolveOptions {
  /** Rounds of improvement; each is one schedule. */
  readonly rounds: number
  readonly seed: number
  /** What counts most once agreed days are kept; the earliest finishes where nothing is said. */
  readonly goal?: Goal
  /** Called now and then with the share done; returning false stops the search with the best so far. */
  readonly onProgress?: (done: number, best: number) => boolean
}

export interface Solution {
  readonly schedule: Schedule
  /** What nothing can beat: the slot in which each site can end at the earliest, by `siteFloors`. */
  readonly floors: ReadonlyMap<number, number>
  /** How good it is, by `scoreOf`. */
  readonly score: readonly number[]
}

interface Found {
  readonly schedule: Schedule
  readonly score: readonly number[]
  /** The order that it was built in. */
  readonly order: ArrayLike<number>
}

/** Plans an instance: least latest start first, then improved forward and backward (Tormos and Lova 2001), and by taking
 * a stretch of time, a site or a trade and dealing its order anew (large neighbourhoods, Palpant et al. 2004). Keeping
 * agreed starts comes before anything else, then promised ends, then the goals in their order. Never worse than its
 * first schedule; the same seed gives the same answer. */
export function solve(instance: Instance, options: SolveOptions): Solution {
  const network = networkOf(instance)
  const scheduler = new Scheduler(instance, network)
  const goals = goalsFrom(options.goal ?? 'fastest')
  const earliest = earliestFinishes(instance, network)
  const floor = earliest.reduce((a, b) => Math.max(a, b), 0)
  const random = seededRandom(options.seed)
  // Where nobody is better off by moving, everybody stays: the plan before is kept as if it had been agreed.
  const keeper = new Scheduler(keptAsBefore(instance), network)
  const made = (order: ArrayLike<number>, by = goals[0] === 'least-change' ? keeper : scheduler): Found => {
    const built = closedSoon(by, order)
    const schedule = by === keeper ? { ...built, broken: brokenIn(instance, built.start) } : built
    return { schedule, score: scoreOf(instance, schedule, goals), order }
  }
  // What is under way goes on before anything new is begun.
  const first = latestStarts(instance, floor, network).map(
    (latest, i) => latest - (instance.activities[i]!.begun ? floor : 0),
  )
  let best = made(first)
  const before = instance.activities.map((activity, i) => activity.before ?? first[i]!)
  for (const found of [made(closedNext(instance, first, network)), made(before), made(before, keeper)])
    if (isBetter(found.score, best.score)) best = found
  const floors = siteFloors(instance, network)
  const siteEnds = [...floors.values()].reduce((sum, slot) => sum + slot, 0)
  const [kept, late] = scoreOf(instance, { ...best.schedule, finish: earliest, broken: 0 }, ['fastest'])
  const least = [kept!, late!, 0, siteEnds]
  const cannotBeBeaten = (): boolean => goals[0] === 'fastest' && !isBetter(least, best.score.slice(0, 4))
  let current = best
  for (let round = 0; round < options.rounds && !cannotBeBeaten(); round++) {
    if (options.onProgress && !options.onProgress(round / options.rounds, best.schedule.makespan)) break
    const found = made(round % 3 === 0 ? scheduler.lateStarts(current.schedule) : dealtAnew(instance, current, random))
    // An order that is no worse is gone on from, so that the search does not stand still; it is kept where it is better.
    if (!isBetter(current.score, found.score)) current = found
    if (isBetter(found.score, best.score)) best = found
  }
  // Built in the order of its starts, each that follows work of its team finds it there and need not set up; and what planning
  // again with nothing new would win by that is won now.
  for (let found = best; ; best = found) {
    found = made(best.schedule.start)
    if (!isBetter(found.score, best.score)) break
  }
  return { schedule: best.schedule, floors, score: best.score }
}

/** An order in which what is opened is closed before the same people open the next. */
function closedNext({ spans = [] }: Instance, order: Float64Array, network: Network): Float64Array {
  const keys = Float64Array.from(order)
  const openedAt = ({ opens }: Span): number => Math.max(...opens.map((i) => order[i]!))
  spans
    .filter((span) => isOpen(span) && span.opens.length > 0)
    .sort((a, b) => openedAt(a) - openedAt(b))
    .forEach((span, i) => {
      const turn = openedAt(span) + i * A_TURN
      for (const index of span.opens) keys[index] = turn
      for (const index of [...pathsBetween(network, span.opens, span.closes), ...span.closes])
        if (!span.opens.includes(index)) keys[index] = Math.min(keys[index]!, turn + A_TURN / 2)
    })
  return keys
}
/** Less than a slot, so that turns never change what is due slots before. */
const A_TURN = 1e-3

/** How often what still stands open too long is begun later. */
const LATER_TRIES = 5

/** Builds a schedule in which what is opened is closed again in time wherever that can be: what lies between is drawn together
 * at its end, and what even then stands open too long (over days off, say) is begun later, a little at a time. */
function closedSoon(scheduler: Scheduler, order: ArrayLike<number>): Schedule {
  const { activities, spans = [] } = scheduler.instance
  const openIn = (schedule: Schedule): number =>
    spans.reduce((sum, span) => (span.price === undefined ? sum + excessOf(span, schedule) : sum), 0)
  let best = scheduler.closeUp(scheduler.schedule(order))
  let least = openIn(best)
  const releases = Float64Array.from(activities, ({ release }) => release)
  /** What was begun later, and the span for which. */
  const later = new Map<number, number>()
  for (let tries = 0, last = best; tries < LATER_TRIES && least > 0; tries++) {
    let moved = false
    for (const [number, span] of spans.entries()) {
      const over = span.price === undefined ? excessOf(span, last) : 0
      for (const index of over > 0 ? span.opens : []) {
        if (activities[index]!.fixed !== undefined || activities[index]!.begun) continue
        releases[index] = last.start[index]! + over
        later.set(index, number)
        moved = true
      }
    }
    if (!moved) break
    last = withWaits(scheduler.closeUp(scheduler.schedule(order, undefined, releases)), later)
    const open = openIn(last)
    if (open < least) [best, least] = [last, open]
  }
  return best
}

/** What was begun later waits for what closes it, also where nothing between them had to be drawn together. */
const withWaits = (schedule: Schedule, later: ReadonlyMap<number, number>): Schedule => ({
  ...schedule,
  waits: new Map([...later, ...(schedule.waits ?? [])]),
})

const keptAsBefore = (instance: Instance): Instance => ({
  ...instance,
  activities: instance.activities.map((activity) =>
    activity.fixed !== undefined || activity.before === undefined
      ? activity
      : { ...activity, fixed: activity.before, weight: 0 },
  ),
})

/** An order near the best: a stretch of time, a site or a trade dealt anew, a site let go first, one visit put before
 * another, or a trade's visits to a site drawn together. */
function dealtAnew({ activities }: Instance, { schedule, order }: Found, random: () => number): Float64Array {
  const { start, makespan } = schedule
  const count = activities.length
  const [one, other] = [Math.floor(random() * count), Math.floor(random() * count)]
  const { site, team } = activities[one]!
  const keys = Float64Array.from(random() < 0.5 ? order : start)
  const way = random()
  if (way < 0.2) {
    keys[one] = keys[other]! - 0.5
    return keys
  }
  const width = makespan * (0.1 + 0.3 * random())
  const touched = (i: number): boolean =>
    way < 0.5
      ? Math.abs(start[i]! - start[one]!) < width
      : way < 0.7
        ? activities[i]!.site === site
        : team !== undefined && activities[i]!.team === team && (way < 0.9 || activities[i]!.site === site)
  const reach = makespan * (0.05 + 0.35 * random())
  const first = way >= 0.6 && way < 0.7 ? makespan : 0
  for (let i = 0; i < count; i++) {
    if (!touched(i)) continue
    keys[i] = way < 0.9 ? keys[i]! - first + (random() - 0.5) * reach : keys[one]!
  }
  return keys
}
