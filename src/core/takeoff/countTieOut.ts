/** The five places where a counted thing has a number, in the order in which they come about. */
export const COUNTS = ['said', 'listed', 'drawn', 'ordered', 'delivered'] as const
export type CountPlace = (typeof COUNTS)[number]
export type Counts = Partial<Record<CountPlace, number>>

const WORDS: Record<CountPlace, string> = {
  said: 'said on the walk',
  listed: 'listed',
  drawn: 'on the plan',
  ordered: 'ordered',
  delivered: 'delivered',
}

/** Ties the counts of one thing out against each other (C-52). A difference is a question; nothing is overwritten.
 * @returns a question for each pair of neighbouring numbers that differ; none where they agree
 * @example countTieOut({ said: 12, ordered: 11 }) // => ['12 said on the walk, 11 ordered: which is right?']
 */
export function countTieOut(counts: Counts): string[] {
  const known = COUNTS.filter((place) => counts[place] !== undefined)
  return known.slice(1).flatMap((place, i) => {
    const before = known[i]!
    return counts[before] === counts[place]
      ? []
      : [`${counts[before]} ${WORDS[before]}, ${counts[place]} ${WORDS[place]}: which is right?`]
  })
}
