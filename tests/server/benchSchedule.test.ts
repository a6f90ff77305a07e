import { execFile } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { describe, expect, test } from 'vitest'
import { brokenRule, makespanOf } from '../../src/core/schedule/project/checkProject'
import { readPsplib } from '../../src/core/schedule/project/readPsplib'
import { emptyFolder } from '../fixtures/folder'

const run = promisify(execFile)
const DIR = 'tests/fixtures/projects'
const search = (dir: string, out: string, ...more: string[]) =>
  run('bin/aftermist', ['bench', 'schedule', dir, '--seconds', '0.2', '--out', join(out, 'found.csv'), ...more])

/** The starts of a schedule file in the order of the jobs. */
const startsIn = (file: string): number[] => {
  const { start } = JSON.parse(readFileSync(file, 'utf8')) as { start: Record<string, number> }
  return Object.keys(start)
    .sort((a, b) => Number(a) - Number(b))
    .map((job) => start[job]!)
}

describe('published projects from the command line', { timeout: 120_000 }, () => {
  test.each(['1', '2'])(
    'are searched on %s threads; what is written breaks no rule and is as long as it says',
    async (threads) => {
      const out = emptyFolder()
      await search(DIR, out, '--schedules', out, '--threads', threads)
      const [head, ...rows] = readFileSync(join(out, 'found.csv'), 'utf8').trim().split('\n')
      expect(head).toBe('file,makespan,milliseconds')
      expect(rows.map((row) => row.split(',')[0])).toEqual(['chain.sm', 'shared.sm'])
      expect(Number(rows[0]!.split(',')[1])).toBe(9)
      for (const row of rows) {
        const [file, makespan] = row.split(',') as [string, string]
        const project = readPsplib(readFileSync(join(DIR, file), 'utf8'))
        const starts = startsIn(join(out, file.replace('.sm', '.json')))
        expect(brokenRule(project, starts)).toBeNull()
        expect(makespanOf(project.durations, starts)).toBe(Number(makespan))
      }
    },
  )
  test('a bad file or a bad number of threads is refused with its reason', async () => {
    const out = emptyFolder()
    writeFileSync(join(out, 'bad.sm'), readFileSync(join(DIR, 'shared.sm'), 'utf8').replace('REQUESTS', 'WISHES'))
    await expect(search(out, out)).rejects.toThrow('bad.sm: Project: there is no part "REQUESTS/DURATIONS"')
    await expect(search(DIR, out, '--threads', 'many')).rejects.toThrow('--threads takes a whole number from 1 on.')
  })
})
