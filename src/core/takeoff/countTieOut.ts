/** The places where a counted thing has a number, in the order in which they come about. */
export const COUNTS = ['said', 'listed', 'drawn', 'needed', 'ordered', 'delivered', 'used', 'done', 'saved'] as const
export type CountPlace = (typeof COUNTS)[number]
export type Counts = Partial<Record<CountPlace, number>>

/** Numbers that should be the same: a difference between neighbours is a question. What is used, done or saved may be less. */
const TIED = ['said', 'listed', 'drawn', 'ordered', 'delivered'] as const satisfies readonly CountPlace[]
const WORDS: Record<(typeof TIED)[number], string> = {
  said: 'said on the walk',
  listed: 'listed',
  drawn: 'on the plan',
  ordered: 'ordered',
  delivered: 'delivered',
}

/** A store is low when less than this share of what came is left. Our own default. */
const LOW_SHARE = 0.1

/** Ties the counts of one thing out against each other (C-52). A difference is a question; nothing is overwritten.
 * @returns a question for each pair of neighbouring numbers that differ; none where they agree
 * @example countTieOut({ said: 12, ordered: 11 }) // => ['12 said on the walk, 11 ordered: which is right?']
 */
export function countTieOut(counts: Counts): string[] {
  const known = TIED.filter((place) => counts[place] !== undefined)
  return known.slice(1).flatMap((place, i) => {
    const before = known[i]!
    return counts[before] === counts[place]
      ? []
      : [`${counts[before]} ${WORDS[before]}, ${counts[place]} ${WORDS[place]}: which is right?`]
  })
}

/** What follows from the counts of one thing: what is missing, what is to be ordered, what runs out, how far it is. */
export function countSentences(counts: Counts): string[] {
  const { drawn, needed, ordered, delivered, used, done, saved } = counts
  const of = [drawn, ordered, needed].filter((one): one is number => one !== undefined)
  const missing = delivered === undefined ? [] : [...new Set(of.map((one) => one - delivered))].filter((n) => n > 0)
  const short = needed === undefined ? 0 : needed - (ordered ?? 0) - (saved ?? 0)
  const left = delivered === undefined || used === undefined ? null : delivered - used
  const all = needed ?? drawn ?? ordered ?? counts.listed ?? counts.said
  return [
    ...(missing.length > 0 && needed === undefined
      ? [`${missing.sort((a, b) => a - b).join(' or ')} missing: ask before more is ordered.`]
      : []),
    ...(short > 0
      ? [`${short} to order: ${needed} needed, ${ordered ?? 0} ordered${saved ? `, ${saved} saved` : ''}.`]
      : []),
    ...(left !== null && left <= delivered! * LOW_SHARE && (needed ?? all ?? 0) > used!
      ? [left <= 0 ? 'None left.' : `${left} left of ${delivered}: order before it stops somebody.`]
      : []),
    ...(done !== undefined && all ? [`${done} of ${all} done.`] : []),
  ]
}
