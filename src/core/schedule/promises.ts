import { dateOnly, daysBetween, daysWords, type Day } from '../calendar/day'
import { dayOfSlot } from '../calendar/slots'
import { phasesOf, type Problem } from './problem'
import { linesOfVisit } from './visits'

/** A phase of a contract with the day that was promised for its end, and what the plan makes of it. */
export interface Promised {
  readonly siteId: string
  readonly phaseId: string
  readonly name: string
  readonly promised: Day
  readonly planned: Day
  /** The day that nothing can beat: all crews free at every time. */
  readonly earliest: Day
  /** The visit that ends last, by key. */
  readonly last: string
}

/** What becomes of every promised end.
 * @param finish slot after the last work of each visit, as planned
 * @param floors the same if every crew were free at every time */
export function promisesOf(
  { origin, visits, states }: Problem,
  finish: ArrayLike<number>,
  floors: ArrayLike<number>,
): readonly Promised[] {
  const found = new Map<string, Promised>()
  visits.forEach((visit, i) => {
    const state = states.get(visit.siteId)!
    const lines = linesOfVisit(visit, state.lines)
    const [planned, earliest] = [finish[i]!, floors[i]!].map((slot) => dayOfSlot(origin, slot - 1)) as [Day, Day]
    for (const { id, name, promised } of phasesOf(lines, state)) {
      if (!promised) continue
      const known = found.get(id)
      found.set(id, {
        siteId: visit.siteId,
        phaseId: id,
        name,
        promised,
        planned: known && known.planned >= planned ? known.planned : planned,
        earliest: known && known.earliest >= earliest ? known.earliest : earliest,
        last: known && known.planned >= planned ? known.last : visit.key,
      })
    }
  })
  return [...found.values()]
}

/** Whether a promise holds by the plan, in a sentence.
 * @param last what ends it, in words */
export function promiseWords({ name, promised, planned, earliest }: Promised, last: string): string {
  const late = daysBetween(promised, planned)
  const told = `Phase ${name} is promised for ${dateOnly(promised)}`
  if (late <= 0)
    return `${told} and ends ${dateOnly(planned)} by the plan: ${late === 0 ? 'on the day' : `${daysWords(-late)} to spare`}.`
  const impossible = daysBetween(promised, earliest)
  return impossible > 0
    ? `${told} and cannot be kept: even with every crew free it ends ${dateOnly(earliest)}, ${daysWords(impossible)} late. Ask for another day, take work out of it, or bring forward what it waits for.`
    : `${told} and ends ${dateOnly(planned)} by the plan, ${daysWords(late)} late. It hangs on ${last}; with every crew free it could be ${dateOnly(earliest)}.`
}
