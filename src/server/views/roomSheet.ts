import { longDay } from '../../core/calendar/day'
import { emptyPlan } from '../../core/schedule/plan'
import { composeRoomSheet } from '../../core/share/roomSheet'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'

/** The sheet of one room for whoever works in it. */
export function roomSheetView(context: Context, siteId: string, placeId: string) {
  const site = context.site(siteId)
  const state = siteState(context.db, site)
  const place = state.places.find((one) => one.id === placeId)
  if (!place) throw new Refusal(404, 'This place is not on the site any more.')
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  return { sheet: composeRoomSheet(place, state, plan, site.units), site: site.name, printedOn: longDay(context.today) }
}
