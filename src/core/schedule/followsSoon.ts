import { groupBy } from '../lists/groupBy'
import { scoreOf, type Goal } from './goals'
import type { Schedule } from './instance'
import type { Link } from './links'
import type { Problem } from './problem'
import { Scheduler } from './scheduler'

/** A schedule in which some visits wait although they could begin. */
export interface Waiting {
  readonly schedule: Schedule
  /** Of each that waits, the visit that it waits for to be near, and within how many slots that has to follow; nothing
   * where something is opened, after which it follows at once. */
  readonly waits: ReadonlyMap<number, Pick<Link, 'to' | 'most'>>
}

/** Lets a visit wait until what has to follow it soon is near: what opens a face, a roof or the ground, so that no more is
 * opened than is closed again, and what a site's own order says must be followed within so many days. Where it breaks an
 * agreed day, a promised end or what the plan is made for, nobody waits. */
export function followsSoon(
  { instance, links, opens }: Pick<Problem, 'instance' | 'links' | 'opens'>,
  schedule: Schedule,
  goals: readonly Goal[],
): Waiting {
  const after = groupBy(links, ({ from }) => from)
  const starts = Array.from(schedule.start)
  const waits = new Map<number, Pick<Link, 'to' | 'most'>>()
  opens.forEach((opened, i) => {
    if (instance.activities[i]!.fixed !== undefined) return
    const works = schedule.finish[i]! - schedule.start[i]!
    const near = (after.get(i) ?? [])
      .filter(({ most }) => opened || most !== undefined)
      .map(({ to, lag, most }) => ({ to, most, latest: schedule.start[to]! - (opened ? lag : most!) - works }))
      .sort((a, b) => a.latest - b.latest)
    // What is opened is followed by the first; what must be followed within days waits for the last of them.
    const next = opened ? near[0] : near.at(-1)
    if (!next || next.latest <= schedule.start[i]!) return
    starts[i] = next.latest
    waits.set(i, opened ? { to: next.to } : { to: next.to, most: next.most! })
  })
  const as = { schedule, waits: new Map<number, Pick<Link, 'to' | 'most'>>() }
  if (waits.size === 0) return as
  const activities = instance.activities.map((activity, i) =>
    waits.has(i) ? { ...activity, release: Math.max(activity.release, starts[i]!) } : activity,
  )
  const later = new Scheduler({ ...instance, activities }).schedule(starts)
  const [was, now] = [schedule, later].map((one) => scoreOf(instance, one, goals).slice(0, 3))
  return now!.every((value, at) => value <= was![at]!) ? { schedule: later, waits } : as
}
