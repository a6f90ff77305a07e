import type { Day } from '../calendar/day'
import { STAGES, type Stage } from '../scope/vocabulary'
import type { Keep } from './observation'
import type { SiteState } from './siteState'

/** Whether what was to stay only until something has outstayed it: its day came, or the stage that ends it is done at
 * its place. Where only words were said, a stage that they name is taken for it ('until the switch-over of the pipes'). */
export function keepIsDue(
  keep: Pick<Keep, 'when' | 'until'> & { readonly placeId: string | null },
  state: Pick<SiteState, 'lines'>,
  today: Day,
): boolean {
  const when = keep.when ?? saidWhen(keep)
  if (!when) return false
  if ('day' in when) return when.day <= today
  const lines = state.lines.filter(
    (line) => line.placeId === when.placeId && line.stage === when.stage && line.excluded === null,
  )
  return lines.length > 0 && lines.every((line) => line.progress === 100)
}

function saidWhen({ until, placeId }: { readonly until?: string; readonly placeId: string | null }) {
  const said = until?.toLowerCase()
  const stage = said && (Object.keys(STAGES) as Stage[]).find((one) => said.includes(STAGES[one].toLowerCase()))
  return stage && placeId ? { stage, placeId } : undefined
}
