import type { Day } from '../calendar/day'
import { HOURS_PER_SLOT, SLOTS_PER_DAY } from '../calendar/slots'
import { groupBy } from '../lists/groupBy'
import { listed } from '../lists/listed'
import { visitsOver } from '../schedule/visits'
import type { RateKey } from '../scope/rates'
import type { Line } from '../scope/line'
import type { Trade } from '../scope/vocabulary'
import { placeName, type SiteState } from '../walk/siteState'

/** One coming of a trade that is over: what it was reckoned to take, and what it took. */
export interface Case {
  readonly site: string
  /** Where, in words. */
  readonly where: string
  readonly trade: Trade
  /** The crew that came, where that was told. */
  readonly crewId: string | null
  /** The rate by which most of it was reckoned. */
  readonly rate: RateKey
  /** Hours of one person, by the lines. */
  readonly reckoned: number
  /** Hours of one person, by those who came. */
  readonly took: number
  /** Told in hours, or only by the days on which they were there. */
  readonly by: 'hours' | 'days'
  readonly on: Day
}

/** Hours under which days are too coarse to learn from: two days of one person. */
const LEAST_BY_DAYS = 2 * SLOTS_PER_DAY * HOURS_PER_SLOT

/** What can be learned from a site: every coming whose lines are all done and of whose days somebody told that they came.
 * Hours that were told count; else the days on which they were there, of work of two days and more.
 * @param people of a crew by its id, 1 where it is not known */
export function casesOf(
  site: { readonly id: string; readonly name: string; readonly state: SiteState },
  people: (crewId: string | null) => number,
): Case[] {
  const { comings } = site.state
  const byVisit = groupBy(
    comings.filter(({ how }) => how !== 'missed'),
    ({ visitKey }) => visitKey,
  )
  return visitsOver(site.id, site.state).flatMap(({ visit, lines: its, placeIds }): Case[] => {
    const told = byVisit.get(visit.key)
    if (!told) return []
    const reckoned = visit.hoursInAll
    const crewId = told.find((one) => one.crewId)?.crewId ?? null
    const allTold = told.every(({ hours }) => hours !== undefined)
    const took = allTold
      ? told.reduce((sum, { hours }) => sum + hours!, 0)
      : new Set(told.map(({ day }) => day)).size * SLOTS_PER_DAY * HOURS_PER_SLOT * people(crewId)
    if (took <= 0 || reckoned <= 0 || (!allTold && reckoned < LEAST_BY_DAYS)) return []
    return [
      {
        site: site.name,
        where: listed(placeIds.map((id) => placeName(site.state, id))),
        trade: visit.trade,
        crewId,
        rate: mostly(its),
        reckoned,
        took,
        by: allTold ? 'hours' : 'days',
        on: told
          .map(({ day }) => day)
          .sort()
          .at(-1)!,
      },
    ]
  })
}

/** The rate of most of the hours. */
function mostly(lines: readonly Line[]): RateKey {
  const hours = new Map<RateKey, number>()
  for (const line of lines) hours.set(line.rate, (hours.get(line.rate) ?? 0) + line.hours)
  return [...hours].reduce((most, one) => (one[1] > most[1] ? one : most))[0]
}
