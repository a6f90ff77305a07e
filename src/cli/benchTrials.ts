import { spawnSync } from 'node:child_process'
import { Command } from 'commander'

/** Trials that run as a few seeded rounds among the tests, and here as many as somebody has time for. */
export const TRIALS = {
  faults: {
    what: 'Phones, networks, servers and restores that die in the middle: nothing lost, nothing doubled.',
    run: ['run', 'tests/server/faults.test.ts', 'tests/server/keeping.test.ts'],
    rounds: '200',
  },
  anything: {
    what: 'Anything sent to every route by everybody, then every page opened: none is down, nothing of another is shown.',
    run: ['run', '--config', 'vitest.browser.config.ts', 'tests/browser/anything.test.ts'],
    rounds: '40',
  },
  jobs: {
    what: 'Whole jobs walked with one thumb and no network, as many of each sort: what was kept stands at the desk.',
    run: ['run', '--config', 'vitest.browser.config.ts', 'tests/browser/storyboards'],
    rounds: '12',
  },
} as const

/** One command a trial: `bench faults`, `bench anything`, `bench jobs`. */
export const benchTrialCommands = (): Command[] =>
  Object.entries(TRIALS).map(([name, { what, run, rounds }]) =>
    new Command(name)
      .description(what)
      .option('--rounds <n>', 'rounds, each with a seed or a job of its own', rounds)
      .action(({ rounds: wanted }: { rounds: string }) => {
        const began = performance.now()
        const { status } = spawnSync('npx', ['vitest', ...run], {
          stdio: 'inherit',
          env: { ...process.env, AFTERMIST_ROUNDS: wanted },
        })
        const seconds = ((performance.now() - began) / 1000).toFixed(0)
        console.table([{ trial: name, rounds: wanted, result: status === 0 ? 'held' : 'broke', seconds }])
        process.exitCode = status ?? 1
      }),
  )
