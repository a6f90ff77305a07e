import QRCode from 'qrcode'
import { emptyPlan } from '../../core/schedule/plan'
import { catalogueOf, languageFrom, shortDayIn } from '../../core/share/languages/languages'
import { composeRoomSheet } from '../../core/share/roomSheet'
import { readCrews } from '../../data/crews'
import { readPlan } from '../../data/plans'
import { readStandards } from '../../data/standards'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { addressOf } from '../share/links'
import { recordOf } from '../siteStates'

/** The sheet of one room for whoever works in it: on the wall as paper, with a code that opens it as it stands then.
 * @param asked the language that it is wanted in */
export async function roomSheetView(context: Context, siteId: string, placeId: string, asked?: string) {
  const site = context.site(siteId)
  // It hangs on the wall, whoever prints it.
  const state = recordOf('crew', context.db, site)
  const place = state.places.find((one) => one.id === placeId)
  if (!place) throw new Refusal(404, 'This place is not on the site any more.')
  const plan = readPlan(context.db)?.plan ?? emptyPlan(context.today)
  const language = languageFrom(asked)
  const words = catalogueOf(language)
  const coming = new Set(
    plan.visits.flatMap(({ siteId: at, placeIds, crewId }) =>
      at === site.id && placeIds.includes(placeId) && crewId ? [crewId] : [],
    ),
  )
  return {
    sheet: composeRoomSheet(place, state, plan, site.units, words, readStandards(context.db, site.id)),
    language,
    words: words.page,
    // A house that is called by its address is named once.
    site: [site.street.startsWith(site.name) ? '' : site.name, site.street, site.whomToCall].filter(Boolean).join(', '),
    printedOn: shortDayIn(words, context.today),
    /** Who works here; how to reach them only for who may see contacts. */
    contacts: readCrews(context.db)
      .filter(({ id }) => coming.has(id))
      .map(({ name, trade, contact }) => ({
        name,
        trade: words.trades[trade],
        contact: context.seesMoney ? contact : '',
      })),
    /** Where the same is had as a PDF. */
    file: `/api/sites/${site.id}/sheets/${place.id}?lang=${language}`,
    code: await QRCode.toDataURL(`${addressOf(context.db)}/sites/${site.id}/sheets/${place.id}`, {
      margin: 1,
      width: 132,
    }),
  }
}
