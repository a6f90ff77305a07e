import { expect, test } from 'vitest'
import { emptyFolder } from '../fixtures/folder'
import { clickText, DESK, openWindow, serveFolder, textOf, waitForText, until } from './harness'

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
  await until(page, () => location.pathname.endsWith('/plan'))
  await waitForText(page, 'trade visits')
  expect(await textOf(page)).toMatch(/Likely finished \d+ \w+/)
  await page.close()
  await empty.stop()
})
