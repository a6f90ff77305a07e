import { mkdirSync } from 'node:fs'
import type { Page } from 'puppeteer-core'
import { demoId, placeIdOf, siteIdOf } from '../src/demo/ids'
import { clickText, DESK, launch, openPage, PHONE, serveFolder, typeInto, waitForText } from '../tests/browser/harness'
import { setup } from '../tests/globalSetup'

/** Takes the pictures in docs/screenshots from the demo data. Run `npm run screenshots` after a view has changed. */
const OUT = 'docs/screenshots'
const BAKEHOUSE = siteIdOf('bakehouse')
const PHONE_SHOT = { ...PHONE, deviceScaleFactor: 1 }

mkdirSync(OUT, { recursive: true })
let demo = ''
await setup({ provide: (_key, folder) => void (demo = folder) })
const app = await serveFolder(demo)
const browser = await launch()

async function shoot(page: Page, name: string): Promise<void> {
  await page.bringToFront()
  await page.evaluate(() => document.fonts.ready)
  await page.evaluate(() => window.scrollTo(0, 0))
  await page.screenshot({ path: `${OUT}/${name}.png` })
}

try {
  const desk = await openPage(browser, app, DESK, 'owner')
  const views = {
    today: '/today',
    scope: `/sites/${BAKEHOUSE}/scope`,
    record: `/sites/${siteIdOf('pell')}/record`,
    selections: '/selections',
    plan: `/sites/${BAKEHOUSE}/plan`,
    'plan-all-sites': '/plan',
    'next-weeks': '/plan/ahead',
    'trade-run': `/plan/trades/${demoId('crew', 'paint')}`,
    'new-site': '/sites/new',
    'room-sheet': `/sites/${BAKEHOUSE}/sheets/${placeIdOf('bakehouse', 'bath')}`,
    share: `/sites/${BAKEHOUSE}/share`,
    settings: '/settings/people',
  }
  for (const [name, path] of Object.entries(views)) {
    await desk.goto(app.origin + path, { waitUntil: 'networkidle0' })
    if (name === 'new-site') await clickText(desk, 'button', 'A whole floor')
    await shoot(desk, name)
  }
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'th[scope=row] button', 'Kitchen')
  await clickText(desk, 'aside button', 'Ground floor')
  await desk.waitForFunction(
    () => (document.querySelector<HTMLImageElement>('img[alt$="a drawing"]')?.naturalWidth ?? 0) > 0,
  )
  await desk.$eval('img[alt$="a drawing"]', (one) => one.scrollIntoView({ block: 'center' }))
  await shoot(desk, 'drawings')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/share`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'button', 'Publish under a new link')
  await waitForText(desk, 'Published. The link:')
  const client = await desk.$eval('a[href*="/for/client/"]', (one) => (one as HTMLAnchorElement).href)
  await desk.goto(`${app.origin}/share`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'nav[aria-label="Who has to know"] button', 'Joss Tenonby')
  await clickText(desk, 'button', 'Send to Joss Tenonby')
  await waitForText(desk, 'Joss Tenonby was sent one message.')
  await clickText(desk, 'nav[aria-label="Who has to know"] button', 'Outbox')
  const trade = await desk.evaluate(
    () =>
      /\/for\/trade\/\S+/.exec(
        [...document.querySelectorAll('.fold')].find((one) => one.textContent?.includes('Joss Tenonby'))!.textContent!,
      )![0],
  )

  const phone = await openPage(browser, app, PHONE_SHOT, 'owner')
  await phone.goto(client, { waitUntil: 'networkidle0' })
  await shoot(phone, 'client')
  await phone.goto(app.origin + trade, { waitUntil: 'networkidle0' })
  await shoot(phone, 'trade')
  await phone.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await clickText(phone, 'footer button', 'Start: Shopfront room')
  await waitForText(phone, '1 of 11')
  await clickText(phone, 'nav[aria-label=Places] button[aria-label^="Bathroom"]', '')
  await waitForText(phone, '8 of 11')
  await clickText(phone, '[aria-label="How far: Backing for rail, vanity and glass"] button', '50')
  await waitForText(phone, 'all sent')
  await shoot(phone, 'walk')
  await clickText(phone, 'footer button', 'Say it')
  await typeInto(
    phone,
    'dialog textarea',
    "Steel beam over the door, 2.4 long, 30 kilos a metre. Backing's about half. There's a leak under the window, the sill could be rotten too. The client has to pick a grout by Monday.",
  )
  await clickText(phone, 'dialog button', 'Read it back')
  await waitForText(phone, 'Suspected')
  await shoot(phone, 'say-it')
} finally {
  await browser.close()
  await app.stop()
}
