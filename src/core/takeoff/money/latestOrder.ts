import { addDays, type Day } from '../../calendar/day'
import { workingDayOnOrBefore, type WorkCalendar } from '../../calendar/workingDays'
import { up } from '../calculation'

/** Per cent of the upper lead kept as a buffer (C-39; general trade rule 10 to 20 %). */
export const LEAD_BUFFER = 15

/** Days of buffer: a share of the upper lead, up to a whole day. */
export const bufferDays = (upperLead: number, percent = LEAD_BUFFER): number => up((upperLead * percent) / 100)

/** The last day to order (C-39): needed on site less the upper lead, less approval, less the buffer; one that falls on a
 * day off moves to the working day before.
 * @param buffer in calendar days, as `bufferDays` gives it
 * @example latestOrder('2026-07-20', 63, 0, 10, MONDAY_TO_FRIDAY) // => '2026-05-08' */
export const latestOrder = (
  needed: Day,
  upperLead: number,
  approval: number,
  buffer: number,
  calendar: WorkCalendar,
): Day => workingDayOnOrBefore(addDays(needed, -(upperLead + approval + buffer)), calendar)
