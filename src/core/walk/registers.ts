import type { Observation } from './observation'

/** The latest observation of each subject and facet. Reading order does not matter: the later seen wins, and between
 * two seen at the same instant the greater id. */
export type Registers = ReadonlyMap<string, Observation>

export const registerKey = (o: Pick<Observation, 'subject' | 'subjectId' | 'facet'>): string =>
  `${o.subject}|${o.subjectId}|${o.facet}`

export const isLater = (a: Observation, b: Observation): boolean =>
  a.seenAt > b.seenAt || (a.seenAt === b.seenAt && a.id > b.id)

/** Merges observations into registers. Commutative, associative and idempotent, so phones may send in any order. */
export function mergeRegisters(registers: Registers, observations: Iterable<Observation>): Registers {
  const merged = new Map(registers)
  for (const observation of observations) {
    const key = registerKey(observation)
    const known = merged.get(key)
    if (!known || isLater(observation, known)) merged.set(key, observation)
  }
  return merged
}

export const registersOf = (observations: Iterable<Observation>): Registers => mergeRegisters(new Map(), observations)
