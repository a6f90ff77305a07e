import { array, boolean, number, object, string } from 'yup'
import { placeChangeFacts, PLACE_CHANGES, type PlaceChange } from '../../core/walk/placeChanges'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { laidState } from '../siteStates'
import { keepFacts } from '../walk/recordFacts'
import { twinIds } from '../../schemas/twinIds'
import { oneLine } from '../../schemas/trimmed'

const changeSchema = object({
  placeId: string().required('Place: say which.'),
  change: string().oneOf(Object.keys(PLACE_CHANGES), 'What changes: choose one of the list.').required(),
  to: oneLine().max(80, 'Name: use at most 80 characters.').default(''),
  lineIds: array(string().required()).default([]),
  wall: object({
    side: number().integer().min(0).max(2).required('Wall: say which measure changes.'),
    by: oneLine().max(40, 'By how much: use at most 40 characters.').required('By how much: write a length.'),
    grows: boolean().required(),
    beside: string().max(80).default(''),
    besideSide: number().integer().min(0).max(2).default(0),
    why: oneLine().max(200, 'Why: use at most 200 characters.').default(''),
  }).default(undefined),
})

/** A place of the site is renamed, split, merged or copied, all of it or nothing. */
export function changePlace(context: Context, siteId: string, body: unknown): { facts: number } {
  context.requireLead()
  const site = context.site(siteId)
  const { placeId, ...change } = changeSchema.validateSync(body)
  const state = laidState(context.db, site)
  const place = state.places.find((one) => one.id === placeId)
  if (!place) throw new Refusal(404, 'Place: it is not on this site any more. Reload the page.', 'placeId')
  const facts = placeChangeFacts(state, place, change as PlaceChange, site.units, twinIds)
  keepFacts(context, site.id, facts)
  return { facts: facts.length }
}
