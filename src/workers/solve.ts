import type { MessagePort } from 'node:worker_threads'
import type { Goal } from '../core/schedule/goals'
import { ratedPlan, type Rated } from '../core/schedule/plan'
import { problemOf, type ProblemInput } from '../core/schedule/problem'

export interface SolveTask {
  readonly input: ProblemInput
  readonly rounds: number
  readonly seed: number
  readonly draws: number
  readonly goal: Goal
  /** Hears the share done, 0 to 1. */
  readonly port?: MessagePort
}

/** Plans all sites off the main thread. */
export default function solveTask({ input, rounds, seed, draws, goal, port }: SolveTask): Rated {
  return ratedPlan(problemOf(input), {
    rounds,
    seed,
    draws,
    goal,
    onProgress: (done) => {
      port?.postMessage(done)
      return true
    },
  })
}
