import type { Browser } from 'puppeteer-core'
import { afterAll, beforeAll } from 'vitest'
import { demoFolder } from '../fixtures/folder'
import { launch, serveFolder, type RunningApp } from './harness'

/** Serves the demo and opens a browser for the tests of a file, and closes both after them. */
export function onDemo(ready: (app: RunningApp, browser: Browser) => void): void {
  let app: RunningApp
  let browser: Browser
  beforeAll(async () => {
    app = await serveFolder(demoFolder())
    browser = await launch()
    ready(app, browser)
  })
  afterAll(async () => {
    await browser.close()
    await app.stop()
  })
}
