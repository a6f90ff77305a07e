import { existsSync } from 'node:fs'
import { expect, test } from 'vitest'
import { TRIALS } from './benchTrials'

test.each(Object.entries(TRIALS))('the trials of %s are there to be run', (_name, { run }) => {
  const paths = run.filter((part) => part.includes('/') || part.endsWith('.ts'))
  expect(paths.length).toBeGreaterThan(0)
  for (const path of paths) expect(existsSync(path), path).toBe(true)
  // One set of unit tests has no parts to choose from.
  expect(run).not.toContain('--project')
})
