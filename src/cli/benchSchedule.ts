import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { basename, join, resolve } from 'node:path'
import { Command } from 'commander'
import Piscina from 'piscina'
import { ImpossibleRequest } from '../core/errors/impossibleRequest'
import { brokenRule } from '../core/schedule/project/checkProject'
import { readPsplib } from '../core/schedule/project/readPsplib'
import type { Project } from '../core/schedule/project/project'
import type { Found } from '../core/schedule/project/searchProject'
import searchTask, { type SearchTask } from '../workers/searchProject'

interface Options {
  readonly seconds: string
  readonly out: string
  readonly schedules?: string
  readonly seed: string
  readonly threads: string
}

/** Searches one project until a moment. */
type Searcher = (task: SearchTask) => Promise<Found>

export const benchScheduleCommand = (): Command =>
  new Command('schedule')
    .description(
      'Search a short schedule of every .sm file of a folder, one after the other, and write what was found.',
    )
    .argument('<dir>', 'folder of .sm files')
    .option('--seconds <n>', 'wall time for each', '1')
    .option('--out <file>', 'results: file,makespan,milliseconds', 'results.csv')
    .option('--schedules <dir>', 'folder for the schedules, one JSON file each')
    .option('--seed <n>', 'seed of the search', '1')
    .option('--threads <n>', 'searches side by side, each from a seed of its own; the best is kept', '1')
    .action(async (dir: string, options: Options) => {
      const files = readdirSync(dir)
        .filter((file) => file.endsWith('.sm'))
        .sort()
      if (options.schedules) mkdirSync(options.schedules, { recursive: true })
      const threads = Number(options.threads)
      if (!Number.isInteger(threads) || threads < 1) throw new Error('--threads takes a whole number from 1 on.')
      const pool =
        threads > 1
          ? new Piscina({
              filename: resolve('dist/searchProject.mjs'),
              minThreads: threads,
              maxThreads: threads,
            })
          : null
      const search = pool ? sideBySide(pool, threads) : alone
      const rows: string[] = []
      try {
        for (const file of files) rows.push(await scheduled(join(dir, file), options, search))
      } finally {
        await pool?.destroy()
      }
      writeFileSync(options.out, ['file,makespan,milliseconds', ...rows, ''].join('\n'))
      console.log(`${files.length} files, results in ${options.out}`)
    })

const alone: Searcher = (task) => Promise.resolve(searchTask(task))

const sideBySide =
  (pool: Piscina, threads: number): Searcher =>
  async (task) => {
    const all = await Promise.all(
      Array.from(
        { length: threads },
        (_, i) => pool.run({ ...task, seed: task.seed + i } satisfies SearchTask) as Promise<Found>,
      ),
    )
    return all.reduce((best, one) => (one.makespan < best.makespan ? one : best))
  }

function readProject(file: string): Project {
  try {
    return readPsplib(readFileSync(file, 'utf8'))
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    throw new ImpossibleRequest(error.code, `${basename(file)}: ${error.message}`, error.field)
  }
}

async function scheduled(file: string, { seconds, schedules, seed }: Options, search: Searcher): Promise<string> {
  const began = performance.now()
  const until = Date.now() + Number(seconds) * 1000
  const project = readProject(file)
  const found = await search({ project, seed: Number(seed), until })
  const took = performance.now() - began
  const broken = brokenRule(project, found.starts)
  if (broken) throw new Error(`${basename(file)}: ${broken}.`)
  if (schedules)
    writeFileSync(
      join(schedules, basename(file).replace(/\.sm$/, '.json')),
      JSON.stringify({ start: Object.fromEntries(found.starts.map((start, i) => [i + 1, start])) }),
    )
  return `${basename(file)},${found.makespan},${took.toFixed(0)}`
}
