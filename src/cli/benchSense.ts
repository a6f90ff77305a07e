import { Command } from 'commander'
import { addDays, daysBetween, type Day } from '../core/calendar/day'
import { checkSense, daysOff } from '../core/schedule/checkSense'
import { alarmsOf, type Names } from '../core/schedule/alarms'
import { keptBefore, planOf, type Plan } from '../core/schedule/plan'
import { planDiff } from '../core/schedule/planDiff'
import { problemOf, type ProblemInput } from '../core/schedule/problem'
import { randomFirm } from '../core/schedule/randomFirm'
import { seededRandom } from '../core/schedule/random'
import { USUAL_SENSE, type Sense } from '../core/schedule/sense'
import type { SiteState } from '../core/walk/siteState'
import { daysWithout } from '../core/schedule/without'

const TODAY = '2026-03-10' as Day
const ROUNDS = 60
/** Nothing is too long: the same firm without the rules of openings and of services. */
const WITHOUT_SENSE: Sense = {
  ...USUAL_SENSE,
  nights: { hole: 9999, cut: 9999, face: 9999, roof: 9999, ground: 9999 },
  daysWithout: { kitchen: 9999, bathroom: 9999 },
}

/** Visits and places as the plan knows them: nobody reads these alarms. */
const BY_KEY: Names = { visit: (key) => key, place: (_site, place) => place, agreed: new Set() }

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
  const forced = new Map<string, number>()
  const broken = new Map<string, number>()
  const idle = new Map<string, number>()
  const prices: number[] = []
  const livedIn: number[] = []
  let [moved, tried, refused, homes, apart] = [0, 0, 0, 0, 0]
  /** A breach that the plan tells as an alarm is forced by facts; any other is the plan's. */
  const read = (input: ProblemInput, plan: Plan): void => {
    const breaches = input.sites.flatMap(({ id, state, sense, livedIn }) =>
      checkSense(plan, { id, state, sense, livedIn, called: onSite(state) }, input.today),
    )
    const alarms = alarmsOf(plan, BY_KEY)
    for (const { rule, siteId } of breaches) {
      // Days without that are over the usual figure and no more than the work takes are told, and are no alarm.
      const told = rule === 'without' ? plan.without : alarms.filter((alarm) => alarm.rule === rule)
      const of = told.some((one) => one.siteId === siteId) ? forced : broken
      of.set(rule, (of.get(rule) ?? 0) + 1)
    }
    // A circle that was refused is told whatever the days come to.
    for (const { rule, siteId } of alarms)
      if (rule !== 'order' && !breaches.some((breach) => breach.siteId === siteId && breach.rule === rule))
        idle.set(rule, (idle.get(rule) ?? 0) + 1)
    for (const site of input.sites) {
      const [one, other] = daysOff(plan, site)
      if (!one || !other) continue
      homes++
      if (one.until < other.from || other.until < one.from) apart++
    }
    tried += plan.visits.length
    refused += plan.unkept.length
  }
  for (let i = 0; i < count; i++) {
    const input = randomFirm(seededRandom(seed + i), TODAY)
    const plan = planned(input)
    read(input, plan)
    const free = planned({ ...input, sites: input.sites.map((site) => ({ ...site, sense: WITHOUT_SENSE })) })
    prices.push(lengthOf(plan) / Math.max(1, lengthOf(free)) - 1)
    livedIn.push(...plan.without.map(daysWithout))
    moved += planDiff(plan, planned({ ...input, before: keptBefore(plan) })).moved.length
    const later = walked(input, plan)
    read(later, planned(later))
  }
  const sorted = [...prices].sort((a, b) => a - b)
  const listed = (of: ReadonlyMap<string, number>): string =>
    [...of].map(([rule, times]) => `${rule} ${times}`).join(', ') || 'none'
  return {
    firms: String(count),
    'visits planned, walked, and planned again': String(tried),
    'rules broken': listed(broken),
    'forced by facts, and told': listed(forced),
    'alarms that tell of nothing': listed(idle),
    'homes that lose their one kitchen and their one bathroom, and of them one after the other': `${homes}, ${apart}`,
    'waits by name that ran in a circle, and were told': String(refused),
    'price of sense, median': `${(sorted[Math.floor(sorted.length / 2)]! * 100).toFixed(1)} %`,
    'price of sense, nine of ten': `${(sorted[Math.floor(sorted.length * 0.9)]! * 100).toFixed(1)} %`,
    'days without the only kitchen or bathroom, median': String(
      [...livedIn].sort((a, b) => a - b)[Math.floor(livedIn.length / 2)] ?? '-',
    ),
    'visits moved by planning again with nothing new': String(moved),
  }
}

/** Trades that have been at work on a site: they know that they come again. */
const onSite = ({ lines }: SiteState): ReadonlySet<string> =>
  new Set(lines.filter(({ progress }) => progress > 0).map(({ trade }) => trade))

/** Days after which a firm is walked. */
const WALKED_AFTER = 21

/** The firm some weeks on: what was to be done is done, what is under way is half done. */
function walked(input: ProblemInput, plan: Plan): ProblemInput {
  const today = addDays(TODAY, WALKED_AFTER)
  const progress = new Map(
    plan.visits
      .filter(({ startDay }) => startDay < today)
      .flatMap(({ lineIds, endDay }) => lineIds.map((id) => [id, endDay < today ? 100 : 50] as const)),
  )
  return {
    ...input,
    today,
    before: keptBefore(plan),
    sites: input.sites.map((site) => ({
      ...site,
      state: {
        ...site.state,
        lines: site.state.lines.map((line) => ({ ...line, progress: progress.get(line.id) ?? line.progress })),
      },
    })),
  }
}

const planned = (input: ProblemInput): Plan => planOf(problemOf(input), { rounds: ROUNDS, seed: 1 })
const lengthOf = ({ finish }: Plan): number =>
  Object.values(finish).reduce((sum, day) => sum + daysBetween(TODAY, day), 0)
