import { existsSync, rmSync } from 'node:fs'
import type { TestProject } from 'vitest/node'
import { loadDemo } from '../src/demo/loadDemo'
import { databaseFile, openFirmFolder } from '../src/server/firmFolder'
import { closeSolver } from '../src/server/plan/solver'
import { emptyFolder, TODAY } from './fixtures/folder'

declare module 'vitest' {
  interface ProvidedContext {
    /** A folder with the demo firm as of the tests' day, made once a run; every test works on a copy. */
    readonly demo: string
  }
}

/** Makes the demo firm once for all tests of a run, and of several runs where AFTERMIST_TEST_DEMO says where it is kept. */
export async function setup({ provide }: Pick<TestProject, 'provide'>): Promise<() => void> {
  const kept = process.env.AFTERMIST_TEST_DEMO
  const folder = kept ?? emptyFolder()
  if (!existsSync(databaseFile(folder))) await makeDemo(folder)
  provide('demo', folder)
  return () => {
    if (!kept) rmSync(folder, { recursive: true, force: true })
  }
}

async function makeDemo(folder: string): Promise<void> {
  const firm = await openFirmFolder(folder, TODAY)
  await loadDemo(firm)
  await closeSolver()
  firm.db.close()
}
