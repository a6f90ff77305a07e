import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { Command } from 'commander'
import { brokenRule } from '../core/schedule/project/checkProject'
import { readPsplib } from '../core/schedule/project/readPsplib'
import { searchProject } from '../core/schedule/project/searchProject'

interface Options {
  readonly seconds: string
  readonly out: string
  readonly schedules?: string
  readonly seed: string
}

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
    .action((dir: string, options: Options) => {
      const files = readdirSync(dir)
        .filter((file) => file.endsWith('.sm'))
        .sort()
      if (options.schedules) mkdirSync(options.schedules, { recursive: true })
      const rows = files.map((file) => scheduled(join(dir, file), options))
      writeFileSync(options.out, ['file,makespan,milliseconds', ...rows, ''].join('\n'))
      console.log(`${files.length} files, results in ${options.out}`)
    })

function scheduled(file: string, { seconds, schedules, seed }: Options): string {
  const began = performance.now()
  const end = began + Number(seconds) * 1000
  const project = readPsplib(readFileSync(file, 'utf8'))
  const found = searchProject(project, { seed: Number(seed), goOn: () => performance.now() < end })
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
