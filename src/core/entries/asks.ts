import type { Units } from '../measure/length'
import type { RegisterEntry } from '../walk/siteState'
import { kindOf } from './entry'
import type { Asked } from './entryKind'

/** A question that follows from an entry that is open. */
export interface AskedByEntry extends Asked {
  readonly entryId: string
  readonly kind: string
  readonly placeId: string | null
}

/** Every question that the open entries of a site ask, in their order. */
export const asksOf = (
  entries: readonly Pick<RegisterEntry, 'id' | 'kind' | 'placeId' | 'values' | 'settled'>[],
  units: Units,
): AskedByEntry[] =>
  entries.flatMap(({ id, kind, placeId, values, settled }) =>
    settled === null
      ? (kindOf(kind).asks?.(values, units) ?? []).map((asked) => ({ ...asked, entryId: id, kind, placeId }))
      : [],
  )
