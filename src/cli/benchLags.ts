import { Command } from 'commander'
import { siteFloors } from '../core/schedule/bounds'
import { checkSchedule } from '../core/schedule/checkSchedule'
import { seededRandom } from '../core/schedule/random'
import { randomLags } from '../core/schedule/randomLags'
import { solve } from '../core/schedule/solve'
import { excessOf } from '../core/schedule/span'

const SIZES = [10, 20, 30, 60]
const RESOURCES = 3
const SHARE_WITH_MOST = 0.25

/** Projects with maximum lags, planned by the planner of the sites and measured against a bound and against the schedule that
 * each was drawn around. */
export const benchLagsCommand = (): Command =>
  new Command('lags')
    .description('Plan random projects with maximum lags: how many keep them all, and how far the end is from a bound.')
    .option('--projects <n>', 'of each size', '50')
    .option('--rounds <n>', 'of improvement', '400')
    .option('--seed <n>', 'of the first', '1')
    .action(({ projects, rounds, seed }: { projects: string; rounds: string; seed: string }) => {
      console.table(SIZES.map((size) => lagFigures(size, Number(projects), Number(rounds), Number(seed))))
    })

function lagFigures(activities: number, count: number, rounds: number, seed: number): Record<string, string> {
  const begun = performance.now()
  let [kept, lags, over, broken] = [0, 0, 0, 0]
  let [aboveBound, belowHidden] = [0, 0]
  for (let n = 0; n < count; n++) {
    const { instance, hidden } = randomLags(seededRandom(seed + n), {
      activities,
      resources: RESOURCES,
      most: SHARE_WITH_MOST,
    })
    const { schedule } = solve(instance, { rounds, seed })
    const late = instance.spans!.filter((span) => excessOf(span, schedule) > 0).length
    if (late === 0) kept++
    lags += instance.spans!.length
    over += late
    broken += checkSchedule(instance, schedule).length
    const floor = siteFloors(instance).get(0)!
    aboveBound += schedule.makespan / floor - 1
    belowHidden += schedule.makespan / hidden - 1
  }
  const percent = (share: number): string => `${(100 * share).toFixed(1)} %`
  return {
    activities: String(activities),
    projects: String(count),
    'all lags kept': percent(kept / count),
    'lags kept': percent(1 - over / Math.max(1, lags)),
    'rules broken': String(broken),
    'end above the bound': percent(aboveBound / count),
    'end against the hidden': percent(belowHidden / count),
    'each, ms': ((performance.now() - begun) / count).toFixed(0),
  }
}
