import { addDays } from '../core/calendar/day'
import { readCrews, saveCrew } from '../data/crews'
import { insertPlan } from '../data/plans'
import type { Context } from '../server/context'
import { problemInput, towards } from '../server/plan/planFirm'
import { kept, PREVIEW, solveInWorker } from '../server/plan/solver'
import { planView } from '../server/views/plan'
import { composed, tellEverybody } from './benchShare'
import { riskFigures, type RiskFigures } from './benchRisk'
import { newSite } from './benchReckoning'
import { took } from './took'

export interface PlanFigures {
  readonly sites: number
  readonly visits: number
  /** Milliseconds to the first plan that can be built, to a good one, and to a new one after one visit slips. */
  readonly first: number
  readonly good: number
  readonly slip: number
  /** Milliseconds of the server for the page of one site's plan. */
  readonly page: number
  /** Visits whose trades were told, and milliseconds to say who hears what after the slip. */
  readonly told: number
  readonly compose: number
  readonly risk: RiskFigures
}

const SITES = 40
const PLACES = 11
/** Teams of each trade, as a firm of that size has. */
const CREWS = 12
const TREATMENTS = [['room-board-finishes'], ['bathroom-rebuilt'], ['room-paint-floor'], ['kitchen-rebuilt']]

/** A firm of forty sites and some four thousand open visits, planned and planned again. */
export async function planFigures(context: Context): Promise<PlanFigures> {
  const { db } = context
  const demo = problemInput(db, context.today)
  const small = TREATMENTS.flatMap((treatments, i) => [
    newSite(context, `Small ${i}`, 3, treatments),
    newSite(context, `Middling ${i}`, 6, treatments),
  ])
  const all = problemInput(db, context.today)
  const risk = await riskFigures(
    small.map((id) => ({
      ...all,
      sites: all.sites.filter((site) => site.id === id),
      before: [],
      bookings: [],
      pins: [],
    })),
    demo,
  )
  for (let i = context.sites().length; i < SITES; i++) newSite(context, `Site ${i}`, PLACES, TREATMENTS[i % 4]!)
  for (const crew of readCrews(db)) saveCrew(db, { ...crew, crews: CREWS })
  const input = problemInput(db, context.today)
  const first = await took(() => solveInWorker(input, towards(db, { rounds: 0, draws: 0 })))
  let plan = await solveInWorker(input, towards(db, { ...PREVIEW, rounds: 0 }))
  const good = await took(async () => {
    plan = await solveInWorker(input, towards(db, kept()))
  })
  insertPlan(db, { plan, revisions: {}, reason: 'bench', by: context.person.name, madeAt: context.now() })
  const again = problemInput(db, context.today)
  const late = plan.visits[Math.floor(plan.visits.length / 2)]!
  const pins = [{ visitKey: late.key, day: addDays(late.startDay, 7), half: late.startHalf }]
  const slip = await took(() => solveInWorker({ ...again, pins }, towards(db, { rounds: 0, draws: 0 })))
  const told = tellEverybody(context)
  const slipped = await solveInWorker(
    { ...problemInput(db, context.today), pins },
    towards(db, { rounds: 0, draws: 0 }),
  )
  insertPlan(db, { plan: slipped, revisions: {}, reason: 'bench', by: context.person.name, madeAt: context.now() })
  const compose = await composed(context)
  const page = await took(() => planView(context, context.sites().at(-1)!.id))
  return { sites: SITES, visits: plan.visits.length, first, good, slip, page, told, compose, risk }
}
