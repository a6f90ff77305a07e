import type { Units } from '../measure/length'
import type { RegisterEntry } from '../walk/siteState'
import { kindOf, knownValues } from './entry'
import type { Asked } from './entryKind'

/** A question that follows from an entry that is open. */
export interface AskedByEntry extends Asked {
  readonly entryId: string
  readonly placeId: string | null
}

/** Every question that the open entries of a site ask, in their order. */
export const asksOf = (
  entries: readonly Pick<RegisterEntry, 'id' | 'kind' | 'placeId' | 'values' | 'taken' | 'settled'>[],
  units: Units,
): AskedByEntry[] =>
  entries.flatMap((entry) => {
    const { id, kind, placeId, settled } = entry
    if (settled !== null) return []
    const asked = kindOf(kind).asks?.(knownValues(entry), units) ?? []
    const known = (register: string | undefined): boolean =>
      register !== undefined && entries.some((other) => other.kind === register && other.placeId === placeId)
    return asked.flatMap((one) => (known(one.unless) ? [] : [{ ...one, entryId: id, placeId }]))
  })
