import { kindOf } from '../entries/entry'
import type { Leave } from '../entries/entryKind'
import type { Stage } from '../scope/vocabulary'
import { STAGES } from '../scope/vocabulary'
import type { RegisterEntry, SiteState } from '../walk/siteState'

/** The leave that a visit needs: of the permits, notices and letters those that say they come before one of its stages. */
export const permitsBefore = (
  { stages, placeIds }: { readonly stages: readonly Stage[]; readonly placeIds: readonly string[] },
  { entries }: Pick<SiteState, 'entries'>,
): { readonly entry: RegisterEntry; readonly leave: Leave }[] =>
  entries.flatMap((entry) => {
    const leave = kindOf(entry.kind).leave?.(entry.values)
    const before = leave?.before.toLowerCase() ?? ''
    const here = entry.placeId === null || placeIds.includes(entry.placeId)
    return leave && here && stages.some((stage) => before.includes(STAGES[stage].toLowerCase()))
      ? [{ entry, leave: { ...leave, granted: leave.granted || entry.settled !== null } }]
      : []
  })
