import { entryKind } from '../entries/entryKinds'
import { outputsOf } from '../entries/sums'
import { workOf } from '../entries/work'
import type { Units } from '../measure/length'
import type { RegisterEntry, SiteState } from '../walk/siteState'
import { hireOf } from './hires'
import type { PlannedVisit } from './plan'

/** Something heavy that a visit sets, and whether those who come can carry it. */
export interface Lift {
  readonly entry: RegisterEntry
  /** People that it takes by its weight, at what one may carry; a reason for a hoist, never a lifting plan. */
  readonly people: number
  /** What is hired to lift it and agreed in time; null where nothing is. */
  readonly hoist: RegisterEntry | null
}

/** All that is heavy in a visit's places and is set by its stages.
 * @param units of the site: what one person may carry is another figure in each */
export function liftsIn(
  { placeIds, stages, startDay }: Pick<PlannedVisit, 'placeIds' | 'stages' | 'startDay'>,
  { entries, lines }: Pick<SiteState, 'entries' | 'lines'>,
  units: Units,
): Lift[] {
  const hoist =
    entries.find((entry) => {
      const hire = hireOf(entry)
      return hire?.lifts === true && hire.comes !== null && hire.comes <= startDay
    }) ?? null
  return entries.flatMap((entry): Lift[] => {
    const kind = entryKind(entry.kind)
    if (!kind?.lifts || entry.settled !== null || !placeIds.includes(entry.placeId ?? '')) return []
    const sets = workOf(kind, entry.values).find((stage) =>
      lines.some((line) => line.placeId === entry.placeId && line.stage === stage && line.progress < 100),
    )
    if (!sets || !stages.includes(sets)) return []
    const people = outputsOf(kind.sum!.calculation, entry.values, units)?.[kind.lifts]
    return typeof people === 'number' ? [{ entry, people, hoist }] : []
  })
}
