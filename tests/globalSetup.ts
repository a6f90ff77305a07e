import { rmSync } from 'node:fs'
import type { TestProject } from 'vitest/node'
import { loadDemo } from '../src/demo/loadDemo'
import { openFirmFolder } from '../src/server/firmFolder'
import { closeSolver } from '../src/server/plan/solver'
import { emptyFolder, TODAY } from './fixtures/folder'

declare module 'vitest' {
  interface ProvidedContext {
    /** A folder with the demo firm as of the tests' day, made once a run; every test works on a copy. */
    readonly demo: string
  }
}

/** Makes the demo firm once for all tests of a run. */
export async function setup({ provide }: Pick<TestProject, 'provide'>): Promise<() => void> {
  const folder = emptyFolder()
  const firm = await openFirmFolder(folder, TODAY)
  await loadDemo(firm)
  await closeSolver()
  firm.db.close()
  provide('demo', folder)
  return () => rmSync(folder, { recursive: true, force: true })
}
