import { daysBetween, type Day } from '../core/calendar/day'
import { dayOfSlot, SLOTS_PER_DAY } from '../core/calendar/slots'
import { finishRisk } from '../core/schedule/finishRisk'
import { seededRandom } from '../core/schedule/random'
import type { Release } from '../core/schedule/holds'
import { problemOf, type Problem, type ProblemInput } from '../core/schedule/problem'
import { Scheduler } from '../core/schedule/scheduler'
import { solve } from '../core/schedule/solve'
import { took } from './took'

export interface RiskFigures {
  /** Of a hundred sites, measured on three hundred, how many were done by the day that was safe to promise. */
  readonly held: number
  readonly heldLikely: number
  /** Days from the likely to the safe day, on average. */
  readonly spread: number
  /** Milliseconds for 5,000 draws of about 150 visits. */
  readonly drawn: number
  readonly visits: number
}

const SITES = 300
const DRAWS = 300

/** Holds what is promised against sites whose work then goes its own way: the truth of each is drawn from a process with
 * other shapes than the planner's (lognormal working times, bad months, bunched failures), which it never sees.
 * @param inputs problems of single sites, to be used in turn */
export async function riskFigures(inputs: readonly ProblemInput[], firm: ProblemInput): Promise<RiskFigures> {
  const random = seededRandom(7)
  let [held, heldLikely, spread] = [0, 0, 0]
  for (let i = 0; i < SITES; i++) {
    const input = inputs[i % inputs.length]!
    const problem = problemOf(input)
    const { start } = solve(problem.instance, { rounds: 20, seed: i }).schedule
    const site = input.sites[0]!.id
    const { likely, safe } = finishRisk(problem, start, { draws: DRAWS, seed: i })[site]!
    const truth = whatHappens(problem, start, random)
    if (truth <= safe) held++
    if (truth <= likely) heldLikely++
    spread += daysBetween(likely, safe)
  }
  const problem = problemOf(firm)
  const { start } = solve(problem.instance, { rounds: 20, seed: 1 }).schedule
  const drawn = await took(() => finishRisk(problem, start, { draws: 5000, seed: 1 }))
  const share = (count: number): number => (100 * count) / SITES
  return {
    held: share(held),
    heldLikely: share(heldLikely),
    spread: spread / SITES,
    drawn,
    visits: problem.visits.length,
  }
}

/** Slots by which goods really come after the day on which they are counted on: what nobody ordered yet comes about when
 * it is likely to, once in twelve after the longest that its maker takes; what was promised is late in three of ten cases. */
function lateness(
  { slot, sooner }: Release,
  random: () => number,
  lognormal: (middle: number, spread: number) => number,
): number {
  if (!sooner) return random() < 0.3 ? Math.round(-4 * Math.log(1 - random()) * SLOTS_PER_DAY) : 0
  const likely = Math.max(1, slot - sooner[1])
  return Math.round(lognormal(likely, Math.log(slot / likely) / 1.4)) - slot
}

/** The day on which a site is really done. */
function whatHappens(problem: Problem, starts: ArrayLike<number>, random: () => number): Day {
  const { visits, instance, holds } = problem
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
  const lognormal = (middle: number, spread: number): number => middle * Math.exp(spread * normal())
  const site = lognormal(1.02, 0.06)
  const badMonth = random() < 0.25 ? 0.35 : 0.05
  const unlucky = random() < 0.2 ? 0.3 : 0.07
  const trades = new Map<string, number>()
  const came = new Map<string, number>()
  const count = visits.length
  const [factors, waits, late] = [new Float64Array(count), new Int32Array(count), new Int32Array(count)]
  visits.forEach((visit, i) => {
    const trade = trades.get(visit.trade) ?? lognormal(1.03, 0.08)
    trades.set(visit.trade, trade)
    const outside = visit.stages.some((stage) => stage === 'roof' || stage === 'cladding') ? 1 + badMonth : 1
    factors[i] = visit.trade === 'inspector' ? 1 : lognormal(1.05, 0.18) * trade * site * outside
    if (visit.trade === 'inspector' && random() < unlucky) waits[i] = (3 + Math.floor(random() * 4)) * SLOTS_PER_DAY
    const held = holds[i]!.map((hold) => {
      if (hold.goods === undefined) return hold.slot
      const late = came.get(hold.goods) ?? lateness(hold, random, lognormal)
      came.set(hold.goods, late)
      return hold.slot + late
    })
    const away = instance.activities[i]!.fixed === undefined && random() < 0.06
    late[i] = Math.max(...held, away ? Number(starts[i]) + (2 + Math.floor(random() * 4)) * SLOTS_PER_DAY : 0)
  })
  const { finish } = new Scheduler(instance).schedule(starts, { factors, releases: late, waits })
  return dayOfSlot(problem.origin, Math.max(...finish) - 1)
}
