import { daysBetween, shortDay } from '../calendar/day'
import { isMorning, SLOTS_PER_DAY } from '../calendar/slots'
import type { PlaceKind } from '../places/place'
import type { Stage } from '../scope/vocabulary'
import type { PlannedVisit } from './plan'

/** What opens a house to the sky, and what closes it again. */
const OPENS: readonly Stage[] = ['strip-out', 'windows-doors']
const CLOSES: readonly Stage[] = ['roof', 'weather-barrier', 'windows-doors', 'cladding', 'plaster']

/** Whether a visit opens what weather or people can get into: a face or a roof, or the ground. */
export const opensOutside = ({ stages }: Pick<PlannedVisit, 'stages'>, kinds: readonly PlaceKind[]): boolean =>
  (kinds.some((kind) => kind === 'face' || kind === 'roof') && stages.some((stage) => OPENS.includes(stage))) ||
  (kinds.includes('ground') && stages.includes('excavation'))

/** The open slots in which something may be opened: not an afternoon before days off, when nobody would be there to
 * close it. All of them where a site has no other. */
export function openingSlots(open: Uint8Array): Uint8Array {
  const may = open.map((is, slot) => {
    const tomorrow = slot - (slot % SLOTS_PER_DAY) + SLOTS_PER_DAY
    return isMorning(slot) || open[tomorrow] === 1 || open[tomorrow + 1] === 1 ? is : 0
  })
  return may.includes(1) ? may : open
}

/** How long a face or a roof stands open by the plan, from the visit that opens it: a sentence, or null where it is
 * closed on the day. */
export function openNights(
  visit: Pick<PlannedVisit, 'key' | 'siteId' | 'stages' | 'placeIds' | 'startDay'>,
  visits: readonly Pick<PlannedVisit, 'key' | 'siteId' | 'stages' | 'placeIds' | 'startDay' | 'endDay'>[],
  kinds: readonly PlaceKind[],
): string | null {
  if (!opensOutside(visit, kinds) || kinds.includes('ground')) return null
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
