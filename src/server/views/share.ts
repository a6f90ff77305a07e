import { extrasOf } from '../../core/scope/extras'
import { readCrews } from '../../data/crews'
import { readLinksOfFirm, readLinksOfSite } from '../../data/links'
import type { Context } from '../context'
import { draftUpdate } from '../share/clientUpdates'
import { outbox } from '../share/messages'
import { linkView } from './links'
import { readersView } from './readers'

/** Who has to know what, for all sites. */
export function shareView(context: Context) {
  context.requireLead()
  return {
    readers: readersView(context, null),
    outbox: outbox(context.firm),
    crews: readCrews(context.db).map(({ id, name }) => ({ id, name })),
    calendars: readLinksOfFirm(context.db)
      .filter(({ audience }) => audience === 'calendar')
      .map((link) => linkView(context, link)),
  }
}

/** Who has to know what at one site: each reader with what they will read, the client's update, sheets, calendars. */
export function siteShareView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const state = context.record(site)
  return {
    site: { id: site.id, name: site.name },
    ...draftUpdate(context, site),
    readers: readersView(context, site.id),
    places: state.places.map(({ id, name }) => ({ id, name })),
    extras: extrasOf(state.lines),
    calendars: readLinksOfSite(context.db, site.id)
      .filter(({ audience }) => audience === 'calendar')
      .map((link) => linkView(context, link)),
  }
}
