import { addDays, dateOnly, daysWords, laterDay, type Day } from '../calendar/day'
import type { WorkCalendar } from '../calendar/workingDays'
import { printMoney } from '../measure/money'
import type { Candidate } from './candidate'
import { orderBy } from './orderBy'

/** The candidate that was chosen; none while nobody chose, or where something else was. */
export const chosenOf = (candidates: readonly Candidate[], choice: string | null): Candidate | undefined =>
  candidates.find(({ name }) => name.toLowerCase() === choice?.trim().toLowerCase())

/** The lead that is counted on: of what was chosen, and until then of the candidate that takes longest. */
export function countedLead(
  candidates: readonly Candidate[],
  choice: string | null,
  otherwise: readonly [number, number, number],
): readonly [number, number, number] {
  const chosen = chosenOf(candidates, choice)
  if (chosen) return chosen.leadDays
  if (choice !== null || candidates.length === 0) return otherwise
  return candidates.reduce((longest, one) => (one.leadDays[2] > longest.leadDays[2] ? one : longest)).leadDays
}

/** A candidate against the day on which it is needed. */
export interface CandidateDays {
  readonly name: string
  /** The last day to order it, whether or not it has gone by (C-39); null where no visit needs it yet. */
  readonly orderBy: Day | null
  readonly past: boolean
  /** The day by which it is here by its longest lead, if it is ordered today. */
  readonly safeArrival: Day
  readonly sentence: string
}

/** Each candidate with the days that it leaves.
 * @param from the day on which its maker's clock can begin: today, or when a drawing comes
 * @param buffer per cent of the longest lead kept in hand */
export const candidateDays = (
  candidates: readonly Candidate[],
  neededOn: Day | null,
  approvalDays: number,
  from: Day,
  calendar: WorkCalendar,
  buffer: number,
): CandidateDays[] =>
  candidates.map((one) => {
    const by = neededOn === null ? null : orderBy(neededOn, one.leadDays, approvalDays, calendar, buffer)
    const safeArrival = addDays(from, one.leadDays[2] + approvalDays)
    const past = by !== null && by < from
    const [best, , worst] = one.leadDays
    const lead = best === worst ? daysWords(worst) : `${best} to ${daysWords(worst)}`
    const price = one.price === undefined ? '' : `, ${printMoney(one.price)}`
    const days = one.days === undefined ? '' : `, ${daysWords(one.days)} to put in`
    const order =
      by === null
        ? ''
        : past
          ? ` It should have been ordered by ${dateOnly(by)}; ordered now it is surely here by ${dateOnly(safeArrival)}.`
          : ` Order by ${dateOnly(by)}.`
    return { name: one.name, orderBy: by, past, safeArrival, sentence: `${one.name}: ${lead}${price}${days}.${order}` }
  })

/** The day on which a maker's clock can begin: today, or the day on which what it waits for is promised. */
export const clockBegins = (today: Day, awaited: { readonly by: Day | null } | null): Day =>
  awaited?.by ? laterDay(today, awaited.by) : today
