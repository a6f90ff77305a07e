import { groupBy } from '../lists/groupBy'
import type { RateKey } from '../scope/rates'
import type { Trade } from '../scope/vocabulary'
import type { Case } from './cases'

/** How fast somebody is at some work, against what it was reckoned to take. */
export interface Pace {
  readonly trade: Trade
  /** Null where nobody told which crew it was: it holds of the whole trade. */
  readonly crewId: string | null
  readonly rate: RateKey
  /** Times the hours that were reckoned: 1.4 is slower. */
  readonly times: number
  /** The same at the ends within which four of five further comings lie. */
  readonly low: number
  readonly high: number
  /** How surely the mean is known: the spread of its logarithm. */
  readonly spread: number
  readonly cases: readonly Case[]
  /** Cases that are so far off that something else lay behind them: told, and not counted. */
  readonly odd: readonly Case[]
}

/* Spreads of the logarithm of hours taken over hours reckoned. Our own guesses, wide enough that a few cases move little: a
 * coming about its crew's mean, a sort of work about its crew, a crew about the usual. */
const OF_COMING = 0.35
const OF_WORK = 0.15
const OF_CREW = 0.3
/** Beyond this, four times as long or a quarter of it, it is another matter. */
const ODD = Math.log(4)
/** And beyond so many times the middle spread, where there are cases enough to know one. */
const ODD_SPREADS = 3.5
const ENOUGH = 5
/** Ends within which four of five lie, in spreads. */
const FOUR_OF_FIVE = 1.2816

/** The pace of every crew at every sort of work, from all cases together: a crew's cases tell of all that it does, those of one
 * sort of work more of that. The usual figure counts as what is known before, so that few cases move it little.
 * Source: normal means with known spreads, one within the other (Gelman and Hill 2007, ch. 12). */
export function pacesOf(cases: readonly Case[]): Pace[] {
  const byCrew = groupBy(cases, ({ crewId, trade }) => crewId ?? `trade:${trade}`)
  return [...byCrew.values()].flatMap((theirs) => {
    const odd = oddAmong(theirs)
    const sound = theirs.filter((one) => !odd.has(one))
    if (sound.length === 0) return []
    const crew = crewMean(sound)
    return [...groupBy(theirs, ({ rate }) => rate)].flatMap(([rate, its]): Pace[] => {
      const counted = its.filter((one) => !odd.has(one))
      if (counted.length === 0) return []
      const { mean, spread } = towards(crew, OF_WORK, counted.map(logOf), OF_COMING)
      const ahead = FOUR_OF_FIVE * Math.hypot(spread, OF_COMING)
      const { trade, crewId } = its[0]!
      return [
        {
          trade,
          crewId,
          rate: rate as RateKey,
          times: Math.exp(mean),
          low: Math.exp(mean - ahead),
          high: Math.exp(mean + ahead),
          spread,
          cases: counted,
          odd: its.filter((one) => odd.has(one)),
        },
      ]
    })
  })
}

const logOf = ({ took, reckoned }: Case): number => Math.log(took / reckoned)

/** What is known of a crew from all of its cases: each sort of work counts as one look at it. */
function crewMean(cases: readonly Case[]): number {
  const works = [...groupBy(cases, ({ rate }) => rate).values()]
  let [weights, sum] = [1 / OF_CREW ** 2, 0]
  for (const its of works) {
    const weight = 1 / (OF_WORK ** 2 + OF_COMING ** 2 / its.length)
    weights += weight
    sum += weight * meanOf(its.map(logOf))
  }
  return sum / weights
}

/** A mean that is pulled towards what was known before. */
function towards(
  known: number,
  spread: number,
  seen: readonly number[],
  noise: number,
): { readonly mean: number; readonly spread: number } {
  const [before, now] = [1 / spread ** 2, seen.length / noise ** 2]
  return { mean: (known * before + meanOf(seen) * now) / (before + now), spread: Math.sqrt(1 / (before + now)) }
}

const meanOf = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length

function middle(all: readonly number[]): number {
  const sorted = [...all].sort((a, b) => a - b)
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}

/** Cases that lie far off, by themselves or from the others of their crew. */
function oddAmong(cases: readonly Case[]): ReadonlySet<Case> {
  const logs = cases.map(logOf)
  const centre = middle(logs)
  const spread = Math.max(0.2, 1.4826 * middle(logs.map((one) => Math.abs(one - centre))))
  return new Set(
    cases.filter((_, i) => {
      const off = Math.abs(logs[i]! - centre)
      return Math.abs(logs[i]!) > ODD || (cases.length >= ENOUGH && off > ODD_SPREADS * spread)
    }),
  )
}

/** Cases from which on a pace is worth a word, and how far it has to be from what is counted with. */
const LEAST_CASES = 3
const WORTH_SAYING = 0.1
/** Spreads by which its mean has to lie off, so that chance alone is hardly offered. */
const SURELY = 1.28

/** Whether a pace differs enough from what is counted with to be offered.
 * @param counted times that are counted with now; 1 where nothing was taken */
export const isWorthOffering = ({ times, spread, cases }: Pace, counted: number): boolean =>
  cases.length >= LEAST_CASES &&
  Math.abs(times / counted - 1) >= WORTH_SAYING &&
  Math.abs(Math.log(times / counted)) >= SURELY * spread

/** What a pace is kept under: whose it is, and at what. */
export const paceKey = ({ crewId, trade, rate }: Pick<Pace, 'crewId' | 'trade' | 'rate'>): string =>
  `${crewId ?? `trade:${trade}`}|${rate}`

/** The paces of a crew that are counted with: its own, or else those of its trade.
 * @param taken times the usual, by `paceKey` */
export function pacesOfCrew(
  { id, trade }: { readonly id: string; readonly trade: Trade },
  taken: ReadonlyMap<string, number>,
): Partial<Record<RateKey, number>> {
  const theirs = (head: string): [RateKey, number][] =>
    [...taken].flatMap(([key, times]): [RateKey, number][] =>
      key.startsWith(`${head}|`) ? [[key.slice(head.length + 1) as RateKey, times]] : [],
    )
  return Object.fromEntries([...theirs(`trade:${trade}`), ...theirs(id)])
}
