import type { Stage } from '../scope/vocabulary'
import { STAGES } from '../scope/vocabulary'
import type { RegisterEntry, SiteState } from '../walk/siteState'

/** The permits, notices and letters that a visit needs: those that say they come before one of its stages. */
export const permitsBefore = (
  { stages, placeIds }: { readonly stages: readonly Stage[]; readonly placeIds: readonly string[] },
  { entries }: Pick<SiteState, 'entries'>,
): RegisterEntry[] =>
  entries.filter(({ kind, values, placeId }) => {
    const before = String(values.before ?? '').toLowerCase()
    return (
      kind === 'permit' &&
      (placeId === null || placeIds.includes(placeId)) &&
      stages.some((stage) => before.includes(STAGES[stage].toLowerCase()))
    )
  })

/** Whether there is leave: it was granted, or settled with its number. */
export const isGranted = ({ settled, values }: Pick<RegisterEntry, 'settled' | 'values'>): boolean =>
  settled !== null || values.state === 'granted'
