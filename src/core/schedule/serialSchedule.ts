import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Instance, Schedule } from './instance'
import { networkOf, type Network } from './network'
import { Timeline } from './timeline'

/** Builds a schedule by taking activities in priority order, each as early as predecessors, calendars and resources
 * allow (serial schedule generation, Kelley 1963; Kolisch 1996).
 *
 * An agreed start is kept, its resources reserved beforehand. One that a predecessor or a release makes impossible gives
 * its reservation up, and the schedule is built again without it, so that it stands in nobody's way.
 * @param priority one number an activity, smaller goes first among those whose predecessors are placed
 * @throws ImpossibleRequest `horizon-too-short` where an activity finds no room before the horizon ends
 */
export function serialSchedule(
  instance: Instance,
  priority: ArrayLike<number>,
  network: Network = networkOf(instance),
): Schedule {
  const agreed = instance.activities.map((activity) => activity.fixed)
  for (;;) {
    const { schedule, broken } = build(instance, priority, network, agreed)
    if (broken.length === 0) return schedule
    for (const index of broken) agreed[index] = undefined
  }
}

function build(
  instance: Instance,
  priority: ArrayLike<number>,
  network: Network,
  agreed: readonly (number | undefined)[],
): { schedule: Schedule; broken: number[] } {
  const { activities } = instance
  const timeline = new Timeline(instance)
  const start = new Int32Array(activities.length).fill(-1)
  const finish = new Int32Array(activities.length).fill(-1)
  const broken: number[] = []
  const reserved = reserve(instance, timeline, agreed)
  for (const index of priorityOrder(network, priority)) {
    const activity = activities[index]!
    const mode = activity.modes[0]!
    let earliest = activity.release
    for (const { from, lag } of network.before[index]!) earliest = Math.max(earliest, finish[from]! + lag)
    let at = agreed[index]
    if (reserved[index] === 1) timeline.take(activity, mode, at!, -1)
    if (at === undefined || at < earliest || !timeline.fits(activity, mode, at)) {
      if (reserved[index] === 1) broken.push(index)
      at = timeline.firstStart(activity, mode, earliest)
    }
    if (at < 0) {
      throw new ImpossibleRequest('horizon-too-short', 'No free working time is left for a visit.', String(index))
    }
    start[index] = at
    finish[index] = timeline.take(activity, mode, at, 1)
  }
  const makespan = finish.reduce((a, b) => Math.max(a, b), 0)
  const moved = instance.activities.filter(({ fixed }, index) => fixed !== undefined && fixed !== start[index]).length
  return { schedule: { start, finish, makespan, broken: moved }, broken }
}

function reserve(instance: Instance, timeline: Timeline, agreed: readonly (number | undefined)[]): Uint8Array {
  const reserved = new Uint8Array(agreed.length)
  agreed.forEach((at, index) => {
    const activity = instance.activities[index]!
    if (at === undefined || !timeline.fits(activity, activity.modes[0]!, at)) return
    timeline.take(activity, activity.modes[0]!, at, 1)
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
