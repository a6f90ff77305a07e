import { earliestFinishes, latestStarts } from './bounds'
import type { Instance, Schedule } from './instance'
import { networkOf, type Network } from './network'
import { serialSchedule } from './serialSchedule'
import { Timeline } from './timeline'

export interface SolveOptions {
  /** Rounds of improvement; each is one backward and one forward pass or one seeded trial. */
  readonly rounds: number
  readonly seed: number
  /** Called now and then with the share done; returning false stops the search with the best so far. */
  readonly onProgress?: (done: number, best: number) => boolean
}

export interface Solution {
  readonly schedule: Schedule
  /** Makespan that nothing can beat: the longest chain with unlimited crews. */
  readonly floor: number
}

/** Plans an instance: least latest start first, then improved forward and backward (Tormos and Lova 2001), then seeded
 * trials around the best order. Keeping agreed starts comes before an earlier end. Never worse than its first schedule;
 * the same seed gives the same answer.
 */
export function solve(instance: Instance, options: SolveOptions): Solution {
  const network = networkOf(instance)
  const floor = earliestFinishes(instance, network).reduce((a, b) => Math.max(a, b), 0)
  const random = seededRandom(options.seed)
  // What is under way goes on before anything new is begun.
  let priority: Float64Array = latestStarts(instance, floor, network).map(
    (latest, i) => latest - (instance.activities[i]!.begun ? floor : 0),
  )
  let best = serialSchedule(instance, priority, network)
  const asBefore = instance.activities.map((activity, i) => activity.before ?? priority[i]!)
  const kept = serialSchedule(instance, asBefore, network)
  if (better(instance, kept, best)) {
    best = kept
    priority = Float64Array.from(asBefore)
  }
  for (let round = 0; round < options.rounds && (best.makespan > floor || best.broken > 0); round++) {
    if (options.onProgress && !options.onProgress(round / options.rounds, best.makespan)) break
    const trial = round % 2 === 0 ? lateStarts(instance, network, best) : shaken(priority, floor, random)
    const schedule = serialSchedule(instance, trial, network)
    if (better(instance, schedule, best)) {
      best = schedule
      priority = trial
    }
  }
  return { schedule: best, floor }
}

/** Pushes everything as late as the best schedule's end allows, last finish first; the late starts are the new order. */
function lateStarts(instance: Instance, network: Network, best: Schedule): Float64Array {
  const timeline = new Timeline(instance)
  const late = Float64Array.from(best.start)
  const lastFirst = [...best.finish.keys()].sort((a, b) => best.finish[b]! - best.finish[a]! || b - a)
  const placed = new Uint8Array(best.start.length)
  for (const index of lastFirst) {
    const activity = instance.activities[index]!
    const mode = activity.modes[0]!
    let limit = best.makespan
    for (const { to, lag } of network.after[index]!) if (placed[to]) limit = Math.min(limit, late[to]! - lag)
    const fixedHere = activity.fixed === best.start[index]
    const at = fixedHere ? best.start[index]! : timeline.lastStart(activity, mode, limit, best.start[index]!)
    late[index] = at >= 0 ? at : best.start[index]!
    timeline.take(activity, mode, late[index]!, 1)
    placed[index] = 1
  }
  return late
}

function shaken(priority: Float64Array, floor: number, random: () => number): Float64Array {
  return priority.map((value) => value + (random() - 0.5) * 0.15 * floor)
}

/** Fewer broken agreements first, then the earlier end, then fewer visits moved from the plan before, then earlier
 * finishes on the whole. */
function better(instance: Instance, a: Schedule, b: Schedule): boolean {
  if (a.broken !== b.broken) return a.broken < b.broken
  if (a.makespan !== b.makespan) return a.makespan < b.makespan
  const moved = (schedule: Schedule): number =>
    instance.activities.filter(({ before }, i) => before !== undefined && before !== schedule.start[i]).length
  const difference = moved(a) - moved(b)
  return difference === 0 ? sum(a.finish) < sum(b.finish) : difference < 0
}
const sum = (values: Int32Array): number => values.reduce((a, b) => a + b, 0)

/** A small seeded generator (mulberry32), uniform in [0, 1). */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}
