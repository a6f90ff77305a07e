import type { SiteState } from '../walk/siteState'
import type { Proposal } from './spokenFacts'

/** Work of one place that is under way, and of which nothing was said. */
export interface Unsaid {
  readonly place: string
  readonly titles: readonly string[]
}

/** What was not said of the places that somebody told how far they are: their lines that are begun and not done, as far as
 * no line and no remark of what was said is about them. */
export function unsaidOf(proposals: readonly Proposal[], { places, lines }: SiteState): Unsaid[] {
  const facts = proposals.flatMap((one) => [...one.facts, ...(one.toConfirm?.facts ?? [])])
  const told = new Set(
    facts.flatMap((fact) =>
      fact.subject === 'line'
        ? [fact.subjectId]
        : fact.subject === 'note' && fact.value.about
          ? [fact.value.about]
          : [],
    ),
  )
  const toldAt = new Set(
    facts.flatMap((fact) => (fact.subject === 'line' && fact.facet === 'progress' ? [fact.placeId] : [])),
  )
  return places.flatMap(({ id, name }) => {
    const open = lines.filter(
      (line) =>
        line.placeId === id && line.progress > 0 && line.progress < 100 && line.excluded === null && !told.has(line.id),
    )
    return toldAt.has(id) && open.length > 0 ? [{ place: name, titles: open.map(({ title }) => title) }] : []
  })
}
