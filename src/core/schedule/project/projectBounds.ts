import { inOrder, type Project } from './project'

/** Periods that no schedule can do without: the longest chain, and the work of each resource over its capacity. */
export function lowerBound(project: Project): number {
  const { durations, successors, requests, capacities } = project
  const order = inOrder(project)
  const head = durations.map(() => 0)
  for (const activity of order)
    for (const next of successors[activity]!) head[next] = Math.max(head[next]!, head[activity]! + durations[activity]!)
  const chain = Math.max(...head.map((start, i) => start + durations[i]!))
  const energy = capacities.map((capacity, resource) =>
    Math.ceil(durations.reduce((sum, duration, i) => sum + duration * requests[i]![resource]!, 0) / capacity),
  )
  return Math.max(chain, ...energy)
}

/** Periods from the start of each activity to the end of the longest chain after it. */
export function tails(project: Project): number[] {
  const { durations, successors } = project
  const tail = durations.map(() => 0)
  for (const activity of inOrder(project).reverse())
    tail[activity] = durations[activity]! + Math.max(0, ...successors[activity]!.map((next) => tail[next]!))
  return tail
}
