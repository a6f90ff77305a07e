import type { Day, Instant } from '../core/calendar/day'
import { parseDay } from '../core/calendar/day'
import { localTime } from '../core/habits/habits'

/** The one clock. `AFTERMIST_TODAY` fixes the day for demo, tests and screenshots; time still runs within it. */
export interface Clock {
  now(): Instant
  today(): Day
  /** Hour of the day where the firm is, 0 to 23. */
  hour(): number
  /** Where something that is recorded now stands among all that the firm recorded (core/walk/registers): greater than
   * everything before, also after the machine's clock was put back.
   * @param told the order that a phone gives it, where it has one: no more than the next is taken */
  order(told?: number): number
}

/** @param notBefore an instant already on record; a fixed day goes on after it, so that what is entered next is later
 * @param latest the greatest order on record
 * @param timeZone where the firm is, asked anew each time */
export function clockFrom(
  fixedDay: string | undefined,
  notBefore: Instant | null,
  latest = 0,
  timeZone = (): string => 'UTC',
): Clock {
  const { now, today, hour } = fixedDay ? fixedClock(fixedDay, notBefore) : machineClock(timeZone)
  let last = latest
  const order = (told?: number): number => {
    const next = Math.max(Date.parse(now()), last + 1)
    if (told !== undefined && told <= last) return told
    last = told === undefined ? next : Math.min(told, next)
    return last
  }
  return { now, today, hour, order }
}

type Hands = Pick<Clock, 'now' | 'today' | 'hour'>

const machineClock = (timeZone: () => string): Hands => ({
  now: () => new Date().toISOString(),
  today: () => parseDay(localTime(new Date(), timeZone()).day),
  hour: () => localTime(new Date(), timeZone()).hour,
})

function fixedClock(fixedDay: string, notBefore: Instant | null): Hands {
  const day = parseDay(fixedDay)
  const morning = Date.parse(`${day}T07:00:00Z`)
  const evening = Date.parse(`${day}T23:59:59Z`)
  const recorded = notBefore && notBefore.startsWith(day) ? Date.parse(notBefore) + 1000 : 0
  const start = Math.max(morning, recorded)
  const began = performance.now()
  const at = (): Date => new Date(Math.min(start + performance.now() - began, evening))
  return { now: () => at().toISOString(), today: () => day, hour: () => at().getUTCHours() }
}
