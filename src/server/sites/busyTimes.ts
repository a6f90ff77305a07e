import ICAL from 'ical.js'
import { object, string } from 'yup'
import { busyHalves, type Busy } from '../../core/calendar/busyHalves'
import { addDays } from '../../core/calendar/day'
import { readCrews, saveBusyTimes } from '../../data/crews'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { calendarAt } from './calendarAt'

/** How far ahead a calendar is read, and how many times a repeated event is followed. */
const DAYS_AHEAD = 400
const MOST_REPEATS = 1000
const MOST_BYTES = 2_000_000

const schema = object({
  crewId: string().required('Crew: say which.'),
  /** The text of an iCalendar file. */
  text: string().max(MOST_BYTES, 'Calendar: a file of at most 2 MB.'),
  /** Where the calendar can be read. */
  address: string().trim().max(500, 'Address: use at most 500 characters.'),
})

/** Takes the busy times of a crew from its own calendar, a file or an address, in place of those that were read before.
 * Nothing changes where the calendar cannot be read. */
export async function keepBusyTimes(context: Context, body: unknown): Promise<{ days: number }> {
  context.requireLead()
  const { crewId, text, address } = schema.validateSync(body)
  if (!readCrews(context.db).some(({ id }) => id === crewId))
    throw new Refusal(404, 'Crew: it is not on record any more. Reload the page.')
  if (!text && !address) throw new Refusal(422, 'Calendar: choose a file, or give its address.', 'address')
  const calendar = text ? text : await calendarAt(address!, readFirm(context.db)?.allowedHosts ?? [])
  const halves = busyHalves(takenTimes(calendar), context.today, addDays(context.today, DAYS_AHEAD))
  saveBusyTimes(context.db, crewId, halves, text ? '' : address!)
  return { days: halves.length / 2 }
}

/** The taken times of a calendar: events that are neither cancelled nor marked as free, repeated ones followed. */
function takenTimes(text: string): Busy[] {
  const events = parsed(text).getAllSubcomponents('vevent')
  return events.flatMap((component) => {
    const event = new ICAL.Event(component)
    const told = (name: string): string => String(component.getFirstPropertyValue(name) ?? '').toUpperCase()
    if (told('status') === 'CANCELLED' || told('transp') === 'TRANSPARENT' || !component.hasProperty('dtstart'))
      return []
    if (!event.isRecurring()) return [{ from: localOf(event.startDate), to: localOf(event.endDate) }]
    const found: Busy[] = []
    const each = event.iterator()
    for (let next = each.next(); next && found.length < MOST_REPEATS; next = each.next()) {
      const { startDate, endDate } = event.getOccurrenceDetails(next)
      found.push({ from: localOf(startDate), to: localOf(endDate) })
    }
    return found
  })
}

const localOf = (time: ICAL.Time): string => {
  const two = (part: number): string => String(part).padStart(2, '0')
  return `${time.year}-${two(time.month)}-${two(time.day)}T${two(time.hour)}:${two(time.minute)}`
}

/** @throws Refusal naming the line that cannot be read */
function parsed(text: string): ICAL.Component {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as never)
    if (root.name !== 'vcalendar') throw new Error(`it begins with ${root.name}`)
    return root
  } catch (error) {
    const reason = error instanceof Error ? error.message : 'it cannot be read'
    const line = lineOf(text, reason)
    throw new Refusal(
      422,
      `Calendar: this is no iCalendar file${line ? `; line ${line} cannot be read` : ''} (${reason}). Nothing was changed.`,
      'text',
    )
  }
}

/** The line that a reader of calendars complained of, where it quotes one. */
function lineOf(text: string, reason: string): number | null {
  const quoted = /"([^"]+)"\s*$/.exec(reason)?.[1]
  const lines = text.split(/\r?\n/)
  const at = quoted
    ? lines.findIndex((line) => line.includes(quoted))
    : lines.findIndex((line) => !/^BEGIN:/i.test(line))
  return at >= 0 ? at + 1 : null
}
