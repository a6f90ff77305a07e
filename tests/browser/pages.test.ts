import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { onDemo } from './demo'
import { FORBIDDEN_PATTERNS } from '../fixtures/forbiddenPatterns'
import { violations } from './accessible'
import { complaints, DESK, openPage, PHONE, textOf, type RunningApp } from './harness'
import { MAIN_PAGES, WALK } from './routes'

let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

/** How else a window of each size may be: half of it, with letters of twice the size, a watch's width, a phone on its side. */
const ALSO = {
  desk: [
    { as: 'half a window', size: { ...DESK, width: 640, height: 400 }, letters: '100%' },
    { as: 'letters of twice the size', size: DESK, letters: '200%' },
  ],
  phone: [
    { as: '195 pixels wide', size: { ...PHONE, width: 195, height: 400 }, letters: '100%' },
    { as: 'on its side', size: { ...PHONE, width: 844, height: 390 }, letters: '100%' },
  ],
} as const

describe.each([
  ['desk', DESK],
  ['phone', PHONE],
] as const)('every main page at %s size', (name, size) => {
  let page: Page
  let heard: string[]
  beforeAll(async () => {
    page = await openPage(windows, app, size, 'owner')
    heard = complaints(page)
  })
  afterAll(() => page.close())
  const sideways = (): Promise<number> =>
    page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)

  /** Names that two buttons share which do not do the same: one visit may stand in several rows. */
  const alike = (): Promise<string[]> =>
    page.$$eval('main button, main a.btn', (all) => {
      const does = new Map<string, string>()
      return all.flatMap((one, i) => {
        const name = (one.getAttribute('aria-label') ?? one.textContent ?? '').trim()
        const what = one.getAttribute('data-visit') ?? one.getAttribute('href') ?? String(i)
        const known = does.get(name) ?? what
        does.set(name, known)
        return one.getClientRects().length > 0 && known !== what ? [name] : []
      })
    })

  test.each([...MAIN_PAGES, WALK])(
    '%s can be used by everybody, in any window, and complains of nothing',
    async (path) => {
      heard.length = 0
      await page.goto(app.origin + path, { waitUntil: 'load' })
      await page.waitForSelector('main h1, main h2')
      expect(await violations(page)).toEqual([])
      expect(await sideways()).toBeLessThanOrEqual(0)
      expect(await alike()).toEqual([])
      const lines = (await textOf(page)).split('\n')
      for (const { what, pattern } of FORBIDDEN_PATTERNS)
        expect(
          lines.filter((line) => pattern.test(line)),
          what,
        ).toEqual([])
      for (const { as, size: other, letters } of ALSO[name]) {
        await page.setViewport(other)
        await page.evaluate((how) => void (document.documentElement.style.fontSize = how), letters)
        // A window that was just resized is laid out a frame later.
        await expect.poll(sideways, { message: as }).toBeLessThanOrEqual(0)
      }
      await page.setViewport(size)
      expect(heard).toEqual([])
    },
  )
})
