import { hoursLeft, type Line } from '../scope/line'
import type { RateKey } from '../scope/rates'
import type { Mode } from './instance'
import { linesOfVisit, visitSlots, type Visit } from './visits'

/** What of a crew says how a visit of theirs is manned. */
interface Hands {
  readonly crews: number
  readonly crewSize: number
  readonly setUpHours?: number
  readonly paces?: Readonly<Partial<Record<RateKey, number>>>
}

/** The hours that are left of a visit, at the pace of who does it. */
export function pacedHours(visit: Visit, crew: Hands | null, lines: readonly Line[]): number {
  const paces = crew?.paces
  if (!paces || Object.keys(paces).length === 0) return visit.hours
  return linesOfVisit(visit, lines).reduce((sum, line) => sum + hoursLeft(line) * (paces[line.rate] ?? 1), 0)
}

/** Half-days from which a visit is worth a second crew. */
const SHARED_FROM = 4

/** The ways to man a visit: one crew, or two at once where the trade has them and every place has room; and where they
 * have to set up, the same again for when they are at work there already. */
export function modesOf(
  hours: number,
  crew: Hands | null,
  travel: number,
  team: number | null,
  places: readonly { readonly resource: number; readonly fits: number | Uint8Array }[],
): Mode[] {
  const setUp = crew?.setUpHours ?? 0
  const slotsOf = (crews: number, its: number): number => visitSlots(hours / crews, crew?.crewSize ?? 1, its, travel)
  const manned = (crews: number, its: number): Mode => ({
    duration: slotsOf(crews, its),
    ...(its < setUp ? { follows: true } : {}),
    demands: [
      ...(team === null ? [] : [{ resource: team, units: crews }]),
      ...places.map(({ resource }) => ({ resource, units: crews })),
    ],
  })
  const shared =
    (crew?.crews ?? 0) >= 2 &&
    slotsOf(1, setUp) >= SHARED_FROM &&
    places.every(({ fits }) => typeof fits === 'number' && fits >= 2)
  const ways = (its: number): Mode[] => (shared ? [manned(1, its), manned(2, its)] : [manned(1, its)])
  return setUp > 0 ? [...ways(setUp), ...ways(0)] : ways(0)
}
