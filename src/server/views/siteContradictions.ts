import { contradictions, type Contradiction } from '../../core/walk/contradictions'
import { readHistory } from '../../data/observations'
import type { Site } from '../../data/sites'
import type { Context } from '../context'

/** What was said in two ways at a site, across all its walks, and not answered yet. */
export function siteContradictions(context: Pick<Context, 'db' | 'record'>, site: Site): Contradiction[] {
  const sizes = ['laid', 'measured'].flatMap((facet) =>
    readHistory(context.db, site.id, 'place', facet).flatMap((o) => {
      if (o.subject !== 'place') return []
      const size = o.facet === 'measured' ? o.value : o.facet === 'laid' ? o.value.size : null
      const moved = o.facet === 'measured' && o.value.was !== undefined
      return size ? [{ placeId: o.subjectId, size, by: o.by, at: o.seenAt, moved }] : []
    }),
  )
  return contradictions(context.record(site), sizes, site.units)
}
