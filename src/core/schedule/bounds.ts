import type { Activity, Instance } from './instance'
import { networkOf, pathsBetween, type Network } from './network'

/** Earliest finish of every activity if every crew were free at every time: nothing can beat it. */
export const earliestFinishes = (instance: Instance, network: Network = networkOf(instance)): Int32Array =>
  earliest(instance, network).finish

/** The slot before which an activity cannot begin, and that of its earliest finish, whatever crews do. */
export function earliest(
  instance: Instance,
  network: Network,
): { readonly head: Int32Array; readonly finish: Int32Array } {
  const head = new Int32Array(instance.activities.length)
  const finish = new Int32Array(instance.activities.length)
  for (const index of network.order) {
    const activity = instance.activities[index]!
    let at = activity.release
    for (const { from, lag } of network.before[index]!) at = Math.max(at, finish[from]! + lag)
    head[index] = at
    finish[index] = finishOf(instance, index, at)
  }
  return { head, finish }
}

/** The slot after the last of some activities where nothing but the order of the work lies between them and what they begin
 * with: every crew free, all goods there.
 * @param at the slot in which the first of `from` begins */
export function soonestAfter(
  instance: Instance,
  network: Network,
  from: readonly number[],
  to: readonly number[],
  at: number,
): number {
  const its = new Set([...pathsBetween(network, from, to), ...to])
  const finish = new Int32Array(instance.activities.length)
  for (const index of network.order) {
    if (!its.has(index)) continue
    const ready = network.before[index]!.map((one) => (its.has(one.from) ? finish[one.from]! + one.lag : at))
    finish[index] = finishOf(instance, index, Math.max(at, ...ready))
  }
  return Math.max(...to.map((index) => finish[index]!))
}

/** The slot after the last working slot of an activity begun at or after `at`. */
function finishOf(instance: Instance, index: number, at: number): number {
  const activity = instance.activities[index]!
  const open = instance.calendars[activity.calendar]!
  let left = shortest(activity)
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

/** The slot in which each site can end at the earliest: its longest chain with every crew free, and, where that says
 * more, the work that it has for one crew or in one place from some slot on, over how much of that can go on at once
 * (an energy bound, by every head; after Klein and Scholl 1999). Other sites are left out of it, so it holds for any
 * order of them.
 * @returns slot after the last work, by the number of the site */
export function siteFloors(instance: Instance, network: Network = networkOf(instance)): ReadonlyMap<number, number> {
  const { head, finish } = earliest(instance, network)
  const floors = new Map<number, number>()
  const raise = (site: number, slot: number): void => void floors.set(site, Math.max(floors.get(site) ?? 0, slot))
  const tails = tailsOf(instance, network)
  const users = new Map<string, number[]>()
  instance.activities.forEach(({ site = 0, modes }, i) => {
    raise(site, finish[i]!)
    for (const { resource, units } of modes[0]!.demands) {
      if (units === 0) continue
      const key = `${site}/${resource}`
      users.set(key, [...(users.get(key) ?? []), i])
    }
  })
  for (const [key, its] of users) {
    const [site, resource] = key.split('/').map(Number) as [number, number]
    if (its.length > 1) raise(site, energyFloor(instance, resource, its, head, tails))
  }
  return floors
}

/** Slots from the finish of each activity to the end of the longest chain after it on its site, closed days aside. */
function tailsOf({ activities }: Instance, network: Network): Int32Array {
  const tails = new Int32Array(activities.length)
  for (let at = network.order.length - 1; at >= 0; at--) {
    const index = network.order[at]!
    for (const { to, lag } of network.after[index]!)
      if (activities[to]!.site === activities[index]!.site)
        tails[index] = Math.max(tails[index]!, lag + shortest(activities[to]!) + tails[to]!)
  }
  return tails
}

const shortest = ({ modes }: Activity): number => Math.min(...modes.map(({ duration }) => duration))

function energyFloor(
  { activities, calendars, resources, horizon }: Instance,
  resource: number,
  its: readonly number[],
  head: ArrayLike<number>,
  tails: ArrayLike<number>,
): number {
  const { capacity } = resources[resource]!
  const most = typeof capacity === 'number' ? capacity : Math.max(...capacity)
  const open = [...new Set(its.map((i) => activities[i]!.calendar))].map((calendar) => calendars[calendar]!)
  const work = (i: number): number =>
    Math.min(
      ...activities[i]!.modes.map(
        ({ duration, demands }) => duration * (demands.find((one) => one.resource === resource)?.units ?? 0),
      ),
    )
  // The latest heads are taken in first: all that is taken in can only begin from the last one taken on.
  const latestFirst = [...its].sort((a, b) => head[b]! - head[a]!)
  let [energy, tail, floor] = [0, Number.POSITIVE_INFINITY, 0]
  for (const i of latestFirst) {
    energy += work(i)
    tail = Math.min(tail, tails[i]!)
    let left = Math.ceil(energy / Math.max(1, most))
    let slot = head[i]!
    for (; left > 0 && slot < horizon; slot++) if (open.some((calendar) => calendar[slot] === 1)) left--
    floor = Math.max(floor, slot + tail)
  }
  return floor
}
