import type { Observation } from './observation'
import type { Place } from './siteState'

/** The order in which somebody walks a site, learned from their last walk of it.
 *
 * Places seen on that walk come in the order in which they were left; a place that was not keeps following the one
 * that it follows in the list.
 * @param registers the latest observations of the site; the visits among them tell the order
 */
export function learnedOrder(places: readonly Place[], registers: Iterable<Observation>, person: string): Place[] {
  const visits = [...registers].filter(
    (o): o is Observation & { readonly subject: 'place' } =>
      o.subject === 'place' && o.facet === 'visited' && o.by === person,
  )
  const last = visits.reduce<Observation | null>(
    (latest, o) => (!latest || o.seenAt > latest.seenAt ? o : latest),
    null,
  )
  if (!last) return [...places]
  const leftAt = new Map(visits.filter((o) => o.walkId === last.walkId).map((o) => [o.subjectId, o.seenAt]))
  const seen = places.filter((place) => leftAt.has(place.id))
  const ordered = [...seen].sort((a, b) => (leftAt.get(a.id)! < leftAt.get(b.id)! ? -1 : 1))
  for (const [i, place] of places.entries()) {
    if (leftAt.has(place.id)) continue
    const before = places[i - 1]
    ordered.splice(before ? ordered.indexOf(before) + 1 : 0, 0, place)
  }
  return ordered
}
