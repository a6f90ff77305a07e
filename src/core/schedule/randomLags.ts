import type { Activity, Instance, Precedence, Span } from './instance'

/** How a project with maximum lags is drawn. */
export interface LagShape {
  readonly activities: number
  readonly resources: number
  /** Share of the precedences that have to follow within a most. */
  readonly most: number
}

/** A project with least and most lags, and one schedule that keeps them all. */
export interface LagProject {
  readonly instance: Instance
  /** The end of the schedule that it was drawn around. */
  readonly hidden: number
}

const LONGEST = 10
const MOST_UNITS = 5
const CAPACITY = 8

/** Draws a project as the test sets with maximum time lags are drawn (Schwindt 1998: durations and demands of 1 to 10 and 1
 * to 5, each activity with one to three successors), around a hidden schedule that keeps the resources and every lag, so that
 * each project has an answer. */
export function randomLags(random: () => number, { activities: count, resources, most }: LagShape): LagProject {
  const upTo = (n: number): number => 1 + Math.floor(random() * n)
  const length = Array.from({ length: count }, () => upTo(LONGEST))
  const needs = length.map(() => Array.from({ length: resources }, () => (random() < 0.6 ? upTo(MOST_UNITS) : 0)))
  const start = hiddenStarts(length, needs, resources)
  const finish = start.map((at, i) => at + length[i]!)
  const precedences: Precedence[] = []
  const spans: Span[] = []
  for (const [from, end] of finish.entries()) {
    const later = start.flatMap((at, to) => (at >= end && at <= end + 2 * LONGEST ? [to] : []))
    for (let n = upTo(3); n > 0 && later.length > 0; n--) {
      const [to] = later.splice(Math.floor(random() * later.length), 1)
      const gap = start[to!]! - end
      precedences.push({ from, to: to!, lag: Math.floor(random() * (gap + 1)) })
      if (random() < most)
        spans.push({ opens: [from], closes: [to!], most: gap + Math.floor(random() * 3), counts: 'between' })
    }
  }
  const horizon = 4 * length.reduce((sum, its) => sum + its, 0)
  return {
    hidden: Math.max(...finish),
    instance: {
      horizon,
      calendars: [new Uint8Array(horizon).fill(1)],
      resources: Array.from({ length: resources }, () => ({ capacity: CAPACITY })),
      activities: length.map((duration, i): Activity => ({
        modes: [
          {
            duration,
            demands: needs[i]!.flatMap((units, resource) => (units > 0 ? [{ resource, units }] : [])),
          },
        ],
        calendar: 0,
        release: 0,
        site: 0,
      })),
      precedences,
      spans,
    },
  }
}

/** Starts one activity after the other, each as early as the resources allow. */
function hiddenStarts(length: readonly number[], needs: readonly (readonly number[])[], resources: number): number[] {
  const used = Array.from({ length: resources }, () => [] as number[])
  return length.map((duration, i) => {
    const fits = (at: number): boolean =>
      needs[i]!.every((units, r) =>
        Array.from({ length: duration }, (_, k) => (used[r]![at + k] ?? 0) + units <= CAPACITY).every(Boolean),
      )
    let at = 0
    while (!fits(at)) at++
    for (const [r, units] of needs[i]!.entries())
      for (let k = 0; k < duration; k++) used[r]![at + k] = (used[r]![at + k] ?? 0) + units
    return at
  })
}
