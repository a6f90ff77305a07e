import { array, object, string } from 'yup'
import { dayOf, shortDay } from '../../core/calendar/day'
import { DOOR_EVENTS, logAtDoor, readDoorLog } from '../../data/doorLog'
import { writeAs } from '../../core/habits/habits'
import { saveFirmDoors, saveHabits } from '../../data/firm'
import { firm } from '../../schemas/firm'
import type { Context } from '../context'
import { oneLine } from '../../schemas/trimmed'

const doors = object({
  address: oneLine()
    .max(200, 'Address: use at most 200 characters.')
    .test('address', 'Address: write it whole and without a path, like https://walks.example.com.', (value) => {
      if (!value) return true
      const url = URL.canParse(value) ? new URL(value) : null
      return url !== null && /^https?:$/.test(url.protocol) && url.pathname === '/' && !url.search && !url.username
    })
    .default(''),
  allowedHosts: array(
    string()
      .trim()
      .lowercase()
      .matches(
        /^[a-z0-9](?:[a-z0-9.:-]*[a-z0-9])?$/,
        'Hosts: names or addresses alone, like nas.local or 192.168.1.20.',
      )
      .max(200)
      .required('Hosts: names or addresses alone, like nas.local or 192.168.1.20.'),
  )
    .max(20, 'Hosts: at most 20.')
    .default([]),
})

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
  return {
    entries: entries.slice(0, PAGE).map(({ id, at, what, who, detail }) => ({
      id,
      when: `${shortDay(dayOf(at))}, ${at.slice(11, 16)}`,
      what: DOOR_EVENTS[what] ?? what,
      who,
      detail,
    })),
    more: entries.length > PAGE ? entries[PAGE - 1]!.id : null,
  }
}
