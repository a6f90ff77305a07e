import { kindOf } from '../entries/entry'
import { workOf } from '../entries/work'
import type { Line } from '../scope/line'
import type { SiteState } from '../walk/siteState'

/** A site in which an inspection that passed on its own sheet is passed everywhere: the line of work that stands for it at
 * its place is done. */
export function withPasses(state: SiteState): SiteState {
  const passed = state.entries.flatMap(({ kind, placeId, values, settled }) =>
    settled && kindOf(kind).passes ? [{ placeId, stages: workOf(kindOf(kind), values) }] : [],
  )
  if (passed.length === 0) return state
  // What it looks at is what the place has of what it could.
  const isPassed = ({ placeId, inspects = [] }: Line): boolean => {
    const there = inspects.filter((stage) =>
      state.lines.some(
        (one) => one.placeId === placeId && one.stage === stage && one.excluded === null && !one.inspects,
      ),
    )
    return (
      there.length > 0 &&
      there.every((stage) => passed.some((one) => one.placeId === placeId && one.stages.includes(stage)))
    )
  }
  return {
    ...state,
    lines: state.lines.map((line) => (line.progress < 100 && isPassed(line) ? { ...line, progress: 100 } : line)),
  }
}
