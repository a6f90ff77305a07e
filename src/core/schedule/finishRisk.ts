import { dayOfSlot, SLOTS_PER_DAY } from '../calendar/slots'
import type { Day } from '../calendar/day'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { TRADES, type Stage } from '../scope/vocabulary'
import { CHANCES } from '../entries/chances'
import type { Instance } from './instance'
import type { Release } from './holds'
import type { Problem } from './problem'
import { seededRandom } from './random'
import { Scheduler, type Variation } from './scheduler'
import { groupBy } from '../lists/groupBy'
import { linesOfVisit, type Visit } from './visits'

/** How a site, or what was promised of it, may finish, from many ways in which its work could go. */
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
/** How far goods may come after the longest that such goods take, as a share of what lies between the likely and the
 * longest time: about one in twelve comes later than anybody said. */
const BEYOND = 0.5
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
  const causes = causesOf(problem, starts)
  const told = Array.from({ length: draws }, () => drawn(problem, starts, causes, scheduler, random))
  return Object.fromEntries(
    causes.ends.map(({ id, siteId }, at) => [id, riskOf(problem.origin, siteId, at, causes, told)]),
  )
}

/** All that draws can differ in, numbered: `by` holds of each visit which of them touch it. */
interface Causes {
  /** What ends: every site, and what was promised of it, with the visits that it takes. */
  readonly ends: readonly { readonly id: string; readonly siteId: string; readonly visits: readonly number[] }[]
  /** In words; one that touches a single site begins with that site and a stroke. */
  readonly words: readonly string[]
  readonly weather: number
  readonly sleeping: readonly Sleeping[]
  readonly by: readonly {
    readonly spread: Spread
    readonly outside: boolean
    readonly inspection: boolean
    /** First slot, whatever is delivered when. */
    readonly release: number
    readonly goods: readonly (Pick<Release, 'slot' | 'sooner'> & { readonly cause: number })[]
    readonly agreed: boolean
    readonly trade: number
    readonly siteGoes: number
    readonly fails: number
    readonly away: number
  }[]
}

/** Something that cannot be known until it is opened, with the visit that opens it. */
interface Sleeping {
  readonly visit: number
  readonly chance: number
  readonly slots: number
  readonly cause: number
}

/** Working days that a surprise costs where nobody said. */
const SURPRISE_DAYS = 3

/** The open sleeping risks of all sites: each waits for the first work at its place. */
function sleepingRisks(
  { visits, states }: Problem,
  starts: ArrayLike<number>,
  numberOf: (words: string) => number,
): Sleeping[] {
  return [...states].flatMap(([siteId, { entries }]) =>
    entries
      .filter(({ kind, settled }) => kind === 'sleeping-risk' && settled === null)
      .flatMap(({ placeId, values }): Sleeping[] => {
        const here = visits.flatMap((visit, i) =>
          visit.siteId === siteId && visit.inspects.length === 0 && visit.placeIds.includes(placeId ?? '') ? [i] : [],
        )
        if (here.length === 0) return []
        const days = typeof values.days === 'number' ? values.days : SURPRISE_DAYS
        return [
          {
            visit: here.reduce((first, i) => (starts[i]! < starts[first]! ? i : first)),
            chance: CHANCES[String(values.chance) as keyof typeof CHANCES] ?? CHANCES.unlikely,
            // Working days, of which a week has five.
            slots: Math.ceil((days * 7) / 5) * SLOTS_PER_DAY,
            cause: numberOf(`${siteId}|${String(values.what)}`),
          },
        ]
      }),
  )
}

function causesOf(problem: Problem, starts: ArrayLike<number>): Causes {
  const { visits, instance, holds } = problem
  const numbers = new Map<string, number>()
  const numberOf = (words: string): number => {
    if (!numbers.has(words)) numbers.set(words, numbers.size)
    return numbers.get(words)!
  }
  const weather = numberOf('the weather')
  const by = visits.map((visit, i) => ({
    spread: ownSpread(visit, problem),
    outside: visit.stages.some((stage) => OUTSIDE.has(stage)),
    inspection: visit.trade === 'inspector',
    release: Math.max(0, ...holds[i]!.flatMap(({ kind, slot }) => (kind === 'delivery' ? [] : [slot]))),
    goods: holds[i]!.flatMap(({ goods, slot, sooner }) =>
      goods === undefined
        ? []
        : [
            {
              slot,
              cause: numberOf(`${visit.siteId}|the wait for ${goods.toLowerCase()}`),
              ...(sooner ? { sooner } : {}),
            },
          ],
    ),
    agreed: instance.activities[i]!.fixed !== undefined,
    trade: numberOf(`how fast the ${TRADES[visit.trade].toLowerCase()} is`),
    siteGoes: numberOf(`${visit.siteId}|how this site goes`),
    fails: numberOf(`${visit.siteId}|inspections that fail`),
    away: numberOf(`${visit.siteId}|who cannot come`),
  }))
  const sleeping = sleepingRisks(problem, starts, numberOf)
  return { ends: endsOf(problem), words: [...numbers.keys()], weather, sleeping, by }
}

function endsOf({ visits, ends }: Problem): Causes['ends'] {
  const bySite = groupBy(
    visits.map(({ siteId }, index) => ({ siteId, index })),
    ({ siteId }) => siteId,
  )
  return [...[...bySite].map(([id, its]) => ({ id, siteId: id, visits: its.map(({ index }) => index) })), ...ends]
}

/** How long a visit may take, as multiples of its hours: what was said for its lines, the usual for the others. */
function ownSpread(visit: Visit, { states }: Pick<Problem, 'states'>): Spread {
  const sums = [0, 0, 0]
  for (const { hours, hoursRange } of linesOfVisit(visit, states.get(visit.siteId)!.lines)) {
    const [best, worst] = hoursRange ?? [hours * OWN[0], hours * OWN[2]]
    sums[0]! += Math.min(best, hours)
    sums[1]! += hours
    sums[2]! += Math.max(worst, hours)
  }
  return sums[1]! > 0 ? [sums[0]! / sums[1]!, 1, sums[2]! / sums[1]!] : OWN
}

/** One way in which the work may go. */
interface Draw {
  /** Slot after the last work of each end, by its number. */
  readonly finish: Int32Array
  /** How each cause went, by its number. */
  readonly went: Float64Array
}

function drawn(
  { visits, instance }: Problem,
  starts: ArrayLike<number>,
  { ends, words, weather, sleeping, by }: Causes,
  scheduler: Scheduler,
  random: () => number,
): Draw {
  const went = new Float64Array(words.length)
  /** Drawn once for everybody whom it touches. */
  const shared = (cause: number, spread: Spread): number => {
    if (went[cause] === 0) went[cause] = triangular(spread, random)
    return went[cause]!
  }
  const wet = shared(weather, OF_WEATHER)
  const came = new Map<number, number>()
  const count = visits.length
  const [factors, releases, waits] = [new Float64Array(count), new Int32Array(count), new Int32Array(count)]
  for (let i = 0; i < count; i++) {
    const it = by[i]!
    const trade = shared(it.trade, OF_TRADE)
    const site = shared(it.siteGoes, OF_SITE)
    if (it.inspection && random() < FAILS) {
      waits[i] = MENDING_DAYS * SLOTS_PER_DAY
      went[it.fails]!++
    }
    factors[i] = it.inspection ? 1 : triangular(it.spread, random) * trade * site * (it.outside ? 1 + wet : 1)
    let release = it.release
    for (const goods of it.goods) {
      // What a site has of one sort comes with one order.
      const late = came.get(goods.cause) ?? lateness(goods, random)
      came.set(goods.cause, late)
      went[goods.cause] = late
      release = Math.max(release, goods.slot + late)
    }
    // Who agreed to a day rarely goes back on it.
    const declined = !it.agreed && random() < DECLINES
    if (declined) went[it.away]!++
    releases[i] = Math.max(release, declined ? Number(starts[i]) + FREE_AGAIN_DAYS * SLOTS_PER_DAY : 0)
  }
  for (const { visit, chance, slots, cause } of sleeping) {
    if (random() >= chance) continue
    waits[visit]! += slots
    went[cause] = slots
  }
  return { finish: finishes(instance, ends, scheduler, starts, { factors, releases, waits }), went }
}

/** Slots after the day on which goods are counted on; before it where that was the longest that they may take. */
function lateness({ sooner }: Pick<Release, 'sooner'>, random: () => number): number {
  if (sooner) return -Math.round(triangular([-BEYOND * sooner[1], sooner[1], sooner[0]], random))
  return random() < SLIPS ? Math.round(triangular(SLIP_DAYS, random) * SLOTS_PER_DAY) : 0
}

function finishes(
  instance: Instance,
  ends: Causes['ends'],
  scheduler: Scheduler,
  starts: ArrayLike<number>,
  variation: Variation,
): Int32Array {
  const last = new Int32Array(ends.length)
  try {
    const { finish } = scheduler.schedule(starts, variation)
    for (const [at, end] of ends.entries())
      for (const i of end.visits) if (finish[i]! > last[at]!) last[at] = finish[i]!
  } catch (error) {
    // So late that it falls off the calendar: as late as the calendar goes.
    if (!(error instanceof ImpossibleRequest && error.code === 'horizon-too-short')) throw error
    last.fill(instance.horizon - 1)
  }
  return last
}

function riskOf(origin: Day, site: string, at: number, { words }: Causes, draws: readonly Draw[]): SiteRisk {
  const ends = Int32Array.from(draws, ({ finish }) => finish[at]!)
  const sorted = ends.slice().sort()
  const by = (share: number): Day =>
    dayOfSlot(origin, sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)]! - 1)
  const drivers = words
    .map((cause, number) => ({ cause, number }))
    .filter(({ cause }) => !cause.includes('|') || cause.startsWith(`${site}|`))
    .map(({ cause, number }) => ({
      words: cause.split('|').at(-1)!,
      pull: correlation(
        Float64Array.from(draws, ({ went }) => went[number]!),
        ends,
      ),
    }))
    .filter(({ pull }) => pull > TELLING)
    .sort((a, b) => b.pull - a.pull)
    .slice(0, MOST_DRIVERS)
    .map((driver) => driver.words)
  return {
    likely: by(0.5),
    safe: by(PROMISED),
    tenths: Array.from({ length: 9 }, (_, i) => by((i + 1) / 10)),
    drivers,
  }
}

function correlation(a: Float64Array, b: Int32Array): number {
  const ma = a.reduce((sum, one) => sum + one, 0) / a.length
  const mb = b.reduce((sum, one) => sum + one, 0) / b.length
  let up = 0
  let da = 0
  let db = 0
  for (let i = 0; i < a.length; i++) {
    const x = a[i]! - ma
    const y = b[i]! - mb
    up += x * y
    da += x * x
    db += y * y
  }
  return da === 0 || db === 0 ? 0 : up / Math.sqrt(da * db)
}

/** A draw between the ends of a spread, the usual value the most often. */
function triangular([low, usual, high]: Spread, random: () => number): number {
  const u = random()
  if (high === low) return usual
  const turn = (usual - low) / (high - low)
  return u < turn
    ? low + Math.sqrt(u * (high - low) * (usual - low))
    : high - Math.sqrt((1 - u) * (high - low) * (high - usual))
}
