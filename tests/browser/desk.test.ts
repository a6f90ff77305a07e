import type { BrowserContext, Page } from 'puppeteer-core'
import { describe, expect, test } from 'vitest'
import { demoId, placeIdOf, siteIdOf } from '../../src/demo/ids'
import { emptyFolder } from '../fixtures/folder'
import { onDemo } from './demo'
import {
  clickText,
  DESK,
  openPage,
  openWindow,
  PHONE,
  serveFolder,
  textOf,
  waitForText,
  type RunningApp,
  violations,
} from './harness'

const BAKEHOUSE = siteIdOf('bakehouse')
let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

/** Whatever a page complains of in its console, a refused script or style among it. */
function complaints(page: Page): string[] {
  const heard: string[] = []
  page.on('console', (message) => message.type() === 'error' && heard.push(message.text()))
  page.on('pageerror', (error) => heard.push(String(error)))
  return heard
}

/** Presses keys until they had their effect: a page listens only once its scripts run. */
async function pressUntil(page: Page, keys: readonly string[], done: () => Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 40; tries++) {
    for (const key of keys) await page.keyboard.type(key)
    for (let looks = 0; looks < 5; looks++) {
      if (await done().catch(() => false)) return
      await new Promise((wait) => setTimeout(wait, 50))
    }
  }
  throw new Error(`${keys.join(' ')} had no effect`)
}

const MAIN_PAGES = [
  '/today',
  `/sites/${BAKEHOUSE}/scope`,
  `/sites/${BAKEHOUSE}/scope?place=${placeIdOf('bakehouse', 'bath')}&stage=board`,
  '/selections',
  `/sites/${BAKEHOUSE}/plan`,
  '/plan',
  '/plan/ahead',
  `/plan/trades/${demoId('crew', 'paint')}`,
  `/sites/${BAKEHOUSE}/share`,
  `/sites/${BAKEHOUSE}/completion`,
  `/sites/${BAKEHOUSE}/handover`,
  `/sites/${BAKEHOUSE}/neighbours`,
  `/sites/${BAKEHOUSE}/papers/engineer`,
  '/share',
  '/sites/new',
  `/sites/${BAKEHOUSE}/registers`,
  `/sites/${BAKEHOUSE}/settings`,
  '/settings',
  `/sites/${BAKEHOUSE}/sheets/${placeIdOf('bakehouse', 'bath')}`,
]

describe.each([
  ['desk', DESK],
  ['phone', PHONE],
])('every main page at %s size', (_name, size) => {
  test.each(MAIN_PAGES)('%s can be used by everybody and complains of nothing', async (path) => {
    const page = await openPage(windows, app, size, 'owner')
    const heard = complaints(page)
    await page.goto(app.origin + path, { waitUntil: 'load' })
    await page.waitForSelector('main h1, main h2')
    expect(await violations(page)).toEqual([])
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
    expect(heard).toEqual([])
    await page.close()
  })
})

describe('by keyboard', () => {
  test('every verb is reached with g and a letter, and the keys are listed', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    for (const [key, path] of [
      ['s', '/scope'],
      ['e', '/selections'],
      ['p', '/plan'],
      ['h', '/share'],
      ['w', '/walk'],
      ['t', '/today'],
    ] as const) {
      await page.goto(`${app.origin}${key === 't' ? '/share' : '/today'}`, { waitUntil: 'load' })
      await pressUntil(page, ['g', key], () => page.evaluate((end: string) => location.pathname.endsWith(end), path))
    }
    await page.goto(`${app.origin}/today`, { waitUntil: 'load' })
    await pressUntil(page, ['?'], () => page.evaluate(() => document.querySelector('dialog[open]') !== null))
    expect(await textOf(page)).toContain('Move in the weave and in the plan')
    await page.keyboard.press('Escape')
    await pressUntil(page, ['/'], () => page.evaluate(() => document.activeElement?.id === 'find-anything'))
    await page.type('#find-anything', 'pottery')
    await waitForText(page, 'Family room, to be Pottery studio')
    await page.keyboard.press('Enter')
    await page.waitForFunction(() => location.search.includes('place='))
    await page.close()
  })

  test('in the weave arrows move, a number sets, u takes it back', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope`, { waitUntil: 'networkidle0' })
    await page.focus('[aria-label^="Scullery, framing"]')
    await page.keyboard.press('ArrowUp')
    expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toMatch(/^Kitchen, framing/)
    await page.focus('[aria-label^="Landing, tape"]')
    await page.keyboard.press('2')
    await waitForText(page, 'Landing, tape: set to 50 per cent.')
    await page.waitForSelector('[aria-label^="Landing, tape: 50 per cent"]')
    await page.keyboard.press('u')
    await page.waitForSelector('[aria-label^="Landing, tape: 75 per cent"]')
    await page.close()
  })

  test('a caution stands once above the lines that carry it, and is read by name', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${kitchen}&stage=wires`, {
      waitUntil: 'networkidle0',
    })
    await page.waitForFunction(() =>
      [...document.querySelectorAll('aside p')].some((one) => /may clear it\./.test(one.textContent!)),
    )
    const named = await page.$$eval('aside p > strong', (all) => all.map((one) => one.textContent))
    expect(new Set(named).size).toBe(named.length)
    expect(named.length).toBeGreaterThan(0)
    await clickText(page, 'aside button', 'I have read it')
    await waitForText(page, 'Read by Ottilie')
    await page.close()
  })
  test('an extra is priced from its parts; the sum is shown before it is set, and undo takes it back', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${kitchen}&stage=wires`, {
      waitUntil: 'networkidle0',
    })
    await waitForText(page, '1 379.53')
    await clickText(page, 'aside summary', 'Price this extra')
    const fill = async (name: string, text: string): Promise<void> => {
      await page.click(`aside details[open] [name=${name}]`, { clickCount: 3 })
      await page.type(`aside details[open] [name=${name}]`, text)
    }
    await fill('material', 'a lot')
    await clickText(page, 'aside button', 'Reckon')
    await waitForText(page, 'Material: "a lot" cannot be read as an amount.')
    await fill('material', '750')
    await fill('labour', '840')
    await fill('sub', '690')
    await clickText(page, 'aside button', 'Reckon')
    await waitForText(page, '(750 + 0 % + 840 + 690) + 15 % = 2622.')
    expect(await textOf(page)).toContain('1 379.53')
    await clickText(page, 'aside button', 'Set 2 622.00')
    await waitForText(page, '2 622.00')
    await page.waitForFunction(() => !document.body.innerText.includes('1 379.53'))
    await clickText(page, 'button', 'Undo (u)')
    await waitForText(page, '1 379.53')
    await page.close()
  })
  test('an extra is asked what it does to the dates, and is approved with a name', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${kitchen}&stage=wires`, {
      waitUntil: 'networkidle0',
    })
    await clickText(page, 'aside summary', 'This extra waits for an answer')
    await clickText(page, 'aside button', 'What does it do to the dates?')
    await page.waitForFunction(() => /The finish stays|at the end:/.test(document.querySelector('aside')!.textContent!))
    await clickText(page, 'aside details[open] button', 'Approved')
    await waitForText(page, 'Who answered: write a name.')
    await page.type('aside details[open] [name=by]', 'the client')
    await clickText(page, 'aside details[open] button', 'Approved')
    await waitForText(page, 'The extra was approved by the client')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/share`, { waitUntil: 'networkidle0' })
    expect(await textOf(page)).toContain('Approved so far 1 379.53')
    await page.close()
  })
  test('a line gets another title, trade, quantity and hours; what cannot be read is named, and undo takes all back', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${placeIdOf('bakehouse', 'bath')}&stage=board`, {
      waitUntil: 'networkidle0',
    })
    const article = 'aside article:first-of-type'
    const before = await page.$eval(`${article} h3 + p`, (one) => one.textContent)
    await clickText(page, `${article} summary`, 'Change this line')
    const fill = async (name: string, text: string): Promise<void> => {
      await page.click(`${article} [name=${name}]`, { clickCount: 3 })
      await page.type(`${article} [name=${name}]`, text)
    }
    await fill('quantity', 'plenty')
    await clickText(page, `${article} button`, 'Keep changes')
    await waitForText(page, 'Quantity: "plenty" cannot be read. Write a number of m², more than 0')
    expect(await page.$eval(`${article} [name=quantity]`, (one) => (one as HTMLInputElement).value)).toBe('plenty')
    expect(await page.$eval(`${article} [name=quantity]`, (one) => one.getAttribute('aria-invalid'))).toBe('true')
    await fill('quantity', '400 sq ft')
    await fill('title', 'Hang cement board')
    await page.select(`${article} [name=trade]`, 'tiler')
    await fill('hours', '11,5')
    await clickText(page, `${article} button`, 'Keep changes')
    await waitForText(page, 'now called Hang cement board, by')
    await page.waitForFunction(
      (where: string) => /37 m², 11\.5 h/.test(document.querySelector(where)?.textContent ?? ''),
      {},
      `${article} h3 + p`,
    )
    expect(await page.$eval(`${article} h3`, (one) => one.textContent)).toBe('Hang cement board')
    expect(await page.$eval(`${article} h3 + p`, (one) => one.textContent)).toMatch(/^Tiler/)
    await clickText(page, `${article} summary`, 'How was this reckoned?')
    expect(await textOf(page)).toContain('Set by hand to 37 m²')
    await clickText(page, 'button', 'Undo (u)')
    await page.waitForFunction(
      (where: string, old: string | null) => document.querySelector(where)?.textContent === old,
      {},
      `${article} h3 + p`,
      before,
    )
    await page.close()
  })
})

test('the demo is entered with one click and says that it is the demo', async () => {
  const outside = await openWindow()
  const page = await outside.newPage()
  // A page behind another draws no frames, and waits look once a frame.
  await page.bringToFront()
  await page.setViewport(PHONE)
  await page.goto(app.origin, { waitUntil: 'networkidle0' })
  expect(await textOf(page)).toContain('This is the demo.')
  expect(await violations(page)).toEqual([])
  await clickText(page, 'button', 'Enter as crew')
  await page.waitForFunction(() => location.pathname === '/today')
  await waitForText(page, 'Tuesday 10 March')
  expect(await textOf(page)).not.toContain('Selections')
  await outside.close()
})

describe('sharing', () => {
  test('an update is edited, published, read by the client on a phone, and shut by withdrawing its link', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/share`, { waitUntil: 'networkidle0' })
    await page.click('#headline', { clickCount: 3 })
    await page.type('#headline', 'Wires this week')
    await clickText(page, 'button', 'Publish under a new link')
    await waitForText(page, 'Published. The link:')
    const url = await page.$eval('a[href*="/for/client/"]', (one) => (one as HTMLAnchorElement).href)

    const outside = await openWindow()
    const client = await outside.newPage()
    await client.setViewport(PHONE)
    const heard = complaints(client)
    await client.goto(url, { waitUntil: 'load' })
    const read = await client.content()
    expect(await textOf(client)).toContain('Wires this week')
    expect(await textOf(client)).toContain('Worktop edge: square or eased?')
    for (const canary of ['Quillwort', 'Foxglove', 'Heron Court', 'example.com']) expect(read).not.toContain(canary)
    expect(await violations(client)).toEqual([])
    expect(heard).toEqual([])

    await page.waitForFunction(() =>
      [...document.querySelectorAll('#links ~ ul li')].some((one) => one.textContent?.includes('Client update')),
    )
    await clickText(page, '#links ~ ul button', 'Withdraw')
    await waitForText(page, 'withdrawn')
    await client.reload({ waitUntil: 'load' })
    expect(await textOf(client)).toContain('This link was withdrawn. Ask for a new one.')
    await outside.close()
    await page.close()
  })

  test('a trade declines by link with one form; Today and Plan say so', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/share`, { waitUntil: 'networkidle0' })
    await clickText(page, 'button', 'Tell Joss Tenonby')
    await waitForText(page, 'Outbox')
    await page.waitForFunction(() => !document.body.innerText.includes('Tell Joss Tenonby'))
    await page.reload({ waitUntil: 'networkidle0' })
    const url = await page.evaluate(
      () =>
        /http\S+\/for\/trade\/\S+/.exec(
          [...document.querySelectorAll('details')].find((one) => one.textContent?.includes('Joss Tenonby'))!
            .textContent!,
        )![0],
    )

    const outside = await openWindow()
    const trade = await outside.newPage()
    await trade.setViewport(PHONE)
    await trade.goto(url, { waitUntil: 'load' })
    expect(await violations(trade)).toEqual([])
    await clickText(trade, 'summary', 'Decline')
    await trade.type('input[name=reason]', 'spray booth is down')
    await clickText(trade, 'button', 'Send: I decline')
    await waitForText(trade, 'You declined.')
    await outside.close()

    await page.goto(`${app.origin}/today`, { waitUntil: 'load' })
    expect(await textOf(page)).toContain('Joss Tenonby declined: Cabinets, Kitchen, Bakehouse Lane.')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'load' })
    expect(await page.$('[aria-label^="Cabinets, Kitchen"][aria-label*="declined"]')).not.toBeNull()
    await page.close()
  })
})

describe('who may see what', () => {
  const get = (path: string, cookie = '') => fetch(app.origin + path, { headers: { cookie }, redirect: 'manual' })
  async function cookieOf(role: string): Promise<string> {
    const answer = await fetch(`${app.origin}/api/sign-in/demo`, {
      method: 'POST',
      body: JSON.stringify({ role }),
      headers: { 'content-type': 'application/json', origin: app.origin },
    })
    return answer.headers.get('set-cookie')!.split(';')[0]!
  }

  test('signed out, every page leads to signing in and every answer says so', async () => {
    for (const path of MAIN_PAGES) expect((await get(path)).headers.get('location'), path).toBe('/sign-in')
    expect((await get('/api/sites')).status).toBe(401)
    expect((await get(`/api/sites/${BAKEHOUSE}/walk`)).status).toBe(401)
  })
  test('crew see assigned sites, no plan, no money', async () => {
    const crew = await cookieOf('crew')
    for (const path of [
      '/plan',
      '/share',
      '/selections',
      `/sites/${BAKEHOUSE}/share`,
      `/sites/${BAKEHOUSE}/settings`,
      '/sites/new',
    ])
      expect((await get(path, crew)).status, path).toBe(403)
    expect((await get(`/sites/${siteIdOf('pell')}/scope`, crew)).status).toBe(404)
    const scope = await (await get(`/sites/${BAKEHOUSE}/scope`, crew)).text()
    expect(scope).toContain('Kitchen')
    for (const canary of ['137953', 'Quillwort', 'Pell Street']) expect(scope).not.toContain(canary)
  })
  test('a write from elsewhere is refused, even with a session', async () => {
    const cookie = await cookieOf('owner')
    const write = (headers: Record<string, string>) =>
      fetch(`${app.origin}/api/plan/undo`, { method: 'POST', headers: { cookie, ...headers } })
    expect((await write({ origin: 'https://elsewhere.example' })).status).toBe(403)
    expect((await write({})).status).toBe(403)
  })
  test('a session ended everywhere is ended here', async () => {
    const [one, other] = [await cookieOf('lead'), await cookieOf('lead')]
    await fetch(`${app.origin}/api/sign-out`, {
      method: 'POST',
      body: '{"everywhere":true}',
      headers: { cookie: one, origin: app.origin, 'content-type': 'application/json' },
    })
    expect((await get('/today', other)).headers.get('location')).toBe('/sign-in')
  })
  test('every page carries a strict content policy and is not to be framed', async () => {
    const policy = (await get('/sign-in')).headers.get('content-security-policy')!
    expect(policy).toContain("script-src 'self' 'nonce-")
    expect(policy).toContain("frame-ancestors 'none'")
    expect(policy).not.toMatch(/script-src[^;]*unsafe/)
    expect((await get('/for/client/x')).headers.get('x-robots-tag')).toContain('noindex')
  })
})

test('an empty folder: a firm, a site of eight places and its first plan without reading anything', async () => {
  const empty = await serveFolder(emptyFolder())
  const page = await (await openWindow()).newPage()
  await page.setViewport(DESK)
  await page.goto(empty.origin, { waitUntil: 'networkidle0' })
  await page.type('[name=firm]', 'Underbough & Co')
  await page.type('[name=name]', 'Ada Underbough')
  await page.type('[name=login]', 'ada')
  await page.type('[name=password]', 'short')
  await clickText(page, 'button', 'Start')
  await waitForText(page, 'Password: use at least 12 characters.')
  expect(await page.$eval('[name=firm]', (one) => (one as HTMLInputElement).value)).toBe('Underbough & Co')
  await page.type('[name=password]', ' but longer now')
  await clickText(page, 'button', 'Start')
  await waitForText(page, 'What do you call it?')
  await page.type('#name', 'Mill Cottage')
  const places = [
    ['Kitchen', '4.1 x 3.9', 'kitchen-rebuilt'],
    ['Bathroom', '2.6 x 2.1', 'bathroom-rebuilt'],
    ['Parlour', '5 x 4', 'room-board-finishes'],
    ['Hall', '4 x 1.2', 'room-paint-only'],
    ['Bedroom', '3.8 x 3', 'room-paint-floor'],
    ['Box room', 'two by wide', 'room-paint-only'],
    ['Landing', '3 x 1', 'room-paint-only'],
    ['Pantry', '2 x 1.5', 'room-paint-floor'],
  ]
  for (const [i, [name, size, treatment]] of places.entries()) {
    if (i > 0) await clickText(page, 'button', 'Add a place')
    await page.type(`[aria-label="Name of place ${i + 1}"]`, name!)
    await page.type(`[aria-label="Size of place ${i + 1}"]`, size!)
    await page.select(`[aria-label="What happens at place ${i + 1}"]`, treatment!)
  }
  await clickText(page, 'button', 'Lay down the work and plan it')
  await waitForText(page, 'Box room: "wide" is not a length.')
  expect(await page.$eval('[aria-label="Size of place 6"]', (one) => (one as HTMLInputElement).value)).toBe(
    'two by wide',
  )
  await page.click('[aria-label="Size of place 6"]', { clickCount: 3 })
  await page.type('[aria-label="Size of place 6"]', '2 x 3')
  await clickText(page, 'button', 'Lay down the work and plan it')
  await page.waitForFunction(() => location.pathname.endsWith('/plan'))
  await waitForText(page, 'trade visits')
  expect(await textOf(page)).toMatch(/Likely finished \d+ \w+/)
  await page.close()
  await empty.stop()
})
