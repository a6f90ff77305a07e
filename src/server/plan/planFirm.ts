import { createHash } from 'node:crypto'
import type { Day } from '../../core/calendar/day'
import { isAgreed } from '../../core/scope/extras'
import type { SiteState } from '../../core/walk/siteState'
import { keptBefore, type Plan } from '../../core/schedule/plan'
import type { Pin, ProblemInput, SiteToPlan } from '../../core/schedule/problem'
import { pacesOfCrew } from '../../core/learning/pace'
import { readCrews } from '../../data/crews'
import { readPaces } from '../../data/learned'
import type { Db } from '../../data/database'
import { insertPlan, readBookings, readPins, readPlan } from '../../data/plans'
import { readSites, type Site } from '../../data/sites'
import type { Context } from '../context'
import { siteState } from '../siteStates'
import { readPlanGoal } from '../../data/firm'
import { isLivedIn } from '../../core/walk/livedIn'
import { forecastFor } from './forecast'
import { siteSense } from './siteSense'
import { kept, PREVIEW, solveInWorker, type Effort, type SolveControl } from './solver'

function siteToPlan(db: Db, site: Site): SiteToPlan {
  const state = agreedWork(siteState(db, site))
  return {
    id: site.id,
    name: site.name,
    calendar: site.calendar,
    startsOn: site.startsOn,
    travelHours: site.travelHours,
    schools: site.schools,
    crews: site.crews,
    ownRelations: site.ownRelations,
    livedIn: isLivedIn(site.livedIn, state),
    sense: siteSense(db, site.id),
    state,
  }
}

/** What is planned: an extra is no work before the client has agreed to it. */
const agreedWork = (state: SiteState): SiteState => ({ ...state, lines: state.lines.filter(isAgreed) })

/** All that the planner needs to know, as of today. */
export function problemInput(db: Db, today: Day, pins: readonly Pin[] = readPins(db)): ProblemInput {
  return {
    today,
    sites: readSites(db).map((site) => siteToPlan(db, site)),
    crews: crewsAtPace(db),
    bookings: readBookings(db),
    forecast: forecastFor(db, today),
    pins,
    before: keptBefore(readPlan(db)?.plan ?? { visits: [] }),
  }
}

/** The crews, each at the pace that the firm has learned of it and counts with. */
function crewsAtPace(db: Db) {
  const taken = new Map([...readPaces(db)].map(([key, { times }]) => [key, times]))
  return readCrews(db).map((crew) => (taken.size === 0 ? crew : { ...crew, paces: pacesOfCrew(crew, taken) }))
}

/** The same with one site as it would be. */
export const withState = (input: ProblemInput, siteId: string, state: SiteState): ProblemInput => ({
  ...input,
  sites: input.sites.map((site) => (site.id === siteId ? { ...site, state: agreedWork(state) } : site)),
})

/** An effort for what the firm makes its plans for. */
export const towards = (db: Db, effort: Effort) => ({ ...effort, goal: readPlanGoal(db) })

/** What a plan answers, in short: all that is known but for the plan before. */
const questionOf = ({ before: _before, ...known }: ProblemInput, goal: string): string =>
  createHash('sha256')
    .update(JSON.stringify([goal, { ...known, forecast: [...known.forecast] }]))
    .digest('base64url')

/** The plan as it would be now: the one in force, or where something was learned since, one that is tried for it. What a
 * change does is told against this, apart from what would move anyway. */
export async function planAsOfNow({ db, today }: Pick<Context, 'db' | 'today'>): Promise<Plan | null> {
  const known = readPlan(db)?.plan ?? null
  const input = problemInput(db, today)
  return known && known.question !== questionOf(input, readPlanGoal(db))
    ? solveInWorker(input, towards(db, PREVIEW))
    : known
}

/** Plans all sites of the firm again and puts the plan in force. */
export async function planFirm(
  context: Pick<Context, 'db' | 'today' | 'now' | 'person'>,
  reason: string,
  control: SolveControl = {},
): Promise<Plan> {
  const { db } = context
  const revisions = Object.fromEntries(readSites(db).map((site) => [site.id, site.revision]))
  const input = problemInput(db, context.today)
  const question = questionOf(input, readPlanGoal(db))
  const known = readPlan(db)?.plan
  // Where nothing is new since, the plan that is kept is the answer.
  if (known?.question === question) return known
  const plan = { ...(await solveInWorker(input, towards(db, kept()), control)), question }
  insertPlan(db, { plan, revisions, reason, by: context.person.name, madeAt: context.now() })
  return plan
}
