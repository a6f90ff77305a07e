import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  interface ProvidedContext {
    /** A folder with the demo firm as of the tests' day, made once a run; every test works on a copy. */
    readonly demo: string
  }
}

/** Makes the demo firm once for all tests of a run, and of several runs where AFTERMIST_TEST_DEMO says where it is kept. */
export async function setup({ provide }: Pick<TestProject, 'provide'>): Promise<() => void> {
  const kept = process.env.AFTERMIST_TEST_DEMO
  const folder = kept ?? mkdtempSync(join(tmpdir(), 'aftermist-'))
  // The whole app is read only where there is something to make.
  if (!kept || !existsSync(kept)) await (await import('./fixtures/makeDemo')).makeDemo(folder)
  provide('demo', folder)
  return () => {
    if (!kept) rmSync(folder, { recursive: true, force: true })
  }
}
