import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const shared = {
  environment: 'node',
  testTimeout: 60_000,
  hookTimeout: 60_000,
} as const

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    globalSetup: 'tests/globalSetup.ts',
    // Of three on two cores one mostly waits for a plan: a core left idle is a minute lost to whoever waits.
    maxWorkers: 3,
    projects: [
      {
        extends: true,
        // Pure functions, which share nothing but their modules: those are read once a worker.
        test: { ...shared, name: 'core', include: ['src/**/*.test.ts'], pool: 'threads', isolate: false },
      },
      {
        extends: true,
        // Each test works on a folder of its own; the modules in between keep what they know by folder.
        test: {
          ...shared,
          name: 'server',
          include: ['tests/{data,server}/**/*.test.ts'],
          pool: 'forks',
          isolate: false,
          env: { AFTERMIST_EFFORT: 'little' },
        },
      },
      {
        extends: true,
        // What is asked of a plan by its days is asked of the best that is found.
        test: { ...shared, name: 'plans', include: ['tests/{jobs,plans}/**/*.test.ts'], pool: 'forks', isolate: false },
      },
    ],
  },
})
