import { slotOfDay } from '../../core/calendar/slots'
import { problemOf } from '../../core/schedule/problem'
import { runsOf, type Question } from '../../core/schedule/whatIf'
import { readPlanGoal } from '../../data/firm'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { problemInput } from './planFirm'

/** The abstract problem behind the plan in force, for trying moves in the browser. */
export function whatIfQuestion(context: Context): Question {
  context.requireLead()
  const plan = readPlan(context.db)?.plan
  if (!plan) throw new Refusal(409, 'There is no plan yet. Plan first.')
  const input = problemInput(context.db, context.today)
  const { instance, visits } = problemOf(input)
  const starts = new Map(
    plan.visits.map((visit) => [visit.key, slotOfDay(context.today, visit.startDay) + visit.startHalf]),
  )
  return {
    origin: context.today,
    goal: readPlanGoal(context.db),
    keys: visits.map(({ key }) => key),
    siteIds: input.sites.map(({ id }) => id),
    starts: visits.map(({ key }) => Math.max(0, starts.get(key) ?? 0)),
    instance: { ...instance, calendars: instance.calendars.map(runsOf) },
  }
}
