import QRCode from 'qrcode'
import { longDay } from '../../core/calendar/day'
import { emptyPlan } from '../../core/schedule/plan'
import { TRADES } from '../../core/scope/vocabulary'
import { composeRoomSheet } from '../../core/share/roomSheet'
import { readCrews } from '../../data/crews'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'

/** The sheet of one room for whoever works in it: on the wall as paper, with a code that opens it as it stands then.
 * @param origin the address that people reach us at */
export async function roomSheetView(context: Context, siteId: string, placeId: string, origin: string) {
  const site = context.site(siteId)
  const state = siteState(context.db, site)
  const place = state.places.find((one) => one.id === placeId)
  if (!place) throw new Refusal(404, 'This place is not on the site any more.')
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  const coming = new Set(
    plan.visits.flatMap(({ siteId: at, placeIds, crewId }) =>
      at === site.id && placeIds.includes(placeId) && crewId ? [crewId] : [],
    ),
  )
  return {
    sheet: composeRoomSheet(place, state, plan, site.units),
    site: site.name,
    printedOn: longDay(context.today),
    /** Who works here; how to reach them only for who may see contacts. */
    contacts: readCrews(context.db)
      .filter(({ id }) => coming.has(id))
      .map(({ name, trade, contact }) => ({ name, trade: TRADES[trade], contact: context.seesMoney ? contact : '' })),
    code: await QRCode.toDataURL(`${origin}/sites/${site.id}/sheets/${place.id}`, { margin: 1, width: 132 }),
  }
}
