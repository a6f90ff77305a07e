import { daysWords } from '../calendar/day'
import type { Mist } from './mist'

export interface SiteToWalk {
  readonly siteId: string
  readonly places: readonly { readonly name: string; readonly mist: Mist; readonly busy: boolean }[]
  /** Gates that shut a visit of the next days, in words. */
  readonly gatesSoon: readonly string[]
  readonly neverWalked: boolean
  readonly walkedToday: boolean
}

export interface WalkNext {
  readonly siteId: string
  readonly minutes: number
  readonly reason: string
  readonly urgency: number
}

/** Minutes to walk one place. Our own default: a room in which little changed takes under a minute and a half. */
const MINUTES_PER_PLACE = 1.4
const FIRST_WALK_MINUTES_PER_PLACE = 5

/** Which site to walk next and why: what is forgotten where people are at work, and gates that shut visits soon. */
export function walkNext(sites: readonly SiteToWalk[]): WalkNext[] {
  return sites
    .filter((site) => !site.walkedToday)
    .map((site): WalkNext => {
      const misty = site.places.filter((place) => place.mist.misty)
      const forgotten = site.places.reduce((sum, place) => sum + (1 - place.mist.clearness) * (place.busy ? 3 : 1), 0)
      const perPlace = site.neverWalked ? FIRST_WALK_MINUTES_PER_PLACE : MINUTES_PER_PLACE
      return {
        siteId: site.siteId,
        minutes: Math.max(5, Math.round((site.places.length * perPlace) / 5) * 5),
        reason: reasonOf(site, misty.length),
        urgency: forgotten + site.gatesSoon.length * 4,
      }
    })
    .sort((a, b) => b.urgency - a.urgency || (a.siteId < b.siteId ? -1 : 1))
}

function reasonOf(site: SiteToWalk, misty: number): string {
  if (site.neverWalked) return 'First scope walk: nothing is known here yet.'
  const sentences: string[] = []
  if (site.gatesSoon.length > 0) sentences.push(`${site.gatesSoon[0]}.`)
  const busy = site.places.filter((place) => place.busy && (place.mist.daysUnseen ?? 99) > 2)
  const oldest = busy.reduce<SiteToWalk['places'][number] | null>(
    (worst, place) => (!worst || (place.mist.daysUnseen ?? 99) > (worst.mist.daysUnseen ?? 99) ? place : worst),
    null,
  )
  if (oldest)
    sentences.push(
      oldest.mist.daysUnseen === null
        ? `${oldest.name} was never seen, and people work there.`
        : `${oldest.name} was not seen for ${daysWords(oldest.mist.daysUnseen)} while people work there.`,
    )
  if (misty > 0)
    sentences.push(misty === 1 ? 'One place was not seen for long.' : `${misty} places were not seen for long.`)
  return sentences.slice(0, 2).join(' ') || 'Seen lately; nothing presses.'
}
