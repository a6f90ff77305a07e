import { Command } from 'commander'
import type { Day } from '../core/calendar/day'
import { daysBetween } from '../core/calendar/day'
import { checkSense, type Breach } from '../core/schedule/checkSense'
import { keptBefore, planOf, type Plan } from '../core/schedule/plan'
import { planDiff } from '../core/schedule/planDiff'
import { problemOf, type ProblemInput } from '../core/schedule/problem'
import { randomFirm } from '../core/schedule/randomFirm'
import { seededRandom } from '../core/schedule/random'
import { USUAL_SENSE, type Sense } from '../core/schedule/sense'
import { daysWithout } from '../core/schedule/without'

const TODAY = '2026-03-10' as Day
const ROUNDS = 60
/** Nothing is too long: the same firm without the rules of openings and of services. */
const WITHOUT_SENSE: Sense = {
  ...USUAL_SENSE,
  nights: { hole: 9999, cut: 9999, face: 9999, roof: 9999, ground: 9999 },
  daysWithout: { kitchen: 9999, bathroom: 9999 },
}

/** Random firms, planned and planned again, and read by a checker that shares nothing with the search. */
export const benchSenseCommand = (): Command =>
  new Command('sense')
    .description(
      'Plan random firms and count the rules of sense that break, what sense costs, and who moves for nothing.',
    )
    .option('--firms <n>', 'how many', '300')
    .option('--seed <n>', 'of the first', '1')
    .action(({ firms, seed }: { firms: string; seed: string }) => {
      console.table(senseFigures(Number(firms), Number(seed)))
    })

function senseFigures(count: number, seed: number): Record<string, string> {
  const breaches = new Map<Breach['rule'], number>()
  const prices: number[] = []
  const livedIn: number[] = []
  let [moved, tried] = [0, 0]
  for (let i = 0; i < count; i++) {
    const input = randomFirm(seededRandom(seed + i), TODAY)
    const plan = planned(input)
    for (const site of input.sites)
      for (const { rule } of checkSense(
        plan,
        { id: site.id, state: site.state, sense: site.sense, called: new Set() },
        TODAY,
      ))
        breaches.set(rule, (breaches.get(rule) ?? 0) + 1)
    const free = planned({ ...input, sites: input.sites.map((site) => ({ ...site, sense: WITHOUT_SENSE })) })
    prices.push(lengthOf(plan) / Math.max(1, lengthOf(free)) - 1)
    livedIn.push(...plan.without.map(daysWithout))
    const again = planned({ ...input, before: keptBefore(plan) })
    moved += planDiff(plan, again).moved.length
    tried += plan.visits.length
  }
  const sorted = [...prices].sort((a, b) => a - b)
  return {
    firms: String(count),
    'visits planned': String(tried),
    'rules broken': [...breaches].map(([rule, times]) => `${rule} ${times}`).join(', ') || 'none',
    'price of sense, median': `${(sorted[Math.floor(sorted.length / 2)]! * 100).toFixed(1)} %`,
    'price of sense, nine of ten': `${(sorted[Math.floor(sorted.length * 0.9)]! * 100).toFixed(1)} %`,
    'days without the only kitchen or bathroom, median': String(
      [...livedIn].sort((a, b) => a - b)[Math.floor(livedIn.length / 2)] ?? '-',
    ),
    'visits moved by planning again with nothing new': `${moved} of ${tried}`,
  }
}

const planned = (input: ProblemInput): Plan => planOf(problemOf(input), { rounds: ROUNDS, seed: 1 })
const lengthOf = ({ finish }: Plan): number =>
  Object.values(finish).reduce((sum, day) => sum + daysBetween(TODAY, day), 0)
