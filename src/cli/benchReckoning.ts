import { parseSize } from '../core/measure/size'
import { toOrder } from '../core/selections/toOrder'
import { insertPlan } from '../data/plans'
import { readSite } from '../data/sites'
import type { Context } from '../server/context'
import { problemInput, towards } from '../server/plan/planFirm'
import { solveInWorker } from '../server/plan/solver'
import { createSite } from '../server/sites/createSite'
import { siteState } from '../server/siteStates'
import { selectionsView } from '../server/views/selections'
import { recordFacts } from '../server/walk/recordFacts'
import { middle, took } from './took'

export interface ReckoningFigures {
  readonly lines: number
  /** Milliseconds from one new measure to the whole site reckoned again. */
  readonly reckoned: number
  readonly sites: number
  readonly firstPlan: number
  /** Milliseconds for the desk of what is to be ordered, over all sites. */
  readonly orders: number
}

/** A site of so many places, all treated alike, laid down as a person would. */
export const newSite = (context: Context, name: string, places: number, treatments: readonly string[]): string =>
  createSite(context, {
    name,
    built: '1960',
    units: 'metric',
    livedIn: false,
    weekdays: [1, 2, 3, 4, 5],
    startsOn: context.today,
    places: Array.from({ length: places }, (_, i) => ({
      name: `Place ${i + 1}`,
      kind: 'room',
      level: `Level ${Math.floor(i / 10)}`,
      size: '4 x 3 x 2.5',
      treatments,
    })),
  }).siteId

/** A site of 40 places measured anew in one of them, and what 40 sites have to order. */
export async function reckoningFigures(context: Context): Promise<ReckoningFigures> {
  const large = newSite(context, 'A large site', 40, ['bathroom-rebuilt', 'room-board-finishes'])
  const stateNow = () => siteState(context.db, readSite(context.db, large)!)
  const place = stateNow().places[7]!
  const times: number[] = []
  for (let i = 0; i < 9; i++) {
    const value = parseSize(`${4 + i / 10} x 3 x 2.5`, 'metric')
    const measured = { subject: 'place', subjectId: place.id, facet: 'measured', placeId: place.id, value }
    recordFacts(context, large, { facts: [measured] })
    times.push(await took(stateNow))
  }
  for (let i = context.sites().length; i < 40; i++) newSite(context, `Site ${i}`, 4, ['room-board-finishes'])
  const input = problemInput(context.db, context.today)
  const firstPlan = await took(async () => {
    const plan = await solveInWorker(input, towards(context.db, { rounds: 0, draws: 0 }))
    insertPlan(context.db, { plan, revisions: {}, reason: 'bench', by: context.person.name, madeAt: context.now() })
  })
  const orders: number[] = []
  for (let i = 0; i < 5; i++) orders.push(await took(() => toOrder(selectionsView(context, null).rows)))
  return {
    lines: stateNow().lines.length,
    reckoned: middle(times),
    sites: context.sites().length,
    firstPlan,
    orders: middle(orders),
  }
}
