import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import type { BrowserContext, ElementHandle } from 'puppeteer-core'
import { expect, test } from 'vitest'
import { readMessages } from '../../src/data/share'
import { withLinks } from '../../src/server/share/links'
import { databaseFile } from '../../src/server/firmFolder'
import { siteIdOf } from '../../src/demo/ids'
import { onDemo } from './demo'
import { violations } from './accessible'
import { clickText, DESK, openPage, PHONE, textOf, typeInto, waitForText, type RunningApp, until } from './harness'

let app: RunningApp
let windows: BrowserContext
onDemo((served, opened) => {
  app = served
  windows = opened
})

/** The newest link of an audience that was sent out. */
type WithPage = 'client' | 'trade' | 'other'
function link(audience: WithPage): string {
  const db = new Database(databaseFile(app.folder), { readonly: true })
  const linkSecret = readFileSync(join(app.folder, 'link-secret'), 'utf8')
  const newest = readMessages(db, 1000).flatMap(({ body }) => {
    const found = new RegExp(`/for/${audience}/(\\S+)`).exec(withLinks({ db, linkSecret }, body) ?? '')
    return found ? [found[1]!] : []
  })[0]!
  db.close()
  return `${app.origin}/for/${audience}/${newest}`
}

test('the client answers on a phone under their name, sees the receipt, and the desk sees it too', async () => {
  const page = await openPage(windows, app, PHONE)
  await page.goto(link('client'), { waitUntil: 'networkidle0' })
  expect(await violations(page)).toEqual([])
  const first = await page.$eval('details summary', (one) => one.textContent)
  await clickText(page, 'details summary', first!)
  await typeInto(page, 'details[open] input', 'As the sample on the sill')
  await clickText(page, 'details[open] button', 'Send my choice')
  await waitForText(page, 'Your name: type it, so that we know.')
  await typeInto(page, 'input[autocomplete=name]', 'Rosalind Example')
  await clickText(page, 'details[open] button', 'Send my choice')
  await waitForText(page, 'answered: As the sample on the sill. Rosalind Example, 10 Mar.')
  await until(
    page,
    (words: string) => [...document.querySelectorAll('details summary')].every((one) => one.textContent !== words),
    first!,
  )
  await page.type('textarea[name=question]', 'Can the cat stay in?')
  await clickText(page, 'button', 'Send it')
  await waitForText(page, 'Rosalind Example asked: Can the cat stay in?')
  await page.close()
  const desk = await openPage(windows, app, DESK, 'lead')
  await desk.goto(`${app.origin}/share`, { waitUntil: 'networkidle0' })
  for (const row of await desk.$$('nav[aria-label="Who has to know"] button ::-p-text(client)'))
    if (!(await textOf(desk)).includes('Rosalind Example asked: Can the cat stay in?')) await row.click()
  await waitForText(desk, 'Rosalind Example asked: Can the cat stay in?')
  expect(await violations(desk)).toEqual([])
  await desk.close()
})

test.each<WithPage>(['client', 'trade', 'other'])(
  'the page of a %s carries no script, is kept by nobody, and takes nothing from another site’s form',
  async (audience) => {
    const url = link(audience)
    const { headers, status } = await fetch(url)
    expect(status).toBe(200)
    expect(headers.get('content-security-policy')).toContain("default-src 'none'")
    expect(headers.get('cache-control')).toBe('no-store')
    expect(headers.get('referrer-policy')).toBe('no-referrer')
    expect(headers.get('x-robots-tag')).toContain('noindex')
    expect(await fetch(url).then((answer) => answer.text())).not.toMatch(/<script|javascript:|\son[a-z]+=/i)
    const body = new URLSearchParams({ say: 'question', question: 'From elsewhere', name: 'Mallory' })
    for (const elsewhere of [{ origin: 'https://elsewhere.example' }, { origin: 'null' }]) {
      const answer = await fetch(url, { method: 'POST', body, headers: elsewhere, redirect: 'manual' })
      expect(answer.status).toBe(403)
      expect(await answer.text()).toContain('did not come from Aftermist itself')
    }
  },
)

test('a trade says on a phone that it runs late, and reads its receipt', async () => {
  const page = await openPage(windows, app, PHONE)
  await page.goto(link('trade'), { waitUntil: 'networkidle0' })
  await clickText(page, 'summary', 'Running late')
  await clickText(page, 'button', 'half a day')
  await waitForText(page, 'running late, half a day.')
  expect(await violations(page)).toEqual([])
  await page.close()
})

test('a trade says on a phone that it is done, with a photo', async () => {
  const page = await openPage(windows, app, PHONE)
  await page.goto(link('trade'), { waitUntil: 'networkidle0' })
  await clickText(page, 'summary', 'Done, with a photo')
  const field = await page.$('input[type=file]')
  await (field as ElementHandle<HTMLInputElement>).uploadFile('docs/screenshots/today.png')
  await page.type('details[open] input[name=text]', 'one cover is missing')
  await clickText(page, 'button', 'Send: it is done')
  await waitForText(page, 'done, one cover is missing. To be seen on the next walk.')
  await page.close()
})

test('who lives next door says on a phone that they have the letter, and the desk sees it', async () => {
  const page = await openPage(windows, app, PHONE)
  await page.goto(link('other'), { waitUntil: 'networkidle0' })
  expect(await violations(page)).toEqual([])
  await clickText(page, 'button', 'I have it')
  await waitForText(page, 'has it, 10 Mar.')
  await page.close()
  const desk = await openPage(windows, app, DESK, 'lead')
  await desk.goto(`${app.origin}/share`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'nav[aria-label="Who has to know"] button', 'The chemist’s next door')
  await waitForText(desk, 'has it, 10 Mar.')
  await desk.close()
})

test('a list of selections comes back: what it changes is shown, then kept', async () => {
  const page = await openPage(windows, app, DESK, 'lead')
  const site = siteIdOf('heron')
  await page.goto(`${app.origin}/sites/${site}/selections`, { waitUntil: 'networkidle0' })
  const text = await page.evaluate((url) => fetch(url).then((answer) => answer.text()), `/api/selections?site=${site}`)
  const open = text.split('\r\n').find((line) => line.includes(',,undecided,'))!
  const file = join(app.folder, 'back.csv')
  writeFileSync(file, `${text.split('\r\n')[0]!}\n${open.replace(',,undecided,', ',limewash,chosen,')}\n`)
  await ((await page.$('#selections-csv')) as ElementHandle<HTMLInputElement>).uploadFile(file)
  await waitForText(page, 'It changes 2 things.')
  expect(await textOf(page)).toContain('choice limewash.')
  await clickText(page, 'button', 'Keep these changes')
  await waitForText(page, 'Kept: 2 things.')
  expect(await violations(page)).toEqual([])
  await page.close()
})

test('who has no mail is told by telephone, says the desk, and is off the list', async () => {
  const page = await openPage(windows, app, PHONE, 'lead')
  await page.goto(`${app.origin}/sites/${siteIdOf('bakehouse')}/share`, { waitUntil: 'networkidle0' })
  await clickText(page, 'nav[aria-label="Who has to know"] button', 'Sedge Lane bins')
  await waitForText(page, 'I told them: 555 0148')
  await clickText(page, 'button', 'Send from my phone')
  const sms = await page.waitForSelector('[role=dialog] a[href^="sms:5550148?body="]')
  expect(decodeURIComponent(await sms!.evaluate((one) => (one as HTMLAnchorElement).href))).toContain('Board and tape')
  expect(await violations(page)).toEqual([])
  await page.click('[role=dialog] .btn-close')
  await until(page, () => document.querySelector('[role=dialog]') === null)
  await page.click('button[aria-label="Sedge Lane bins was told"]')
  await until(page, () => !document.querySelector('button[aria-label="Sedge Lane bins was told"]'))
  await page.waitForNetworkIdle()
  expect(await violations(page)).toEqual([])
  await page.close()
})

test('what a lead writes into the update is there after a reload, and what they drop can come back', async () => {
  const page = await openPage(windows, app, DESK, 'lead')
  const url = `${app.origin}/sites/${siteIdOf('heron')}/share?reader=client:${siteIdOf('heron')}`
  const first = 'textarea[aria-label="Next, sentence 1"]'
  const valueOf = (selector: string): Promise<string> =>
    page.$eval(selector, (field) => (field as HTMLTextAreaElement).value)
  const keptAs = (path: string): Promise<unknown> =>
    page.waitForResponse((answer) => answer.url().endsWith(path) && answer.ok())
  await page.goto(url, { waitUntil: 'networkidle0' })
  const kept = keptAs('/updates/edits')
  await typeInto(page, first, 'In our own words.')
  await kept
  await page.goto(url, { waitUntil: 'networkidle0' })
  expect(await valueOf(first)).toMatch(/^In our own words\./)
  const second = await valueOf('textarea[aria-label="Next, sentence 2"]')
  await page.click(`div:has(> ${first}) button`)
  await until(
    page,
    (selector: string, words: string) => (document.querySelector(selector) as HTMLTextAreaElement).value === words,
    first,
    second,
  )
  await clickText(page, 'button', 'Bring back what was dropped (1)')
  expect(await valueOf(first)).toMatch(/^In our own words\./)
  await page.waitForNetworkIdle()
  expect(await violations(page)).toEqual([])
  await page.close()
})
