import type { BrowserContext, Page } from 'puppeteer-core'
import { expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { onDemo } from './demo'
import { DESK, listening, openPage, PHONE, until, waitForText, type RunningApp } from './harness'

/** Each verb's main path with nothing but keys: what is reached by Tab is what is seen, and focus stays where the work is. */
let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

const BAKEHOUSE = siteIdOf('bakehouse')
const MOST_TABS = 160

/** How what has the focus is called; what only holds others, such as a sheet, has no name of its own. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const one = document.activeElement as HTMLElement
    if (one.tabIndex < 0) return ''
    const label = (one as HTMLInputElement).labels?.[0]?.textContent
    return (one.getAttribute('aria-label') ?? label ?? one.textContent ?? '').replace(/\s+/g, ' ').trim()
  })

/** Goes on with Tab until what is called so has the focus; what is not seen then is not reached. */
async function tabTo(page: Page, words: string): Promise<void> {
  const met: string[] = []
  for (let tabs = 0; tabs < MOST_TABS; tabs++) {
    await page.keyboard.press('Tab')
    const name = await focused(page)
    met.push(name.slice(0, 40))
    if (!name.includes(words)) continue
    const seen = await page.evaluate(() => {
      const { top, bottom, width } = document.activeElement!.getBoundingClientRect()
      return width > 0 && bottom > 0 && top < window.innerHeight
    })
    expect(seen, `${words} has the focus and is not seen`).toBe(true)
    return
  }
  throw new Error(`No Tab leads to “${words}”: ${[...new Set(met)].join(' | ')}`)
}

/** Nobody is thrown back to the top of the page by what was done. */
const focusIsKept = (page: Page): Promise<unknown> =>
  until(page, () => document.activeElement !== null && document.activeElement !== document.body)

async function open(path: string, words: string, size: typeof DESK | typeof PHONE = DESK): Promise<Page> {
  const page = await openPage(windows, app, size, 'owner')
  await page.goto(app.origin + path, { waitUntil: 'networkidle0' })
  await listening(page, 'main button, footer button', words)
  return page
}

test('today: who came is told, and the focus stays at what comes next', async () => {
  const page = await open('/today', 'Came')
  await tabTo(page, 'Came')
  await page.keyboard.press('Enter')
  await until(page, () =>
    [...document.querySelectorAll('main button')].some((one) => /^Came: .*change$/.test(one.textContent!)),
  )
  await focusIsKept(page)
  await page.close()
})

test('scope: a cell is entered, a line added in one field, and Escape leads back to the cell', async () => {
  const page = await open(`/sites/${BAKEHOUSE}/scope`, 'Kitchen')
  await tabTo(page, 'Kitchen')
  await page.keyboard.press('Enter')
  await page.waitForSelector('aside #add-line')
  await tabTo(page, 'What is to be done')
  await page.keyboard.type('two blockings behind the wall oven')
  await page.keyboard.press('Enter')
  await waitForText(page, 'locking')
  await until(page, () => (document.querySelector('#add-line') as HTMLInputElement).value === '')
  await page.keyboard.press('Escape')
  await until(page, () => document.querySelector('aside #add-line') === null)
  expect(await focused(page)).toContain('Kitchen')
  await page.close()
})

test('selections: one is opened, changed and kept, and Escape leads back to its row', async () => {
  const page = await open(`/sites/${BAKEHOUSE}/selections`, 'Add a selection')
  await tabTo(page, 'Shower glass')
  await page.keyboard.press('Enter')
  await page.waitForSelector('aside form')
  await tabTo(page, 'Choice')
  await page.keyboard.type('clear, 8 mm')
  await page.keyboard.press('Enter')
  await waitForText(page, 'clear, 8 mm')
  await page.keyboard.press('Escape')
  await until(page, () => document.querySelector('aside form') === null)
  expect(await focused(page)).toContain('Shower glass')
  await page.close()
})

test('plan: a visit is chosen, moved a day by the arrows, and let go', async () => {
  const page = await open(`/sites/${BAKEHOUSE}/plan`, 'Plan again')
  await tabTo(page, 'Wires, Shopfront room')
  const visit = await focused(page)
  await page.keyboard.press('Enter')
  await until(page, () => document.activeElement!.matches('aside'))
  await page.keyboard.press('Escape')
  await until(page, () => document.querySelector('aside') === null)
  expect(await focused(page)).toBe(visit)
  await page.keyboard.press('m')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await page.waitForSelector('[role=dialog]')
  await page.keyboard.press('Escape')
  await until(page, () => document.querySelector('[role=dialog], dialog[open]') === null)
  await focusIsKept(page)
  await page.close()
})

test('share: a reader is chosen, told, and the focus stays with them', async () => {
  const page = await open(`/sites/${BAKEHOUSE}/share`, 'The client')
  await tabTo(page, 'Joss Tenonby')
  await page.keyboard.press('Enter')
  await listening(page, 'main button', 'Send to Joss Tenonby')
  await tabTo(page, 'Send to Joss Tenonby')
  await page.keyboard.press('Enter')
  await waitForText(page, 'Joss Tenonby was sent one message.')
  await focusIsKept(page)
  await page.close()
})

test('find: a question is asked and its answer entered', async () => {
  const page = await open('/today', 'Came')
  await page.keyboard.press('/')
  await until(page, () => document.activeElement?.id === 'find-anything')
  await page.keyboard.type('electrician')
  await page.keyboard.press('Enter')
  await until(page, () => location.pathname !== '/today')
  await page.close()
})

test('walk: it is begun, something said and kept, and the next room gone to', async () => {
  const page = await open(`/walk#${BAKEHOUSE}`, 'Start: ', PHONE)
  await tabTo(page, 'Start: ')
  await page.keyboard.press('Enter')
  await waitForText(page, '1 of ')
  await tabTo(page, 'Say it')
  await page.keyboard.press('Enter')
  await until(page, () => document.activeElement?.tagName === 'TEXTAREA')
  await page.keyboard.type('two sockets to move')
  await tabTo(page, 'Read it back')
  await page.keyboard.press('Enter')
  await listening(page, 'dialog button', 'Drop')
  await tabTo(page, 'Keep it')
  await page.keyboard.press('Enter')
  await until(page, () => document.querySelector('dialog[open]') === null)
  expect(await focused(page)).toContain('Say it')
  await tabTo(page, 'ext: ')
  await page.keyboard.press('Enter')
  await waitForText(page, '2 of ')
  await page.close()
})
