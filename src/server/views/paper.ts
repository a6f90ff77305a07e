import { longDay } from '../../core/calendar/day'
import { emptyPlan } from '../../core/schedule/plan'
import { composePaper, PAPER_READERS, type PaperReader } from '../../core/share/paper'
import { readFirm } from '../../data/firm'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'

/** The paper of a site for a designer, an engineer, the authority or an association, for printing. */
export function paperView(context: Context, siteId: string, reader: string) {
  context.requireLead()
  if (!Object.keys(PAPER_READERS).includes(reader)) throw new Refusal(404, 'There is no paper for this reader.')
  const site = context.site(siteId)
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  return {
    site: { id: site.id, name: site.name },
    firm: readFirm(context.db)?.name ?? '',
    reader: PAPER_READERS[reader as PaperReader],
    on: longDay(context.today),
    paper: composePaper(reader as PaperReader, siteState(context.db, site), plan, site.id, site.units),
  }
}
