import { dayOf, shortDay } from '../../core/calendar/day'
import { DOOR_EVENTS, logAtDoor, readDoorLog } from '../../data/doorLog'
import { writeAs } from '../../core/habits/habits'
import { saveFirmDoors, saveHabits } from '../../data/firm'
import { doors } from '../../schemas/doors'
import { firm } from '../../schemas/firm'
import type { Context } from '../context'
import { linkTeller } from '../views/links'

/** Keeps the address that links and mails carry, and the hosts of the house's own network that calendars may be read from. */
export function keepFirmDoors(context: Context, body: unknown): void {
  context.requireOwner()
  const input = doors.validateSync(body)
  const address = input.address === '' ? '' : new URL(input.address).origin
  saveFirmDoors(context.db, { address, allowedHosts: [...new Set(input.allowedHosts)] })
  logAtDoor(context.db, 'settings changed', context.person.name, address, context.now())
}

/** Renames the firm and keeps how it measures, counts its money and writes its days. */
export function keepHabits(context: Context, body: unknown): void {
  context.requireOwner()
  const input = firm.validateSync(body)
  saveHabits(context.db, input)
  writeAs(input)
  logAtDoor(context.db, 'settings changed', context.person.name, input.name, context.now())
}

const PAGE = 100

/** Who came in and what left, the latest first, for the owner.
 * @param before an entry to read on from, as it stands in an address */
export function doorLogView(context: Context, before?: string) {
  context.requireOwner()
  const from = before && /^\d{1,12}$/.test(before) ? Number(before) : undefined
  const entries = readDoorLog(context.db, PAGE + 1, from)
  const linkTold = linkTeller(context)
  return {
    entries: entries.slice(0, PAGE).map(({ id, at, what, who, detail }) => ({
      id,
      when: `${shortDay(dayOf(at))}, ${at.slice(11, 16)}`,
      what: DOOR_EVENTS[what] ?? what,
      who,
      detail: what.startsWith('link ') ? linkTold(detail) : detail,
    })),
    more: entries.length > PAGE ? entries[PAGE - 1]!.id : null,
  }
}
