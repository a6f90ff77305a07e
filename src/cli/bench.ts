import { createHash, randomBytes } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { Command } from 'commander'
import sharp from 'sharp'
import { v7 as uuid } from 'uuid'
import type { Day } from '../core/calendar/day'
import { narrate } from '../core/narration/narrate'
import { loadDemo } from '../demo/loadDemo'
import { placeIdOf, siteIdOf } from '../demo/ids'
import { contextFor } from '../server/context'
import { openFirmFolder } from '../server/firmFolder'
import { readPeople } from '../data/people'
import { problemInput, towards } from '../server/plan/planFirm'
import { closeSolver, kept, solveInWorker } from '../server/plan/solver'
import { runPhotoJobs } from '../server/photos/photoSizes'
import { receivePart } from '../server/photos/uploads'
import { receiveObservations } from '../server/walk/receiveObservations'
import { benchFirmCommand } from './benchFirm'
import { benchLearningCommand } from './benchLearning'
import { benchLoadCommand } from './benchLoad'
import { planFigures } from './benchPlan'
import { reckoningFigures } from './benchReckoning'
import { clientLink, manyReaders } from './benchShare'
import { benchLagsCommand } from './benchLags'
import { benchScheduleCommand } from './benchSchedule'
import { benchSenseCommand } from './benchSense'
import { benchSpeechCommand } from './benchSpeech'
import { benchTrialCommands } from './benchTrials'
import { walkFigures, type WalkFigures } from './benchWalk'
import { memoryOf } from './memoryOf'
import { serve } from './serve'
import { took } from './took'

interface Figure {
  readonly what: string
  readonly figure: string
  readonly goal: string
  /** Measured over goal; 1 or less is within it. */
  readonly ratio: string
}

const PORT = '4471'
const LOADS = 1000

export function benchCommand(): Command {
  const bench = new Command('bench')
    .description('Measure speed and memory on the demo firm and print them. Nothing is asserted.')
    .addCommand(benchScheduleCommand())
    .addCommand(benchLagsCommand())
    .addCommand(benchSenseCommand())
    .addCommand(benchSpeechCommand())
    .addCommand(benchLearningCommand())
    .addCommand(benchFirmCommand())
    .addCommand(benchLoadCommand())
    .option('--loads <n>', 'page loads for the memory figure', String(LOADS))
    .action(async ({ loads }: { loads: string }) => {
      const folder = mkdtempSync(join(tmpdir(), 'aftermist-bench-'))
      try {
        console.table(await figures(folder, Number(loads)))
      } finally {
        rmSync(folder, { recursive: true, force: true })
      }
    })
  for (const trial of benchTrialCommands()) bench.addCommand(trial)
  return bench
}

async function figures(folder: string, loads: number): Promise<Figure[]> {
  const firm = await openFirmFolder(folder)
  const loaded = await took(() => loadDemo(firm))
  const context = contextFor(firm, readPeople(firm.db)[0]!)
  const plan = await took(() => solveInWorker(problemInput(firm.db, context.today), towards(firm.db, kept())))
  const observations = manyObservations(500, context.now())
  const intake = await took(() => receiveObservations(context, siteIdOf('bakehouse'), { observations }))
  const files = await manyPhotos(40)
  const sync = await took(async () => {
    for (const bytes of files)
      await receivePart(
        context,
        siteIdOf('bakehouse'),
        { sort: 'photo', hash: hashOf(bytes), offset: 0, length: bytes.length },
        bytes,
      )
    receiveObservations(context, siteIdOf('bakehouse'), { observations: manyObservations(500, context.now()) })
  })
  const sizes = await took(() => runPhotoJobs(firm))
  await closeSolver()
  const client = clientLink(firm)
  firm.db.close()
  return [
    figure('demo loaded', loaded, Number.NaN, 'ms'),
    figure('plan of all sites', plan, 1000, 'ms'),
    figure('500 observations taken in', intake, 1000, 'ms'),
    figure('500 observations and 40 photos taken in', sync, Number.NaN, 'ms'),
    figure('sizes of the 40 photos made in the queue', sizes, Number.NaN, 'ms'),
    sentencesASecond(),
    ...(await servedFigures(folder, loads, client)),
    ...(await largeFirmFigures()),
    ...(await planningFigures()),
  ]
}

/** What a firm of 40 sites and a site of 40 places take, in a folder of their own. */
async function largeFirmFigures(): Promise<Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'aftermist-bench-large-'))
  const firm = await openFirmFolder(folder)
  try {
    await loadDemo(firm)
    const { lines, reckoned, sites, firstPlan, orders } = await reckoningFigures(
      contextFor(firm, readPeople(firm.db)[0]!),
    )
    return [
      figure(`one measure, ${lines} lines reckoned again`, reckoned, 50, 'ms'),
      figure(`first plan of ${sites} sites`, firstPlan, 2000, 'ms'),
      figure(`what ${sites} sites have to order`, orders, 100, 'ms'),
    ]
  } finally {
    await closeSolver()
    firm.db.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

/** What it takes to plan a firm of 40 sites, and whether what is promised holds. */
async function planningFigures(): Promise<Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'aftermist-bench-plan-'))
  const firm = await openFirmFolder(folder)
  try {
    await loadDemo(firm)
    const { sites, visits, first, good, slip, page, told, compose, risk } = await planFigures(
      contextFor(firm, readPeople(firm.db)[0]!),
    )
    const of = `${sites} sites, ${visits} visits`
    return [
      figure(`first plan, ${of}`, first, 2000, 'ms'),
      figure(`plan that is kept, ${of}`, good, 30_000, 'ms'),
      figure(`planned again after a slip, ${of}`, slip, 1000, 'ms'),
      figure(`who is to be told of it, of ${told} who were told, with their notices`, compose, 1000, 'ms'),
      figure(`server time, plan of one site among them`, page, 100, 'ms'),
      figure(`5,000 draws of ${risk.visits} visits, one thread`, risk.drawn, 2000, 'ms'),
      figure('safe day held, of 100 of 300 sites (78 to 88 wanted)', risk.held, Number.NaN, ''),
      figure('likely day held, of 100 of 300 sites', risk.heldLikely, Number.NaN, ''),
      figure('days from the likely to the safe day', risk.spread, Number.NaN, ''),
    ]
  } finally {
    await closeSolver()
    firm.db.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

const SPOKEN =
  'Board’s about half up in here, no sockets in yet. There’s a leak under the window, could be the sill. ' +
  'Tiler’s back Thursday, no, Friday. Cast stack stays until the switch-over. The client has to pick a grout by Monday.'

/** How many spoken sentences are read in a second; the goal is a lower bound, so the ratio is goal over figure. */
function sentencesASecond(): Figure {
  const goal = 500
  const rounds = 200
  const sentences = rounds * 5
  const began = performance.now()
  for (let i = 0; i < rounds; i++)
    narrate({
      text: SPOKEN,
      places: ['Kitchen', 'Hall', 'Bathroom'],
      current: 'Hall',
      units: 'metric',
      today: '2026-03-10' as Day,
    })
  const rate = sentences / ((performance.now() - began) / 1000)
  return {
    what: 'spoken sentences a second',
    figure: rate.toFixed(0),
    goal: `${goal}`,
    ratio: (goal / rate).toFixed(2),
  }
}

const figure = (what: string, measured: number, goal: number, unit: string): Figure => ({
  what,
  figure: `${measured.toFixed(measured < 10 ? 1 : 0)} ${unit}`,
  goal: Number.isNaN(goal) ? '' : `${goal} ${unit}`,
  ratio: Number.isNaN(goal) ? '' : (measured / goal).toFixed(2),
})

function manyObservations(count: number, seenAt: string) {
  const walkId = uuid()
  const placeId = placeIdOf('bakehouse', 'kitchen')
  return Array.from({ length: count }, (_, i) => ({
    id: uuid(),
    walkId,
    placeId,
    subject: 'note',
    subjectId: uuid(),
    facet: 'noted',
    value: { text: `Note ${i}`, private: false },
    seenAt,
  }))
}

/** Photos of two megapixels, each unlike the others. */
const manyPhotos = (count: number): Promise<Buffer[]> =>
  Promise.all(
    Array.from({ length: count }, () =>
      sharp(randomBytes(320 * 240 * 3), { raw: { width: 320, height: 240, channels: 3 } })
        .resize(1600, 1200)
        .jpeg()
        .toBuffer(),
    ),
  )
const hashOf = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')

async function servedFigures(folder: string, loads: number, client: string): Promise<Figure[]> {
  const server = await serve({ data: folder, port: PORT, host: '127.0.0.1' })
  try {
    const origin = `http://127.0.0.1:${PORT}`
    const entered = await fetch(`${origin}/api/sign-in/demo`, {
      method: 'POST',
      body: '{"role":"owner"}',
      headers: { origin, 'content-type': 'application/json' },
    })
    const cookie = entered.headers.get('set-cookie')!.split(';')[0]!
    const site = siteIdOf('bakehouse')
    const pages = [
      '/today',
      `/sites/${site}/scope`,
      `/sites/${site}/selections`,
      '/selections',
      `/sites/${site}/plan`,
      '/plan',
      `/sites/${site}/share`,
      '/share',
      '/walk',
    ]
    const rows: Figure[] = []
    for (const page of pages)
      rows.push(
        figure(
          `server time ${page.replace(site, 'bakehouse')}`,
          await median(() => fetch(origin + page, { headers: { cookie } }).then((answer) => answer.text())),
          100,
          'ms',
        ),
      )
    const recorded = `/sites/${site}/record`
    for (const page of [...pages, recorded, '/sites/new'])
      rows.push(
        figure(
          `compressed JavaScript of ${page.replace(site, 'bakehouse')}`,
          await scriptBytes(origin, page, cookie),
          page === '/walk' ? 200 : 300,
          'kB',
        ),
      )
    const { perSecond, slowest } = await manyReaders(origin + client)
    rows.push(
      figure('compressed JavaScript of the client’s page', await scriptBytes(origin, client, ''), 60, 'kB'),
      figure(
        'server time, the client’s page',
        await median(() => fetch(origin + client).then((answer) => answer.text())),
        100,
        'ms',
      ),
      figure('200 readers of it at once, answers a second', perSecond, Number.NaN, ''),
      figure('200 readers of it at once, 99 of 100 within', slowest, Number.NaN, 'ms'),
    )
    rows.push(...walkRows(await walkFigures(origin, cookie)))
    const before = memoryOf(server.pid!)
    for (let i = 0; i < loads; i++)
      await fetch(origin + pages[i % 8]!, { headers: { cookie } }).then((answer) => answer.text())
    rows.push(
      figure(`server memory before ${loads} page loads`, before, Number.NaN, 'MB'),
      figure(`server memory after ${loads} page loads`, memoryOf(server.pid!), Number.NaN, 'MB'),
    )
    return rows
  } finally {
    server.kill('SIGTERM')
  }
}

const walkRows = ({ tap, slowTap, reopened, sent, heldMegabytes }: WalkFigures): Figure[] => [
  figure('tap to paint, processor slowed six times, median', tap, 50, 'ms'),
  figure('tap to paint, slowest of twenty', slowTap, 50, 'ms'),
  figure('walk of 60 observations and 20 photos reopened offline', reopened, Number.NaN, 'ms'),
  figure('the same walk sent', sent, Number.NaN, 'ms'),
  figure('the same walk held on the phone', heldMegabytes, Number.NaN, 'MB'),
]

async function median(run: () => Promise<unknown>): Promise<number> {
  const times: number[] = []
  await run()
  for (let i = 0; i < 9; i++) times.push(await took(run))
  return times.sort((a, b) => a - b)[4]!
}

/** Scripts that a page names for today's browsers, gzipped, in kilobytes. */
async function scriptBytes(origin: string, page: string, cookie: string): Promise<number> {
  const html = await (await fetch(origin + page, { headers: { cookie } })).text()
  const tags = [...html.matchAll(/<script[^>]*>/g)].map((match) => match[0]).filter((tag) => !/nomodule/i.test(tag))
  const names = new Set(tags.flatMap((tag) => /src="(\/_next\/static\/[^"]+\.js[^"]*)"/.exec(tag)?.[1] ?? []))
  let bytes = 0
  for (const name of names) bytes += gzipSync(Buffer.from(await (await fetch(origin + name)).arrayBuffer())).length
  return bytes / 1000
}
