import { groupBy } from '../lists/groupBy'
import type { Line } from './line'

/** Lines of work as they are looked for. */
export interface LinesBy {
  readonly id: ReadonlyMap<string, Line>
  readonly place: (id: string) => readonly Line[]
  /** Those with some ids, in the order of the list. */
  readonly ids: (ids: readonly string[]) => Line[]
}

const made = new WeakMap<readonly Line[], LinesBy>()

/** Sorts a list of lines once, however often they are looked for. */
export function linesBy(lines: readonly Line[]): LinesBy {
  const known = made.get(lines)
  if (known) return known
  const id = new Map(lines.map((line) => [line.id, line]))
  const turn = new Map(lines.map((line, at) => [line.id, at]))
  const places = groupBy(lines, ({ placeId }) => placeId)
  const by: LinesBy = {
    id,
    place: (placeId) => places.get(placeId) ?? [],
    ids: (ids) =>
      [...new Set(ids)].flatMap((one) => id.get(one) ?? []).sort((a, b) => turn.get(a.id)! - turn.get(b.id)!),
  }
  made.set(lines, by)
  return by
}
