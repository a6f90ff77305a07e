import { daysBetween, dayOf, type Day } from '../calendar/day'
import type { Line } from '../scope/line'
import type { Place } from './siteState'

/** How much of a place is still known: 1 seen today, towards 0 as it is forgotten. */
export interface Mist {
  readonly clearness: number
  readonly daysUnseen: number | null
  /** Too long unseen to plan on. */
  readonly misty: boolean
}

/** Days after which half is forgotten: where a trade is at work things change fast, elsewhere slowly. Our own default. */
const HALF_LIFE = { atWork: 4, begun: 10, still: 21 }
const MISTY_BELOW = 0.4

/** How misted a place is, from the days since it was last seen and from what happens there.
 * @param busy true where a visit is under way or was planned since the place was last seen */
export function mistOf(place: Pick<Place, 'lastSeen'>, lines: readonly Line[], busy: boolean, today: Day): Mist {
  if (!place.lastSeen) return { clearness: 0, daysUnseen: null, misty: true }
  const daysUnseen = Math.max(0, daysBetween(dayOf(place.lastSeen), today))
  const begun = lines.some((line) => line.progress > 0 && line.progress < 100)
  const halfLife = busy ? HALF_LIFE.atWork : begun ? HALF_LIFE.begun : HALF_LIFE.still
  const clearness = 0.5 ** (daysUnseen / halfLife)
  return { clearness, daysUnseen, misty: clearness < MISTY_BELOW }
}

/** `seen today`, `seen 4 days ago`, `never seen` */
export function seenWords(mist: Mist): string {
  if (mist.daysUnseen === null) return 'never seen'
  if (mist.daysUnseen === 0) return 'seen today'
  return mist.daysUnseen === 1 ? 'seen yesterday' : `seen ${mist.daysUnseen} days ago`
}
