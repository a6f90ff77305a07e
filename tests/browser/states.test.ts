import type { BrowserContext, Page } from 'puppeteer-core'
import { describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { violations } from './accessible'
import { onDemo } from './demo'
import { clickText, DESK, openPage, PHONE, typeInto, waitForText, type RunningApp } from './harness'

let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

const SITE = `/sites/${siteIdOf('bakehouse')}`
const SIZES = { desk: DESK, phone: PHONE }

interface State {
  readonly name: string
  readonly sizes?: readonly (keyof typeof SIZES)[]
  readonly path: string
  /** What brings the page there. */
  readonly by: (page: Page) => Promise<unknown>
}

/** The walk's first room, which every sheet is laid over. */
async function walking(page: Page): Promise<void> {
  // A walk that was begun is still under way when the page is opened again.
  await page.waitForSelector('footer button')
  if (await page.$eval('footer', (one) => one.innerText.includes('Start: ')))
    await clickText(page, 'footer button', 'Start: ')
  await waitForText(page, '1 of 11')
}
const sheet =
  (button: string) =>
  async (page: Page): Promise<void> => {
    await walking(page)
    await clickText(page, 'footer button', button)
    await page.waitForSelector('dialog[open]')
  }

/** What lies over a page, stands open in it or says what is wrong. */
const STATES: readonly State[] = [
  {
    name: 'Find with what it found',
    path: '/today',
    by: async (page) => {
      await clickText(page, 'button', 'Find')
      await typeInto(page, '#find-anything', 'electrician')
      await waitForText(page, 'comes ')
    },
  },
  {
    name: 'a visit chosen in the plan',
    path: `${SITE}/plan`,
    by: async (page) => {
      await page.waitForSelector('[aria-label^="Plaster, Street face"]')
      await page.$eval('[aria-label^="Plaster, Street face"]', (one) => (one as HTMLElement).click())
      await page.waitForSelector('aside input[type=date]')
    },
  },
  {
    name: 'a client chosen among who has to know',
    path: `${SITE}/share`,
    by: async (page) => {
      await clickText(page, 'nav[aria-label="Who has to know"] button', 'The client')
      await page.waitForSelector('button[aria-label^="Withdraw the link"]')
    },
  },
  {
    name: 'a selection that lacks its name',
    path: `${SITE}/selections`,
    by: async (page) => {
      await clickText(page, 'button', 'Add a selection')
      await page.waitForSelector('form [name=what]')
      await clickText(page, 'form button', 'Add it')
      await page.waitForSelector('[role=alert], .invalid-feedback')
    },
  },
  {
    name: 'a firm whose name is taken out',
    path: '/settings/firm',
    by: async (page) => {
      const name = await page.waitForSelector('#name')
      await name!.click({ clickCount: 3 })
      await page.keyboard.press('Backspace')
      await clickText(page, 'form button', 'Keep')
      await waitForText(page, 'Firm: type its name.')
    },
  },
  {
    name: 'a size that is none',
    sizes: ['phone'],
    path: `/walk#${siteIdOf('bakehouse')}`,
    by: async (page) => {
      await sheet('Tape')(page)
      await typeInto(page, 'dialog [name=size]', 'roughly big')
      await clickText(page, 'dialog button', 'Keep')
      await waitForText(page, 'is not a size.')
    },
  },
  ...['Say it', 'Found', 'Photo', 'More'].map((button): State => ({
    name: `the sheet of ${button}`,
    sizes: ['phone'],
    path: `/walk#${siteIdOf('bakehouse')}`,
    by: sheet(button),
  })),
  {
    name: 'the end of a walk',
    sizes: ['phone'],
    path: `/walk#${siteIdOf('bakehouse')}`,
    by: async (page) => {
      await walking(page)
      await clickText(page, 'button', 'End the walk')
      await waitForText(page, 'What changed')
    },
  },
]

describe.each(Object.keys(SIZES) as (keyof typeof SIZES)[])('at %s size', (size) => {
  test.each(STATES.filter(({ sizes }) => sizes?.includes(size) ?? true))(
    '$name can be used by everybody',
    async ({ path, by }) => {
      const page = await openPage(windows, app, SIZES[size], 'owner')
      await page.goto(app.origin + path, { waitUntil: 'load' })
      await by(page)
      expect(await violations(page)).toEqual([])
      expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
      await page.close()
    },
  )
})
