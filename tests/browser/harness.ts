import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import puppeteer, {
  type Browser,
  type BrowserContext,
  type ElementHandle,
  type HandleFor,
  type Page,
} from 'puppeteer-core'
import { inject } from 'vitest'
import { freePort } from '../../src/cli/freePort'
import { TODAY } from '../fixtures/folder'
import { LAUNCH } from './chromium'

export const DESK = { width: 1280, height: 800 }
export const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true }

export interface RunningApp {
  readonly origin: string
  readonly folder: string
  stop(): Promise<void>
}

interface Serving {
  /** The folder stays when the server stops. */
  readonly keep?: boolean
  readonly port?: number
  readonly env?: Readonly<Record<string, string>>
}

/** Serves the built app on a folder, on a free port or a given one. */
export async function serveFolder(folder: string, { keep, port: at, env }: Serving = {}): Promise<RunningApp> {
  const port = at ?? (await freePort())
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', '127.0.0.1'],
    {
      cwd: resolve('.'),
      env: {
        ...process.env,
        ...env,
        AFTERMIST_DATA: folder,
        AFTERMIST_TODAY: TODAY,
        AFTERMIST_EFFORT: 'little',
        AFTERMIST_ADDRESS: `http://localhost:${port}`,
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_ENV: 'production',
      },
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  )
  // A test that fails half way leaves no server behind.
  const end = (): void => void server.kill()
  process.once('exit', end)
  server.once('exit', () => process.off('exit', end))
  const origin = `http://localhost:${port}`
  await answering(`${origin}/manifest.webmanifest`, server)
  return {
    origin,
    folder,
    stop: async () => {
      const gone = new Promise((done) => server.once('exit', done))
      if (server.exitCode === null && server.signalCode === null) {
        server.kill('SIGTERM')
        // A server waits for what a window still holds open; nobody here waits for that.
        const late = setTimeout(() => server.kill('SIGKILL'), 5_000)
        await gone
        clearTimeout(late)
      }
      if (!keep) rmSync(folder, { recursive: true, force: true })
    },
  }
}

async function answering(url: string, server: ChildProcess): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    if (server.exitCode !== null) throw new Error('The server stopped.')
    if ((await fetch(url, { signal: AbortSignal.timeout(5_000) }).catch(() => null))?.ok) return
    await new Promise((wait) => setTimeout(wait, 100))
  }
  throw new Error('The server did not answer.')
}

/** A browser of its own, for what must outlive a window: a phone that is killed and comes back. */
export const launch = (profile = mkdtempSync(join(tmpdir(), 'aftermist-chromium-'))): Promise<Browser> =>
  puppeteer.launch({ ...LAUNCH, userDataDir: profile })

/** A window in the browser of this run that shares nothing with any other. */
export async function openWindow(): Promise<BrowserContext> {
  const browser = await puppeteer.connect({ browserWSEndpoint: inject('browser') })
  return browser.createBrowserContext()
}

/** The cookie of somebody of the demo who has just come in. */
export async function demoCookie(app: Pick<RunningApp, 'origin'>, role: 'owner' | 'lead' | 'crew'): Promise<string> {
  const answer = await fetch(`${app.origin}/api/sign-in/demo`, {
    method: 'POST',
    body: JSON.stringify({ role }),
    headers: { 'content-type': 'application/json', origin: app.origin },
  })
  return answer.headers.get('set-cookie')!.split(';')[0]!
}

async function sessionCookie(app: Pick<RunningApp, 'origin'>, role: 'owner' | 'lead' | 'crew') {
  const [name, value] = (await demoCookie(app, role)).split('=') as [string, string]
  return { name, value, domain: 'localhost', path: '/', httpOnly: true }
}

/** A new page of a size, signed in by role where one is given. Only one that goes without a network keeps the app on the
 * phone: fetching all of it costs more than most of what is done there. */
export async function openPage(
  browser: Pick<Browser, 'newPage'>,
  app: Pick<RunningApp, 'origin'>,
  size: typeof DESK | typeof PHONE,
  role?: 'owner' | 'lead' | 'crew',
  { kept = false } = {},
): Promise<Page> {
  const page = await browser.newPage()
  if (!kept)
    await page.evaluateOnNewDocument(() => {
      ServiceWorkerContainer.prototype.register = () => new Promise(() => {})
    })
  await page.setViewport(size)
  // A page behind another draws no frames, and what React lays open with a frame would stay shut.
  await page.emulateFocusedPage(true)
  // What slides in stands at once, as for people who ask for less motion.
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }])
  if (role) await page.browserContext().setCookie(await sessionCookie(app, role))
  return page
}

/** Beside other work on the same processor a search for other ways takes longer than a minute and a half. */
const PATIENCE = 150_000

/** Waits until something holds in a page, and says what the page shows where it never does. It asks anew each time, so that
 * a page that is just being left takes no question with it. */
export async function until<Args extends unknown[], Result>(
  page: Page,
  holds: (...args: Args) => Result,
  ...args: Args
): Promise<HandleFor<Awaited<Result>>> {
  const end = Date.now() + PATIENCE
  const pause = (ms: number) => new Promise<null>((wait) => setTimeout(wait, ms, null))
  let refused: unknown
  // What is soon there is soon seen; a page that works long is not kept from it by being asked.
  let wait = 25
  do {
    const asked = page.evaluateHandle(holds as (...args: unknown[]) => unknown, ...args)
    const handle = await Promise.race([asked, pause(5000)]).catch((error: unknown) => {
      refused = error
      return null
    })
    const held = handle && (await Promise.race([handle.jsonValue().catch(() => handle.asElement()), pause(5000)]))
    if (held) return handle as HandleFor<Awaited<Result>>
    asked.catch(() => null)
    await pause(wait)
    wait = Math.min(400, wait * 1.6)
  } while (Date.now() < end && !page.isClosed())
  const shown = await Promise.race([
    page.evaluate(() => `${document.readyState} ${document.body?.innerText}`).catch(String),
    pause(5000),
  ])
  const told = shown && shown.length > 4000 ? `${shown.slice(0, 1000)} … ${shown.slice(-3000)}` : shown
  throw new Error(`Never held: ${holds} (${args.join(', ')}) at ${page.url()}: ${told}`, { cause: refused })
}

/** Waits until the walk is kept on a phone, so that it opens without a network. */
export async function walkIsKept(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready)
  await until(page, () => navigator.serviceWorker.controller !== null)
  await until(page, async () =>
    (
      await Promise.all(
        (await caches.keys()).map(async (name) =>
          (await (await caches.open(name)).keys()).some((one) => new URL(one.url).pathname === '/walk'),
        ),
      )
    ).includes(true),
  )
}

/** The first visible element of a kind whose text holds the words, once it listens: a page is shown before its scripts have
 * run. Pages behind links have none. */
export async function listening(page: Page, selector: string, words: string): Promise<ElementHandle<HTMLElement>> {
  const handle = await until(
    page,
    (wanted: string, text: string) =>
      [...document.querySelectorAll<HTMLElement>(wanted)].find(
        (one) =>
          one.textContent?.includes(text) &&
          one.getClientRects().length > 0 &&
          !(one as HTMLButtonElement).disabled &&
          (document.querySelector('script[src*="/_next/"]') === null ||
            Object.keys(one).some((key) => key.startsWith('__reactProps'))),
      ),
    selector,
    words,
  )
  return handle.asElement() as ElementHandle<HTMLElement>
}

/** Clicks the first visible element of a kind whose text holds the words. Where what is asked for meanwhile comes in and lays
 * the page anew, it is looked for again. */
export async function clickText(page: Page, selector: string, words: string): Promise<void> {
  for (let tries = 0; tries < 5; tries++) {
    const element = await listening(page, selector, words)
    try {
      await element.evaluate((one) => {
        one.addEventListener('click', () => Object.assign(window, { clicked: one }), { once: true, capture: true })
        one.scrollIntoView({ block: 'center' })
      })
      await element.click()
    } catch (error) {
      if (!/not clickable|detached/.test(String(error))) throw error
      continue
    }
    // Where a page moved under the finger, something else was hit; where it left, this was it.
    const missed = () => element.evaluate((one) => one.isConnected && (window as { clicked?: Element }).clicked !== one)
    if (!(await missed().catch(() => false))) return
  }
  throw new Error(`“${words}” was never hit.`)
}

/** Opens whatever lies folded away in a part of a page, or all that a field lies in. */
export const unfold = (page: Page, where: string): Promise<void> =>
  page.$$eval(where, (all) => {
    for (const one of all) {
      const heads = [...one.querySelectorAll<HTMLElement>('.fold-head[aria-expanded=false]')]
      for (let up = one.closest('.collapse'); up; up = up.parentElement?.closest('.collapse') ?? null)
        heads.push(up.parentElement!.querySelector<HTMLElement>('.fold-head[aria-expanded=false]')!)
      for (const head of heads) head?.click()
    }
  })

export const waitForText = (page: Page, words: string): Promise<unknown> =>
  until(page, (text: string) => document.body.innerText.includes(text), words)

export const textOf = (page: Page): Promise<string> => page.evaluate(() => document.body.innerText)

/** Types into a field as soon as it is there. */
export async function typeInto(page: Page, selector: string, text: string): Promise<void> {
  await page.waitForSelector(selector)
  await page.type(selector, text)
}

/** Whatever a page complains of in its console, a refused script or style among it. */
export function complaints(page: Page): string[] {
  const heard: string[] = []
  page.on('console', (message) => message.type() === 'error' && heard.push(message.text()))
  page.on('pageerror', (error) => heard.push(String(error)))
  return heard
}
