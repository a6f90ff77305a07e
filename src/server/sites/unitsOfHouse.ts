import { array, boolean, object, string } from 'yup'
import { copyUnit, offers, settledOffers } from '../../core/walk/units'
import { oneLine } from '../../schemas/trimmed'
import { twinIds } from '../../schemas/twinIds'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { laidState } from '../siteStates'
import { keepFacts } from '../walk/recordFacts'

const name = (what: string) => oneLine().max(40, `${what}: use at most 40 characters.`).default('')
const copySchema = object({
  placeIds: array(string().required()).default([]),
  of: name('This one'),
  name: name('The other'),
  mirrored: boolean().default(false),
  differences: array(oneLine().max(200, 'What is different: at most 200 characters a line.').defined())
    .max(40, 'What is different: at most 40 lines.')
    .default([]),
})

/** A unit of a house is laid out again as a whole, alike or mirrored. */
export function copyUnitOf(context: Context, siteId: string, body: unknown): { places: number } {
  context.requireLead()
  const site = context.site(siteId)
  const facts = copyUnit(laidState(context.db, site), copySchema.validateSync(body), site.units, twinIds)
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
