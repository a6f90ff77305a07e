import { CAUTIONS, type Caution } from '../cautions/cautions'
import type { CautionId } from '../cautions/cautionIds'
import type { Line } from '../scope/line'
import type { SiteState } from './siteState'

/** A caution at a place, and who said that they have read it. */
export interface CautionAt extends Caution {
  readonly id: CautionId
  /** The entry that says who read it, written or not. */
  readonly entryId: string
  readonly readBy: readonly string[]
}

const entryIdOf = (placeId: string, id: CautionId): string => `${placeId}|${id}`

/** The cautions of some lines at one place, each once, the first line's first; those of finished work are over. */
export function cautionsAt(state: SiteState, placeId: string, lines: readonly Line[]): CautionAt[] {
  const ids = new Set(
    lines.filter((line) => line.progress < 100 && line.excluded === null).flatMap((line) => line.cautions),
  )
  return [...ids].map((id) => {
    const entryId = entryIdOf(placeId, id)
    const read = state.entries.find((entry) => entry.id === entryId)
    const who = String(read?.values.who ?? '')
    return { id, ...CAUTIONS[id], entryId, readBy: who === '' ? [] : who.split(', ') }
  })
}

/** What an entry says once one more has read a caution. */
export const readValues = ({ what, readBy }: CautionAt, who: string) => ({
  caution: what,
  who: [...new Set([...readBy, who])].join(', '),
})
