import { array, object, string } from 'yup'
import { logAtDoor, readDoorLog } from '../../data/doorLog'
import { saveFirmDoors } from '../../data/firm'
import type { Context } from '../context'
import { oneLine } from '../trimmed'

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

const PAGE = 100

/** Who came in and what left, the latest first, for the owner.
 * @param before an entry to read on from */
export function doorLogView(context: Context, before?: number) {
  context.requireOwner()
  const entries = readDoorLog(context.db, PAGE + 1, before)
  return { entries: entries.slice(0, PAGE), more: entries.length > PAGE ? entries[PAGE - 1]!.id : null }
}
