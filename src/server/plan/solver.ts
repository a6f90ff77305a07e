import { resolve } from 'node:path'
import { MessageChannel } from 'node:worker_threads'
import Piscina from 'piscina'
import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import type { Plan } from '../../core/schedule/plan'
import type { ProblemInput } from '../../core/schedule/problem'

export interface SolveControl {
  readonly signal?: AbortSignal
  readonly onProgress?: (done: number) => void
}

/** How much goes into a plan. */
export interface Effort {
  /** Rounds of improvement. */
  readonly rounds: number
  /** Ways in which the work may go, drawn to say what can be promised. */
  readonly draws: number
}
/** A plan that is kept; a preview settles for less. */
export const KEPT: Effort = { rounds: 60, draws: 200 }
export const PREVIEW: Effort = { rounds: 10, draws: 0 }
const SEED = 1

const pools = globalThis as { aftermistSolver?: Piscina }

function pool(): Piscina {
  pools.aftermistSolver ??= new Piscina({
    filename: resolve(/* turbopackIgnore: true */ process.cwd(), 'dist-workers/solve.mjs'),
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 30_000,
  })
  return pools.aftermistSolver
}

/** Solves in a worker thread; aborting the signal ends the work. */
export async function solveInWorker(input: ProblemInput, effort: Effort, control: SolveControl = {}): Promise<Plan> {
  const { port1, port2 } = new MessageChannel()
  port1.on('message', (done: number) => control.onProgress?.(done))
  try {
    return (await pool().run(
      { input, ...effort, seed: SEED, port: port2 },
      { transferList: [port2], ...(control.signal ? { signal: control.signal } : {}) },
    )) as Plan
  } catch (error) {
    // A typed error loses its class on the way between threads.
    if (error instanceof Error && error.name === 'ImpossibleRequest') {
      const { code, field } = error as ImpossibleRequest
      throw new ImpossibleRequest(code, error.message, field)
    }
    throw error
  } finally {
    port1.close()
  }
}

/** Ends the worker threads, for commands and tests that must come to an end. */
export async function closeSolver(): Promise<void> {
  await pools.aftermistSolver?.destroy()
  delete pools.aftermistSolver
}
