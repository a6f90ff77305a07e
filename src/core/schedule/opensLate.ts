import { groupBy } from '../lists/groupBy'
import { scoreOf, type Goal } from './goals'
import type { Schedule } from './instance'
import type { Problem } from './problem'
import { Scheduler } from './scheduler'

/** A schedule in which some visits wait although they could begin. */
export interface Waiting {
  readonly schedule: Schedule
  /** Of each that waits, the visit that it waits for to be near. */
  readonly waits: ReadonlyMap<number, number>
}

/** Lets what opens a face, a roof or the ground wait until what follows is near, so that no more is opened than is closed
 * again: where that breaks no agreed day, promised end or what the plan is made for. */
export function opensLate(
  { instance, links, opens }: Pick<Problem, 'instance' | 'links' | 'opens'>,
  schedule: Schedule,
  goals: readonly Goal[],
): Waiting {
  const after = groupBy(links, ({ from }) => from)
  const starts = Array.from(schedule.start)
  const waits = new Map<number, number>()
  opens.forEach((is, i) => {
    if (!is || instance.activities[i]!.fixed !== undefined) return
    const next = (after.get(i) ?? []).reduce<{ to: number; at: number } | null>((first, { to, lag }) => {
      const at = schedule.start[to]! - lag
      return first === null || at < first.at ? { to, at } : first
    }, null)
    const latest = next === null ? 0 : next.at - (schedule.finish[i]! - schedule.start[i]!)
    if (latest <= starts[i]!) return
    starts[i] = latest
    waits.set(i, next!.to)
  })
  const as = { schedule, waits: new Map<number, number>() }
  if (waits.size === 0) return as
  const activities = instance.activities.map((activity, i) =>
    waits.has(i) ? { ...activity, release: Math.max(activity.release, starts[i]!) } : activity,
  )
  const later = new Scheduler({ ...instance, activities }).schedule(starts)
  const [was, now] = [schedule, later].map((one) => scoreOf(instance, one, goals).slice(0, 3))
  return now!.every((value, at) => value <= was![at]!) ? { schedule: later, waits } : as
}
