import { readStandards } from '../../data/standards'
import { readPlan } from '../../data/plans'
import type { Reader } from '../../core/share/recordFor'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { eachSite } from '../eachSite'
import { recordOf } from '../siteStates'
import { dueSoon, selectionRows } from './selectionRows'

/** Selections of all sites that their page brings; the others are fetched once it stands. */
const FIRST_ROWS = 80

/** The selections of all sites as their page shows them at first: the most pressing, and how many more there are. */
export function selectionsOfAll(context: Context) {
  const whole = selectionsView(context, null)
  return { ...whole, rows: whole.rows.slice(0, FIRST_ROWS), later: Math.max(0, whole.rows.length - FIRST_ROWS) }
}

/** The selections of all sites that their page does not bring. */
export const laterSelections = (context: Context) => ({
  rest: selectionsView(context, null).rows.slice(FIRST_ROWS),
})

/** The selections of one site, or of all, the most pressing first.
 * @param reader who the list is for */
export function selectionsView(context: Context, siteId: string | null, reader: Reader = context.reader) {
  context.requireLead()
  const plan = readPlan(context.db)?.plan ?? null
  const one = siteId ? context.site(siteId) : null
  const rowsOf = (site: Site) => ({
    site,
    rows: selectionRows(
      site,
      recordOf(reader, context.db, site),
      plan,
      context.today,
      context.seesMoney,
      readStandards(context.db, site.id),
    ),
  })
  const bySite = one ? [rowsOf(one)] : eachSite(context, rowsOf).shown
  const rows = bySite.flatMap(({ rows: its }) => its).sort((a, b) => a.pressing - b.pressing || (a.id < b.id ? -1 : 1))
  const due = bySite.flatMap(({ site, rows: its }) => its.filter((row) => dueSoon(row, context.today, site))).length
  const wrong = rows.filter((row) => row.state === 'wrong').length
  return {
    site: one ? { id: one.id, name: one.name } : null,
    rows,
    places: one ? context.record(one).places.map(({ id, name }) => ({ id, name })) : [],
    lead: [
      due === 0
        ? 'Nothing has to be ordered today.'
        : due === 1
          ? 'One order is due or late.'
          : `${due} orders are due or late.`,
      ...(wrong > 0 ? [wrong === 1 ? 'One thing came wrong.' : `${wrong} things came wrong.`] : []),
    ].join(' '),
  }
}
