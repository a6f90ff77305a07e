import { addDays, weekday, type Day } from './day'

/** A morning (0) or an afternoon (1). */
export interface HalfDay {
  readonly day: Day
  readonly half: 0 | 1
}

/** The days somebody works: weekdays 1 (Monday) to 7, less holidays and days off. */
export interface WorkCalendar {
  readonly weekdays: readonly number[]
  readonly daysOff?: readonly Day[]
  /** Halves of days that are taken. */
  readonly halvesOff?: readonly HalfDay[]
  /** Which halves of those days; an inspector may keep mornings only. */
  readonly halves?: 'both' | 'morning' | 'afternoon'
}

export const MONDAY_TO_FRIDAY: WorkCalendar = { weekdays: [1, 2, 3, 4, 5] }

export const isWorkingDay = (day: Day, calendar: WorkCalendar): boolean =>
  calendar.weekdays.includes(weekday(day)) && !(calendar.daysOff ?? []).includes(day)

/** The day itself when it is worked, or the working day before. */
export function workingDayOnOrBefore(day: Day, calendar: WorkCalendar): Day {
  return seek(day, calendar, -1)
}

function seek(day: Day, calendar: WorkCalendar, step: 1 | -1): Day {
  let at = day
  for (let tries = 0; tries < 400; tries++) {
    if (isWorkingDay(at, calendar)) return at
    at = addDays(at, step)
  }
  return day
}

/** The n-th working day after (or, for negative n, before) a day; 0 gives the day itself. */
export function addWorkingDays(day: Day, count: number, calendar: WorkCalendar = MONDAY_TO_FRIDAY): Day {
  let at = day
  const step = count < 0 ? -1 : 1
  for (let left = Math.abs(count); left > 0; left--) at = seek(addDays(at, step), calendar, step)
  return at
}

/** Working days strictly after `from`, up to and including `to`; negative when `to` is earlier. */
export function workingDaysBetween(from: Day, to: Day, calendar: WorkCalendar = MONDAY_TO_FRIDAY): number {
  if (to < from) return -workingDaysBetween(to, from, calendar)
  let count = 0
  for (let at = from; at < to;) {
    at = addDays(at, 1)
    if (isWorkingDay(at, calendar)) count++
  }
  return count
}
