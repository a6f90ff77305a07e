import { dayOf, justBefore, longDay, type Instant } from '../../core/calendar/day'
import { entryKind } from '../../core/entries/entryKinds'
import { composeVisitReport } from '../../core/share/visitReport'
import { conditionWords } from '../../core/walk/siteConditions'
import { differences } from '../../core/walk/differences'
import { VISIT_KINDS } from '../../core/walk/observation'
import type { SiteState, Walk } from '../../core/walk/siteState'
import { readFirm } from '../../data/firm'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { recordOf, recordUpTo } from '../siteStates'

/** How many of the last visits stand in a report where none are named. */
const LAST = 3

/** What of the registers is for somebody outside: who the parties are and what we learned is not. */
const told = (state: SiteState): SiteState => ({
  ...state,
  entries: state.entries.filter(({ kind }) => entryKind(kind)?.tells.client !== undefined),
})

/** One report of several visits to a site, for whoever was not there: no remark, no money.
 * @param asked the visits that are wanted, by their ids; the last three where none is named */
export function visitReportView(context: Context, siteId: string, asked: readonly string[]) {
  context.requireLead()
  const { db } = context
  const site = context.site(siteId)
  const { walks } = context.record(site)
  for (const id of asked)
    if (!walks.some((walk) => walk.id === id)) throw new Refusal(404, 'There is no such visit on this site.', 'walk')
  const chosen = asked.length > 0 ? walks.filter(({ id }) => asked.includes(id)) : walks.slice(-LAST)
  const visits = chosen.map((walk) => {
    const until = endOf(walk, walks)
    return {
      title: [longDay(walk.day), titleOf(walk), walk.conditions ? conditionWords(walk.conditions) : '']
        .filter(Boolean)
        .join(', '),
      from: walk.seenAt,
      until,
      changes: differences(
        told(recordUpTo('other', db, site, justBefore(walk.seenAt))),
        told(recordUpTo('other', db, site, until)),
        site.units,
      ),
    }
  })
  const under = [readFirm(db)?.name, longDay(context.today)].filter(Boolean).join(', ')
  return {
    site: { id: site.id, name: site.name },
    walks: walks
      .map((walk) => ({
        id: walk.id,
        title: `${longDay(walk.day)}, ${titleOf(walk)}`,
        chosen: chosen.includes(walk),
      }))
      .reverse(),
    printed: composeVisitReport(site.name, under, recordOf('other', db, site), visits),
  }
}

const titleOf = (walk: Walk): string => `${VISIT_KINDS[walk.kind].toLowerCase()} by ${walk.by}`

/** A visit lasts until the next one begins, and no longer than its day. */
function endOf(walk: Walk, walks: readonly Walk[]): Instant {
  const next = walks.find(({ seenAt }) => seenAt > walk.seenAt)
  const night = `${dayOf(walk.seenAt)}T23:59:59.999Z`
  return next && next.seenAt <= night ? justBefore(next.seenAt) : night
}
