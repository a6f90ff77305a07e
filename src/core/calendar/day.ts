import { format } from 'date-fns/format'
import { getDaysInMonth } from 'date-fns/getDaysInMonth'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { WEEK_STARTS, written } from '../habits/habits'

/** A plain local day, `YYYY-MM-DD`. */
export type Day = string & { readonly __day: true }
/** An instant in UTC, ISO 8601. */
export type Instant = string

const MS_PER_DAY = 86_400_000
const serial = (day: Day): number => Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY
const fromSerial = (days: number): Day => new Date(days * MS_PER_DAY).toISOString().slice(0, 10) as Day

/** The days that a house's records may speak of; what lies outside is a slip of the finger. */
export const FIRST_DAY = '1900-01-01' as Day
export const LAST_DAY = '2199-12-31' as Day

/** Whether a text is a day, `YYYY-MM-DD`, that exists and lies between 1900 and 2199. */
export const isDay = (text: unknown): text is Day => {
  if (typeof text !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(text) || text < FIRST_DAY || text > LAST_DAY) return false
  const [year, month, day] = [Number(text.slice(0, 4)), Number(text.slice(5, 7)), Number(text.slice(8))]
  return month >= 1 && month <= 12 && day >= 1 && day <= getDaysInMonth(new Date(year, month - 1))
}

/** Whether a text is an instant in UTC to the second or the millisecond, on such a day. */
export const isInstant = (text: unknown): text is Instant =>
  typeof text === 'string' &&
  /^\d{4}-\d{2}-\d{2}T(?:[01]\d|2[0-3]):[0-5]\d:[0-5]\d(?:\.\d{3})?Z$/.test(text) &&
  isDay(text.slice(0, 10))

/** Reads `YYYY-MM-DD` and refuses days that do not exist, and those before 1900 or after 2199.
 * @throws ImpossibleRequest `unreadable-day` */
export function parseDay(text: string): Day {
  if (isDay(text)) return text
  throw new ImpossibleRequest('unreadable-day', `"${text}" is not a day. Write it as year-month-day, like 2026-03-10.`)
}

export const addDays = (day: Day, days: number): Day => fromSerial(serial(day) + days)
/** Days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => serial(to) - serial(from)
/** 1 Monday to 7 Sunday. */
export const weekday = (day: Day): number => ((((serial(day) + 3) % 7) + 7) % 7) + 1
/** The last instant before another. */
export const justBefore = (instant: Instant): Instant => new Date(Date.parse(instant) - 1).toISOString()
export const dayOf = (instant: Instant): Day => instant.slice(0, 10) as Day
/** The earlier first; what has no day after what has. */
export const byDay = (a: Day | null, b: Day | null): number =>
  a === b ? 0 : a === null ? 1 : b === null || a < b ? -1 : 1
export const laterDay = (a: Day, b: Day): Day => (a > b ? a : b)

/** A day as date-fns takes it: at noon, which no clock skips. */
const dateOf = (day: Day): Date =>
  new Date(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8)), 12)
const FORMS = {
  long: { 'day first': 'EEEE d MMMM', 'month first': 'EEEE, MMMM d' },
  short: { 'day first': 'EEE d MMM', 'month first': 'EEE, MMM d' },
  date: { 'day first': 'd MMM', 'month first': 'MMM d' },
} as const
/** A page of forty sites prints a few hundred days thousands of times. */
const printed = new Map<string, string>()
const MOST_PRINTED = 10_000
function printDay(day: Day, form: keyof typeof FORMS): string {
  const { dayForm } = written()
  const key = `${day} ${form} ${dayForm}`
  const known = printed.get(key)
  if (known !== undefined) return known
  if (printed.size >= MOST_PRINTED) printed.clear()
  const words = format(dateOf(day), FORMS[form][dayForm])
  printed.set(key, words)
  return words
}

/** `Tuesday 10 March`, or `Tuesday, March 10` where the firm writes the month first. */
export const longDay = (day: Day): string => printDay(day, 'long')
/** `Tue 10 Mar` */
export const shortDay = (day: Day): string => printDay(day, 'short')
/** `10 Mar` */
export const dateOnly = (day: Day): string => printDay(day, 'date')
/** `March 2026` */
export const monthWords = (day: Day): string => format(dateOf(day), 'MMMM yyyy')
/** The day that begins the week of a day, as the firm counts its weeks. */
export const weekBegin = (day: Day): Day => addDays(day, -((weekday(day) - WEEK_STARTS[written().weekStart] + 7) % 7))

/** The days of a week in the order of the firm's weeks, 1 for Monday to 7 for Sunday. */
export const weekOrder = (): readonly number[] =>
  [0, 1, 2, 3, 4, 5, 6].map((i) => ((WEEK_STARTS[written().weekStart] - 1 + i) % 7) + 1)

/** @param number 1 Monday to 7 Sunday */
export const weekdayName = (number: number): string => format(new Date(2024, 0, number, 12), 'EEEE')

/** `1 day`, `4 days` */
export const daysWords = (count: number): string => (count === 1 ? '1 day' : `${count} days`)

/** Days in words, those that follow each other as one: `16 Mar to 20 Mar, 3 Apr`. */
export function daysListed(days: readonly Day[]): string {
  const runs: [Day, Day][] = []
  for (const day of [...days].sort()) {
    const last = runs.at(-1)
    if (last && daysBetween(last[1], day) <= 1) last[1] = day
    else runs.push([day, day])
  }
  return runs
    .map(([first, last]) => (first === last ? dateOnly(first) : `${dateOnly(first)} to ${dateOnly(last)}`))
    .join(', ')
}
