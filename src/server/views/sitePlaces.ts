import type { Day } from '../../core/calendar/day'
import type { Plan } from '../../core/schedule/plan'
import { mistOf, type Mist } from '../../core/walk/mist'
import { seenDay, type SiteState } from '../../core/walk/siteState'

/** How misted each place of a site is; people count as at work where the plan has had them since it was last seen. */
export function mistByPlace(
  state: SiteState,
  plan: Plan | null,
  today: Day,
): Map<string, Mist & { readonly busy: boolean }> {
  return new Map(
    state.places.map((place) => {
      const seen = seenDay(place)
      const busy = (plan?.visits ?? []).some(
        (visit) =>
          visit.placeIds.includes(place.id) && visit.startDay <= today && (seen === null || visit.endDay >= seen),
      )
      const lines = state.lines.filter((line) => line.placeId === place.id)
      return [place.id, { ...mistOf(place, lines, busy, today), busy }]
    }),
  )
}
