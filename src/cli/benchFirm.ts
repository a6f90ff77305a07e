import { existsSync } from 'node:fs'
import { Command } from 'commander'
import { v7 as uuid } from 'uuid'
import { TRADES, type Trade } from '../core/scope/vocabulary'
import type { Observation } from '../core/walk/observation'
import { insertPlan } from '../data/plans'
import { insertObservations } from '../data/observations'
import { readPeople } from '../data/people'
import { contextFor, type Context } from '../server/context'
import { openFirmFolder } from '../server/firmFolder'
import { createFirm } from '../server/people/accounts'
import { problemInput, towards } from '../server/plan/planFirm'
import { closeSolver, solveInWorker } from '../server/plan/solver'
import { keepCrew } from '../server/sites/crewsAndRates'
import { siteState } from '../server/siteStates'
import { todayView } from '../server/views/today'
import { lookAheadView } from '../server/views/lookAhead'
import { planOfAll, planView } from '../server/views/plan'
import { selectionsOfAll } from '../server/views/selections'
import { scopeView } from '../server/views/scope'
import { shareView, siteShareView } from '../server/views/share'
import { newSite } from './benchReckoning'
import { middle } from './took'

const SITES = 40
const PLACES = 32
/** Places of each site whose work is done. */
const DONE = 24
const TREATMENTS = [
  ['bathroom-rebuilt'],
  ['kitchen-rebuilt'],
  ['room-board-finishes', 'window-replaced'],
  ['bathroom-rebuilt'],
]
/** How often the work of a place was told before it was done. */
const TOLD = [25, 50, 100]
/** The password of the firm's only person, for whoever measures it. */
export const PASSWORD = 'barge quoin lantern'

/** A firm of forty sites, kept as a folder, and what its pages take of the processor. */
export const benchFirmCommand = (): Command =>
  new Command('firm')
    .description('Make a firm of 40 sites as a folder, or take one that is there, and measure what its pages take.')
    .requiredOption('--to <dir>', 'the folder')
    .action(async ({ to }: { to: string }) => {
      const isNew = !existsSync(to)
      const firm = await openFirmFolder(to)
      try {
        if (isNew) await createFirm(firm, { firm: 'Forty Sites', name: 'Ada', login: 'ada', password: PASSWORD })
        const context = contextFor(firm, readPeople(firm.db)[0]!)
        if (isNew) await fill(context)
        console.table(sizeOf(context))
        console.table(pageFigures(context))
      } finally {
        await closeSolver()
        firm.db.close()
      }
    })

async function fill(context: Context): Promise<void> {
  const { db } = context
  for (const trade of Object.keys(TRADES) as Trade[])
    keepCrew(context, {
      name: TRADES[trade],
      trade,
      crews: 12,
      crewSize: 2,
      weekdays: [1, 2, 3, 4, 5],
      licence: 'L-1',
      contact: `${trade}@trades.example.com`,
    })
  for (let i = 0; i < SITES; i++) {
    const id = newSite(context, `Site ${i + 1}`, PLACES, TREATMENTS[i % TREATMENTS.length]!)
    const site = context.site(id)
    const { places, lines } = siteState(db, site)
    const done = new Set(places.slice(0, DONE).map((place) => place.id))
    const told = lines
      .filter(({ placeId }) => done.has(placeId))
      .flatMap((line, at) =>
        TOLD.map((value, step): Observation => ({
          subject: 'line',
          subjectId: line.id,
          facet: 'progress',
          placeId: line.placeId,
          value,
          id: uuid(),
          siteId: id,
          walkId: null,
          by: context.person.name,
          seenAt: context.now(),
          order: (at * TOLD.length + step + 1) * 1000,
        })),
      )
    db.transaction(() => insertObservations(db, told, context.now()))()
  }
  const plan = await solveInWorker(problemInput(db, context.today), towards(db, { rounds: 0, draws: 100 }))
  const revisions = Object.fromEntries(context.sites().map(({ id, revision }) => [id, revision]))
  insertPlan(db, { plan, revisions, reason: 'bench', by: context.person.name, madeAt: context.now() })
}

function sizeOf(context: Context): Record<string, number> {
  const { db } = context
  const states = context.sites().map((site) => siteState(db, site))
  return {
    sites: states.length,
    places: states.reduce((sum, { places }) => sum + places.length, 0),
    lines: states.reduce((sum, { lines }) => sum + lines.length, 0),
    observations: db.prepare('SELECT count(*) FROM observation').pluck().get() as number,
  }
}

/** Milliseconds of the processor for what each page shows: the first time and once what it needs is known. */
function pageFigures(context: Context): { page: string; first: number; again: number; kB: number }[] {
  const site = context.sites()[0]!.id
  const pages: Readonly<Record<string, () => unknown>> = {
    Today: () => todayView(context),
    'plan of all sites': () => planOfAll(context),
    'plan of a site': () => planView(context, site),
    'selections of all': () => selectionsOfAll(context),
    'next weeks of all': () => lookAheadView(context, null, 3),
    'share of all': () => shareView(context),
    'share of a site': () => siteShareView(context, site),
    'scope of a site': () => scopeView(context, site),
  }
  return Object.entries(pages).map(([page, view]) => {
    const first = processor(view)
    const again = middle([1, 2, 3, 4, 5].map(() => processor(view)))
    return { page, first, again, kB: Math.round(JSON.stringify(view()).length / 1024) }
  })
}

function processor(run: () => unknown): number {
  const before = process.cpuUsage()
  run()
  const { user, system } = process.cpuUsage(before)
  return Math.round((user + system) / 1000)
}
