import { finishRisk, type SiteRisk } from '../core/schedule/finishRisk'
import { problemOf, type ProblemInput } from '../core/schedule/problem'

export interface FinishRiskTask {
  readonly input: ProblemInput
  /** The slot at which each visit of the problem begins. */
  readonly starts: Int32Array
  readonly draws: number
  readonly seed: number
}

/** Draws what can be promised of a plan off the main thread. */
export default function finishRiskTask({
  input,
  starts,
  ...options
}: FinishRiskTask): Readonly<Record<string, SiteRisk>> {
  return finishRisk(problemOf(input), starts, options)
}
