import { groupBy } from '../lists/groupBy'
import { keptFor } from '../lists/keptFor'
import type { Line } from './line'

/** Lines of work as they are looked for. */
export interface LinesBy {
  readonly id: ReadonlyMap<string, Line>
  readonly place: (id: string) => readonly Line[]
  /** Those with some ids, in the order of the list. */
  readonly ids: (ids: readonly string[]) => Line[]
}

const kept = keptFor<readonly Line[], LinesBy>()

/** Sorts a list of lines once, however often they are looked for. */
export const linesBy = (lines: readonly Line[]): LinesBy => kept(lines, [], () => sorted(lines))

function sorted(lines: readonly Line[]): LinesBy {
  const id = new Map(lines.map((line) => [line.id, line]))
  const turn = new Map(lines.map((line, at) => [line.id, at]))
  const places = groupBy(lines, ({ placeId }) => placeId)
  return {
    id,
    place: (placeId) => places.get(placeId) ?? [],
    ids: (ids) =>
      [...new Set(ids)].flatMap((one) => id.get(one) ?? []).sort((a, b) => turn.get(a.id)! - turn.get(b.id)!),
  }
}
