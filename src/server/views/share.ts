import { extrasOf } from '../../core/scope/extras'
import { dateOnly, dayOf } from '../../core/calendar/day'
import { readLatestReceipts } from '../../data/receipts'
import { readCrews } from '../../data/crews'
import { readLinksOfFirm, readLinksOfSite, type Link } from '../../data/links'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { receiptView } from '../share/receipts'
import { receiptsOf } from '../share/clientAnswers'
import { draftUpdate } from '../share/clientUpdates'
import { outbox } from '../share/messages'
import { whoToTell } from '../share/tell'
import { visitWords } from '../share/visitWords'

/** Who has to know what, for all sites. */
export function shareView(context: Context) {
  context.requireLead()
  return {
    tell: whoToTell(context),
    outbox: outbox(context.firm),
    receipts: latestReceipts(context),
    crews: readCrews(context.db).map(({ id, name }) => ({ id, name })),
    links: readLinksOfFirm(context.db).map((link) => linkView(context, link)),
  }
}

const LATEST = 12

/** What was said by links lately, with the site. */
function latestReceipts(context: Context) {
  const sites = new Map(context.sites().map((site) => [site.id, site]))
  return readLatestReceipts(context.db, LATEST).flatMap((receipt) => {
    const site = sites.get(receipt.siteId)
    return site
      ? [{ ...receiptView(context.reader, context.firm, site, receipt), siteId: site.id, site: site.name }]
      : []
  })
}

/** Who has to know what at one site: the client's update, room sheets, links, calendars. */
export function siteShareView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const all = whoToTell(context)
  const state = context.record(site)
  const onSite = new Set(
    (readPlan(context.db)?.plan.visits ?? []).filter((visit) => visit.siteId === site.id).map((visit) => visit.key),
  )
  return {
    site: { id: site.id, name: site.name },
    ...draftUpdate(context, site),
    receipts: receiptsOf('office', context.firm, site),
    tell: {
      changed: all.changed.filter(
        (one) => one.siteId === site.id || one.changes.some((change) => change.siteId === site.id),
      ),
      remind: all.remind.filter((visit) => onSite.has(visit.visitKey)),
      unasked: all.unasked.filter((visit) => onSite.has(visit.visitKey)),
      others: all.others.filter(({ siteId }) => siteId === site.id),
    },
    places: state.places.map(({ id, name }) => ({ id, name })),
    extras: extrasOf(state.lines),
    links: readLinksOfSite(context.db, site.id).map((link) => linkView(context, link)),
  }
}

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

function linkView(context: Context, link: Link) {
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
