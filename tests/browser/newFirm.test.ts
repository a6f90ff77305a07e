import { expect, test } from 'vitest'
import { emptyFolder } from '../fixtures/folder'
import { violations } from './accessible'
import { clickText, DESK, openPage, openWindow, serveFolder, textOf, waitForText, until } from './harness'

test('an empty folder: a firm, a site of eight places and its first plan without reading anything', async () => {
  const empty = await serveFolder(emptyFolder())
  const page = await openPage(await openWindow(), empty, DESK)
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
  await clickText(page, 'button', 'A whole floor')
  await page.type('#name', 'Mill Cottage')
  await page.waitForSelector('[aria-label="Name of place 8"]')
  const sizes = ['4.1 x 3.9', '2.6 x 2.1', '5 x 4', '3.8 x 3', '3 x 3', 'two by wide', '4 x 1.2', '3 x 1']
  await page.focus('[aria-label="Size of place 1"]')
  for (const size of sizes) {
    await page.keyboard.type(size)
    await page.keyboard.press('Enter')
  }
  // Enter in the last line makes one more, which stays empty.
  await page.waitForSelector('[aria-label="Name of place 9"]')
  await clickText(page, 'button', 'Next: who works here?')
  await waitForText(page, 'Study: "wide" is not a length.')
  expect(await page.$eval('[aria-label="Size of place 6"]', (one) => (one as HTMLInputElement).value)).toBe(
    'two by wide',
  )
  await page.click('[aria-label="Size of place 6"]', { clickCount: 3 })
  await page.type('[aria-label="Size of place 6"]', '2 x 3')
  await clickText(page, 'button', 'Next: who works here?')
  await waitForText(page, 'Who works at Mill Cottage?')
  expect(await violations(page)).toEqual([])
  await page.type('[aria-label="Plumber: who"]', 'Wellspring pipes')
  await page.type('[aria-label="Painter: who"]', 'Fairbrush')
  await page.type('[aria-label="Painter: mail or telephone"]', '555 0147')
  await clickText(page, 'button', 'Keep them')
  await waitForText(page, 'Licence: plumbers need one on record. Type its number.')
  await page.type('[aria-label="Plumber: licence"]', 'P-114')
  await clickText(page, 'button', 'Keep them')
  await clickText(page, 'button', 'Plan it')
  await until(page, () => location.pathname.endsWith('/plan'))
  await waitForText(page, 'Safe to promise')
  expect(await textOf(page)).toMatch(/Likely finished \d+ \w+/)
  await waitForText(page, 'No crew is on record for:')
  expect(await textOf(page)).not.toMatch(/No crew is on record for:[^.]*painter/)
  await page.close()
  await empty.stop()
})
