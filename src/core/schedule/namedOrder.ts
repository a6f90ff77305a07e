import { SLOTS_PER_DAY } from '../calendar/slots'
import { layOut } from '../sequence/stageOrder'
import { placeName, type SiteState } from '../walk/siteState'
import type { Link } from './links'
import type { Visit } from './visits'

/** The links among the visits of all sites that were said by name: this line when that one is done, in one place, across
 * places or across sites.
 * @param states what is known of each site, by its id */
export function namedLinks(visits: readonly Visit[], states: ReadonlyMap<string, SiteState>): Link[] {
  const waiting = [...states.values()].flatMap((state) => state.lines.filter((line) => line.waits.length > 0))
  if (waiting.length === 0) return []
  const doneIn = new Map(visits.flatMap(({ lineIds }, index) => lineIds.map((id) => [id, index] as const)))
  const named = new Map(
    [...states.values()].flatMap((state) =>
      state.lines.map(
        ({ id, title, placeId }) => [id, `${placeName(state, placeId)}: ${title.toLowerCase()}`] as const,
      ),
    ),
  )
  return waiting.flatMap((line) =>
    line.waits.flatMap((wait): Link[] => {
      const [from, to] = [doneIn.get(wait.for), doneIn.get(line.id)]
      if (from === undefined || to === undefined || from === to) return []
      return [
        {
          from,
          to,
          lag: (wait.leastDays ?? 0) * SLOTS_PER_DAY,
          ...(wait.mostDays === undefined ? {} : { most: wait.mostDays * SLOTS_PER_DAY }),
          words: `${named.get(wait.for)} comes first, ${wait.why ?? 'as was said'}`,
          by: 'name',
        },
      ]
    }),
  )
}

/** What was said by name and cannot be kept, since it would make visits wait for each other. */
export interface Refused {
  readonly link: Link
  /** The visits that would wait for each other, by number, ending where they began. */
  readonly circle: readonly number[]
}

/** Opens every circle that what was said by name makes: what is only usual gives way to it, first where it leads back to what
 * was said to come first; where nothing is only usual, the last that was said is not kept. */
export function withoutCircles(links: readonly Link[]): {
  readonly links: readonly Link[]
  readonly refused: readonly Refused[]
} {
  const refused: Refused[] = []
  let kept = links
  while (kept.some(({ by }) => by === 'name')) {
    const { circle } = layOut(kept.map(({ from, to }) => ({ before: String(from), after: String(to) })))
    if (!circle) break
    const round = circle.map(Number)
    const steps = round.slice(1).map((to, i) => kept.filter((link) => link.from === round[i] && link.to === to))
    const named = steps.flat().filter(({ by }) => by === 'name')
    const usual = steps.filter((step) => step.every(({ by }) => by === 'usual'))
    const gives = usual.find((step) => named.some(({ from }) => from === step[0]!.to)) ?? usual[0] ?? named.slice(-1)
    if (gives.length === 0 || named.length === 0) break
    if (gives[0]!.by === 'name') refused.push({ link: gives[0]!, circle: round })
    kept = kept.filter((link) => !gives.includes(link))
  }
  return { links: kept, refused }
}
