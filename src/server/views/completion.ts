import { dateOnly, longDay, type Day } from '../../core/calendar/day'
import { neededOn } from '../../core/schedule/neededOn'
import { emptyPlan } from '../../core/schedule/plan'
import { STAGES } from '../../core/scope/vocabulary'
import { closeOutWords, completionOf } from '../../core/share/completion'
import { composeHandOver } from '../../core/share/handOver'
import { ANSWERERS } from '../../core/walk/answersWords'
import { placeName } from '../../core/walk/siteState'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { recordOf } from '../siteStates'

/** What is open before a site can be handed over, and the questions that wait for somebody, with what they hold. */
export function completionView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const state = context.record(site)
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  const open = completionOf(state, site.units)
  return {
    site: { id: site.id, name: site.name },
    lead: closeOutWords(open),
    ready: open.length === 0,
    open,
    questions: state.decisions
      .filter((one) => one.answer === null)
      .map((one) => {
        const visit = one.blocks && one.placeId ? neededOn(plan, one.placeId, one.blocks) : null
        return {
          id: one.id,
          asked: ANSWERERS[one.owner],
          question: one.question,
          place: placeName(state, one.placeId),
          by: one.by ? dateOnly(one.by) : null,
          late: one.by !== undefined && one.by < context.today,
          holds: one.blocks ? `${STAGES[one.blocks]}${visit ? `, ${dateOnly(visit)}` : ''}` : null,
          first: visit ?? one.by ?? ('9999-12-31' as Day),
        }
      })
      .sort((a, b) => (a.first < b.first ? -1 : 1)),
  }
}

/** The pack that a household is given at the end. */
export function handOverView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const state = context.record(site)
  const theirs = recordOf('client', context.db, site)
  return {
    site: { id: site.id, name: site.name },
    printedOn: longDay(context.today),
    open: closeOutWords(completionOf(state, site.units)),
    pack: composeHandOver(theirs, site.units),
  }
}
