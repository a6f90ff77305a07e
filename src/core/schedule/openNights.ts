import { daysBetween, shortDay } from '../calendar/day'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'
import { opensToSky } from './opening'
import type { PlannedVisit } from './plan'

/** What closes a house again. */
const CLOSES: readonly Stage[] = ['roof', 'weather-barrier', 'windows-doors', 'cladding', 'plaster']

/** How long a face or a roof stands open by the plan, from the visit that opens it: a sentence, or null where it is
 * closed on the day. */
export function openNights(
  visit: Pick<PlannedVisit, 'key' | 'siteId' | 'stages' | 'placeIds' | 'startDay'>,
  visits: readonly Pick<PlannedVisit, 'key' | 'siteId' | 'stages' | 'placeIds' | 'startDay' | 'endDay'>[],
  kinds: readonly PlaceKind[],
): string | null {
  if (!opensToSky(visit, kinds)) return null
  const closing = visits
    .filter(
      (other) =>
        other.siteId === visit.siteId &&
        (other.key !== visit.key || visit.stages.some((stage) => CLOSES.includes(stage))) &&
        other.stages.some((stage) => CLOSES.includes(stage)) &&
        other.placeIds.some((id) => visit.placeIds.includes(id)) &&
        other.endDay >= visit.startDay,
    )
    .sort((a, b) => (a.endDay < b.endDay ? -1 : 1))[0]
  if (!closing) return 'Nothing in the plan closes it again: cover it before the evening.'
  if (closing.endDay === visit.startDay) return null
  const nights = daysBetween(visit.startDay, closing.endDay)
  return `Open from ${shortDay(visit.startDay)}, closed on ${shortDay(closing.endDay)}: ${nights === 1 ? 'one night' : `${nights} nights`}. Open no more in a day than is closed or covered by the evening.`
}
