import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { openDatabase } from '../../src/data/database'
import { readObservations, rebuildRegisters } from '../../src/data/observations'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { databaseFile } from '../../src/server/firmFolder'
import { demoFolder } from '../fixtures/folder'
import { violations } from './accessible'
import {
  clickText,
  DESK,
  launch,
  openPage,
  openWindow,
  PHONE,
  serveFolder,
  textOf,
  typeInto,
  waitForText,
  walkIsKept,
  type RunningApp,
  until,
} from './harness'

const SITE = siteIdOf('tollgate')
const BAKEHOUSE = siteIdOf('bakehouse')
let app: RunningApp
let folder: string

beforeAll(async () => {
  folder = demoFolder()
  app = await serveFolder(folder, { keep: true })
})
afterAll(() => app.stop())

/** A phone of its own with a walk of Bakehouse Lane just begun. */
async function startedWalk(how?: { readonly kept: boolean }) {
  const context = await openWindow()
  const page = await openPage(context, app, PHONE, 'owner', how)
  await page.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await clickText(page, 'footer button', 'Start: ')
  await waitForText(page, '1 of 11')
  return { context, page }
}

async function add(page: Page, button: string, fields: Readonly<Record<string, string>>): Promise<void> {
  await clickText(page, 'footer button', button === 'Note' ? 'More' : button)
  if (button === 'Note') await clickText(page, 'dialog button', 'A note')
  await page.waitForSelector('dialog[open] form')
  for (const [name, text] of Object.entries(fields)) await typeInto(page, `dialog [name=${name}]`, text)
  await clickText(page, 'dialog button', 'Keep')
  await until(page, () => document.querySelector('dialog[open]') === null)
}

const held = (page: Page) => page.$eval('[role=status]', (one) => one.textContent)
const onServer = (site = SITE) => {
  const db = openDatabase(databaseFile(folder))
  const observations = readObservations(db, site).filter((one) => one.walkId !== null)
  const { differing } = rebuildRegisters(db)
  db.close()
  return { observations, differing }
}

test('a walk of twenty observations without a network, the phone dead in the middle: exactly twenty arrive', async () => {
  const earlier = onServer().observations.length
  const profile = mkdtempSync(join(tmpdir(), 'aftermist-phone-'))
  let browser = await launch(profile)
  const first = await openPage(browser, app, PHONE, 'owner', { kept: true })
  await first.goto(`${app.origin}/today`, { waitUntil: 'load' })
  await first.goto(`${app.origin}/walk#${SITE}`, { waitUntil: 'load' })
  await waitForText(first, 'Last walked Friday 6 March by Ottilie Brackwater')
  await waitForText(first, 'have paint, plaster, boards and flooring tested')
  expect(await violations(first)).toEqual([])
  await walkIsKept(first)

  // The network is gone: the server itself is stopped.
  await app.stop()
  await clickText(first, 'footer button', 'Start: Parlour') // 1: the walk's start
  await waitForText(first, 'Scope walk, 1 of 5')
  expect(await violations(first)).toEqual([])
  await add(first, 'Note', { text: 'Lime plaster, sound' }) // 2
  await add(first, 'Found', { text: 'Damp at the chimney breast' }) // 3
  await add(first, 'Tape', { size: '4.23 x 3.81 x 2.3' }) // 4
  await clickText(first, 'footer button', 'Tape')
  await typeInto(first, 'dialog [name=size]', 'roughly big')
  await clickText(first, 'dialog button', 'Keep')
  await waitForText(first, '"roughly big" is not a size.')
  expect(await first.$eval('dialog [name=size]', (one) => (one as HTMLInputElement).value)).toBe('roughly big')
  await clickText(first, 'dialog button', 'Close')
  await clickText(first, 'button', 'Nothing more, next') // 5: seen
  await waitForText(first, '2 of 5')
  for (let i = 0; i < 5; i++) await add(first, 'Note', { text: `Kitchen note ${i}` }) // 10
  expect(await held(first)).toBe('10 held on phone')

  // The phone dies on the stairs: the whole browser is killed, not closed.
  const gone = new Promise((dead) => browser.process()!.once('exit', dead))
  browser.process()!.kill('SIGKILL')
  await gone
  browser = await launch(profile)
  const again = await openPage(browser, app, PHONE, undefined, { kept: true })
  await again.goto(`${app.origin}/walk#${SITE}`, { waitUntil: 'load' })
  await waitForText(again, '2 of 5')
  expect(await held(again)).toBe('10 held on phone')
  expect(await textOf(again)).toContain('Kitchen note 4')
  for (let place = 2; place < 4; place++) {
    await add(again, 'Found', { text: `Crack in place ${place}` })
    await add(again, 'Note', { text: `Note in place ${place}` })
    await clickText(again, 'button', 'Nothing more, next')
    await waitForText(again, `${place + 1} of 5`)
  } // 16
  await add(again, 'Note', { text: 'under the eaves' }) // 17
  await clickText(again, 'button', 'Nothing more, next') // 18
  await waitForText(again, '5 of 5')
  await clickText(again, 'button', 'Nothing more, next') // 19
  await waitForText(again, 'The loop is closed: every place was seen.')
  expect(await textOf(again)).toContain('Parlour: Found: Damp at the chimney breast')
  await clickText(again, 'footer button', 'End walk') // 20
  await waitForText(again, '20 are still held on the phone')

  // What needs a network says so, in the app.
  await again.goto(`${app.origin}/today`, { waitUntil: 'load' })
  await waitForText(again, 'This page needs a network')
  await again.goto(`${app.origin}/walk#${SITE}`, { waitUntil: 'load' })
  await waitForText(again, 'What kind of walk?')
  expect(await held(again)).toBe('20 held on phone')
  // The network is back on the same address.
  app = await serveFolder(folder, { keep: true, port: Number(new URL(app.origin).port) })
  // The session ended while the phone was dead: it is said, nothing is lost, and signing in again sends everything.
  await browser.deleteCookie(...(await browser.cookies()))
  await again.reload({ waitUntil: 'load' })
  await waitForText(again, 'You are signed out.')
  await waitForText(again, '20 things that were recorded here are still on this phone')
  // Whoever holds the phone now sees nothing of it.
  expect(await textOf(again)).not.toContain('Damp at the chimney breast')
  await again.goto(`${app.origin}/sign-in`, { waitUntil: 'networkidle0' })
  await clickText(again, 'button', 'Enter as the owner')
  await until(again, () => location.pathname === '/today')
  await again.goto(`${app.origin}/walk#${SITE}`, { waitUntil: 'load' })
  await until(again, () => document.querySelector('[role=status]')?.textContent === 'all sent')
  const { observations, differing } = onServer()
  expect(observations).toHaveLength(earlier + 20)
  expect(new Set(observations.map((one) => one.id)).size).toBe(earlier + 20)
  expect(differing).toBe(0)
  await browser.close()
})

test('what is said is read back, dropped or kept with a thumb', async () => {
  const another = await openWindow()
  const phone = await openPage(another, app, PHONE, 'owner')
  await phone.goto(`${app.origin}/walk#${siteIdOf('bakehouse')}`, { waitUntil: 'load' })
  await clickText(phone, 'footer button', 'Start: Shopfront room')
  await waitForText(phone, '1 of 11')
  await clickText(phone, 'footer button', 'Say it')
  await typeInto(
    phone,
    'dialog textarea',
    "wires are all in. there's a crack over the window, probably old. between us he's slow. kitchen tap wants to be brass, bathroom board's half up",
  )
  await clickText(phone, 'dialog button', 'Read it back')
  await waitForText(phone, 'Wires and boxes: 100 per cent')
  expect(await textOf(phone)).toContain('Private note')
  expect(await textOf(phone)).toContain('Board and backer: 50 per cent')
  expect(await violations(phone)).toEqual([])
  await clickText(phone, 'dialog li button', 'Drop wires are all in')
  await clickText(phone, 'dialog button', 'Keep all')
  await until(phone, () => document.querySelector('dialog[open]') === null)
  await waitForText(phone, 'crack over the window')
  await until(phone, () => document.querySelector('[role=status]')?.textContent === 'all sent')
  await another.close()
})

test('what is said fills a sheet with its sum; what it lacks is asked, and what lets work go on is tapped', async () => {
  const { context, page: phone } = await startedWalk()
  await clickText(phone, 'footer button', 'Say it')
  await typeInto(
    phone,
    'dialog textarea',
    'Steel beam, 4.2 long, 30 kilos a metre, carries the floor above. There are old props under the floor. The permit for the wall is granted.',
  )
  await clickText(phone, 'dialog button', 'Read it back')
  await waitForText(phone, 'A beam: Steel beam')
  await waitForText(phone, '126 kg; over 25 kg a person 5.04, so 6 people.')
  // Untapped it is kept as asked for, and says so.
  await waitForText(phone, 'It is granted?')
  await waitForText(phone, 'How it stands: asked for')
  expect(await violations(phone)).toEqual([])
  await phone.type('dialog [name$=".after"]', 'the engineer has been')
  await clickText(phone, 'dialog li button', 'Change A beam')
  const emptied = async () => phone.$eval('dialog [name$=".perMetre"]', (one) => ((one as HTMLInputElement).value = ''))
  await emptied()
  await typeInto(phone, 'dialog [name$=".perMetre"]', 'heavy')
  await clickText(phone, 'dialog button', 'Keep all')
  await waitForText(phone, '"heavy"')
  await emptied()
  await typeInto(phone, 'dialog [name$=".perMetre"]', '32 kg/m')
  await clickText(phone, 'dialog button', 'Keep all')
  await until(phone, () => document.querySelector('dialog[open]') === null)
  await waitForText(phone, 'all sent')

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/record`, { waitUntil: 'networkidle0' })
  const record = await textOf(desk)
  expect(record).toContain('Steel beam')
  expect(record).toContain('Old props under the floor')
  expect(record).toContain('Permit for the wall')

  await clickText(phone, 'footer button', 'Say it')
  await typeInto(phone, 'dialog textarea', 'Scratch the last one.')
  await clickText(phone, 'dialog button', 'Read it back')
  await waitForText(phone, 'Taken back: Permit for the wall')
  await clickText(phone, 'dialog button', 'Keep it')
  await until(phone, () => document.querySelector('dialog[open]') === null)
  await until(phone, () => !document.body.innerText.includes('Permit for the wall'))
  await context.close()
})

test('a line is put right with the thumb, and the same words are read so from then on', async () => {
  const { context, page: phone } = await startedWalk()
  const say = async (place: string) => {
    await clickText(phone, 'nav[aria-label=Places] button', place)
    await clickText(phone, 'footer button', 'Say it')
    await typeInto(phone, 'dialog textarea', 'The pull cord is knackered.')
    await clickText(phone, 'dialog button', 'Read it back')
    await waitForText(phone, '“The pull cord is knackered”')
  }
  await say('Scullery')
  await clickText(phone, 'dialog li button', 'Change')
  await clickText(phone, 'dialog [role=group] button', 'Work to do')
  await waitForText(phone, 'Work for the')
  expect(await violations(phone)).toEqual([])
  await clickText(phone, 'dialog button', 'Keep it')
  await until(phone, () => document.querySelector('dialog[open]') === null)
  await until(phone, () => document.querySelector('[role=status]')?.textContent === 'all sent')

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/settings/firm`, { waitUntil: 'networkidle0' })
  await waitForText(desk, 'The pull cord is knackered')
  expect(await violations(desk)).toEqual([])
  await phone.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await phone.reload({ waitUntil: 'load' })
  await say('Cloakroom')
  await waitForText(phone, 'You said before what that means.')
  await waitForText(phone, 'Work for the')

  await clickText(desk, 'button', 'Forget The pull cord')
  await waitForText(desk, 'Nothing yet.')
  await context.close()
})

test('crew set progress by quarters with a thumb; the desk sees it and what changed', async () => {
  const bakehouse = siteIdOf('bakehouse')
  const context = await openWindow()
  const phone = await openPage(context, app, PHONE, 'crew')
  await phone.goto(`${app.origin}/walk#${bakehouse}`, { waitUntil: 'load' })
  await clickText(phone, 'footer button', 'Start: Shopfront room')
  await waitForText(phone, 'Progress walk, 1 of 11')
  const size = await phone.$eval('[aria-label^="How far"] button', (one) => one.getBoundingClientRect().height)
  expect(size).toBeGreaterThanOrEqual(44)
  await clickText(phone, '[aria-label="How far: Wires and boxes"] button', 'done')
  await until(
    phone,
    () =>
      document
        .querySelector('[aria-label="How far: Wires and boxes"] button:nth-child(5)')
        ?.getAttribute('aria-pressed') === 'true',
  )
  await clickText(phone, '[aria-label="Result: Inspection of rough-ins"] button', 'failed')
  await typeInto(phone, 'dialog [name=reason]', 'box not fixed')
  await clickText(phone, 'dialog button', 'Keep')
  await waitForText(phone, 'held: box not fixed')
  await until(phone, () => document.querySelector('[role=status]')?.textContent === 'all sent')
  await phone.close()

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${bakehouse}/scope`, { waitUntil: 'load' })
  const text = await textOf(desk)
  expect(text).toContain('Since the walk of Tuesday 10 March')
  expect(text).toContain('Wires and boxes: finished')
  expect(
    await desk.$('[aria-label^="Shopfront room, insulation"][aria-label*="inspection of rough-ins, box not fixed"]'),
  ).not.toBeNull()
  await context.close()
})

test('a second tap on Keep keeps nothing twice, and a sheet with nothing but x keeps nothing', async () => {
  const { context, page } = await startedWalk()
  await clickText(page, 'footer button', 'More')
  await clickText(page, 'dialog button', 'Somebody has to decide')
  await typeInto(page, 'dialog [name=question]', 'x')
  await clickText(page, 'dialog form button', 'Keep')
  await waitForText(page, 'Question')
  expect(await page.$('dialog[open] [name=question]')).not.toBeNull()
  await page.type('dialog [name=question]', 'Which way does the door open?')
  await page.evaluate(() => {
    const keep = [...document.querySelectorAll<HTMLButtonElement>('dialog form button')].find((one) =>
      one.textContent!.startsWith('Keep'),
    )!
    for (let tap = 0; tap < 3; tap++) keep.click()
  })
  await until(page, () => document.querySelector('dialog[open]') === null)
  await until(page, () => document.querySelector('[role=status]')?.textContent === 'all sent')
  const asked = onServer(BAKEHOUSE).observations.flatMap(({ facet, value }) =>
    facet === 'asked' ? [(value as { question: string }).question] : [],
  )
  expect(asked.filter((one) => one.includes('Which way'))).toEqual(['xWhich way does the door open?'])
  await context.close()
})

test('an extra told on the phone has its price, and its stage is chosen by nobody else', async () => {
  const { context, page } = await startedWalk()
  await clickText(page, 'footer button', 'More')
  await clickText(page, 'dialog button', 'An extra, with its price')
  await typeInto(page, 'dialog [name=title]', 'Shelf over the door')
  await page.type('dialog [name=price]', '180')
  await clickText(page, 'dialog form button', 'Keep')
  await waitForText(page, 'Stage: choose one of the list.')
  await page.select('dialog [name=stage]', 'trim')
  await page.select('dialog [name=trade]', 'carpenter')
  await clickText(page, 'dialog form button', 'Keep')
  await until(page, () => document.querySelector('dialog[open]') === null)
  await until(page, () => document.querySelector('[role=status]')?.textContent === 'all sent')
  const { observations } = onServer(BAKEHOUSE)
  const laid = observations.find(
    ({ facet, value }) => facet === 'laid' && (value as { title?: string }).title === 'Shelf over the door',
  )!
  expect(laid.value).toMatchObject({ extra: true, stage: 'trim', trade: 'carpenter' })
  expect(observations.find(({ facet, subjectId }) => facet === 'price' && subjectId === laid.subjectId)!.value).toBe(
    18_000,
  )
  await context.close()
})

test('a wire said to be dead goes into its register on the walk; the desk shows it with its caution and settles it', async () => {
  const context = await openWindow()
  const page = await openPage(context, app, PHONE, 'owner')
  await page.goto(`${app.origin}/walk#${BAKEHOUSE}`, { waitUntil: 'load' })
  await waitForText(page, 'What kind of walk?')
  await clickText(page, 'main .fold-head', 'by the simulated weather station')
  await page.type('main .fold label input:not([type=number])', 'Joss Tenonby')
  await clickText(page, 'footer button', 'Start: Shopfront room')
  await waitForText(page, '1 of 11')
  await clickText(page, 'footer button', 'More')
  await typeInto(page, 'dialog #finder', 'dead wire')
  await clickText(page, 'dialog button', 'A wire or a pipe')
  await typeInto(page, 'dialog [name=what]', 'Two cables from the ceiling')
  await page.select('dialog [name=sort]', 'electric cable')
  await page.select('dialog [name=state]', 'proved dead by instrument')
  await clickText(page, 'dialog button', 'Keep')
  await waitForText(page, 'Who tested it: say it, or leave the state at "said to be dead".')
  expect(await page.$eval('dialog [name=what]', (one) => (one as HTMLInputElement).value)).toBe(
    'Two cables from the ceiling',
  )
  await page.select('dialog [name=state]', 'said to be dead')
  await clickText(page, 'dialog button', 'Keep')
  await clickText(page, 'main .fold-head', 'Two cables from the ceiling')
  await clickText(page, 'main .fold-head', 'Room card')
  await waitForText(page, 'Order of work: protect, strip out')
  await page.select('main select', 'height')
  await waitForText(page, 'Only said to be dead: treat it as live')
  expect(await violations(page)).toEqual([])
  await waitForText(page, 'all sent')

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/record`, { waitUntil: 'networkidle0' })
  await waitForText(desk, 'Two cables from the ceiling')
  expect(await textOf(desk)).toContain('Hanging wires are live until tested.')
  await clickText(desk, 'main button', 'Gone: Two cables')
  await desk.type('main li label input', 'cut back to the board by Tamsin')
  await clickText(desk, 'main li form button', 'Gone')
  await waitForText(desk, 'cut back to the board by Tamsin')
  await context.close()
})

test('a photo is drawn on with a finger, told what it will hide, and paired with the earlier one from its spot', async () => {
  const { context, page } = await startedWalk()
  await clickText(page, 'footer button', 'Photo')
  const picture = join(mkdtempSync(join(tmpdir(), 'aftermist-picture-')), 'wall.png')
  await sharp({ create: { width: 800, height: 600, channels: 3, background: '#b9a' } })
    .png()
    .toFile(picture)
  await page.waitForSelector('dialog select option:nth-child(2)')
  const earlier = await page.$eval('dialog select option:nth-child(2)', (one) => (one as HTMLOptionElement).value)
  await page.select('dialog select', earlier)
  await (await page.waitForSelector('dialog input[type=file]'))!.uploadFile(picture)
  const canvas = (await page.waitForSelector('dialog canvas'))!
  await canvas.scrollIntoView()
  const drag = async (from: readonly [number, number], to: readonly [number, number]): Promise<void> => {
    const box = (await canvas.boundingBox())!
    await page.mouse.move(box.x + from[0], box.y + from[1])
    await page.mouse.down()
    await page.mouse.move(box.x + to[0], box.y + to[1], { steps: 4 })
    await page.mouse.up()
  }
  await drag([40, 40], [160, 120])
  await waitForText(page, 'One mark.')
  await clickText(page, 'dialog button', 'Hide')
  await canvas.scrollIntoView()
  await drag([200, 150], [300, 220])
  await waitForText(page, '2 marks.')
  await clickText(page, 'dialog .fold-head', 'More about it')
  await typeInto(page, 'dialog [name=behind]', 'the live route to the kitchen')
  await typeInto(page, 'dialog [name=caption]', 'Before the board')
  expect(await violations(page)).toEqual([])
  await clickText(page, 'dialog button', 'Keep')
  await until(page, () => document.querySelector('dialog[open]') === null)
  await waitForText(page, 'all sent')

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope?place=${placeIdOf('bakehouse', 'shop')}`, {
    waitUntil: 'networkidle0',
  })
  await waitForText(desk, 'the live route to the kitchen')
  const drawn = await desk.$$eval('aside figure svg', (all) =>
    all.map((one) => [one.querySelectorAll('line').length, one.querySelectorAll('rect').length]),
  )
  expect(drawn).toContainEqual([1, 1])
  const slider = (await desk.$('aside input[type=range]'))!
  const shown = () => desk.$eval('aside figure img + img', (one) => (one as HTMLElement).style.clipPath)
  const half = await shown()
  await slider.focus()
  await desk.keyboard.press('End')
  expect(await shown()).not.toBe(half)
  expect(await violations(desk)).toEqual([])
  await context.close()
})

test('what is dictated is read back; what is kept as sound is heard again at the desk', async () => {
  const { context, page } = await startedWalk()
  await clickText(page, 'footer button', 'Say it')
  await clickText(page, 'dialog button', 'Dictate (simulated)')
  await until(page, () => document.querySelector<HTMLTextAreaElement>('dialog textarea')!.value !== '')
  await clickText(page, 'dialog button', 'Keep it as sound')
  await waitForText(page, 'Listening…')
  await clickText(page, 'dialog button', 'Stop, and keep it')
  await waitForText(page, 'seconds are kept with')
  await clickText(page, 'dialog button', 'Read it back')
  await waitForText(page, 'There’s a leak under the window')
  await clickText(page, 'dialog button', 'Close')
  await until(page, () => document.querySelector('dialog[open]') === null)
  await waitForText(page, 'all sent')
  const place = await page.$eval('header h1', (one) => one.textContent)

  const desk = await openPage(context, app, DESK, 'owner')
  await desk.goto(`${app.origin}/sites/${BAKEHOUSE}/scope`, { waitUntil: 'networkidle0' })
  await clickText(desk, 'th[scope=row] button', place!)
  const heard = await desk.waitForSelector('aside audio')
  const bytes = await heard!.evaluate(async (one) => (await (await fetch((one as HTMLAudioElement).src)).blob()).size)
  expect(bytes).toBeGreaterThan(100)
  await context.close()
})

test('an earlier photo lies over the camera until the new one is taken from its spot', async () => {
  const { context, page } = await startedWalk()
  await clickText(page, 'nav[aria-label=Places] button[aria-label^="Shopfront"]', '')
  await clickText(page, 'footer button', 'Photo')
  await page.waitForSelector('dialog select option:nth-child(2)')
  const earlier = await page.$eval('dialog select option:nth-child(2)', (one) => (one as HTMLOptionElement).value)
  await page.select('dialog select', earlier)
  await until(page, () => (document.querySelector<HTMLVideoElement>('dialog video')?.videoWidth ?? 0) > 0)
  expect(await page.$('dialog video + img[alt="The earlier photo, to be lined up with"]')).not.toBeNull()
  await clickText(page, 'dialog button', 'Take it now')
  await page.waitForSelector('dialog canvas')
  await clickText(page, 'dialog button', 'Keep')
  await until(page, () => document.querySelector('dialog[open]') === null)
  await waitForText(page, 'all sent')
  await context.close()
})

test('a newer version takes over only when nobody is typing; what is held stays', async () => {
  const { context, page } = await startedWalk({ kept: true })
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.reload({ waitUntil: 'load' })
  await until(page, () => navigator.serviceWorker.controller !== null)
  await waitForText(page, 'all sent')
  await page.setOfflineMode(true)
  await add(page, 'Note', { text: 'before the update' })
  expect(await held(page)).toBe('1 held on phone')
  await clickText(page, 'footer button', 'Found')
  await typeInto(page, 'dialog [name=text]', 'half a sen')
  await page.evaluate(() => {
    navigator.serviceWorker.dispatchEvent(new Event('controllerchange'))
  })
  await page.type('dialog [name=text]', 'tence')
  expect(await page.$eval('dialog [name=text]', (one) => (one as HTMLTextAreaElement).value)).toBe('half a sentence')
  await page.evaluate(() => Object.assign(window, { old: true }))
  await clickText(page, 'dialog button', 'Close')
  await until(page, () => !('old' in window) && document.querySelector('header h1') !== null)
  await waitForText(page, 'before the update')
  expect(await held(page)).toBe('1 held on phone')
  await context.close()
})
