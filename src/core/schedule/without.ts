import { dateOnly, daysBetween, daysWords, type Day } from '../calendar/day'
import { dayOfSlot, SLOTS_PER_DAY } from '../calendar/slots'
import { BUILD_ORDER, STAGES, type Stage } from '../scope/vocabulary'
import { goalsFrom, isBetter, scoreOf, type Goal } from './goals'
import type { Instance, Schedule } from './instance'
import { followsSoon, type Waiting } from './followsSoon'
import type { Problem } from './problem'
import { solve, type Solution, type SolveOptions } from './solve'

/** A service that a household does without for a while, against what it was promised. */
export interface Without {
  readonly siteId: string
  readonly what: string
  /** First and last day without it, by the plan. */
  readonly from: Day
  readonly until: Day
  /** Days that were promised at most. */
  readonly most: number
  /** The visit that brings it back, by key. */
  readonly back: string
}

/** One promise of days without, in the numbers of the visits that take the service away and bring it back. */
interface Span {
  readonly siteId: string
  readonly what: string
  readonly most: number
  readonly takes: readonly number[]
  readonly brings: readonly number[]
}

const stageOf = (words: unknown): Stage | undefined => BUILD_ORDER.find((stage) => STAGES[stage] === words)

/** The promises of days without whose visits are still to come. */
function spansOf({ visits, states }: Problem): Span[] {
  return [...states].flatMap(([siteId, { entries }]) =>
    entries
      .filter(({ kind, settled }) => kind === 'without' && settled === null)
      .flatMap(({ placeId, values }): Span[] => {
        const at = (stage: Stage | undefined): number[] =>
          visits.flatMap((visit, i) =>
            visit.siteId === siteId &&
            stage !== undefined &&
            visit.inspects.length === 0 &&
            visit.stages.includes(stage) &&
            visit.placeIds.includes(placeId ?? '')
              ? [i]
              : [],
          )
        const [takes, brings] = [at(stageOf(values.takes)), at(stageOf(values.brings))]
        return brings.length === 0
          ? []
          : [{ siteId, what: String(values.what), most: Number(values.most), takes, brings }]
      }),
  )
}

/** First slot without the service and the slot after the last; without since the start where nothing takes it any more. */
const stretchOf = (
  { takes, brings }: Span,
  { start, finish }: Pick<Schedule, 'start' | 'finish'>,
): [number, number] => [
  Math.max(0, Math.min(...takes.map((i) => start[i]!), takes.length === 0 ? 0 : Number.POSITIVE_INFINITY)),
  Math.max(...brings.map((i) => finish[i]!)),
]

const daysOver = (span: Span, schedule: Schedule): number => {
  const [from, until] = stretchOf(span, schedule)
  return Math.max(0, Math.ceil((until - from) / SLOTS_PER_DAY) - span.most)
}

/** Solves a problem so that services are off no longer than was promised and nothing stands open for long, where that
 * costs no later end: what takes a service away waits until what brings it back is near, what opens a house or must be
 * followed soon until what follows is. */
export function solveWithin(problem: Problem, options: SolveOptions): Solution & Pick<Waiting, 'waits'> {
  const goals = goalsFrom(options.goal ?? 'fastest')
  const solution = withinPromises(problem, options, goals)
  const { schedule, waits } = followsSoon(problem, solution.schedule, goals)
  return { ...solution, schedule, waits, score: scoreOf(problem.instance, schedule, goals) }
}

function withinPromises(problem: Problem, options: SolveOptions, goals: readonly Goal[]): Solution {
  const spans = spansOf(problem)
  const first = solve(problem.instance, options)
  const over = spans.filter((span) => daysOver(span, first.schedule) > 0 && span.takes.length > 0)
  if (over.length === 0) return first
  const second = solve(waiting(problem.instance, over, first.schedule), options)
  const rated = (solution: Solution): readonly number[] => {
    const [broken, late, most, ...rest] = scoreOf(problem.instance, solution.schedule, goals)
    return [broken!, late!, most!, spans.reduce((sum, span) => sum + daysOver(span, solution.schedule), 0), ...rest]
  }
  // What nothing can beat is not to be had from the waiting.
  return isBetter(rated(second), rated(first)) ? { ...second, floors: first.floors } : first
}

/** The instance in which what takes services away waits as long as it can. */
const waiting = (instance: Instance, spans: readonly Span[], schedule: Schedule): Instance => ({
  ...instance,
  activities: instance.activities.map((activity, i) => {
    const waits = spans
      .filter(({ takes }) => takes.includes(i))
      .map((span) => stretchOf(span, schedule)[1] - span.most * SLOTS_PER_DAY)
    return { ...activity, release: Math.max(activity.release, ...waits) }
  }),
})

/** What a plan makes of every promise of days without. */
export const withoutOf = (problem: Problem, schedule: Schedule): readonly Without[] =>
  spansOf(problem).map((span) => {
    const [from, until] = stretchOf(span, schedule)
    const back = span.brings.reduce((last, i) => (schedule.finish[i]! > schedule.finish[last]! ? i : last))
    return {
      siteId: span.siteId,
      what: span.what,
      most: span.most,
      from: dayOfSlot(problem.origin, from),
      until: dayOfSlot(problem.origin, until - 1),
      back: problem.visits[back]!.key,
    }
  })

export const daysWithout = ({ from, until }: Without): number => daysBetween(from, until) + 1

/** Whether a promise of days without holds, in a sentence.
 * @param back what brings the service back, in words */
export function withoutWords(one: Without, back: string): string {
  const days = daysWithout(one)
  const told = `${one.what}: off from ${dateOnly(one.from)} to ${dateOnly(one.until)}, ${daysWords(days)}`
  return days <= one.most
    ? `${told}, of the ${one.most} that were promised.`
    : `${told}, and ${one.most} were promised. It comes back with ${back}: find something that serves meanwhile, or talk.`
}
