import type { BrowserContext, Page } from 'puppeteer-core'
import { expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { onDemo } from './demo'
import { violations } from './accessible'
import { clickText, DESK, openPage, PHONE, textOf, unfold, waitForText, type RunningApp } from './harness'

const SELECTIONS = `/sites/${siteIdOf('bakehouse')}/selections`
let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

const FORM = 'aside form'
const set = async (page: Page, name: string, value: string): Promise<void> => {
  await unfold(page, `${FORM} [name="${name}"]`)
  await page.$eval(
    `${FORM} [name="${name}"]`,
    // As it is typed or chosen: past what React remembers of the field, and told to whom listens.
    (one, text) => {
      Object.getOwnPropertyDescriptor(Object.getPrototypeOf(one), 'value')!.set!.call(one, text)
      one.dispatchEvent(new Event(one instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }))
    },
    value,
  )
}
const openRow = async (page: Page, what: string): Promise<void> => {
  await page.waitForSelector('table tbody tr')
  await clickText(page, 'table button', what)
  await page.waitForSelector(FORM)
}
test('the sink that does not fit is measured again, and the schedule of fixtures tells it', async () => {
  const page = await openPage(windows, app, DESK, 'owner')
  await page.goto(app.origin + SELECTIONS, { waitUntil: 'networkidle0' })
  expect(await textOf(page)).toContain('2 mm too little: build out, or another box.')
  await openRow(page, 'Sink and tap')
  await set(page, 'about.niche', 'wide enough')
  await clickText(page, `${FORM} button`, 'Save')
  await waitForText(page, 'Niche or clear width, as measured: ')
  await set(page, 'about.niche', '612')
  await set(page, 'about.evidence', 'the client, by message')
  expect(await violations(page)).toEqual([])
  await clickText(page, `${FORM} button`, 'Save')
  await waitForText(page, '612 mm − 600 mm = 12 mm, 6 mm at each side.')
  await clickText(page, '#schedules ~ .fold .fold-head', 'Fixtures')
  expect(await textOf(page)).toContain('Who approved it, and where that is written: the client, by message')
  await page.close()
})

test('what came is told beside the order', async () => {
  const page = await openPage(windows, app, DESK, 'owner')
  await page.goto(app.origin + SELECTIONS, { waitUntil: 'networkidle0' })
  await openRow(page, 'Cabinets')
  await set(page, 'about.count', '9')
  await set(page, 'delivered.count', '8')
  await clickText(page, `${FORM} button`, 'Save')
  await waitForText(page, 'Came on: choose a day.')
  await set(page, 'delivered.on', '2026-03-10')
  await set(page, 'delivered.damaged', '1')
  await clickText(page, `${FORM} button`, 'Save')
  await waitForText(page, '1 of 8 came damaged. 2 of 9 are still wanted.')
  await page.close()
})

test('on the walk a thing to choose asks what matters for its sort', async () => {
  const page = await openPage(windows, app, PHONE, 'owner')
  await page.goto(`${app.origin}/walk#${siteIdOf('bakehouse')}`, { waitUntil: 'networkidle0' })
  await clickText(page, 'footer button', 'Start')
  await waitForText(page, '1 of ')
  await clickText(page, 'footer button', 'More')
  await page.waitForSelector('dialog input[type=search]')
  await page.type('dialog input[type=search]', 'choose')
  await clickText(page, 'dialog button', 'Something to choose')
  await page.waitForSelector('dialog [name=lead]')
  await page.type('dialog [name=what]', 'Window over the sink')
  await page.select('dialog [name=lead]', 'custom-window')
  await page.select('dialog [name=stage]', 'windows-doors')
  expect(await page.$eval('dialog [name=sort]', (one) => (one as HTMLSelectElement).value)).toBe('opening')
  await unfold(page, 'dialog')
  await page.select('dialog [name=handing]', 'left')
  await page.type('dialog [name=wide]', '900')
  await page.$eval('dialog [name=sole]', (one) => (one as HTMLInputElement).click())
  expect(await violations(page)).toEqual([])
  await clickText(page, 'dialog button', 'Keep')
  await waitForText(page, 'Window over the sink')
  await waitForText(page, 'all sent')
  await page.goto(app.origin + SELECTIONS, { waitUntil: 'networkidle0' })
  expect(await textOf(page)).toContain('Its niche is not measured: measure before it is ordered.')
  expect(await textOf(page)).toContain('Only one source: if it slips, nothing stands in.')
  await page.close()
})
