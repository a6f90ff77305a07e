import { defineConfig } from 'vitest/config'
import { LongestFirst } from './tests/browser/longestFirst'

export default defineConfig({
  test: {
    include: ['tests/browser/**/*.test.ts'],
    environment: 'node',
    globalSetup: 'tests/browser/globalSetup.ts',
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // Each file has a server and a window of its own in the one browser; of four on two cores two mostly wait for a page.
    maxWorkers: 4,
    pool: 'forks',
    // What one suite has read the other need not read again.
    experimental: { fsModuleCache: true },
    isolate: false,
    sequence: { sequencer: LongestFirst },
  },
})
