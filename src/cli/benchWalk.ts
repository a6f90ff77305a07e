import { randomBytes } from 'node:crypto'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import type { Page } from 'puppeteer-core'
import { took } from './took'

/** What a walk on a phone was measured at; times in milliseconds. */
export interface WalkFigures {
  /** From the tap to the paint that shows it, on a processor slowed six times: median and the slowest of twenty. */
  readonly tap: number
  readonly slowTap: number
  /** From opening the page to the place on screen, with everything held. */
  readonly reopened: number
  readonly sent: number
  readonly heldMegabytes: number
}

const ROOMS = 12
const TAPS_A_ROOM = 5
const PHOTOS = 20
const SLOWED = 6

/** Walks twelve rooms on a phone without a network: 60 observations by thumb and 20 photos of 12 megapixels, held and
 * then sent. The browser is Debian's own, without a screen. */
export async function walkFigures(origin: string, cookie: string): Promise<WalkFigures> {
  const { default: puppeteer } = await import('puppeteer-core')
  const folder = mkdtempSync(join(tmpdir(), 'aftermist-bench-phone-'))
  const browser = await puppeteer.launch({
    executablePath: '/usr/bin/chromium',
    userDataDir: join(folder, 'profile'),
    args: ['--no-sandbox', '--disable-gpu', '--no-first-run'],
  })
  try {
    const page = await browser.newPage()
    await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true, deviceScaleFactor: 2 })
    const [name, value] = cookie.split('=') as [string, string]
    await page.browserContext().setCookie({ name, value, domain: new URL(origin).hostname, path: '/' })
    await page.goto(`${origin}/today`, { waitUntil: 'load' })
    const site = await twelveRooms(page)
    await page.goto(`${origin}/walk#${site}`, { waitUntil: 'load' })
    await press(page, 'footer button', 'Start: ')
    await page.waitForSelector('nav[aria-label=Places]')
    await page.evaluate(() => navigator.serviceWorker.ready)
    await page.setOfflineMode(true)
    await page.emulateCPUThrottling(SLOWED)
    const taps = await tapThroughRooms(page)
    await page.emulateCPUThrottling(null)
    await takePhotos(page, await photosIn(folder))
    const heldMegabytes = await page.evaluate(async () => ((await navigator.storage.estimate()).usage ?? 0) / 1e6)
    const reopened = await took(async () => {
      await page.goto(`${origin}/walk#${site}`, { waitUntil: 'load' })
      await page.reload({ waitUntil: 'load' })
      await page.waitForSelector('nav[aria-label=Places]')
    })
    await page.setOfflineMode(false)
    const sent = await took(async () => {
      await page.evaluate(() => window.dispatchEvent(new Event('online')))
      await page.waitForFunction(() => document.querySelector('[role=status]')?.textContent === 'all sent', {
        timeout: 120_000,
      })
    })
    taps.sort((a, b) => a - b)
    return {
      tap: taps[Math.floor(taps.length / 2)]!,
      slowTap: taps[Math.floor(taps.length * 0.95)]!,
      reopened,
      sent,
      heldMegabytes,
    }
  } finally {
    await browser.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

const twelveRooms = (page: Page): Promise<string> =>
  page.evaluate(async (rooms: number) => {
    const places = Array.from({ length: rooms }, (_, i) => ({
      name: `Room ${i + 1}`,
      kind: 'room',
      level: 'Ground floor',
      size: '4 x 3 x 2.4',
      treatments: ['room-board-finishes'],
    }))
    const answer = await fetch('/api/sites', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        name: 'Twelve rooms',
        built: '1930',
        units: 'metric',
        livedIn: false,
        weekdays: [1, 2, 3, 4, 5],
        startsOn: new Date().toISOString().slice(0, 10),
        places,
      }),
    })
    const told = (await answer.json()) as { siteId?: string; error?: { message: string } }
    if (!told.siteId) throw new Error(told.error?.message)
    return told.siteId
  }, ROOMS)

/** Taps quarters in every room and measures each tap to the second frame after it, which shows it. */
async function tapThroughRooms(page: Page): Promise<number[]> {
  const taps: number[] = []
  for (let room = 0; room < ROOMS; room++) {
    for (let tap = 0; tap < TAPS_A_ROOM; tap++)
      taps.push(
        await page.evaluate(async (at: number) => {
          const pads = document.querySelectorAll<HTMLButtonElement>(
            'main [role=group][aria-label^="How far"] button:not([aria-pressed=true])',
          )
          const button = pads[at % pads.length]!
          const began = performance.now()
          button.click()
          await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)))
          return performance.now() - began
        }, tap * 3),
      )
    if (room < ROOMS - 1) {
      await page.click(`nav[aria-label=Places] button:nth-child(${room + 2})`)
      await page.waitForFunction(
        (name: string) => document.querySelector('header h1')?.textContent === name,
        {},
        `Room ${room + 2}`,
      )
    }
  }
  return taps
}

/** Photos of 12 megapixels, each unlike the others, about as large as a phone's. */
async function photosIn(folder: string): Promise<string[]> {
  const files: string[] = []
  for (let i = 0; i < PHOTOS; i++) {
    const grain = await sharp(randomBytes(800 * 600 * 3), { raw: { width: 800, height: 600, channels: 3 } })
      .resize(4000, 3000)
      .jpeg({ quality: 80 })
      .toBuffer()
    files.push(join(folder, `${i}.jpg`))
    writeFileSync(files[i]!, grain)
  }
  return files
}

async function takePhotos(page: Page, files: readonly string[]): Promise<void> {
  await press(page, 'footer button', 'Photo')
  const input = await page.waitForSelector('dialog input[name=photos]')
  await (input as unknown as { uploadFile(...paths: string[]): Promise<void> }).uploadFile(...files)
  await press(page, 'dialog form button', 'Keep')
  await page.waitForFunction(() => document.querySelector('dialog[open]') === null, { timeout: 120_000 })
}

const press = (page: Page, selector: string, words: string) =>
  page.waitForFunction(
    (wanted: string, text: string) => {
      const button = [...document.querySelectorAll<HTMLButtonElement>(wanted)].find((one) =>
        one.textContent!.trim().startsWith(text),
      )
      button?.click()
      return button !== undefined
    },
    {},
    selector,
    words,
  )
