import { parseDay, type Day } from '../../core/calendar/day'
import type { WorkCalendar } from '../../core/calendar/workingDays'
import { relationsFor, type Relation } from '../../core/sequence/relations'
import type { Schools } from '../../core/sequence/schools'
import { requireNoCycle } from '../../core/sequence/stageOrder'
import type { Stage } from '../../core/scope/vocabulary'

/** The working days of a site as they were checked. */
export const calendarFrom = (input: {
  readonly weekdays: readonly number[]
  readonly halves: string
  readonly daysOff: readonly string[]
}): WorkCalendar => ({
  weekdays: [...new Set(input.weekdays)].sort(),
  daysOff: input.daysOff.map(parseDay),
  halves: input.halves as 'both' | 'morning' | 'afternoon',
})

/** A site's own order of work as it was checked.
 * @throws ImpossibleRequest where it goes round in a circle, told in words */
export function relationsFrom(
  told: readonly {
    readonly before: string
    readonly after: string
    readonly why: string
    readonly waitDays: number
    readonly mostDays?: number | null | undefined
    readonly scope: string
  }[],
  under: Schools,
): Relation[] {
  const own = told.map((relation): Relation => ({
    before: relation.before as Stage,
    after: relation.after as Stage,
    why: relation.why || 'this site wants it so',
    waitDays: relation.waitDays,
    ...(typeof relation.mostDays === 'number' ? { mostDays: relation.mostDays } : {}),
    scope: relation.scope as 'place' | 'site',
  }))
  requireNoCycle(relationsFor(under, own))
  return own
}

export const startFrom = (text: string): Day => parseDay(text)
