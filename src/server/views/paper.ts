import { longDay } from '../../core/calendar/day'
import { emptyPlan } from '../../core/schedule/plan'
import { composeNeighbourLetter } from '../../core/share/neighbourLetter'
import { composePaper, isPaperReader, PAPER_READERS, readersOf } from '../../core/share/paper'
import { letterToNeighbours, paperForFollowers, paperForReader, type PrintedPaper } from '../../core/share/printedPaper'
import { readFirm } from '../../data/firm'
import { readPlan } from '../../data/plans'
import { readStandards } from '../../data/standards'
import type { Site } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { recordOf } from '../siteStates'

/** Whose work brings them to the site: they are told how to get in. */
const COME_BY: ReadonlySet<string> = new Set(['driver', 'engineer', 'designer', 'authority'])

/** How far ahead a neighbour is told. */
const NEIGHBOUR_DAYS = 21

/** The letter to the neighbours, or the paper for a designer, an engineer, the authority or an association. */
export function paperView(context: Context, siteId: string, reader: string) {
  context.requireLead()
  const site = context.site(siteId)
  return {
    site: { id: site.id, name: site.name },
    reader,
    printed: paperOf(context, site, reader),
    /** Those who can be given it by a link. */
    readers: readersOf(context.record(site), reader),
  }
}

/** What a reader is given of a site now.
 * @param unit of a tenant, the unit of the house that is theirs
 * @throws Refusal 404 where there is no paper for them */
export function paperOf(
  { db, today }: Pick<Context, 'db' | 'today'>,
  site: Site,
  reader: string,
  unit = '',
): PrintedPaper {
  const state = recordOf('other', db, site)
  const plan = readPlan(db)?.plan ?? emptyPlan(today)
  const firm = readFirm(db)?.name ?? ''
  if (reader === 'neighbours') {
    const visits = plan.visits.filter((visit) => visit.siteId === site.id)
    return letterToNeighbours(site.name, firm, composeNeighbourLetter(state, visits, today, NEIGHBOUR_DAYS))
  }
  if (!isPaperReader(reader)) throw new Refusal(404, 'There is no paper for this reader.')
  const paper = composePaper(reader, state, plan, site.id, {
    units: site.units,
    standards: readStandards(db, site.id),
    today,
    unit,
  })
  if (reader === 'followers') return paperForFollowers(firm, longDay(today), paper)
  const where = [site.street, ...(COME_BY.has(reader) ? [site.wayIn] : []), site.whomToCall].filter(Boolean)
  return paperForReader(site.name, firm, longDay(today), PAPER_READERS[reader], paper, where)
}
