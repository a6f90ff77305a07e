import type { Project } from './project'

/** What a schedule of a project breaks, in a sentence; null where it holds. Reckoned period by period from the starts
 * alone: it shares nothing with the search. */
export function brokenRule(
  { durations, successors, requests, capacities }: Project,
  starts: readonly number[],
): string | null {
  if (starts.length !== durations.length) return `${starts.length} starts for ${durations.length} activities`
  const early = starts.findIndex((start) => !Number.isInteger(start) || start < 0)
  if (early >= 0) return `activity ${early + 1} starts at ${starts[early]}`
  for (const [activity, after] of successors.entries())
    for (const next of after)
      if (starts[next]! < starts[activity]! + durations[activity]!)
        return `activity ${next + 1} starts before activity ${activity + 1} is over`
  const end = makespanOf(durations, starts)
  for (let period = 0; period < end; period++)
    for (const [resource, capacity] of capacities.entries()) {
      const used = starts.reduce(
        (sum, start, i) => sum + (start <= period && period < start + durations[i]! ? requests[i]![resource]! : 0),
        0,
      )
      if (used > capacity) return `resource ${resource + 1} is used ${used} of ${capacity} in period ${period}`
    }
  return null
}

export const makespanOf = (durations: readonly number[], starts: readonly number[]): number =>
  starts.reduce((latest, start, i) => Math.max(latest, start + durations[i]!), 0)
