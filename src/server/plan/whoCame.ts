import { visitsBy } from '../../core/schedule/visitsBy'
import { object, string } from 'yup'
import { problemOf } from '../../core/schedule/problem'
import { slotOfDay, SLOTS_PER_DAY } from '../../core/calendar/slots'
import type { Plan, PlannedVisit } from '../../core/schedule/plan'
import { visitDays } from '../../core/schedule/planDiff'
import type { Missed } from '../../core/schedule/planChange'
import { comingId, type Coming } from '../../core/walk/coming'
import { readCrews } from '../../data/crews'
import { readPlan } from '../../data/plans'
import { day } from '../../schemas/day'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { visitWords } from '../share/visitWords'
import { recordFacts } from '../walk/recordFacts'
import { whatMoves } from './changePlan'
import { planAsOfNow, problemInput, towards } from './planFirm'
import { PREVIEW, solveInWorker } from './solver'

/** What is said of a visit; the rest is checked as the fact that it becomes. */
const told = object({ visitKey: string().required('Visit: say which.'), day: day('Day').required('Day: choose one.') })

/** Records who came of those who were due; where nobody did, tries at once what follows from it. */
export async function whoCame(context: Context, body: unknown): Promise<{ readonly missed: Missed | null }> {
  const { visitKey, ...said } = told.validateSync(body) as Omit<Coming, 'trade' | 'crewId'>
  const plan = readPlan(context.db)?.plan
  const visit = plan?.visits.find(({ key }) => key === visitKey)
  if (!plan || !visit) throw new Refusal(404, 'Visit: it is no longer in the plan. Reload the page.')
  const site = context.site(visit.siteId)
  const value: Coming = { visitKey, trade: visit.trade, ...(visit.crewId ? { crewId: visit.crewId } : {}), ...said }
  if (value.day > context.today) throw new Refusal(422, 'Day: it has not come yet. Choose today or earlier.', 'day')
  const tries = value.how === 'missed' && context.person.role !== 'crew'
  const base = tries ? await planAsOfNow(context) : null
  recordFacts(context, site.id, {
    facts: [{ subject: 'coming', subjectId: comingId(value), facet: 'told', placeId: null, value }],
  })
  return { missed: base ? await without(context, { current: plan, base }, visit) : null }
}

/** The plan without them today, tried and not kept. */
async function without(
  context: Context,
  { current, base }: { readonly current: Plan; readonly base: Plan },
  visit: PlannedVisit,
): Promise<Missed> {
  const after = await solveInWorker(problemInput(context.db, context.today), towards(context.db, PREVIEW))
  const again = after.visits.find(({ key }) => key === visit.key)
  const crew = readCrews(context.db).find(({ id }) => id === visit.crewId)?.name ?? 'They'
  return {
    lead: again
      ? `${crew} did not come for ${visitWords(context.db, visit)}. Planned again it would be ${visitDays(again)}.`
      : `${crew} did not come for ${visitWords(context.db, visit)}.`,
    ...whatMoves(context, { current, base, after }, new Set([visit.key]), visit.crewId),
    instead: instead(context, current, visit),
  }
}

/** Most of what else can be done that is told. */
const MOST_INSTEAD = 3

/** Work of the same site that nothing holds and whose crew is there today, or is our own: it could be begun instead. */
function instead(context: Context, plan: Plan, missed: PlannedVisit): string[] {
  const { today } = context
  const { visits, links, holds, crews } = problemOf(problemInput(context.db, today))
  const waits = new Set(links.map(({ to }) => to))
  const there = new Set(
    plan.visits
      .filter((one) => one.siteId === missed.siteId && one.startDay <= today && one.endDay >= today)
      .map(({ crewId }) => crewId),
  )
  const planned = visitsBy(plan).key
  return visits
    .flatMap((visit, i) => {
      const crew = crews[i]
      const its = planned.get(visit.key)
      return its &&
        crew &&
        visit.siteId === missed.siteId &&
        crew.id !== missed.crewId &&
        (crew.own || there.has(crew.id)) &&
        !visit.begun &&
        its.startDay > today &&
        !waits.has(i) &&
        holds[i]!.every(({ slot }) => slot < slotOfDay(today, today) + SLOTS_PER_DAY)
        ? [`${crew.name}: ${visitWords(context.db, its)}, planned for ${visitDays(its)}`]
        : []
    })
    .slice(0, MOST_INSTEAD)
}
