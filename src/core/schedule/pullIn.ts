import { dayOfSlot } from '../calendar/slots'
import { daysBetween, type Day } from '../calendar/day'
import type { Activity, Instance } from './instance'
import type { Release } from './holds'
import type { Problem } from './problem'
import { solve, type SolveOptions } from './solve'

/** One thing that could give way. */
export type Relief =
  | { readonly kind: 'crew'; readonly crewId: string; readonly name: string }
  | { readonly kind: 'release'; readonly release: Release }
  | { readonly kind: 'agreed'; readonly visitKey: string }

/** What the end of a site would be if one thing gave way. */
export interface PullIn {
  readonly relief: Relief
  readonly finish: Day
  /** Calendar days that it is earlier. */
  readonly days: number
  /** Visits that move from where they stand, by key. */
  readonly moved: readonly string[]
}

const MOST = 5

/** What would bring the end of a site forward, found by planning again without each thing in turn: one more crew, what a
 * visit waits for, a day that was agreed. Those that win a day, the most first; among equals the one that moves fewer.
 * @param starts where the visits stand now, slot by slot */
export function pullIns(
  problem: Problem,
  starts: ArrayLike<number>,
  siteId: string,
  options: SolveOptions,
): readonly PullIn[] {
  const { instance, visits, origin } = problem
  const asNow: Instance = {
    ...instance,
    movesAreFree: true,
    activities: instance.activities.map((activity, i) => ({ ...activity, before: starts[i]! })),
  }
  const ended = (of: Instance): { end: number; start: Int32Array } => {
    const { start, finish } = solve(of, options).schedule
    return { end: Math.max(0, ...visits.map((visit, i) => (visit.siteId === siteId ? finish[i]! : 0))), start }
  }
  const now = ended(asNow)
  return reliefsFor(problem, siteId)
    .map((relief): PullIn => {
      const { end, start } = ended(relieved(asNow, problem, relief))
      const finish = dayOfSlot(origin, end - 1)
      const moved = visits.flatMap((visit, i) => (start[i] === now.start[i] ? [] : [visit.key]))
      return { relief, finish, days: daysBetween(finish, dayOfSlot(origin, now.end - 1)), moved }
    })
    .filter(({ days }) => days > 0)
    .sort((a, b) => b.days - a.days || a.moved.length - b.moved.length)
    .slice(0, MOST)
}

/** All that holds a site: the crews that come to it, what its visits wait for, and the days agreed for them. */
function reliefsFor({ visits, crews, holds, instance }: Problem, siteId: string): Relief[] {
  const mine = visits.flatMap((visit, i) => (visit.siteId === siteId ? [i] : []))
  const teams = new Map(mine.flatMap((i) => (crews[i] ? [[crews[i].id, crews[i]] as const] : [])))
  const waits = new Map(
    mine.flatMap((i) =>
      holds[i]!.filter(({ kind, slot }) => kind !== 'today' && slot > 0).map(
        (release) => [release.words, release] as const,
      ),
    ),
  )
  return [
    ...[...waits.values()].map((release): Relief => ({ kind: 'release', release })),
    ...[...teams.values()].map(({ id, name }): Relief => ({ kind: 'crew', crewId: id, name })),
    ...mine
      .filter((i) => instance.activities[i]!.fixed !== undefined)
      .map((i): Relief => ({ kind: 'agreed', visitKey: visits[i]!.key })),
  ]
}

function relieved(instance: Instance, { visits, crews, holds }: Problem, relief: Relief): Instance {
  const each = (change: (activity: Activity, i: number) => Activity): Instance => ({
    ...instance,
    activities: instance.activities.map(change),
  })
  switch (relief.kind) {
    case 'crew': {
      const team = instance.activities[crews.findIndex((crew) => crew?.id === relief.crewId)]!.team!
      const more = (capacity: number | Uint8Array): number | Uint8Array =>
        typeof capacity === 'number' ? capacity + 1 : capacity.map((units) => units + 1)
      return {
        ...instance,
        resources: instance.resources.map((one, i) => (i === team ? { capacity: more(one.capacity) } : one)),
      }
    }
    case 'release':
      return each((activity, i) => ({
        ...activity,
        release: holds[i]!.find(({ words }) => words !== relief.release.words)?.slot ?? 0,
      }))
    case 'agreed':
      return each(({ fixed, ...rest }, i) =>
        visits[i]!.key === relief.visitKey || fixed === undefined ? rest : { ...rest, fixed },
      )
  }
}
