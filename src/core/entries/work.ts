import type { Stage } from '../scope/vocabulary'
import type { EntryKind } from './entryKind'
import type { Values } from './field'

/** The stages whose work an entry tells of; none where it concerns everybody who comes. */
export const workOf = ({ work = [] }: EntryKind, values: Values): readonly Stage[] =>
  typeof work === 'function' ? work(values) : work

/** Whether who comes for some stages is told of an entry as the one who does it, or as the one who comes next on it. */
export function listensAs(kind: EntryKind, values: Values, stages: readonly Stage[]): 'trade' | 'next' | null {
  const work = workOf(kind, values)
  if (work.length === 0 || work.some((stage) => stages.includes(stage))) return 'trade'
  return kind.next?.some((stage) => stages.includes(stage)) ? 'next' : null
}

/** Whether nothing may cover its place while an entry is open. */
export const holdsCover = ({ holdsCover: holds }: EntryKind, values: Values): boolean =>
  typeof holds === 'function' ? holds(values) : holds === true
