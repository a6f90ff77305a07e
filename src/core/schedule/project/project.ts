/** A project of activities that share renewable resources, each done in one way (the published single-mode problem). */
export interface Project {
  /** Periods that each activity takes; the first and the last are dummies of none. */
  readonly durations: readonly number[]
  /** Activities that may start only when this one is over. */
  readonly successors: readonly (readonly number[])[]
  /** How much of each resource each activity uses while it runs. */
  readonly requests: readonly (readonly number[])[]
  readonly capacities: readonly number[]
}

export const predecessorsOf = ({ successors }: Project): number[][] => {
  const before: number[][] = successors.map(() => [])
  successors.forEach((after, activity) => after.forEach((one) => before[one]!.push(activity)))
  return before
}

/** Activities so that none stands before one that it follows. */
export function inOrder(project: Project): number[] {
  const open = predecessorsOf(project).map((before) => before.length)
  const ready = open.flatMap((count, activity) => (count === 0 ? [activity] : []))
  const order: number[] = []
  while (ready.length > 0) {
    const activity = ready.shift()!
    order.push(activity)
    for (const next of project.successors[activity]!) if (--open[next]! === 0) ready.push(next)
  }
  return order
}
