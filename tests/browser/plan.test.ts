import type { BrowserContext } from 'puppeteer-core'
import { describe, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { onDemo } from './demo'
import { violations } from './accessible'
import { clickText, DESK, openPage, PHONE, textOf, typeInto, waitForText, type RunningApp, until } from './harness'

const BAKEHOUSE = siteIdOf('bakehouse')
let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

describe('moving a visit', () => {
  test('in the plan a visit is dragged; let go, what follows is shown and nothing is saved yet', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'networkidle0' })
    const bar = (await page.$('[aria-label^="Plaster, Street face"]'))!
    await bar.scrollIntoView()
    const before = await bar.evaluate((one) => one.getAttribute('aria-label'))
    const { x, y, height } = (await bar.boundingBox())!
    await page.mouse.move(x + 6, y + height / 2)
    await page.mouse.down()
    await page.mouse.move(x + 160, y + height / 2, { steps: 8 })
    await page.mouse.up()
    await until(page, () => /would be/.test(document.querySelector('[role=dialog]')?.textContent ?? ''))
    await page.reload({ waitUntil: 'networkidle0' })
    expect(await page.$eval('[aria-label^="Plaster, Street face"]', (one) => one.getAttribute('aria-label'))).toBe(
      before,
    )
    await page.close()
  })

  test('in the plan m and the arrows move a visit; what follows is shown before it is saved, and undone after', async () => {
    const page = await openPage(windows, app, DESK, 'owner')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'networkidle0' })
    const bar = '[aria-label^="Plaster, Street face"]'
    await page.focus(bar)
    const before = await page.$eval(bar, (one) => one.getAttribute('aria-label'))
    await page.keyboard.press('m')
    // Friday to Monday: three days of two halves.
    for (let half = 0; half < 6; half++) await page.keyboard.press('ArrowRight')
    // Tried in the browser while it is still in the hand.
    await until(page, () =>
      /(afternoon|morning): (nobody else moves|\d+ other visits? moves?)/.test(document.body.innerText),
    )
    await page.keyboard.press('Enter')
    await waitForText(page, 'They have to be asked again.')
    await until(page, () => /would be/.test(document.querySelector('[role=dialog]')?.textContent ?? ''))
    expect(await violations(page)).toEqual([])
    await clickText(page, '[role=dialog] button', 'Move it')
    await waitForText(page, 'would be')
    await until(
      page,
      (old: string | null) =>
        document.querySelector('[aria-label^="Plaster, Street face"]')?.getAttribute('aria-label') !== old,
      before,
    )
    await clickText(page, 'button', 'Undo last plan')
    await until(
      page,
      (old: string | null) =>
        document.querySelector('[aria-label^="Plaster, Street face"]')?.getAttribute('aria-label') === old,
      before,
    )
    await page.close()
  })
})

describe('holding and adding a visit', () => {
  test('h asks what it waits for; what follows is shown, kept, and undone', async () => {
    const page = await openPage(windows, app, DESK, 'lead')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'networkidle0' })
    const bar = '[aria-label^="Plaster, Street face"]'
    await page.focus(bar)
    await page.keyboard.press('h')
    await until(page, () => document.activeElement?.id === 'hold-reason')
    await page.keyboard.type('the mortar is not proved')
    await page.type('#hold-until', '04152026')
    await clickText(page, 'button', 'See who waits with it')
    await until(page, () => /would be/.test(document.querySelector('[role=dialog]')?.textContent ?? ''))
    await clickText(page, '[role=dialog] button', 'Hold it')
    await until(page, () => document.querySelector('[role=dialog]') === null)
    await waitForText(page, 'is held: the mortar is not proved')
    await clickText(page, 'button', 'Undo last plan')
    await until(page, () => !document.body.innerText.includes('is held: the mortar is not proved'))
    await page.close()
  })
  test('work that stands in no line yet is added where it fits, and the form can be used by everybody', async () => {
    const page = await openPage(windows, app, DESK, 'lead')
    await page.goto(`${app.origin}/sites/${BAKEHOUSE}/plan`, { waitUntil: 'networkidle0' })
    await clickText(page, 'button', 'What if')
    await clickText(page, '.accordion-button', 'Add a visit')
    await typeInto(page, '#add-title', 'Ease the larder door')
    const place = await page.$eval('#add-place option:nth-child(2)', (one) => (one as HTMLOptionElement).value)
    await page.select('#add-place', place)
    await page.select('#add-stage', 'return-list')
    expect(await violations(page)).toEqual([])
    await clickText(page, 'button', 'See where it fits')
    await until(page, () => /would be/.test(document.querySelector('[role=dialog]')?.textContent ?? ''))
    await clickText(page, '[role=dialog] button', 'Add it')
    await until(page, () => document.querySelector('[role=dialog]') === null)
    await clickText(page, 'button', 'Undo last plan')
    await waitForText(page, 'Undone: a visit was added.')
    await page.close()
  })
})

test('of a long plan only what is near is drawn, and the keys go on past its edge', async () => {
  const page = await openPage(windows, app, DESK, 'lead')
  await page.goto(`${app.origin}/plan`, { waitUntil: 'networkidle0' })
  await clickText(page, 'button', 'One week')
  const drawn = () => page.$$eval('[role=group] button[aria-label]', (bars) => bars.map((bar) => bar.ariaLabel))
  await until(page, () => document.querySelectorAll('[role=group] button[aria-label]').length > 0)
  const first = await drawn()
  await page.$eval('[role=region][aria-label="Plan"]', (box) => box.scrollTo(4000, 0))
  await until(
    page,
    (before: readonly string[]) => {
      const bars = [...document.querySelectorAll('[role=group] button[aria-label]')].map((bar) => bar.ariaLabel)
      return bars.length > 0 && before.some((label) => !bars.includes(label))
    },
    first as string[],
  )
  expect(await drawn()).not.toEqual(first)
  await page.close()
})

test('planning again runs with its progress and ends with who has to be told', async () => {
  const page = await openPage(windows, app, DESK, 'lead')
  await page.goto(`${app.origin}/plan`, { waitUntil: 'networkidle0' })
  await clickText(page, 'button', 'Plan again')
  await waitForText(page, 'Planned again. See who has to be told.')
  await page.close()
})

describe('what if', () => {
  test('plans are laid side by side, and the one that is chosen comes into force', async () => {
    const page = await openPage(windows, app, DESK, 'lead')
    await page.goto(`${app.origin}/plan`, { waitUntil: 'networkidle0' })
    await clickText(page, 'button', 'What if')
    await clickText(page, '.accordion-button', 'Other ways to plan')
    await clickText(page, 'button', 'Lay them side by side')
    await waitForText(page, 'Fewest comings of each trade')
    expect(await textOf(page)).toContain('Earliest finishes (as now)')
    expect(await violations(page)).toEqual([])
    await clickText(page, 'button', 'Plan this way: fewest comings')
    await waitForText(page, 'Planned this way.')
    await clickText(page, 'button', 'Lay them side by side')
    await waitForText(page, 'Fewest comings of each trade (as now)')
    await clickText(page, 'button', 'Plan this way: earliest finishes')
    await waitForText(page, 'Planned this way.')
    await page.close()
  })
  test('what would bring the finish forward is tried and told; a slip names who is moved', async () => {
    const page = await openPage(windows, app, DESK, 'lead')
    await page.goto(`${app.origin}/sites/${siteIdOf('heron')}/plan`, { waitUntil: 'networkidle0' })
    await clickText(page, 'button', 'What if')
    await clickText(page, '.accordion-button', 'What would bring the finish forward?')
    await clickText(page, 'button', 'Try what holds it')
    await until(page, () => /\d days? earlier: |No single thing would/.test(document.body.innerText))
    await page.keyboard.press('Escape')
    await until(page, () => document.querySelector('[role=dialog]') === null)
    await page.click('[aria-label^="Tile"], [aria-label^="Framing"]')
    await waitForText(page, 'If it slips')
    await page.type('#slip-days', '4')
    await clickText(page, 'button', 'Who is moved')
    await until(page, () => /would be|cannot start/.test(document.querySelector('[role=dialog]')?.textContent ?? ''))
    expect(await violations(page)).toEqual([])
    await clickText(page, '[role=dialog] button', 'Leave it')
    await page.close()
  })
  test('the next weeks on a phone: two or three, by trade or by place, and on to a trade’s run', async () => {
    const page = await openPage(windows, app, PHONE, 'lead')
    await page.goto(`${app.origin}/plan/ahead`, { waitUntil: 'networkidle0' })
    expect(await textOf(page)).toMatch(/\d+ of \d+ are cleared/)
    await clickText(page, 'a', 'Three weeks')
    await waitForText(page, 'The next three weeks')
    await clickText(page, 'a', 'By place')
    await waitForText(page, 'Bakehouse Lane, Kitchen')
    await clickText(page, 'a', 'By trade')
    await clickText(page, 'h2 a', 'Hollis Fairbrush')
    await waitForText(page, 'How full its weeks are')
    await page.waitForSelector('canvas[aria-label^="Days at work each week"]')
    await page.close()
  })
})
