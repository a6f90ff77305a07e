import type { Day } from '../calendar/day'
import type { Slot } from '../calendar/slots'
import type { Goal } from './goals'
import type { Activity, Instance } from './instance'
import { solve } from './solve'

/** What somebody needs to try moves by themselves: the abstract problem, without a word about the work, and where each
 * visit stands now. */
export interface Question {
  readonly origin: Day
  readonly goal: Goal
  /** Keys of the visits, in the order of the activities. */
  readonly keys: readonly string[]
  /** Sites by the number that activities know them by. */
  readonly siteIds: readonly string[]
  readonly starts: readonly Slot[]
  readonly instance: Omit<Instance, 'calendars'> & { readonly calendars: readonly Runs[] }
}

/** A calendar as lengths of closed and open stretches in turn, a closed one first. */
export type Runs = readonly number[]

/** What a move would do. */
export interface WhatIf {
  /** The slot in which the moved visit really starts. */
  readonly start: Slot
  /** Keys of the other visits that move. */
  readonly moved: readonly string[]
  /** Sites whose end changes: the last working slot before and after. */
  readonly ends: readonly { readonly siteId: string; readonly before: Slot; readonly after: Slot }[]
}

/** What came of one move, with the move that was asked about. */
export interface TriedMove extends WhatIf {
  readonly key: string
  readonly slot: Slot
}

export function runsOf(calendar: Uint8Array): Runs {
  const runs: number[] = []
  let [value, length] = [0, 0]
  for (const open of calendar) {
    if (open !== value) {
      runs.push(length)
      ;[value, length] = [open, 0]
    }
    length++
  }
  return [...runs, length]
}

export function calendarOf(runs: Runs): Uint8Array {
  const calendar = new Uint8Array(runs.reduce((sum, run) => sum + run, 0))
  let at = 0
  runs.forEach((run, i) => {
    if (i % 2 === 1) calendar.fill(1, at, at + run)
    at += run
  })
  return calendar
}

/** Tries moves against a question. Building it takes a while; each move after it is quick. */
export function whatIfOf(question: Question): (key: string, slot: Slot, rounds: number) => WhatIf {
  const { keys, siteIds, starts, goal } = question
  const calendars = question.instance.calendars.map(calendarOf)
  const activities = question.instance.activities.map((activity, i): Activity => ({ ...activity, before: starts[i]! }))
  const ended = (instance: Instance, rounds: number) => solve(instance, { rounds, seed: 1, goal }).schedule
  const lastOf = (finish: ArrayLike<number>): number[] => {
    const last = siteIds.map(() => 0)
    activities.forEach(({ site = 0 }, i) => (last[site] = Math.max(last[site]!, finish[i]!)))
    return last
  }
  const now = ended({ ...question.instance, calendars, activities }, 0)
  const ends = lastOf(now.finish)
  return (key, slot, rounds) => {
    const index = keys.indexOf(key)
    const tried = activities.map((activity, i) => (i === index ? { ...activity, fixed: slot, weight: 10 } : activity))
    const { start, finish } = ended({ ...question.instance, calendars, activities: tried }, rounds)
    const after = lastOf(finish)
    return {
      start: start[index]!,
      moved: keys.filter((_, i) => i !== index && start[i] !== now.start[i]),
      ends: siteIds.flatMap((siteId, site) =>
        after[site] === ends[site] ? [] : [{ siteId, before: ends[site]! - 1, after: after[site]! - 1 }],
      ),
    }
  }
}
