import { addDays, dateOnly, daysBetween, daysWords, shortDay, type Day } from '../calendar/day'
import { dayOfSlot, SLOTS_PER_DAY } from '../calendar/slots'
import { addWorkingDays, workingDaysBetween, type WorkCalendar } from '../calendar/workingDays'
import { capital } from '../lists/capital'
import { minor, printMoney } from '../measure/money'
import type { RegisterEntry } from '../walk/siteState'
import { hireOf } from './hires'
import type { Schedule } from './instance'
import type { Problem } from './problem'
import { stretchOf } from './span'

/** What a plan makes of something hired. */
export interface Hired {
  readonly siteId: string
  readonly entryId: string
  /** First and last day on which it is needed. */
  readonly from: Day
  readonly until: Day
  /** The visit that needs it first, by key. */
  readonly first: string
  /** The longest stretch between them in which nobody uses it, where there is one. */
  readonly idle: { readonly from: Day; readonly until: Day } | null
}

/** What a plan makes of everything hired. */
export const hiredOf = ({ asks, origin, visits }: Problem, schedule: Schedule): Hired[] =>
  asks.flatMap((ask): Hired[] => {
    if (ask.kind !== 'hire') return []
    const [from, until] = stretchOf(ask.span, schedule)
    const used = [...ask.uses].sort((a, b) => schedule.start[a]! - schedule.start[b]!)
    const first = used.find((i) => ask.span.opens.includes(i)) ?? used[0]!
    return [
      {
        siteId: ask.siteId,
        entryId: ask.entryId,
        from: dayOfSlot(origin, from),
        until: dayOfSlot(origin, until - 1),
        first: visits[first]!.key,
        idle: longestGap(used, schedule, from, until, origin),
      },
    ]
  })

function longestGap(
  used: readonly number[],
  { start, finish }: Schedule,
  from: number,
  until: number,
  origin: Day,
): Hired['idle'] {
  let [reached, gap]: [number, [number, number]] = [from, [0, 0]]
  for (const i of used) {
    if (start[i]! >= until) break
    if (start[i]! - reached > gap[1] - gap[0]) gap = [reached, start[i]!]
    reached = Math.max(reached, finish[i]!)
  }
  const [begin, end] = [Math.ceil(gap[0] / SLOTS_PER_DAY), Math.floor(gap[1] / SLOTS_PER_DAY)]
  return end > begin
    ? { from: dayOfSlot(origin, begin * SLOTS_PER_DAY), until: dayOfSlot(origin, end * SLOTS_PER_DAY - 1) }
    : null
}

/** The last day to call for something hired, where its day is not agreed. */
export const callBy = (entry: RegisterEntry, { from }: Pick<Hired, 'from'>, calendar: WorkCalendar): Day | null => {
  const hire = hireOf(entry)
  return hire && !hire.comes ? addWorkingDays(from, -hire.notice, calendar) : null
}

/** Whether something hired stands for long while nobody uses it.
 * @param idleDays working days in a row from which that is told */
export const isIdle = ({ idle }: Pick<Hired, 'idle'>, calendar: WorkCalendar, idleDays: number): boolean =>
  idle !== null && workingDaysBetween(addDays(idle.from, -1), idle.until, calendar) >= idleDays

const daysOf = ({ from, until }: { readonly from: Day; readonly until: Day }): number => daysBetween(from, until) + 1

/** How long something hired stands by the plan, what that costs, by when it is called, and what its waiting costs.
 * @param hired null where nothing in the plan needs it any more */
export function hireWords(
  entry: RegisterEntry,
  hired: Hired | null,
  calendar: WorkCalendar,
  idleDays: number,
): string | null {
  const hire = hireOf(entry)
  if (!hire) return null
  const what = capital(String(entry.values.what))
  if (!hired) return hire.comes ? `${what}: nothing in the plan needs it. Send it back, or call it off.` : null
  const price = (days: number): string =>
    hire.week === null ? '' : `, ${printMoney(minor((hire.week * days) / DAYS_A_WEEK))}`
  const stands = `${what}: needed from ${dateOnly(hired.from)} to ${dateOnly(hired.until)}, ${daysWords(daysOf(hired))}${price(daysOf(hired))}.`
  const early =
    hire.comes && workingDaysBetween(hire.comes, hired.from, calendar) > idleDays
      ? ` It is agreed for ${dateOnly(hire.comes)}, before its first work: ask for another day.`
      : ''
  const by = callBy(entry, hired, calendar)
  const call = by ? ` Call for it by ${dateOnly(by)}.` : ''
  const waits =
    hired.idle && isIdle(hired, calendar, idleDays)
      ? ` Nobody uses it from ${shortDay(hired.idle.from)} to ${shortDay(hired.idle.until)}${price(daysOf(hired.idle))}: send it back between, or bring that work together.`
      : ''
  return `${stands}${early}${call}${waits}`
}

const DAYS_A_WEEK = 7
