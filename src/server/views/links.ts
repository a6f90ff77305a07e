import { dateOnly, dayOf } from '../../core/calendar/day'
import { readCrews } from '../../data/crews'
import { readLink, type Link } from '../../data/links'
import { readBookings, readPlan } from '../../data/plans'
import { readSite } from '../../data/sites'
import type { Context } from '../context'
import { visitWords } from '../share/visitWords'

const otherName = (context: Context, { siteId, subject }: Link): string =>
  String(
    context.record(context.site(siteId!)).entries.find(({ id }) => id === subject)?.values.name ??
      'somebody who is no longer on the list',
  )

/** Whose days a calendar shows. */
function calendarName({ db }: Context, { siteId, subject }: Link): string {
  if (siteId) return 'Calendar of this site'
  const crew = readCrews(db).find(({ id }) => id === subject)
  return crew ? `Calendar of ${crew.name}` : 'Calendar of a crew that is no longer on the list'
}

/** A link as the desk lists it: what it is about, when it was made and opened. */
export function linkView(context: Context, link: Link) {
  const visit = readPlan(context.db)?.plan.visits.find((one) => one.key === link.subject)
  const about = {
    client: 'Client update',
    trade: visit ? `Notice: ${visitWords(context.db, visit)}` : 'Notice for work that is done',
    other: link.audience === 'other' ? `For ${otherName(context, link)}` : '',
    calendar: calendarName(context, link),
  }[link.audience]
  const live = link.revokedAt === null && link.expiresAt > context.now()
  const seen = link.lastViewedAt ? `last opened ${dateOnly(dayOf(link.lastViewedAt))}` : 'not opened yet'
  return {
    id: link.id,
    audience: link.audience,
    about,
    made: dateOnly(dayOf(link.createdAt)),
    state: link.revokedAt ? 'withdrawn' : live ? seen : 'expired',
    live,
  }
}

/** Tells whose a link is and what it is about, for whoever reads the log. */
export function linkTeller(context: Context): (id: string) => string {
  const { db } = context
  const [bookings, crews] = [readBookings(db), readCrews(db)]
  return (id) => {
    const link = readLink(db, id)
    if (!link) return 'a link that is no longer on record'
    const { about } = linkView(context, link)
    const booked = bookings.find(({ visitKey }) => visitKey === link.subject)
    const whose = link.audience === 'trade' ? crews.find((one) => one.id === booked?.crewId)?.name : undefined
    const where = link.audience !== 'trade' && link.siteId ? readSite(db, link.siteId)?.name : undefined
    return [whose, about, where].filter(Boolean).join(', ')
  }
}
