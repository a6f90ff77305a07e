import { dateOnly, dayOf } from '../../core/calendar/day'
import { listed } from '../../core/lists/listed'
import type { PlannedVisit } from '../../core/schedule/plan'
import { byPressure, firstState } from '../../core/share/readerStates'
import { TRADES } from '../../core/scope/vocabulary'
import { readCrews, type CrewContact } from '../../data/crews'
import { readLinksOfFirm, readLinksOfSite, type Link } from '../../data/links'
import { readToldOthers } from '../../data/others'
import { readBookings, readPlan } from '../../data/plans'
import { readReceiptsOfLink } from '../../data/receipts'
import { readLatestUpdate } from '../../data/share'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { noticeFor } from '../share/notices'
import { telephoneOf } from '../share/others'
import { receiptView } from '../share/receipts'
import { whoToTell } from '../share/tell'
import { linkView } from './links'
import { count } from './todayNeeds'

/** Everybody who has to know something of one site or of all of them, most pressing first: what is new for each, what they
 * were last told and whether they answered, what they will read, and their links. */
export function readersView(context: Context, siteId: string | null) {
  const sites = siteId ? [context.site(siteId)] : context.sites()
  const all = whoToTell(context)
  const links = [...readLinksOfFirm(context.db), ...sites.flatMap((site) => readLinksOfSite(context.db, site.id))]
  const rows = [
    ...sites.map((site) => clientRow(context, site, all, links, siteId === null)),
    ...crewRows(context, sites, all, links),
    ...sites.flatMap((site) => otherRows(context, site, all, links, siteId === null)),
  ]
  return rows.sort(byPressure)
}

type All = ReturnType<typeof whoToTell>

const nothing = { changes: [], asks: [], reminds: [], message: null, telephone: null }

function clientRow(context: Context, site: Site, all: All, links: readonly Link[], named: boolean) {
  const changed = all.changed.find((one) => one.audience === 'client' && one.id === site.id)
  const told = readLatestUpdate(context.db, site.id)
  const theirs = links.filter((link) => link.audience === 'client' && link.siteId === site.id)
  const due = context.record(site).decisions.filter((one) => one.answer === null && one.owner === 'client').length
  const receipts = receiptsOf(context, site, theirs)
  const asks = due === 0 ? '' : due === 1 ? 'one answer is due' : `${due} answers are due`
  const state = firstState({
    changed: changed !== undefined,
    answered: receipts.some(({ open }) => open),
    unasked: !told,
    waits: due > 0,
  })
  return {
    ...nothing,
    key: `client:${site.id}`,
    sort: 'client' as const,
    id: site.id,
    siteId: site.id,
    name: named ? site.name : 'The client',
    part: named ? 'client' : '',
    state,
    says:
      [...(changed?.changes.map(({ text }) => text.replace(/\.$/, '')) ?? []), ...(asks ? [asks] : [])].join('; ') ||
      (told ? 'Nothing new.' : 'Nothing was sent yet.'),
    last: [told ? `told ${dateOnly(dayOf(told.publishedAt))}` : 'never told', opened(theirs)].join(', '),
    changes: changed?.changes ?? [],
    links: theirs.map((link) => linkView(context, link)),
    receipts,
  }
}

function crewRows(context: Context, sites: readonly Site[], all: All, links: readonly Link[]) {
  const shown = new Set(sites.map(({ id }) => id))
  const visits = (readPlan(context.db)?.plan.visits ?? []).filter((visit) => shown.has(visit.siteId))
  const byKey = new Map(visits.map((visit) => [visit.key, visit]))
  const bookings = readBookings(context.db).filter((booking) => shown.has(booking.siteId))
  return readCrews(context.db).flatMap((crew) => {
    const own = visits.filter((visit) => visit.crewId === crew.id)
    const booked = bookings.filter((booking) => booking.crewId === crew.id)
    if (own.length + booked.length === 0) return []
    const changes = (all.changed.find((one) => one.audience === 'trade' && one.id === crew.id)?.changes ?? []).filter(
      (one) => shown.has(one.siteId),
    )
    const asks = all.unasked.filter(({ visitKey }) => byKey.get(visitKey)?.crewId === crew.id)
    const reminds = all.remind.filter(({ visitKey }) => byKey.get(visitKey)?.crewId === crew.id)
    const declined = booked.filter((one) => one.state === 'declined')
    const waiting = booked.filter((one) => one.state === 'told')
    const confirmed = booked.filter((one) => one.state === 'confirmed')
    const keys = new Set([...own.map(({ key }) => key), ...booked.map(({ visitKey }) => visitKey)])
    const theirs = links.filter(
      (link) =>
        (link.audience === 'trade' && keys.has(link.subject)) ||
        (link.audience === 'calendar' && link.subject === crew.id),
    )
    const receipts = sites.flatMap((site) =>
      receiptsOf(
        context,
        site,
        theirs.filter(({ siteId }) => siteId === site.id),
      ),
    )
    const state = firstState({
      changed: changes.length > 0,
      answered: declined.length > 0 || receipts.some(({ open }) => open),
      unasked: asks.length > 0,
      remind: reminds.length > 0,
      waits: waiting.length > 0,
    })
    const toSay = [...changes.flatMap(({ visitKey }) => visitKey ?? []), ...asks.map(({ visitKey }) => visitKey)]
    return [
      {
        ...nothing,
        key: `crew:${crew.id}`,
        sort: 'trade' as const,
        id: crew.id,
        siteId: null,
        name: crew.name,
        part: TRADES[crew.trade].toLowerCase(),
        state,
        says:
          [
            ...(changes.length > 0 ? [`${count(changes.length, 'day')} changed`] : []),
            ...(declined.length > 0 ? [`Declined ${listed(declined.map(({ what }) => what))}`] : []),
            ...(asks.length > 0 ? [`${count(asks.length, 'coming')} not asked`] : []),
            ...(reminds.length > 0 ? [`${count(reminds.length, 'coming')} to be reminded of`] : []),
          ].join('; ') || 'Nothing new.',
        last:
          [
            ...(confirmed.length > 0 ? [`${confirmed.length} confirmed`] : []),
            ...(waiting.length > 0 ? [`${waiting.length} told, no answer`] : []),
            ...(theirs.length > 0 ? [opened(theirs)] : []),
          ].join(', ') || 'never told',
        telephone: telephoneOf(crew),
        changes,
        asks,
        reminds,
        message: messageFor(
          context,
          crew,
          toSay.flatMap((key) => byKey.get(key) ?? []),
        ),
        links: theirs.map((link) => linkView(context, link)),
        receipts,
      },
    ]
  })
}

function messageFor(context: Context, crew: CrewContact, visits: readonly PlannedVisit[]): string | null {
  return visits.length === 0 ? null : noticeFor(context, crew, visits, () => '(their link)').body
}

function otherRows(context: Context, site: Site, all: All, links: readonly Link[], named: boolean) {
  const told = readToldOthers(context.db)
  return context
    .record(site)
    .entries.filter(({ kind, settled }) => kind === 'party' && settled === null)
    .map(({ id, values }) => {
      const fresh = all.others.find((one) => one.id === id)
      const changed = all.changed.find((one) => one.audience === 'other' && one.id === id)
      const theirs = links.filter((link) => link.audience === 'other' && link.subject === id)
      const receipts = receiptsOf(context, site, theirs)
      const sentences = fresh?.what ?? changed?.changes.map(({ text }) => text) ?? []
      const state = firstState({
        changed: changed !== undefined,
        answered: receipts.some(({ open }) => open),
        unasked: fresh !== undefined,
      })
      return {
        ...nothing,
        key: `other:${id}`,
        sort: 'other' as const,
        id,
        siteId: site.id,
        name: String(values.name),
        part: [String(values.part ?? ''), ...(named ? [site.name] : [])].filter(Boolean).join(', '),
        state,
        says: sentences.join(' ') || 'Nothing new.',
        last: told.has(id) ? ['told', ...(theirs.length > 0 ? [opened(theirs)] : [])].join(', ') : 'never told',
        telephone: telephoneOf({ contact: String(values.contact ?? '') }),
        message: sentences.length > 0 ? sentences.join('\n') : null,
        links: theirs.map((link) => linkView(context, link)),
        receipts,
      }
    })
}

const opened = (links: readonly Link[]): string => {
  const last = links
    .flatMap(({ lastViewedAt }) => lastViewedAt ?? [])
    .sort()
    .at(-1)
  return last ? `opened ${dateOnly(dayOf(last))}` : 'not opened yet'
}

/** What somebody said by their links, and what of it waits for an answer. */
const receiptsOf = (context: Context, site: Site, links: readonly Link[]) =>
  links
    .flatMap((link) => readReceiptsOfLink(context.db, link.id))
    .map((receipt) => ({ ...receiptView(context.reader, context.firm, site, receipt), siteId: site.id }))
