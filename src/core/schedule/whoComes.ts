import { groupBy } from '../lists/groupBy'
import type { Trade } from '../scope/vocabulary'
import type { Visit } from './visits'

/** A crew as far as it matters who comes. */
interface Comer {
  readonly id: string
  readonly trade: Trade
  readonly alsoTrades?: readonly Trade[]
  readonly crews: number
  readonly crewSize: number
}

interface Told {
  readonly crewId?: string | null
  readonly state?: 'told' | 'confirmed' | 'declined'
}

/** Who does the work of a trade: its own crews, or those who do it beside theirs where it has none. */
export function crewsOfTrade<One extends Comer>(trade: Trade, crews: readonly One[]): readonly One[] {
  const own = crews.filter((crew) => crew.trade === trade)
  return own.length > 0 ? own : crews.filter(({ alsoTrades }) => alsoTrades?.includes(trade)).slice(0, 1)
}

/** Deals the visits of every site among the crews of their trades. One crew sees a site through: the one that somebody chose for
 * it, or the one that agreed to come, or that the plan before had there; else the one with the least work for its hands, the
 * biggest sites first. A visit that a crew agreed to stays theirs, and one that they declined goes to
 * another where there is one.
 * @param owns the visits of each site
 * @param booked what was told or agreed of a visit, by its key
 * @param before whom the plan before had for a visit, by its key
 * @returns who comes for a visit; null where nobody of the trade is on record */
export function whoComes<One extends Comer>(
  sites: readonly { readonly id: string; readonly crews?: Readonly<Partial<Record<Trade, string>>> }[],
  owns: readonly (readonly Visit[])[],
  crews: readonly One[],
  booked: (key: string) => Told | undefined,
  before: (key: string) => string | null | undefined,
): (visit: Visit) => One | null {
  const byId = new Map(crews.map((crew) => [crew.id, crew]))
  const agreed = ({ key }: Visit): string | null => {
    const told = booked(key)
    return told && told.state !== 'declined' ? (told.crewId ?? null) : null
  }
  const able = new Map<Trade, readonly One[]>()
  for (const { trade } of owns.flat()) if (!able.has(trade)) able.set(trade, crewsOfTrade(trade, crews))
  const dealt = new Map<string, One>()
  const load = new Map<string, number>()
  const jobs = sites
    .flatMap((site, i) =>
      [...groupBy(owns[i]!, ({ trade }) => trade)].map(([trade, visits]) => ({ site, trade, visits })),
    )
    .map((job) => ({ ...job, hours: job.visits.reduce((sum, { hours }) => sum + hours, 0) }))
    .sort((a, b) => b.hours - a.hours)
  for (const { site, trade, visits, hours } of jobs) {
    const its = able.get(trade)!
    if (its.length === 0) continue
    const isOne = (id: string | null | undefined): boolean => its.some((crew) => crew.id === id)
    const known = [site.crews?.[trade], ...visits.map(agreed), ...visits.map(({ key }) => before(key))].find(isOne)
    const least = its.reduce((a, b) => ((load.get(b.id) ?? 0) < (load.get(a.id) ?? 0) ? b : a))
    const crew = known ? byId.get(known)! : least
    load.set(crew.id, (load.get(crew.id) ?? 0) + hours / (crew.crews * crew.crewSize))
    dealt.set(`${site.id}|${trade}`, crew)
  }
  return (visit) => {
    const its = able.get(visit.trade)!
    const own = its.find(({ id }) => id === agreed(visit)) ?? dealt.get(`${visit.siteId}|${visit.trade}`)
    const told = booked(visit.key)
    const declined = told?.state === 'declined' && told.crewId === own?.id
    return (declined && its.find(({ id }) => id !== own!.id)) || (own ?? null)
  }
}
