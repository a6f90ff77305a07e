import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { emptyFolder } from '../fixtures/folder'
import { onDemo } from './demo'
import {
  clickText,
  DESK,
  listening,
  openPage,
  openWindow,
  PHONE,
  serveFolder,
  until,
  waitForText,
  type RunningApp,
} from './harness'

/** How many touches a job takes: a tap or click is one, a typed word is one with the key that ends it, scrolling by more than
 * a screen is one. What later work makes longer fails here. */
const GOALS = {
  'new firm, site of 8 places and 10 crews, to a plan': 80,
  'room with four changes, one of them found with photo': 10,
  'unchanged room': 1,
  'end of walk to all told': 4,
  'price an extra and send it to the client': 8,
  'add one line of work to a room, from the desk': 4,
  'selection with order date': 6,
  'found condition, from the desk': 4,
  'when does the electrician come?': 2,
  'move a visit two days and tell': 6,
  'withdraw a link': 3,
} as const
type Job = keyof typeof GOALS
const counted = new Map<Job, number>()

let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})
afterAll(() => {
  for (const [job, goal] of Object.entries(GOALS))
    console.log(`${String(counted.get(job as Job) ?? '-').padStart(4)} of ${String(goal).padStart(2)}  ${job}`)
})

const BAKEHOUSE = siteIdOf('bakehouse')

/** Somebody at a page, whose touches are counted. */
class Hand {
  touches = 0
  constructor(readonly page: Page) {}

  async tap(selector: string, words = ''): Promise<void> {
    await listening(this.page, selector, words)
    const far = await this.page.$$eval(
      selector,
      (all, text) => {
        const one = all.find((each) => each.textContent!.includes(text) && each.getClientRects().length > 0)!
        const { top } = one.getBoundingClientRect()
        return Math.floor(Math.max(0, top < 0 ? -top : top - window.innerHeight) / window.innerHeight)
      },
      words,
    )
    await clickText(this.page, selector, words)
    this.touches += 1 + far
  }
  async type(words: string): Promise<void> {
    await this.page.keyboard.type(words)
    this.touches += words.split(/\s+/).length
  }
  press = (key: 'Tab' | 'Enter'): Promise<void> => this.page.keyboard.press(key)
  async fill(selector: string, words: string): Promise<void> {
    await this.page.waitForSelector(selector)
    await this.page.focus(selector)
    await this.type(words)
  }
  done(job: Job): void {
    counted.set(job, this.touches)
    expect(this.touches, job).toBeLessThanOrEqual(GOALS[job])
  }
}

const at = async (path: string, size: typeof DESK | typeof PHONE = DESK): Promise<Hand> => {
  const page = await openPage(windows, app, size, 'owner')
  await page.goto(`${app.origin}${path}`, { waitUntil: 'networkidle0' })
  return new Hand(page)
}

test('a new firm comes to its first plan', async () => {
  const empty = await serveFolder(emptyFolder())
  const page = await openPage(await openWindow(), empty, DESK)
  await page.goto(empty.origin, { waitUntil: 'networkidle0' })
  const hand = new Hand(page)
  for (const [field, words] of Object.entries({
    firm: 'Underbough',
    name: 'Ada',
    login: 'ada',
    password: 'larch-cupola-drift-9',
  }))
    await hand.fill(`[name=${field}]`, words)
  await hand.tap('button', 'Start')
  await hand.tap('button', 'A whole floor')
  await hand.fill('#name', 'Millcote')
  await page.waitForSelector('[aria-label="Name of place 8"]')
  for (let i = 1; i <= 8; i++) await hand.fill(`[aria-label="Size of place ${i}"]`, `${i + 2}x3`)
  await hand.tap('button', 'Next: who works here?')
  await waitForText(page, 'Who works at Millcote?')
  const rows = await page.$$eval('tbody tr', (all) =>
    all.map((row) => ({
      trade: row.querySelector('th')!.textContent!,
      licensed: row.querySelector('[aria-label$=": licence"]') !== null,
    })),
  )
  expect(rows.length).toBeGreaterThanOrEqual(10)
  for (const [i, { trade, licensed }] of rows.slice(0, 10).entries()) {
    await hand.fill(`[aria-label="${trade}: who"]`, `Crew${i}`)
    await hand.fill(`[aria-label="${trade}: mail or telephone"]`, `555010${i}`)
    if (licensed) await hand.fill(`[aria-label="${trade}: licence"]`, `L${i}`)
  }
  await hand.tap('button', 'Keep them')
  await hand.tap('button', 'Plan it')
  await until(page, () => location.pathname.endsWith('/plan'))
  await waitForText(page, 'Safe to promise')
  hand.done('new firm, site of 8 places and 10 crews, to a plan')
  await empty.stop()
})

test('rooms on the walk, and the end of it', async () => {
  const hand = await at(`/walk#${BAKEHOUSE}`, PHONE)
  const { page } = hand
  await clickText(page, 'footer button', 'Start: ')
  await waitForText(page, '1 of 11')
  await hand.tap('footer button', 'Nothing more, next')
  await waitForText(page, '2 of 11')
  hand.done('unchanged room')
  hand.touches = 0
  const pads = await page.$$('[aria-label^="How far"] button:nth-child(3)')
  for (const pad of pads.slice(0, 3)) {
    await pad.evaluate((one) => one.scrollIntoView({ block: 'center' }))
    await pad.click()
    hand.touches++
  }
  await hand.tap('footer button', 'Found')
  await hand.fill('dialog [name=text]', 'cracked lintel')
  const photo = await page.waitForSelector<'input'>('dialog input[name=photos]' as 'input')
  await photo!.uploadFile('docs/screenshots/today.png')
  hand.touches++
  await hand.tap('dialog form button', 'Keep')
  await until(page, () => document.querySelector('dialog[open]') === null)
  await hand.tap('footer button', 'ext: ')
  await waitForText(page, '3 of 11')
  hand.done('room with four changes, one of them found with photo')
  hand.touches = 0
  await hand.tap('footer button', 'End the walk')
  await hand.tap('footer button', 'End walk')
  await waitForText(page, 'Everything is on the server')
  await hand.tap('main button', 'Plan again, then who to tell')
  await hand.tap('button', 'Tell all whose days changed')
  await waitForText(page, 'told.')
  hand.done('end of walk to all told')
  await page.close()
})

test('lines, extras and findings from the desk', async () => {
  const hand = await at(`/sites/${BAKEHOUSE}/scope`)
  const { page } = hand
  await hand.tap('th[scope=row] button', 'Landing')
  await hand.tap('#add-line')
  await hand.type('oil hinges')
  await hand.press('Enter')
  await waitForText(page, 'Landing: Oil hinges')
  hand.done('add one line of work to a room, from the desk')
  hand.touches = 0
  await hand.tap('th[scope=row] button', 'Scullery')
  await hand.tap('aside nav button, aside .nav-link', 'Found')
  await hand.tap('aside [name=text]')
  await hand.type('damp')
  await hand.press('Enter')
  await waitForText(page, 'Found in scullery: damp.')
  hand.done('found condition, from the desk')
  hand.touches = 0
  await hand.tap('th[scope=row] button', 'Bathroom')
  await hand.tap('aside .nav-link', 'Extra')
  await hand.fill('#add-line', 'heated rail')
  await hand.fill('#add-price', '380')
  await hand.tap('aside button', 'Add the extra')
  await hand.tap('aside a', 'Send it to the client')
  await hand.tap('button', 'Publish under a new link')
  await waitForText(page, 'Published.')
  hand.done('price an extra and send it to the client')
  await page.close()
})

test('a selection, a question, a move and a link', async () => {
  const choosing = await at(`/sites/${BAKEHOUSE}/selections`)
  await choosing.tap('button', 'Add a selection')
  await choosing.fill('form [name=what]', 'Basin')
  for (const [name, value] of Object.entries({ lead: 'special-fixtures', neededFor: 'fixtures' })) {
    await choosing.page.select(`form [name=${name}]`, value)
    choosing.touches++
  }
  await choosing.tap('form button', 'Add it')
  await until(choosing.page, () => /Basin[\s\S]{0,80}\d+ \w{3}/.test(document.querySelector('main')!.innerText))
  choosing.done('selection with order date')
  await choosing.page.close()

  const asking = await at('/today')
  await asking.page.keyboard.press('/')
  asking.touches++
  await asking.fill('#find-anything', 'electrician')
  await waitForText(asking.page, 'comes ')
  asking.done('when does the electrician come?')
  await asking.page.close()

  const moving = await at(`/sites/${BAKEHOUSE}/plan`)
  await moving.tap('[aria-label^="Plaster, Street face"]')
  await moving.fill('aside input[type=date]', '03192026')
  await moving.tap('aside button', 'See what follows')
  await moving.tap('[role=dialog] button', 'Move it')
  await until(moving.page, () => document.querySelector('[role=dialog]') === null)
  await moving.tap('nav a', 'Share')
  await moving.tap('button', 'Tell all whose days changed')
  await waitForText(moving.page, 'told.')
  moving.done('move a visit two days and tell')
  await moving.page.close()

  const shutting = await at('/today')
  await shutting.page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'networkidle0' })
  await shutting.tap('nav a', 'Share')
  await shutting.tap('nav[aria-label="Who has to know"] button', 'The client')
  await shutting.tap('button[aria-label^="Withdraw the link"]')
  await until(shutting.page, () => document.querySelector('button[aria-label^="Give the link anew"]') !== null)
  shutting.done('withdraw a link')
  await shutting.page.close()
})
