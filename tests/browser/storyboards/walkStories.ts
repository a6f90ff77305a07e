import { join } from 'node:path'
import { writeFileSync } from 'node:fs'
import sharp from 'sharp'
import type { BrowserContext, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { demoFolder } from '../../fixtures/folder'
import { violations } from '../accessible'
import {
  clickText,
  openPage,
  openWindow,
  PHONE,
  serveFolder,
  textOf,
  waitForText,
  unfold,
  walkIsKept,
  type RunningApp,
  until,
} from '../harness'
import { ENTRY_KINDS } from '../../../src/core/entries/entryKinds'
import { stepsOf, type Step, type Story, type Walk } from './story'

/** How many of each sort; `bin/aftermist bench jobs` walks them all. */
const JOBS = Number(process.env.AFTERMIST_ROUNDS ?? 1)

/** Sets the sites of the first jobs up, walks them without a network, and reads them at the desk when it is back. */
export function walkStories(jobs: readonly Story[]): void {
  const stories = jobs.slice(0, JOBS)
  let app: RunningApp
  let folder: string
  let windows: BrowserContext
  let phone: Page
  let picture: string
  const sites = new Map<string, string>()

  beforeAll(async () => {
    folder = demoFolder()
    picture = join(folder, 'seen.jpg')
    const pixels = { width: 800, height: 600, channels: 3 as const, background: '#8a8070' }
    writeFileSync(picture, await sharp({ create: pixels }).jpeg().toBuffer())
    app = await serveFolder(folder, { keep: true })
    windows = await openWindow()
    phone = await openPage(windows, app, PHONE, 'owner', { kept: true })
    await phone.goto(`${app.origin}/today`, { waitUntil: 'load' })
    for (const story of stories) sites.set(story.site, await madeSite(story))
    // Every site is opened once with a network; then the server is gone until the day is over.
    for (const story of stories) {
      await phone.goto(`${app.origin}/walk#${sites.get(story.site)!}`, { waitUntil: 'load' })
      await phone.reload({ waitUntil: 'load' })
      await waitForText(phone, story.site)
    }
    await walkIsKept(phone)
    await app.stop()
  })
  afterAll(async () => {
    await windows.close()
    await app.stop()
  })

  const madeSite = (story: Story): Promise<string> =>
    phone.evaluate(
      async (body: string) => {
        const answer = await fetch('/api/sites', {
          method: 'POST',
          body,
          headers: { 'content-type': 'application/json' },
        })
        const told = (await answer.json()) as { siteId?: string; error?: { message: string } }
        if (!told.siteId) throw new Error(told.error?.message)
        return told.siteId
      },
      JSON.stringify({
        name: story.site,
        built: story.built,
        units: story.units,
        livedIn: true,
        clientName: 'The client',
        clientAddress: 'client@example.com',
        weekdays: [1, 2, 3, 4, 5],
        startsOn: '2026-03-10',
        places: story.places,
      }),
    )

  /** Presses the first button of a kind whose words begin so, as soon as it is there, wherever the sheet has moved to. */
  const press = (selector: string, words: string): Promise<unknown> =>
    until(
      phone,
      (wanted: string, text: string) => {
        const button = [...document.querySelectorAll<HTMLButtonElement>(wanted)].find(
          (one) => one.textContent!.trim().startsWith(text) && one.getClientRects().length > 0 && !one.disabled,
        )
        button?.click()
        return button !== undefined
      },
      selector,
      words,
    )

  async function goTo(place: string): Promise<void> {
    await phone.click(`nav[aria-label=Places] button[aria-label^="${place}"]`)
    await until(phone, (name: string) => document.querySelector('header h1')?.textContent === name, place)
  }

  async function fill(name: string, text: string): Promise<void> {
    const field = await phone.waitForSelector(`dialog [name="${name}"]`)
    await unfold(phone, `dialog [name="${name}"]`)
    const sort = await field!.evaluate((one) =>
      one instanceof HTMLSelectElement ? 'select' : (one as HTMLInputElement).type,
    )
    if (sort === 'select')
      expect(await phone.select(`dialog [name="${name}"]`, text), `${name}: ${text}`).toEqual([text])
    else if (sort === 'checkbox') await field!.click()
    else
      await field!.evaluate((one, typed) => {
        const set = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(one), 'value')!.set!
        set.call(one, typed)
        one.dispatchEvent(new Event('input', { bubbles: true }))
      }, text)
  }

  const FOOT = ['Say it', 'Tape', 'Found', 'Photo']

  async function openSheet(sheet: string): Promise<void> {
    if (FOOT.includes(sheet)) return void (await press('footer button', sheet))
    await press('footer button', 'More')
    await phone.waitForSelector('dialog #finder')
    await phone.evaluate((words: string) => {
      const field = document.querySelector<HTMLInputElement>('dialog #finder')!
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field, words)
      field.dispatchEvent(new Event('input', { bubbles: true }))
    }, sheet)
    await phone.evaluate((words: string) => {
      const button = [...document.querySelectorAll<HTMLElement>('dialog button')].find(
        (one) => one.textContent === words,
      )
      if (!button) throw new Error(`nothing under More is called "${words}"`)
      button.click()
    }, sheet)
  }

  async function play(step: Step): Promise<void> {
    await goTo(step.at)
    if (step.say) {
      await openSheet('Say it')
      await phone.waitForSelector('dialog textarea')
      await phone.evaluate((words: string) => {
        const area = document.querySelector<HTMLTextAreaElement>('dialog textarea')!
        Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, words)
        area.dispatchEvent(new Event('input', { bubbles: true }))
      }, step.say)
      await press('dialog button', 'Read it back')
      await waitForText(phone, 'Change the words')
      await press('dialog button', 'Keep ')
    } else if (step.photo) {
      await openSheet('Photo')
      const input = await phone.waitForSelector<'input'>('dialog input[name=photos]' as 'input')
      await input!.uploadFile(picture)
      const canvas = await phone.waitForSelector('dialog canvas')
      await canvas!.scrollIntoView()
      const box = (await canvas!.boundingBox())!
      await phone.mouse.move(box.x + 60, box.y + 60)
      await phone.mouse.down()
      await phone.mouse.move(box.x + 160, box.y + 120)
      await phone.mouse.up()
      await waitForText(phone, 'One mark.')
      await fill('caption', step.photo)
      await press('dialog button', 'Keep')
    } else {
      await openSheet(step.sheet!)
      for (const [name, text] of Object.entries(step.fill!)) await fill(name, text)
      await press('dialog form button', 'Keep')
    }
    await until(phone, () => document.querySelector('dialog[open]') === null)
    for (const words of step.tells) {
      // What an entry reckons comes a moment after the entry itself.
      await until(
        phone,
        (text: string) => {
          document.querySelectorAll<HTMLElement>('main .fold-head[aria-expanded=false]').forEach((one) => one.click())
          return document.body.innerText.includes(text)
        },
        words,
      )
    }
  }

  /** One visit from its start to its end; on the last one something is said in private too. */
  async function walkIt(story: Story, walk: Walk, last: boolean): Promise<void> {
    await waitForText(phone, 'What kind of walk?')
    await press('fieldset label', KIND_WORDS[walk.kind])
    await press('footer button', 'Start: ')
    await waitForText(phone, '1 of ')
    for (const { steps } of walk.lines) for (const step of steps) await play(step)
    if (last) {
      await goTo(story.places[0]!.name)
      await openSheet('A note')
      await fill('text', story.secret)
      await fill('private', 'on')
      await press('dialog form button', 'Keep')
      await until(phone, () => document.querySelector('dialog[open]') === null)
      expect(await violations(phone)).toEqual([])
    }
    await press('button', 'End the walk')
    await waitForText(phone, 'What changed')
    for (const words of walk.ends ?? []) expect.soft(await textOf(phone), `${story.site}, at the end`).toContain(words)
    await press('footer button', 'End walk')
    await waitForText(phone, 'are still held on the phone')
    await press('button', 'Back to the site')
  }

  /** Opens a place of the weave that is shown, where all that was recorded there must stand. */
  async function readAtDesk(desk: Page, story: Story, name: string): Promise<void> {
    const row = await desk.waitForSelector(`::-p-xpath(//button[normalize-space()="${name}"])`)
    await row!.click()
    await until(desk, (title) => document.querySelector('aside h2')?.textContent === title, name)
    const place = await textOf(desk)
    for (const step of stepsOf(story).filter(({ at }) => at === name)) {
      if (step.photo) expect.soft(place, `${story.site}, ${name}, photo`).toContain(step.photo)
      else if (step.sheet === 'Tape') expect.soft(place, `${story.site}, ${name}, size`).toContain(step.tells[0])
      else if (step.sheet && !ELSEWHERE.includes(step.sheet))
        expect.soft(place, `${story.site}, ${name}, ${step.sheet}`).toContain(Object.values(step.fill!)[0])
    }
  }

  /** What its readers are given, at the desk and on a phone, once it is planned. */
  async function readByOthers(desk: Page, story: Story, id: string): Promise<void> {
    await desk.evaluate(async () => {
      const answer = await fetch('/api/plan', {
        method: 'POST',
        body: '{}',
        headers: { 'content-type': 'application/json' },
      })
      if (!answer.ok) throw new Error(await answer.text())
      await answer.text()
    })
    const places = await desk.evaluate(async (site: string) => {
      const told = (await (await fetch(`/api/sites/${site}/walk`)).json()) as {
        registers: { subject: string; facet: string; placeId: string; value: { name: string } }[]
      }
      return told.registers.flatMap(({ subject, facet, placeId, value }) =>
        subject === 'place' && facet === 'laid' ? [[value.name, placeId] as const] : [],
      )
    }, id)
    const small = await openPage(windows, app, PHONE, 'owner')
    for (const page of [desk, small])
      for (const [path, told] of Object.entries({ record: story.reckoned ?? [], ...story.hears })) {
        const [, place] = path.split('sheets/')
        const at = place ? `sheets/${places.find(([name]) => name === place)![1]}` : path
        await page.goto(`${app.origin}/sites/${id}/${at}`, { waitUntil: 'networkidle0' })
        if (path === 'share') {
          await clickText(page, 'main button', 'The client')
          await waitForText(page, 'Headline')
        }
        const read = await page.$eval('main', (one) =>
          [
            one.textContent,
            ...[...one.querySelectorAll('textarea, input')].map((field) => (field as HTMLInputElement).value),
          ].join('\n'),
        )
        for (const words of told) expect.soft(read, `${story.site}, ${path}`).toContain(words)
        expect.soft(read, `${story.site}, ${path}`).not.toContain(story.secret)
      }
    await small.close()
  }

  describe('a job as it is walked, with one thumb and no network', () => {
    for (const story of stories) {
      test(story.site, { timeout: 480_000 }, async () => {
        await phone.goto('about:blank')
        await phone.goto(`${app.origin}/walk#${sites.get(story.site)!}`, { waitUntil: 'load' })
        for (const walk of story.walks) await walkIt(story, walk, walk === story.walks.at(-1))
      })
    }

    test('and when the network is back it stands at the desk, and what was said in private is shared with nobody', async () => {
      app = await serveFolder(folder, { keep: true, port: Number(new URL(app.origin).port) })
      const desk = await openPage(windows, app, { width: 1280, height: 800 }, 'owner')
      for (const story of stories) {
        const id = sites.get(story.site)!
        await phone.goto('about:blank')
        await phone.goto(`${app.origin}/walk#${id}`, { waitUntil: 'load' })
        await waitForText(phone, 'all sent')
        await desk.goto(`${app.origin}/sites/${id}/record`, { waitUntil: 'networkidle0' })
        // What is folded away is there too.
        const registers = await desk.$eval('main', (one) => one.textContent)
        if (story.hears) await readByOthers(desk, story, id)
        const named = stepsOf(story).flatMap(({ sheet, fill: filled }) =>
          sheet && !NOT_REGISTERS.includes(sheet) ? [Object.values(filled!)[0]!] : [],
        )
        // What is read by others too was looked for on the record there.
        for (const words of [...named, ...(story.hears ? [] : (story.reckoned ?? []))])
          expect.soft(registers, `${story.site}: ${words}`).toContain(words)
        await desk.goto(`${app.origin}/sites/${id}/scope`, { waitUntil: 'load' })
        for (const { name } of story.places) await readAtDesk(desk, story, name)
        for (const page of [`/sites/${id}/share`, `/sites/${id}/record`]) {
          await desk.goto(`${app.origin}${page}`, { waitUntil: 'networkidle0' })
          const inputs = await desk.$$eval('textarea, input', (all) =>
            all.map((one) => (one as HTMLInputElement).value),
          )
          expect([await textOf(desk), ...inputs].join('\n')).not.toContain(story.secret)
        }
      }
    })
  })
}

const KIND_WORDS: Record<Walk['kind'], string> = {
  scope: 'Scope walk',
  kickoff: 'Kickoff',
  progress: 'Progress walk',
  layout: 'Layout walk',
  'before-cover': 'Before-cover walk',
  'end-of-day': 'End of day',
  completion: 'Completion walk',
  return: 'Return trip',
}
/** What is told about the whole site, or changes the place itself. */
const ELSEWHERE = [
  ...ENTRY_KINDS.filter((kind) => kind.at === 'site').map((kind) => kind.one),
  'This place changes',
  'Something to choose',
  'Add a line of work',
]
/** What stands elsewhere than in the registers. */
const NOT_REGISTERS = [
  'A note',
  'Tape',
  'Found',
  'Stays, or is protected',
  'Somebody has to decide',
  'This place changes',
  'Something to choose',
  'Add a line of work',
]
