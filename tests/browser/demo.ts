import type { BrowserContext } from 'puppeteer-core'
import { afterAll, beforeAll } from 'vitest'
import { demoFolder } from '../fixtures/folder'
import { openWindow, serveFolder, type RunningApp } from './harness'

/** Serves the demo and opens a window for the tests of a file, and closes both after them. */
export function onDemo(ready: (app: RunningApp, window: BrowserContext) => void): void {
  let app: RunningApp
  let window: BrowserContext
  beforeAll(async () => {
    app = await serveFolder(demoFolder())
    window = await openWindow()
    ready(app, window)
  })
  afterAll(async () => {
    await window.close()
    await app.stop()
  })
}
