import { addDays, daysBetween, weekday, type Day } from './day'
import type { WorkCalendar } from './workingDays'

/** Time in half-days since the plan's first day: slot 0 is its morning, 1 its afternoon. */
export type Slot = number

export const SLOTS_PER_DAY = 2
export const HOURS_PER_SLOT = 4

export const slotOfDay = (origin: Day, day: Day): Slot => daysBetween(origin, day) * SLOTS_PER_DAY
export const dayOfSlot = (origin: Day, slot: Slot): Day => addDays(origin, Math.floor(slot / SLOTS_PER_DAY))
export const isMorning = (slot: Slot): boolean => slot % SLOTS_PER_DAY === 0

/** One entry a slot: 1 where all the given calendars are open. */
export function openSlots(origin: Day, horizon: number, calendars: readonly WorkCalendar[]): Uint8Array {
  const open = new Uint8Array(horizon)
  const first = weekday(origin)
  // A firm has hundreds of calendars: a week is worked out once, then repeated, then days off are taken out.
  const week = Array.from({ length: 7 * SLOTS_PER_DAY }, (_, slot) => {
    const day = ((first - 1 + Math.floor(slot / SLOTS_PER_DAY)) % 7) + 1
    const half = isMorning(slot) ? 'morning' : 'afternoon'
    return calendars.every(
      ({ weekdays, halves = 'both' }) => weekdays.includes(day) && (halves === 'both' || halves === half),
    )
  })
  for (let slot = 0; slot < horizon; slot++) open[slot] = week[slot % week.length] ? 1 : 0
  for (const { daysOff, halvesOff } of calendars) {
    for (const day of daysOff ?? []) {
      const slot = slotOfDay(origin, day)
      if (slot >= 0) open.fill(0, slot, slot + SLOTS_PER_DAY)
    }
    for (const { day, half } of halvesOff ?? []) {
      const slot = slotOfDay(origin, day) + half
      if (slot >= 0) open.fill(0, slot, slot + 1)
    }
  }
  return open
}
