import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    include: ['src/**/*.test.ts', 'tests/{data,server,jobs,plans}/**/*.test.ts'],
    globalSetup: 'tests/globalSetup.ts',
    setupFiles: 'tests/effort.ts',
    testTimeout: 240_000,
    hookTimeout: 60_000,
    // Each reads all modules for itself; plans are searched beside them on threads of their own.
    maxWorkers: 2,
    // Modules are read once a worker. Each test works on a folder of its own; what the modules keep, they keep by folder.
    pool: 'forks',
    // What one suite has read the other need not read again.
    experimental: { fsModuleCache: true },
    isolate: false,
  },
})
