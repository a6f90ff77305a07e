import type { BrowserContext, Page } from 'puppeteer-core'
import { describe, expect, test } from 'vitest'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { onDemo } from './demo'
import { violations } from './accessible'
import {
  clickText,
  complaints,
  DESK,
  openPage,
  openWindow,
  PHONE,
  textOf,
  waitForText,
  type RunningApp,
  typeInto,
  until,
} from './harness'

const BAKEHOUSE = siteIdOf('bakehouse')
let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

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

describe('by keyboard', () => {
  test('every verb is reached with g and a letter, and the keys are listed', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/today`, { waitUntil: 'load' })
    for (const [key, path] of [
      ['s', '/scope'],
      ['e', '/selections'],
      ['p', '/plan'],
      ['h', '/share'],
      ['t', '/today'],
      ['w', '/walk'],
    ] as const) {
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
    await until(page, () => location.search.includes('place='))
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
    await until(page, () =>
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
    await waitForText(page, '€1,379.53')
    await clickText(page, 'aside .fold-head', 'Price this extra')
    const fill = async (name: string, text: string): Promise<void> => {
      await page.click(`aside .collapse.show [name=${name}]`, { clickCount: 3 })
      await page.type(`aside .collapse.show [name=${name}]`, text)
    }
    await fill('material', 'a lot')
    await clickText(page, 'aside button', 'Reckon')
    await waitForText(page, 'Material: "a lot" cannot be read as an amount.')
    await fill('material', '750')
    await fill('labour', '84')
    await fill('sub', '690')
    await clickText(page, 'aside button', 'Reckon')
    await waitForText(page, 'Set €')
    // No sum stands beside other figures than its own.
    await fill('labour', '840')
    await until(page, () => !document.body.innerText.includes('Set €'))
    await clickText(page, 'aside button', 'Reckon')
    await waitForText(page, '(750 + 0 % + 840 + 690) + 15 % = 2622.')
    expect(await textOf(page)).toContain('€1,379.53')
    await clickText(page, 'aside button', 'Set €2,622.00')
    await waitForText(page, '€2,622.00')
    await until(page, () => !document.body.innerText.includes('€1,379.53'))
    await clickText(page, 'button', 'Undo (u)')
    await waitForText(page, '€1,379.53')
    await page.close()
  })
  test('an extra is asked what it does to the dates, and is approved with a name', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    const kitchen = placeIdOf('bakehouse', 'kitchen')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${kitchen}&stage=wires`, {
      waitUntil: 'networkidle0',
    })
    await clickText(page, 'aside .fold-head', 'This extra waits for an answer')
    await clickText(page, 'aside button', 'What does it do to the dates?')
    await until(page, () => /The finish stays|at the end:/.test(document.querySelector('aside')!.textContent!))
    await clickText(page, 'aside .collapse.show button', 'Approved')
    await waitForText(page, 'Who answered: write a name.')
    await page.type('aside .collapse.show [name=by]', 'the client')
    await clickText(page, 'aside .collapse.show button', 'Approved')
    await waitForText(page, 'The extra was approved by the client')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/share`, { waitUntil: 'networkidle0' })
    await clickText(page, 'nav[aria-label="Who has to know"] button', 'The client')
    await waitForText(page, 'Approved so far €1,379.53')
    await page.close()
  })
  test('a line gets another title, trade, quantity and hours; what cannot be read is named, and undo takes all back', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${placeIdOf('bakehouse', 'bath')}&stage=board`, {
      waitUntil: 'networkidle0',
    })
    const article = 'aside article:first-of-type'
    const before = await page.$eval(`${article} h3 + p`, (one) => one.textContent)
    await clickText(page, `${article} .fold-head`, 'Change this line')
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
    await until(
      page,
      (where: string) => /37 m², 11\.5 h/.test(document.querySelector(where)?.textContent ?? ''),
      `${article} h3 + p`,
    )
    expect(await page.$eval(`${article} h3`, (one) => one.textContent)).toBe('Hang cement board')
    expect(await page.$eval(`${article} h3 + p`, (one) => one.textContent)).toMatch(/^Tiler/)
    await clickText(page, `${article} .fold-head`, 'How was this reckoned?')
    expect(await textOf(page)).toContain('Set by hand to 37 m²')
    await clickText(page, 'button', 'Undo (u)')
    await until(
      page,
      (where: string, old: string | null) => document.querySelector(where)?.textContent === old,
      `${article} h3 + p`,
      before,
    )
    await page.close()
  })
})

test('a flat is laid out again, mirrored; what changes in the one is offered to the other, and taken over', async () => {
  const page = await openPage(windows, app, DESK, 'lead')
  const landing = placeIdOf('bakehouse', 'landing')
  await page.goto(`${app.origin}/sites/${BAKEHOUSE}/units`, { waitUntil: 'networkidle0' })
  await page.click(`#unit-${landing}`)
  await page.type('[name=of]', 'Front flat')
  await clickText(page, 'button', 'Lay it out')
  await waitForText(page, 'The other: say what it is called, like Unit 6.')
  await page.type('[name=name]', 'Back flat')
  await clickText(page, 'button', 'Lay it out')
  await waitForText(page, 'Back flat is laid out: one place.')
  await page.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${landing}&add=place`, { waitUntil: 'networkidle0' })
  await page.select('select[name=change]', 'wall')
  await typeInto(page, '[name=by]', '0.2')
  await waitForText(page, 'Landing: 3.4 × 1.1')
  await clickText(page, 'aside button', 'Change it')
  await waitForText(page, 'before a wall moved')
  await page.goto(`${app.origin}/sites/${BAKEHOUSE}/units`, { waitUntil: 'networkidle0' })
  await waitForText(page, 'One change is in one only')
  await clickText(page, 'button', 'Take it over')
  await waitForText(page, 'Landing, Back flat: taken over.')
  await waitForText(page, 'Landing, Back flat 3.4')
  expect(await violations(page)).toEqual([])
  await page.close()
})

test('a slab cut at the desk is written down, changed, and stays what it was said to be', async () => {
  const page = await openPage(windows, app, DESK, 'owner')
  await page.goto(`${app.origin}/sites/${BAKEHOUSE}/record`, { waitUntil: 'networkidle0' })
  await clickText(page, 'main header button', 'Write down')
  await typeInto(page, '#finder', 'slab cut')
  await clickText(page, '[role=dialog] button', 'A slab cut or patched')
  await page.waitForSelector('form [name=long]')
  for (const [name, text] of Object.entries({ what: 'x', long: '2 m', wide: '600', thick: '100' }))
    await page.type(`form [name=${name}]`, text)
  await page.select('form [name=place]', 'in forms')
  await clickText(page, 'form button', 'Keep')
  await waitForText(page, 'in a few words')
  expect(await page.$('form [name=long]'), 'a sheet with nothing but x is not kept').not.toBeNull()
  await page.type('form [name=what]', ' drain of the scullery')
  await clickText(page, 'form button', 'Keep')
  await until(page, () => document.querySelector('form [name=long]') === null)
  await clickText(page, 'main li button', 'Change x drain of the scullery')
  await page.waitForSelector('form [name=wide]')
  expect(await page.$eval('form [name=place]', (one) => (one as HTMLSelectElement).value)).toBe('in forms')
  await page.click('form [name=wide]', { clickCount: 3 })
  await page.type('form [name=wide]', '700')
  await clickText(page, 'form button', 'Keep')
  await until(page, () => document.querySelector('form [name=wide]') === null)
  await waitForText(page, '0.14 m³')
  // It is work that nobody laid down.
  await waitForText(page, 'No line of work does this yet: Pour the x drain of the scullery')
  await clickText(page, 'main li button', 'Lay it down: Pour the x drain of the scullery')
  await waitForText(page, 'In the scope: Pour the x drain of the scullery')
  await until(
    page,
    () => !document.querySelector('main')!.textContent!.includes('No line of work does this yet: Pour the x'),
  )
  await page.close()
})

test('the demo is entered with one click and says that it is the demo', async () => {
  const outside = await openWindow()
  const page = await openPage(outside, app, PHONE)
  await page.goto(app.origin, { waitUntil: 'networkidle0' })
  expect(await textOf(page)).toContain('This is the demo.')
  expect(await violations(page)).toEqual([])
  await clickText(page, 'button', 'Enter as crew')
  await until(page, () => location.pathname === '/today')
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
    const client = await openPage(outside, app, PHONE)
    const heard = complaints(client)
    await client.goto(url, { waitUntil: 'load' })
    const read = await client.content()
    expect(await textOf(client)).toContain('Wires this week')
    expect(await textOf(client)).toContain('Worktop edge: square or eased?')
    for (const canary of ['Quillwort', 'Foxglove', 'Heron Court', 'example.com']) expect(read).not.toContain(canary)
    expect(await violations(client)).toEqual([])
    expect(heard).toEqual([])

    await page.waitForSelector('button[aria-label^="Withdraw the link: Client update"]')
    await page.click('button[aria-label^="Withdraw the link: Client update"]')
    await waitForText(page, 'withdrawn')
    await client.reload({ waitUntil: 'load' })
    expect(await textOf(client)).toContain('This link was withdrawn. Ask for a new one.')
    await outside.close()
    await page.close()
  })

  test('a trade declines by link with one form; Today and Plan say so', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/share`, { waitUntil: 'networkidle0' })
    await clickText(page, 'nav[aria-label="Who has to know"] button', 'Joss Tenonby')
    await clickText(page, 'button', 'Send to Joss Tenonby')
    await waitForText(page, 'Joss Tenonby was sent one message.')
    await clickText(page, 'nav[aria-label="Who has to know"] button', 'Outbox')
    const url = await page.evaluate(
      () =>
        /http\S+\/for\/trade\/\S+/.exec(
          [...document.querySelectorAll('.fold')].find((one) => one.textContent?.includes('Joss Tenonby'))!
            .textContent!,
        )![0],
    )

    const outside = await openWindow()
    const trade = await openPage(outside, app, PHONE)
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
