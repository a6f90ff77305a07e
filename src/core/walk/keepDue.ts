import type { Day } from '../calendar/day'
import type { Keep } from './observation'
import type { SiteState } from './siteState'

/** Whether what was to stay only until something has outstayed it: the day came, or that stage is done there. */
export function keepIsDue(keep: Pick<Keep, 'when'>, state: Pick<SiteState, 'lines'>, today: Day): boolean {
  const { when } = keep
  if (!when) return false
  if ('day' in when) return when.day <= today
  const lines = state.lines.filter(
    (line) => line.placeId === when.placeId && line.stage === when.stage && line.excluded === null,
  )
  return lines.length > 0 && lines.every((line) => line.progress === 100)
}
