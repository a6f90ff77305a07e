import { addDays, daysBetween, type Day } from './day'
import { isWorkingDay, type WorkCalendar } from './workingDays'

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
  for (let slot = 0; slot < horizon; slot++) {
    const day = dayOfSlot(origin, slot)
    const half = isMorning(slot) ? 'morning' : 'afternoon'
    const worked = calendars.every(
      (c) => isWorkingDay(day, c) && ((c.halves ?? 'both') === 'both' || c.halves === half),
    )
    open[slot] = worked ? 1 : 0
  }
  return open
}
