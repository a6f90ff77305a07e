import { dayOfSlot, SLOTS_PER_DAY } from '../calendar/slots'
import type { Day } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { TRADES, type Stage, type Trade } from '../scope/vocabulary'
import type { Problem } from './problem'
import { seededRandom } from './random'
import { Scheduler, type Variation } from './scheduler'

/** How a site may finish, from many ways in which its work could go. */
export interface SiteRisk {
  /** The day by which it is done in half of them. */
  readonly likely: Day
  /** The day by which it is done in eight of ten: what can be promised. */
  readonly safe: Day
  /** The day by which each tenth of them is done, from one tenth to nine. */
  readonly tenths: readonly Day[]
  /** What the difference hangs on, the most telling first. */
  readonly drivers: readonly string[]
}

/** Smallest, most usual and largest. Defaults of the trade; each draw takes its own. */
type Spread = readonly [low: number, usual: number, high: number]
const OWN: Spread = [0.8, 1, 1.45]
const OF_TRADE: Spread = [0.9, 1, 1.2]
const OF_SITE: Spread = [0.95, 1, 1.12]
/** Working time that wet and wind add outside. */
const OF_WEATHER: Spread = [0, 0.1, 0.4]
const OUTSIDE: ReadonlySet<Stage> = new Set([
  'excavation',
  'underground',
  'concrete',
  'roof',
  'weather-barrier',
  'cladding',
  'site-works',
])
const FAILS = 0.1
/** Days to mend what an inspection found, and to be seen again. */
const MENDING_DAYS = 4
const SLIPS = 0.3
const SLIP_DAYS: Spread = [1, 3, 12]
const DECLINES = 0.05
const FREE_AGAIN_DAYS = 3
const PROMISED = 0.8
/** Below this a cause does not show in the end (correlation over the draws). */
const TELLING = 0.15
const MOST_DRIVERS = 3

/** Draws how the open work may go, again and again, and lets every draw be planned anew in the order of the plan: what
 * is late makes the next start later, what is early lets it come forward where crews and agreed days allow. Slow trades
 * are slow on every site of a draw, a slow site in all its work; the same seed gives the same answer.
 * @param starts slots at which the plan starts each visit
 * @param draws how many; a few hundred settle the days
 * Source: simulation of a network with resources, serial dispatch as the policy (Stork 2001; Vanhoucke 2013). */
export function finishRisk(
  problem: Problem,
  starts: ArrayLike<number>,
  { draws, seed }: { readonly draws: number; readonly seed: number },
): Record<string, SiteRisk> {
  const random = seededRandom(seed)
  const scheduler = new Scheduler(problem.instance)
  const sites = [...new Set(problem.visits.map(({ siteId }) => siteId))]
  const told = Array.from({ length: draws }, () => drawn(problem, starts, scheduler, random))
  return Object.fromEntries(sites.map((site) => [site, riskOf(problem.origin, site, told)]))
}

interface Draw {
  /** Slot after the last work of each site. */
  readonly finish: ReadonlyMap<string, number>
  /** How each cause went; one that touches a single site begins with that site and a stroke. */
  readonly causes: ReadonlyMap<string, number>
}

function drawn(problem: Problem, starts: ArrayLike<number>, scheduler: Scheduler, random: () => number): Draw {
  const { visits, instance } = problem
  const causes = new Map<string, number>()
  const tell = (cause: string, value: number): void => void causes.set(cause, (causes.get(cause) ?? 0) + value)
  /** Drawn once for everybody whom it touches. */
  const shared = (cause: string, spread: Spread): number => {
    const value = causes.get(cause) ?? triangular(spread, random)
    causes.set(cause, value)
    return value
  }
  const weather = shared('the weather', OF_WEATHER)
  const count = visits.length
  const [factors, releases, waits] = [new Float64Array(count), new Int32Array(count), new Int32Array(count)]
  visits.forEach((visit, i) => {
    const activity = instance.activities[i]!
    const trade = shared(tradeCause(visit.trade), OF_TRADE)
    const site = shared(`${visit.siteId}|how this site goes`, OF_SITE)
    if (visit.trade === 'inspector' && random() < FAILS) {
      waits[i] = MENDING_DAYS * SLOTS_PER_DAY
      tell(`${visit.siteId}|inspections that fail`, 1)
    }
    const outside = visit.stages.some((stage) => OUTSIDE.has(stage)) ? 1 + weather : 1
    factors[i] = visit.trade === 'inspector' ? 1 : triangular(OWN, random) * trade * site * outside
    let late = 0
    if (problem.holds[i]![0]!.kind === 'delivery' && random() < SLIPS) {
      late = Math.round(triangular(SLIP_DAYS, random) * SLOTS_PER_DAY)
      tell(`${visit.siteId}|deliveries`, late)
    }
    // Who agreed to a day rarely goes back on it.
    const declined = activity.fixed === undefined && random() < DECLINES
    if (declined) tell(`${visit.siteId}|who cannot come`, 1)
    releases[i] = Math.max(activity.release + late, declined ? Number(starts[i]) + FREE_AGAIN_DAYS * SLOTS_PER_DAY : 0)
  })
  return { finish: finishes(problem, scheduler, starts, { factors, releases, waits }), causes }
}

function finishes(
  { visits, instance }: Problem,
  scheduler: Scheduler,
  starts: ArrayLike<number>,
  variation: Variation,
): Map<string, number> {
  const last = new Map<string, number>()
  const note = (site: string, slot: number): void => void last.set(site, Math.max(last.get(site) ?? 0, slot))
  try {
    const { finish } = scheduler.schedule(starts, variation)
    visits.forEach(({ siteId }, i) => note(siteId, finish[i]!))
  } catch (error) {
    // So late that it falls off the calendar: as late as the calendar goes.
    if (!(error instanceof ImpossibleRequest && error.code === 'horizon-too-short')) throw error
    visits.forEach(({ siteId }) => note(siteId, instance.horizon - 1))
  }
  return last
}

const tradeCause = (trade: Trade): string => `how fast the ${TRADES[trade].toLowerCase()} is`

function riskOf(origin: Day, site: string, draws: readonly Draw[]): SiteRisk {
  const ends = draws.map(({ finish }) => finish.get(site)!)
  const sorted = [...ends].sort((a, b) => a - b)
  const by = (share: number): Day =>
    dayOfSlot(origin, sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)]! - 1)
  const causes = new Set(draws.flatMap((draw) => [...draw.causes.keys()]))
  const drivers = [...causes]
    .filter((cause) => !cause.includes('|') || cause.startsWith(`${site}|`))
    .map((cause) => ({
      words: cause.split('|').at(-1)!,
      pull: correlation(
        draws.map((draw) => draw.causes.get(cause) ?? 0),
        ends,
      ),
    }))
    .filter(({ pull }) => pull > TELLING)
    .sort((a, b) => b.pull - a.pull)
    .slice(0, MOST_DRIVERS)
    .map(({ words }) => words)
  return {
    likely: by(0.5),
    safe: by(PROMISED),
    tenths: Array.from({ length: 9 }, (_, i) => by((i + 1) / 10)),
    drivers,
  }
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length
  const [ma, mb] = [mean(a), mean(b)]
  let [up, da, db] = [0, 0, 0]
  a.forEach((one, i) => {
    const [x, y] = [one - ma, b[i]! - mb]
    up += x * y
    da += x * x
    db += y * y
  })
  return da === 0 || db === 0 ? 0 : up / Math.sqrt(da * db)
}

/** A draw between the ends of a spread, the usual value the most often. */
function triangular([low, usual, high]: Spread, random: () => number): number {
  const u = random()
  const turn = (usual - low) / (high - low)
  return u < turn
    ? low + Math.sqrt(u * (high - low) * (usual - low))
    : high - Math.sqrt((1 - u) * (high - low) * (high - usual))
}
