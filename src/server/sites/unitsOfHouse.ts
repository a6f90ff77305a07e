import { boolean, object, string } from 'yup'
import { copyUnit, offers, settledOffers } from '../../core/walk/units'
import { twinIds } from '../../schemas/twinIds'
import { unitCopy } from '../../schemas/unitCopy'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { laidState } from '../siteStates'
import { keepFacts } from '../walk/recordFacts'

/** A unit of a house is laid out again as a whole, alike or mirrored. */
export function copyUnitOf(context: Context, siteId: string, body: unknown): { places: number } {
  context.requireLead()
  const site = context.site(siteId)
  const facts = copyUnit(laidState(context.db, site), unitCopy.validateSync(body), site.units, twinIds)
  keepFacts(context, site.id, facts)
  return { places: facts.filter(({ subject, facet }) => subject === 'place' && facet === 'laid').length }
}

const settleSchema = object({
  placeId: string().required('Place: say which.'),
  key: string().required('Change: say which.'),
  take: boolean().required('Say whether it is taken over.'),
})

/** What changed in the one is taken over into the other, or is said not to be so there. */
export function settleOffer(context: Context, siteId: string, body: unknown): { facts: number } {
  context.requireLead()
  const site = context.site(siteId)
  const { placeId, key, take } = settleSchema.validateSync(body)
  const state = laidState(context.db, site)
  const offer = offers(state, site.units, twinIds).find((one) => one.placeId === placeId && one.key === key)
  if (!offer) throw new Refusal(404, 'That was settled already, or has changed again. Reload the page.', 'key')
  const copy = state.places.find(({ id }) => id === placeId)!
  const facts = [...(take ? offer.facts : []), settledOffers(copy, [key])]
  keepFacts(context, site.id, facts)
  return { facts: facts.length }
}
