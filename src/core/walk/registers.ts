import type { Observation } from './observation'

/** The latest observation of each subject and facet. Reading order does not matter: what was recorded knowing of another
 * wins over that; of those that knew nothing of each other the later seen; and between two of the same instant the greater
 * id. What was taken back is not there. */
export type Registers = ReadonlyMap<string, Observation>

export const registerKey = (o: Pick<Observation, 'subject' | 'subjectId' | 'facet'>): string =>
  `${o.subject}|${o.subjectId}|${o.facet}`

/** Where an observation stands among all others, in milliseconds. */
export const orderOf = ({ order, seenAt }: Pick<Observation, 'order' | 'seenAt'>): number => order ?? Date.parse(seenAt)

/** The order of something recorded at a time by whoever knows of these registers: after all of them, whatever the clock
 * says.
 * @param now milliseconds by the clock of whoever records */
export function orderAfter(known: Iterable<Observation>, now: number): number {
  let order = now
  for (const one of known) order = Math.max(order, orderOf(one) + 1)
  return order
}

export function isLater(a: Observation, b: Observation): boolean {
  const [first, second] = [orderOf(a), orderOf(b)]
  return first > second || (first === second && (a.seenAt > b.seenAt || (a.seenAt === b.seenAt && a.id > b.id)))
}

const withdrawalKey = (id: string): string => `fact|${id}|withdrawn`

/** Whether an observation was taken back, by what these registers know. */
export const isWithdrawn = (registers: Registers, id: string): boolean =>
  registers.get(withdrawalKey(id))?.value === true

/** Merges observations into registers. Commutative, associative and idempotent, so phones may send in any order. Where
 * one is taken back that stood, what stood before it comes with the next whole reading. */
export function mergeRegisters(registers: Registers, observations: Iterable<Observation>): Registers {
  const merged = new Map(registers)
  const keep = (observation: Observation): void => {
    const key = registerKey(observation)
    const known = merged.get(key)
    if (!known || isLater(observation, known)) merged.set(key, observation)
  }
  const seen = [...observations]
  const takenBack = seen.filter((one) => one.subject === 'fact')
  takenBack.forEach(keep)
  for (const observation of seen)
    if (observation.subject !== 'fact' && !isWithdrawn(merged, observation.id)) keep(observation)
  if (takenBack.length > 0)
    for (const [key, observation] of merged) if (isWithdrawn(merged, observation.id)) merged.delete(key)
  return merged
}

/** The registers of everything that was ever observed. */
export const registersOf = (observations: Iterable<Observation>): Registers => mergeRegisters(new Map(), observations)
