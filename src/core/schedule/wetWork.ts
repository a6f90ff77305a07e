import { kindOf } from '../entries/entry'
import type { Drying } from '../entries/entryKind'
import type { Stage } from '../scope/vocabulary'
import type { SiteState } from '../walk/siteState'

/** What is wet or hardens at the places of a visit, and keeps one of its stages away. */
export const wetBefore = (
  { stages, placeIds }: { readonly stages: readonly Stage[]; readonly placeIds: readonly string[] },
  { entries }: Pick<SiteState, 'entries'>,
): Drying[] =>
  entries.flatMap(({ kind, placeId, settled, values }) => {
    const drying = settled === null && placeId && placeIds.includes(placeId) ? kindOf(kind).dries?.(values) : null
    return drying?.stages.some((stage) => stages.includes(stage)) ? [drying] : []
  })
