import { dateOnly, daysBetween, daysWords, type Day } from '../calendar/day'
import { dayOfSlot, SLOTS_PER_DAY } from '../calendar/slots'
import { earliest } from './bounds'
import type { Link } from './links'
import { networkOf } from './network'
import type { SiteRisk } from './finishRisk'
import type { Problem } from './problem'

/** What was promised to be done by a day, and what the plan makes of it. */
export interface Promised {
  readonly siteId: string
  /** The entry that tells the promise. */
  readonly id: string
  readonly name: string
  readonly promised: Day
  readonly planned: Day
  /** The day that nothing can beat: all crews free at every time. */
  readonly earliest: Day
  /** The visit that ends last, by key. */
  readonly last: string
  /** Where nothing can keep it: the facts that together make it so, none of them to spare, in their order. */
  readonly because: readonly string[]
}

/** What becomes of every promised end.
 * @param finish slot after the last work of each visit, as planned */
export function promisesOf(problem: Problem, finish: ArrayLike<number>): readonly Promised[] {
  const { origin, visits, instance, ends } = problem
  const times = earliest(instance, networkOf(instance))
  return ends.map(({ id, siteId, name, by, visits: its }): Promised => {
    const latest = (slots: ArrayLike<number>): number => its.reduce((last, i) => (slots[i]! > slots[last]! ? i : last))
    const [last, floor] = [latest(finish), latest(times.finish)]
    const soonest = dayOfSlot(origin, times.finish[floor]! - 1)
    return {
      siteId,
      id,
      name,
      promised: by,
      planned: dayOfSlot(origin, finish[last]! - 1),
      earliest: soonest,
      last: visits[last]!.key,
      because: soonest > by ? chainTo(problem, floor, times) : [],
    }
  })
}

/** The chain of facts that keeps a visit from ending sooner: what its first visit waits for, and each after the other. */
function chainTo(
  { holds, links, nameOf }: Problem,
  last: number,
  { head, finish }: { readonly head: ArrayLike<number>; readonly finish: ArrayLike<number> },
): string[] {
  const chain: string[] = []
  for (let at: number | undefined = last; at !== undefined;) {
    const here: number = at
    const before: Link | undefined = links.find(
      ({ from, to, lag }) => to === here && finish[from]! + lag === head[here],
    )
    chain.unshift(
      `${nameOf(here)}${before && before.lag > 0 ? `, after ${daysWords(before.lag / SLOTS_PER_DAY)}` : ''}`,
    )
    const held = holds[here]![0]!
    if (!before && held.kind !== 'today') chain.unshift(held.words)
    at = before?.from
  }
  return chain
}

export const isLate = ({ planned, promised }: Pick<Promised, 'planned' | 'promised'>): boolean => planned > promised

/** Whether a promise holds by the plan, in a sentence, with its likely and its safe day where those were drawn.
 * @param last what ends it, in words */
export function promiseWords(
  { name, promised, planned, earliest, because }: Promised,
  last: string,
  risk?: Pick<SiteRisk, 'likely' | 'safe'>,
): string {
  const late = daysBetween(promised, planned)
  const told = `${name} is promised for ${dateOnly(promised)}`
  const drawn = risk ? ` Likely ${dateOnly(risk.likely)}, safe ${dateOnly(risk.safe)}.` : ''
  if (late <= 0)
    return `${told} and ends ${dateOnly(planned)} by the plan: ${late === 0 ? 'on the day' : `${daysWords(-late)} to spare`}.${drawn}`
  const impossible = daysBetween(promised, earliest)
  return impossible > 0
    ? `${told} and cannot be kept: even with every crew free it ends ${dateOnly(earliest)}, ${daysWords(impossible)} late. These stand against it, one after the other: ${because.join('; ')}. Ask for another day, take one of them out, or bring it forward.`
    : `${told} and ends ${dateOnly(planned)} by the plan, ${daysWords(late)} late.${drawn} It hangs on ${last}; with every crew free it could be ${dateOnly(earliest)}.`
}
