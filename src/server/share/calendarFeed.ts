import ical, { ICalCalendarMethod } from 'ical-generator'
import { object, string } from 'yup'
import { addDays } from '../../core/calendar/day'
import type { PlannedVisit } from '../../core/schedule/plan'
import { readCrews } from '../../data/crews'
import { readBookings, readPlan } from '../../data/plans'
import { readSite } from '../../data/sites'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { createLink, linkAddress, openLink } from './links'
import { stageWords, visitWords } from './visitWords'
import { listed } from '../../core/lists/listed'
import { recordOf } from '../siteStates'

const feedSubject = object({ crewId: string(), siteId: string() })

/** Makes the address of a calendar feed: for one crew across sites, or for one site. */
export function makeFeed(context: Context, body: unknown): { url: string } {
  context.requireLead()
  const { crewId, siteId } = feedSubject.validateSync(body)
  if (!siteId && !readCrews(context.db).some((crew) => crew.id === crewId))
    throw new Refusal(422, 'Calendar: choose a site or a crew.', 'crewId')
  const link = createLink(context, siteId ? context.site(siteId).id : null, 'calendar', siteId ? '' : crewId!)
  return { url: linkAddress(context.firm, link) }
}

/** The feed behind a token as iCalendar text. Visits keep their UID from plan to plan, so a moved one moves in place.
 * A crew's feed holds what it was told or has confirmed; a site's feed holds the whole plan. */
export function calendarFeed(firm: FirmFolder, token: string): string {
  const link = openLink(firm, token, 'calendar')
  const stored = readPlan(firm.db)
  const visits = (stored?.plan.visits ?? []).filter((visit) =>
    link.siteId ? visit.siteId === link.siteId : visit.crewId === link.subject,
  )
  const calendar = ical({
    name: feedName(firm, link.siteId, link.subject),
    prodId: { company: 'Aftermist', product: 'Plan' },
    method: ICalCalendarMethod.PUBLISH,
  })
  const bookings = new Map(readBookings(firm.db).map((booking) => [booking.visitKey, booking]))
  for (const visit of visits) {
    const booking = bookings.get(visit.key)
    if (!link.siteId && (!booking || booking.state === 'declined')) continue
    const time = !link.siteId && booking ? booking : visit
    calendar.createEvent({
      id: `${visit.key.replaceAll(/[^A-Za-z0-9-]/g, '.')}@aftermist`,
      sequence: stored!.id,
      stamp: new Date(stored!.madeAt),
      allDay: true,
      start: dateOf(time.startDay),
      end: dateOf(addDays(time.endDay, 1)),
      summary: link.siteId ? siteSummary(firm, visit) : visitWords(firm.db, visit),
    })
  }
  return calendar.toString()
}

/** A whole day is a plain date: built from local parts, so that no zone can shift it. */
const dateOf = (day: string): Date =>
  new Date(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8)))

function feedName(firm: FirmFolder, siteId: string | null, crewId: string): string {
  if (siteId) return readSite(firm.db, siteId)?.name ?? 'Site'
  const crew = readCrews(firm.db).find((one) => one.id === crewId)
  if (!crew) throw new Refusal(404, 'This calendar belongs to nobody any more.')
  return crew.name
}

function siteSummary(firm: FirmFolder, visit: PlannedVisit): string {
  const site = readSite(firm.db, visit.siteId)!
  const places = recordOf('trade', firm.db, site).places.filter((place) => visit.placeIds.includes(place.id))
  return `${stageWords(visit)}: ${listed(places.map((place) => place.name))}`
}
