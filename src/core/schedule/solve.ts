import { earliestFinishes, tails } from './bounds'
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

/** Plans an instance: longest tail first, then improved forward and backward (Tormos and Lova 2001), then seeded trials
 * around the best order. Never worse than its first schedule; the same seed gives the same answer.
 */
export function solve(instance: Instance, options: SolveOptions): Solution {
  const network = networkOf(instance)
  const floor = earliestFinishes(instance, network).reduce((a, b) => Math.max(a, b), 0)
  const tail = tails(instance, network)
  const random = seededRandom(options.seed)
  const longest = tail.reduce((a, b) => Math.max(a, b), 0)
  let priority: Float64Array = Float64Array.from(
    tail,
    (value, index) => -value - (instance.activities[index]!.begun ? longest : 0),
  )
  let best = serialSchedule(instance, priority, network)
  for (let round = 0; round < options.rounds && best.makespan > floor; round++) {
    if (options.onProgress && !options.onProgress(round / options.rounds, best.makespan)) break
    const trial = round % 2 === 0 ? lateStarts(instance, network, best) : shaken(priority, tail, random)
    const schedule = serialSchedule(instance, trial, network)
    if (better(schedule, best)) {
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

function shaken(priority: Float64Array, tail: Int32Array, random: () => number): Float64Array {
  const spread = 0.15 * tail.reduce((a, b) => Math.max(a, b), 1)
  return priority.map((value) => value + (random() - 0.5) * spread)
}

/** Earlier end first, then earlier finishes on the whole. */
function better(a: Schedule, b: Schedule): boolean {
  if (a.makespan !== b.makespan) return a.makespan < b.makespan
  return sum(a.finish) < sum(b.finish)
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
