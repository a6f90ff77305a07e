import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { onDemo } from './demo'
import { complaints, DESK, openPage, PHONE, type RunningApp, violations } from './harness'
import { MAIN_PAGES } from './routes'

let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

describe.each([
  ['desk', DESK],
  ['phone', PHONE],
])('every main page at %s size', (_name, size) => {
  let page: Page
  let heard: string[]
  beforeAll(async () => {
    page = await openPage(windows, app, size, 'owner')
    heard = complaints(page)
  })
  afterAll(() => page.close())

  test.each(MAIN_PAGES)('%s can be used by everybody and complains of nothing', async (path) => {
    heard.length = 0
    await page.goto(app.origin + path, { waitUntil: 'load' })
    await page.waitForSelector('main h1, main h2')
    expect(await violations(page)).toEqual([])
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
    expect(heard).toEqual([])
  })
})
