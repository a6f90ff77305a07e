import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { onDemo } from './demo'
import { FORBIDDEN_PATTERNS } from '../fixtures/forbiddenPatterns'
import { violations } from './accessible'
import { complaints, DESK, openPage, PHONE, textOf, type RunningApp } from './harness'
import { MAIN_PAGES, NARROW_TOO } from './routes'

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
    const lines = (await textOf(page)).split('\n')
    for (const { what, pattern } of FORBIDDEN_PATTERNS)
      expect(
        lines.filter((line) => pattern.test(line)),
        what,
      ).toEqual([])
    expect(heard).toEqual([])
  })
})

/** At 195 pixels all of them; on its side, in half a window and with letters of twice the size those with the most on them. */
const NARROW = { width: 195, height: 400 }
const FULL = [...NARROW_TOO, ...MAIN_PAGES.filter((path) => /\/(?:scope|plan|share)$/.test(path))]

describe.each([
  ['195 pixels wide', NARROW, [...MAIN_PAGES, ...NARROW_TOO]],
  ['a phone on its side', { width: 844, height: 390 }, FULL],
  ['half a window', { width: 640, height: 400 }, FULL],
  ['letters of twice the size', DESK, FULL, '200%'],
])('%s', (_name, size, paths, letters = '100%') => {
  let page: Page
  beforeAll(async () => {
    page = await openPage(windows, app, size, 'owner')
  })
  afterAll(() => page.close())

  test.each(paths)('%s lets everything be reached without going sideways', async (path) => {
    await page.goto(app.origin + path, { waitUntil: 'load' })
    await page.waitForSelector('main h1, main h2')
    await page.evaluate((how) => void (document.documentElement.style.fontSize = how), letters)
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
  })
})
