import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { demoFolder } from '../fixtures/folder'
import { planPdf } from '../fixtures/planPdf'
import { violations } from './accessible'
import {
  clickText,
  listening,
  unfold,
  DESK,
  openPage,
  openWindow,
  PHONE,
  serveFolder,
  textOf,
  typeInto,
  waitForText,
  walkIsKept,
  type RunningApp,
  until,
} from './harness'

const BAKEHOUSE = siteIdOf('bakehouse')
const KITCHEN = placeIdOf('bakehouse', 'kitchen')
let app: RunningApp
let folder: string
let windows: BrowserContext

beforeAll(async () => {
  folder = demoFolder()
  app = await serveFolder(folder, { keep: true })
  windows = await openWindow()
})
afterAll(async () => {
  await windows.close()
  await app.stop()
})

/** Opens a drawing by its name and taps it at a share of its width and height until it asks what stands there: again where it
 * moved under the finger, and where the list of drawings was put up anew and it is shut. */
async function tapDrawing(page: Page, where: string, name: string, x: number, y: number): Promise<void> {
  for (let tries = 0; tries < 10; tries++) {
    const shut = await page.$$eval(
      `${where} button[aria-expanded=true]:not(.fold-head)`,
      (all, title) => !all.some((one) => one.textContent?.includes(title)),
      name,
    )
    if (shut) await clickText(page, `${where} button`, name)
    const there = await page
      .waitForFunction(
        () => (document.querySelector<HTMLImageElement>('img[alt$="a drawing"]')?.naturalWidth ?? 0) > 0,
        {
          timeout: 5000,
        },
      )
      .catch(() => null)
    if (!there) continue
    const box = await page
      .$eval('img[alt$="a drawing"]', (picture) => {
        picture.scrollIntoView({ block: 'center' })
        const { x: left, y: top, width, height } = picture.getBoundingClientRect()
        return { left, top, width, height }
      })
      .catch(() => null)
    if (!box) continue
    await page.mouse.click(box.left + box.width * x, box.top + box.height * y)
    if (await page.waitForSelector('select[name=about]', { timeout: 5000 }).catch(() => null)) return
  }
  throw new Error(`The drawing asks nothing where it was tapped: ${await page.evaluate(() => document.body.innerText)}`)
}

test('a page of a PDF becomes a drawing with pins at the desk; the phone shows it without a network and adds a pin', async () => {
  const context = await openWindow()
  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'th[scope=row] button', 'Kitchen')
  await clickText(desk, 'aside button', 'Add a plan or drawing')
  const [damaged, file] = [join(folder, 'damaged.pdf'), join(folder, 'plan.pdf')]
  const chosen = await desk.waitForSelector<'input'>('aside input[type=file]' as 'input')
  writeFileSync(damaged, 'not a plan')
  await chosen!.uploadFile(damaged)
  await clickText(desk, 'aside button', 'Keep the drawing')
  await waitForText(desk, 'Drawing: this PDF cannot be read.')
  writeFileSync(file, planPdf())
  await chosen!.uploadFile(file)
  await desk.waitForSelector('aside input[name=page]')
  await desk.click('aside input[name=page]', { count: 3 })
  await desk.keyboard.type('2')
  await clickText(desk, 'aside button', 'Keep the drawing')
  await waitForText(desk, 'Page: the file has 1, so 1 to 1.')
  await desk.click('aside input[name=page]', { count: 3 })
  await desk.keyboard.type('1')
  await desk.type('aside input[name=title]', 'Kitchen as built')
  await clickText(desk, 'aside button', 'Keep the drawing')
  await tapDrawing(desk, 'aside', 'Kitchen as built', 0.3, 0.3)
  await desk.type('aside input[name=text]:not(#add-line)', 'The old stack')
  await clickText(desk, 'aside button', 'Put the pin')
  await waitForText(desk, 'plan, 1 pin')
  expect(await violations(desk)).toEqual([])
  const picture = await desk.$eval('img[alt$="a drawing"]', (one) => (one as HTMLImageElement).src)

  const phone = await openPage(context, app, PHONE, 'owner', { kept: true })
  await phone.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await walkIsKept(phone)
  await clickText(phone, 'footer button', 'Start: ')
  await until(phone, async (url: string) => (await (await caches.open('pictures')).match(url)) !== undefined, picture)
  await waitForText(phone, 'all sent')
  await app.stop()
  await phone.click('nav[aria-label=Places] button[aria-label^="Kitchen"]')
  await clickText(phone, 'main .fold-head', 'Drawings (2)')
  await tapDrawing(phone, 'main', 'Kitchen as built', 0.6, 0.4)
  const line = await phone.$eval(
    'main select[name=about] option:nth-child(2)',
    (one) => (one as HTMLOptionElement).value,
  )
  await phone.select('main select[name=about]', line)
  await clickText(phone, 'main button', 'Put the pin')
  await waitForText(phone, '2 pins')
  expect(await violations(phone)).toEqual([])

  app = await serveFolder(folder, { keep: true, port: Number(new URL(app.origin).port) })
  await phone.reload({ waitUntil: 'load' })
  await waitForText(phone, 'all sent')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${KITCHEN}`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'th[scope=row] button', 'Kitchen')
  await waitForText(desk, 'plan, 2 pins')
  await clickText(desk, 'aside button', 'Kitchen as built')
  await clickText(desk, 'aside li button', 'Take off')
  await waitForText(desk, 'plan, 1 pin')
  await context.close()
})

test('work is made part of a goal on the walk; the register tells how far the goal is', async () => {
  const context = await openWindow()
  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/record`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'main header button', 'Write down')
  await typeInto(desk, '#finder', 'must have')
  await clickText(desk, '[role=dialog] button', 'A goal of the client')
  await typeInto(desk, 'form [name=goal]', 'Room for eight at the table')
  await clickText(desk, 'form button', 'Keep')
  await waitForText(desk, 'No work is part of it yet')

  const phone = await openPage(context, app, PHONE, 'owner')
  await phone.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await clickText(phone, 'footer button', 'Start: ')
  await listening(phone, 'main li .fold-head', 'more')
  await unfold(phone, 'main')
  await clickText(phone, 'main button', 'Whose is it?')
  await clickText(phone, 'dialog label', 'Room for eight at the table')
  await clickText(phone, 'dialog button', 'Keep')
  await until(phone, () => document.querySelector('dialog[open]') === null)
  await unfold(phone, 'main')
  await waitForText(phone, 'Room for eight at the table: ')
  await waitForText(phone, 'all sent')

  await desk.reload({ waitUntil: 'networkidle0' })
  expect(await textOf(desk)).toMatch(/\d+ % of [\d.]+ hours of work done, [\d.]+ left: \d of 1 finished\./)
  await context.close()
})

test('a short film is kept with its place and played again at the desk', async () => {
  const context = await openWindow()
  const phone = await openPage(context, app, PHONE, 'owner')
  await phone.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await clickText(phone, 'footer button', 'Start: ')
  await clickText(phone, 'footer button', 'Photo')
  const film = join(folder, 'rubs.webm')
  writeFileSync(film, Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.alloc(2_500_000, 7)]))
  const chosen = await phone.waitForSelector<'input'>('dialog input[name=film]' as 'input')
  await chosen!.uploadFile(film)
  await waitForText(phone, 'seconds is kept with')
  await clickText(phone, 'dialog button', 'Close')
  await waitForText(phone, 'all sent')
  const place = await phone.$eval('header h1', (one) => one.textContent!)
  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'th[scope=row] button', place)
  const shown = await desk.waitForSelector('aside video')
  const bytes = await shown!.evaluate(async (one) => (await (await fetch((one as HTMLVideoElement).src)).blob()).size)
  expect(bytes).toBe(2_500_004)
  await context.close()
})
