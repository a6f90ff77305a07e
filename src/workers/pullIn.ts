import { slotOfDay } from '../core/calendar/slots'
import { problemOf, type ProblemInput } from '../core/schedule/problem'
import { pullIns, type PullIn } from '../core/schedule/pullIn'
import type { SolveOptions } from '../core/schedule/solve'

export interface PullInTask extends Pick<SolveOptions, 'rounds' | 'seed' | 'goal'> {
  readonly input: ProblemInput
  readonly siteId: string
}

/** Finds what would bring a site's end forward, off the main thread. */
export default function pullInTask({ input, siteId, ...options }: PullInTask): readonly PullIn[] {
  const problem = problemOf(input)
  const before = new Map(input.before.map((one) => [one.visitKey, slotOfDay(input.today, one.day) + one.half]))
  const starts = problem.visits.map((visit) => before.get(visit.key) ?? 0)
  return pullIns(problem, starts, siteId, options)
}
