import { addDays, daysBetween, daysWords, dateOnly, laterDay, longDay, type Day } from '../calendar/day'
import type { WorkCalendar } from '../calendar/workingDays'
import { bufferDays, LEAD_BUFFER, latestOrder } from '../takeoff/money/latestOrder'
import { isOnSite, type SelectionState } from './selection'

/** The last day to order (C-39): needed on site less the upper lead, less approval, less the buffer rounded up to a
 * whole day; one that falls on a day off moves to the working day before.
 * @param leadDays optimistic, likely, pessimistic, in calendar days
 * @param buffer per cent of the upper lead
 * @example orderBy('2026-07-20', [28, 40, 63], 0, MONDAY_TO_FRIDAY) // => '2026-05-08'   20 Jul − 63 − 10 */
export function orderBy(
  neededOn: Day,
  leadDays: readonly number[],
  approvalDays: number,
  calendar: WorkCalendar,
  buffer: number = LEAD_BUFFER,
): Day {
  const upper = leadDays[leadDays.length - 1]!
  return latestOrder(neededOn, upper, approvalDays, bufferDays(upper, buffer), calendar)
}

/** The last day to order as it is told today: the buffer is there to be used before anything is called late, so what is
 * ordered today and comes in time by its upper lead is to be ordered today. */
export function orderByFrom(
  today: Day,
  neededOn: Day,
  leadDays: readonly number[],
  approvalDays: number,
  calendar: WorkCalendar,
  buffer: number,
): Day {
  const by = orderBy(neededOn, leadDays, approvalDays, calendar, buffer)
  const upper = leadDays[leadDays.length - 1]!
  return by < today && addDays(today, upper + approvalDays) <= neededOn ? today : by
}

/** The day by which a selection is counted on: the one that its maker told, else the longest that such goods take. */
export function arrivalDay(
  state: SelectionState,
  today: Day,
  leadDays: readonly [number, number, number],
  approvalDays: number,
  promised: Day | null,
  orderedOn: Day | null = null,
): Day {
  if (isOnSite(state)) return today
  if (state === 'ordered' && promised) return laterDay(promised, today)
  // The clock of an order runs from the day on which it was placed.
  if (state === 'ordered' && orderedOn) return laterDay(addDays(orderedOn, leadDays[2]), today)
  const approval = state === 'approved' || state === 'ordered' ? 0 : approvalDays
  return addDays(today, leadDays[2] + approval)
}

/** Why a selection stands where it stands, in one sentence.
 * @param measured whether somebody comes to measure for it on the day to order */
export function selectionReason(
  state: SelectionState,
  neededOn: Day | null,
  orderByDay: Day | null,
  arrives: Day | null,
  orderedOn: Day | null,
  upperLead: number,
  today: Day,
  measured = false,
): string {
  if (state === 'installed') return 'Installed.'
  if (state === 'arrived') return 'On site.'
  if (state === 'wrong') return 'Came wrong or damaged: send it back, order again and say by when.'
  if (!neededOn || !orderByDay) return 'No visit needs it yet.'
  if (state === 'ordered') {
    if (!arrives) return `Ordered, no arrival day told; needed ${dateOnly(neededOn)}.`
    const late = daysBetween(neededOn, arrives)
    const due =
      late > 0
        ? `Arrives ${dateOnly(arrives)}, ${daysWords(late)} after it is needed`
        : `Arrives ${dateOnly(arrives)}, needed ${dateOnly(neededOn)}`
    return `${due}${orderedOn ? `: ${waitWords(orderedOn, arrives, today)}` : ''}.`
  }
  const left = daysBetween(today, orderByDay)
  const need = `needed ${dateOnly(neededOn)} and takes up to ${daysWords(upperLead)}`
  if (left < 0) return `Should have been ordered by ${dateOnly(orderByDay)}: ${need}.`
  if (measured) return `Measured and ordered ${left === 0 ? 'today' : `on ${longDay(orderByDay)}`}: ${need}.`
  if (left === 0) return `Order today: ${need}.`
  return `Order by ${longDay(orderByDay)}: ${need}.`
}

/** How far along a wait is: `32 days gone, 66 to go`. */
function waitWords(orderedOn: Day, arrives: Day, today: Day): string {
  const left = daysBetween(today, arrives)
  return `${daysWords(daysBetween(orderedOn, today))} gone, ${left >= 0 ? `${left} to go` : `${daysWords(-left)} over`}`
}
