import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Instance, Schedule } from './instance'
import { networkOf, type Network } from './network'
import { Timeline } from './timeline'

/** Builds a schedule by taking activities in priority order, each as early as predecessors, calendars and resources
 * allow (serial schedule generation, Kelley 1963; Kolisch 1996).
 *
 * An agreed start is kept, its resources reserved beforehand, unless a predecessor or a release makes it impossible; then
 * the activity is placed like any other.
 * @param priority one number an activity, smaller goes first among those whose predecessors are placed
 * @throws ImpossibleRequest `horizon-too-short` where an activity finds no room before the horizon ends
 */
export function serialSchedule(instance: Instance, priority: ArrayLike<number>, network: Network = networkOf(instance)): Schedule {
  const { activities } = instance
  const timeline = new Timeline(instance)
  const start = new Int32Array(activities.length).fill(-1)
  const finish = new Int32Array(activities.length).fill(-1)
  const reserved = reserveFixed(instance, timeline)
  for (const index of priorityOrder(network, priority)) {
    const activity = activities[index]!
    const mode = activity.modes[0]!
    let earliest = activity.release
    for (const { from, lag } of network.before[index]!) earliest = Math.max(earliest, finish[from]! + lag)
    if (reserved[index] === 1) timeline.take(activity, mode, activity.fixed!, -1)
    const keeps = activity.fixed !== undefined && activity.fixed >= earliest && timeline.fits(activity, mode, activity.fixed)
    const at = keeps ? activity.fixed! : timeline.firstStart(activity, mode, earliest)
    if (at < 0) throw new ImpossibleRequest('horizon-too-short', 'No free working time is left for a visit.', String(index))
    start[index] = at
    finish[index] = timeline.take(activity, mode, at, 1)
  }
  return { start, finish, makespan: finish.reduce((a, b) => Math.max(a, b), 0) }
}

function reserveFixed(instance: Instance, timeline: Timeline): Uint8Array {
  const reserved = new Uint8Array(instance.activities.length)
  instance.activities.forEach((activity, index) => {
    if (activity.fixed === undefined || !timeline.fits(activity, activity.modes[0]!, activity.fixed)) return
    timeline.take(activity, activity.modes[0]!, activity.fixed, 1)
    reserved[index] = 1
  })
  return reserved
}

/** The activities in an order that respects precedence, smallest priority first among the eligible. */
function* priorityOrder(network: Network, priority: ArrayLike<number>): Generator<number> {
  const waiting = Int32Array.from(network.before, (list) => list.length)
  const eligible: number[] = []
  waiting.forEach((count, index) => count === 0 && eligible.push(index))
  while (eligible.length > 0) {
    let best = 0
    for (let i = 1; i < eligible.length; i++) {
      const a = eligible[i]!
      const b = eligible[best]!
      if (priority[a]! < priority[b]! || (priority[a] === priority[b] && a < b)) best = i
    }
    const [index] = eligible.splice(best, 1) as [number]
    yield index
    for (const { to } of network.after[index]!) if (--waiting[to]! === 0) eligible.push(to)
  }
}
