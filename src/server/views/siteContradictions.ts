import { keptFor } from '../../core/lists/keptFor'
import type { SiteState } from '../../core/walk/siteState'
import { contradictions, type Contradiction, type ToldSize } from '../../core/walk/contradictions'
import { readHistory } from '../../data/observations'
import type { Site } from '../../data/sites'
import type { Context } from '../context'

/** Every size that was told of the places of a site, each place's oldest first, as it was laid out too. */
export const toldSizes = (db: Context['db'], siteId: string): ToldSize[] =>
  ['laid', 'measured'].flatMap((facet) =>
    readHistory(db, siteId, 'place', facet).flatMap((o): ToldSize[] => {
      if (o.subject !== 'place') return []
      const size = o.facet === 'measured' ? o.value : o.facet === 'laid' ? o.value.size : null
      const moved = o.facet === 'measured' && o.value.was !== undefined
      return size ? [{ placeId: o.subjectId, size, by: o.by, at: o.seenAt, moved }] : []
    }),
  )

/** What was said in two ways at a site, across all its walks, and not answered yet. */
export const siteContradictions = (context: Pick<Context, 'db' | 'record'>, site: Site): readonly Contradiction[] => {
  const state = context.record(site)
  return kept(state, [], () => contradictions(state, toldSizes(context.db, site.id), site.units))
}
const kept = keptFor<SiteState, readonly Contradiction[]>()
