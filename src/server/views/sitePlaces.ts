import type { Day } from '../../core/calendar/day'
import { keptFor } from '../../core/lists/keptFor'
import { linesBy } from '../../core/scope/linesBy'
import { visitsBy } from '../../core/schedule/visitsBy'
import type { Plan } from '../../core/schedule/plan'
import { mistOf, type Mist } from '../../core/walk/mist'
import { seenDay, type SiteState } from '../../core/walk/siteState'

type MistOfPlaces = ReadonlyMap<string, Mist & { readonly busy: boolean }>
const kept = keptFor<SiteState, MistOfPlaces>()

/** How misted each place of a site is; people count as at work where the plan has had them since it was last seen. Derived once
 * a revision, plan and day. */
export const mistByPlace = (state: SiteState, plan: Plan | null, today: Day): MistOfPlaces =>
  kept(state, [plan, today], () => derivedMist(state, plan, today))

function derivedMist(state: SiteState, plan: Plan | null, today: Day): MistOfPlaces {
  return new Map(
    state.places.map((place) => {
      const seen = seenDay(place)
      const busy =
        plan !== null &&
        visitsBy(plan)
          .place(place.id)
          .some((visit) => visit.startDay <= today && (seen === null || visit.endDay >= seen))
      const lines = linesBy(state.lines).place(place.id)
      return [place.id, { ...mistOf(place, lines, busy, today), busy }]
    }),
  )
}
