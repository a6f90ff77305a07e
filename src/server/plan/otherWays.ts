import { object, string } from 'yup'
import { dateOnly } from '../../core/calendar/day'
import { comingsOf } from '../../core/schedule/comings'
import { GOAL_ORDER, GOALS, goalsFrom, type Goal } from '../../core/schedule/goals'
import { planDiff } from '../../core/schedule/planDiff'
import { readPlanGoal, savePlanGoal } from '../../data/firm'
import { readBookedKeys, readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { problemInput } from './planFirm'
import { solveInWorker } from './solver'

/** A plan that could be in force instead, beside the one that is. */
export interface OtherWay {
  readonly goal: Goal
  readonly title: string
  /** Whether the firm makes its plans for this. */
  readonly chosen: boolean
  /** What counts after it, in order. */
  readonly then: readonly string[]
  readonly finishes: readonly { readonly siteId: string; readonly site: string; readonly day: string }[]
  readonly comings: number
  readonly moved: number
  /** Of those that move, how many were told their day or confirmed it. */
  readonly told: number
}

/** Rounds for each of the plans that are compared. */
const ROUNDS = 150

/** The firm planned for each goal in turn, side by side; nothing is saved. */
export async function otherWays(context: Context): Promise<readonly OtherWay[]> {
  context.requireLead()
  const { db, today } = context
  const stored = readPlan(db)
  if (!stored) throw new Refusal(409, 'There is no plan yet. Plan first.')
  const input = problemInput(db, today)
  const chosen = readPlanGoal(db)
  const booked = readBookedKeys(db)
  return Promise.all(
    GOAL_ORDER.map(async (goal): Promise<OtherWay> => {
      const plan = await solveInWorker(input, { rounds: ROUNDS, draws: 0, goal })
      const { moved } = planDiff(stored.plan, plan)
      return {
        goal,
        title: GOALS[goal],
        chosen: goal === chosen,
        then: goalsFrom(goal)
          .slice(1)
          .map((next) => GOALS[next].toLowerCase()),
        finishes: context
          .sites()
          .flatMap(({ id, name }) =>
            plan.finish[id] ? [{ siteId: id, site: name, day: dateOnly(plan.finish[id]) }] : [],
          ),
        comings: comingsOf(plan),
        moved: moved.length,
        told: moved.filter(({ to }) => booked.has(to.key)).length,
      }
    }),
  )
}

/** Keeps what plans are made for from now on, where the request names it. */
export function keepGoal(context: Context, body: unknown): void {
  context.requireLead()
  const { goal } = object({
    goal: string().oneOf([...GOAL_ORDER], 'Goal: choose one of the list.'),
  }).validateSync(body)
  if (goal) savePlanGoal(context.db, goal as Goal)
}
