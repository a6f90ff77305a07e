import { entryKind } from '../core/entries/entryKinds'
import type { Day } from '../core/calendar/day'
import { FIRST_DAY, isInstant } from '../core/calendar/day'
import type { Observation } from '../core/walk/observation'
import { checkedValue } from './walk/factSchemas'

/** A fact on record that cannot be so. */
export interface SetAside {
  readonly observation: Observation
  /** What is wrong with it, in a sentence. */
  readonly why: string
}

/** Values that are known to be sound, by what they are told of. Most are told again and again, a quarter done, a half, and are
 * read as one value. */
const soundValues = new Map<string, { readonly plain: Set<unknown>; readonly whole: WeakSet<object> }>()
const MOST_PLAIN = 10_000

const isWhole = (value: unknown): value is object => typeof value === 'object' && value !== null

function soundAt(told: string) {
  const known = soundValues.get(told) ?? { plain: new Set(), whole: new WeakSet() }
  soundValues.set(told, known)
  return known
}

/** Parts facts that can be so from those that cannot: what came in before something was checked, or by another way, is left
 * out and named rather than letting a page down. */
export function sound(observations: readonly Observation[]): {
  observations: readonly Observation[]
  setAside: readonly SetAside[]
} {
  const setAside: SetAside[] = []
  const good = observations.filter((observation) => {
    const why = wrongWith(observation)
    if (why !== null) setAside.push({ observation, why })
    return why === null
  })
  return { observations: good, setAside }
}

/** What is wrong with a fact by itself, in a sentence; null where nothing is. */
function wrongWith({ subject, facet, value, seenAt }: Observation): string | null {
  if (!isInstant(seenAt)) return `Its time "${seenAt}" is none.`
  if (subject === 'entry' && facet === 'written' && !entryKind(value.kind))
    return `"${value.kind}" is no kind of sheet that this version knows.`
  const { plain, whole } = soundAt(`${subject} ${facet}`)
  if (isWhole(value) ? whole.has(value) : plain.has(value)) return null
  try {
    // Days before a site's start are asked about where they are entered; on record they stand.
    checkedValue(subject, facet, value, FIRST_DAY as Day)
    if (plain.size >= MOST_PLAIN) plain.clear()
    if (isWhole(value)) whole.add(value)
    else plain.add(value)
    return null
  } catch (error) {
    return error instanceof Error ? error.message : String(error)
  }
}
