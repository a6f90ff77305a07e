import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer from 'puppeteer-core'
import type { TestProject } from 'vitest/node'
import { setup as setupDemo } from '../globalSetup'
import { LAUNCH_SHELL } from './chromium'

declare module 'vitest' {
  interface ProvidedContext {
    /** Where the one browser of a run is reached; each test file has a window of its own in it, which shares nothing. */
    readonly browser: string
  }
}

/** The demo firm and one browser for all browser tests of a run. */
export async function setup(project: Pick<TestProject, 'provide'>): Promise<() => Promise<void>> {
  const forgetDemo = await setupDemo(project)
  const profile = mkdtempSync(join(tmpdir(), 'aftermist-chromium-'))
  const browser = await puppeteer.launch({ ...LAUNCH_SHELL, userDataDir: profile })
  project.provide('browser', browser.wsEndpoint())
  return async () => {
    await browser.close()
    rmSync(profile, { recursive: true, force: true })
    forgetDemo()
  }
}
