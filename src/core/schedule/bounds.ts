import type { Instance } from './instance'
import { networkOf, type Network } from './network'

/** Earliest finish of every activity if every crew were free at every time: nothing can beat it. */
export function earliestFinishes(instance: Instance, network: Network = networkOf(instance)): Int32Array {
  const finish = new Int32Array(instance.activities.length)
  for (const index of network.order) {
    const activity = instance.activities[index]!
    let at = activity.release
    for (const { from, lag } of network.before[index]!) at = Math.max(at, finish[from]! + lag)
    finish[index] = finishOf(instance, index, at)
  }
  return finish
}

/** The slot after the last working slot of an activity begun at or after `at`. */
function finishOf(instance: Instance, index: number, at: number): number {
  const activity = instance.activities[index]!
  const open = instance.calendars[activity.calendar]!
  let left = Math.min(...activity.modes.map(({ duration }) => duration))
  let slot = at
  for (; left > 0 && slot < open.length; slot++) if (open[slot] === 1) left--
  return slot
}

/** The latest slot in which each activity can start without the end growing or an agreed start after it breaking, crews
 * and closed days aside; the usual first priority (latest start time rule), smallest first. */
export function latestStarts(instance: Instance, end: number, network: Network = networkOf(instance)): Float64Array {
  const latest = new Float64Array(instance.activities.length)
  for (let i = network.order.length - 1; i >= 0; i--) {
    const index = network.order[i]!
    const activity = instance.activities[index]!
    let finish = end
    for (const { to, lag } of network.after[index]!) finish = Math.min(finish, latest[to]! - lag)
    latest[index] = Math.min(finish - activity.modes[0]!.duration, activity.fixed ?? Number.POSITIVE_INFINITY)
  }
  return latest
}
