import type { Day } from '../calendar/day'
import { slotOfDay } from '../calendar/slots'
import type { Release } from './holds'
import type { Visit } from './visits'

/** Visits that were bound in the plan before by something that is over now (goods that came, an answer, leave that was
 * given), and those that were bound by them: they come forward, and are kept nowhere.
 * @param holds what holds each visit now, the latest first
 * @param before what bound each visit then, by key */
export function freedOf(
  visits: readonly Visit[],
  holds: readonly (readonly Release[])[],
  before: ReadonlyMap<string, { readonly until?: Day | undefined; readonly boundBy?: string | null }>,
  today: Day,
): ReadonlySet<string> {
  const freed = new Set<string>()
  visits.forEach(({ key }, i) => {
    const until = before.get(key)?.until
    if (until !== undefined && holds[i]![0]!.slot < slotOfDay(today, until)) freed.add(key)
  })
  for (let size = -1; size !== freed.size;) {
    size = freed.size
    for (const { key } of visits) if (freed.has(before.get(key)?.boundBy ?? '')) freed.add(key)
  }
  return freed
}
