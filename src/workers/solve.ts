import type { MessagePort } from 'node:worker_threads'
import { ratedPlan, type Rated } from '../core/schedule/plan'
import { problemOf, type ProblemInput } from '../core/schedule/problem'
import type { SolveOptions } from '../core/schedule/solve'

export interface SolveTask extends Pick<SolveOptions, 'rounds' | 'seed' | 'goal'> {
  readonly input: ProblemInput
  /** Hears the share done, 0 to 1. */
  readonly port?: MessagePort
}

/** Plans all sites off the main thread. */
export default function solveTask({ input, port, ...options }: SolveTask): Rated {
  return ratedPlan(problemOf(input), {
    ...options,
    onProgress: (done) => {
      port?.postMessage(done)
      return true
    },
  })
}
