import { resolve } from 'node:path'
import { MessageChannel } from 'node:worker_threads'
import Piscina from 'piscina'
import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import { isBetter, type Goal } from '../../core/schedule/goals'
import type { Plan, Rated } from '../../core/schedule/plan'
import type { ProblemInput } from '../../core/schedule/problem'
import type { PullIn } from '../../core/schedule/pullIn'

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
  /** Searches side by side, each from a seed of its own; the best counts. */
  readonly seeds?: number
}
/** A plan that is kept; a preview settles for less. AFTERMIST_EFFORT=little is for trials that ask what follows from a plan,
 * not how good it is. */
export const kept = (): Effort =>
  process.env.AFTERMIST_EFFORT === 'little' ? { rounds: 20, draws: 100 } : { rounds: 300, draws: 1000, seeds: 2 }
export const PREVIEW: Effort = { rounds: 30, draws: 0 }
/** The first seed. */
const SEED = 1

const pools = globalThis as { aftermistSolver?: Piscina }

function pool(): Piscina {
  // Whoever opens a page goes before a search, which has time.
  pools.aftermistSolver ??= new Piscina({ minThreads: 0, maxThreads: 2, idleTimeout: 30_000, niceIncrement: 10 })
  return pools.aftermistSolver
}

/** Runs a task of `src/workers` in a worker thread; aborting the signal ends the work. */
async function inWorker<T>(
  worker: 'solve' | 'pullIn' | 'finishRisk',
  task: object,
  control: SolveControl = {},
): Promise<T> {
  const { port1, port2 } = new MessageChannel()
  port1.on('message', (done: number) => control.onProgress?.(done))
  try {
    return (await pool().run(
      { seed: SEED, ...task, port: port2 },
      {
        filename: resolve(/* turbopackIgnore: true */ process.cwd(), `dist/${worker}.mjs`),
        transferList: [port2],
        ...(control.signal ? { signal: control.signal } : {}),
      },
    )) as T
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

/** Plans all sites together, from as many seeds as the effort asks for at once. */
export async function solveInWorker(
  input: ProblemInput,
  { seeds = 1, draws, ...effort }: Effort & { readonly goal: Goal },
  control: SolveControl = {},
): Promise<Plan> {
  const found = await Promise.all(
    Array.from({ length: seeds }, (_, i) => inWorker<Rated>('solve', { input, ...effort, seed: SEED + i }, control)),
  )
  const { plan, starts } = found.reduce((best, one) => (isBetter(one.score, best.score) ? one : best))
  return draws ? { ...plan, risk: await inWorker<Plan['risk']>('finishRisk', { input, starts, draws }) } : plan
}

/** What would bring the end of a site forward. */
export const pullInInWorker = (input: ProblemInput, siteId: string, goal: Goal): Promise<readonly PullIn[]> =>
  inWorker('pullIn', { input, siteId, goal, rounds: PREVIEW.rounds })

/** Ends the worker threads, for commands and tests that must come to an end. */
export async function closeSolver(): Promise<void> {
  await pools.aftermistSolver?.destroy()
  delete pools.aftermistSolver
}
