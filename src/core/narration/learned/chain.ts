import { MARK_COUNT, MARKS, MAY_PRECEDE } from './model'

/** Marks one after another over words: what each counts at its word, and what it counts after the one before it. */
export interface Chain {
  /** MARK_COUNT for every word, one word after another. */
  readonly scores: Float64Array
  /** What a mark at the i-th word counts after another at the word before. */
  readonly join: (i: number, before: number, mark: number) => number
}

/** Nothing goes on before it has begun: marks its scores so at the first word. */
export function onlyBegins(scores: Float64Array): void {
  for (let mark = 0; mark < MARK_COUNT; mark++)
    if (!MARKS[mark]!.begins && MARKS[mark]!.kind !== null) scores[mark] = -1e9
}

/** The sums over all rows of marks as logarithms: up to and with each mark, after it, and of all (Rabiner 1989, the forward
 * and backward sums). What is likely of a mark is e to the power of ahead + back - all. */
export function chainSums({ scores, join }: Chain): { ahead: Float64Array; back: Float64Array; all: number } {
  const n = scores.length / MARK_COUNT
  const ahead = new Float64Array(scores.length)
  const back = new Float64Array(scores.length)
  ahead.set(scores.subarray(0, MARK_COUNT))
  for (let i = 1; i < n; i++)
    for (let mark = 0; mark < MARK_COUNT; mark++)
      ahead[i * MARK_COUNT + mark] =
        logSumOf(MAY_PRECEDE[mark]!, (one) => ahead[(i - 1) * MARK_COUNT + one]! + join(i, one, mark)) +
        scores[i * MARK_COUNT + mark]!
  for (let i = n - 2; i >= 0; i--)
    for (let mark = 0; mark < MARK_COUNT; mark++)
      back[i * MARK_COUNT + mark] = logSumOf(
        MAY_FOLLOW[mark]!,
        (one) => join(i + 1, mark, one) + scores[(i + 1) * MARK_COUNT + one]! + back[(i + 1) * MARK_COUNT + one]!,
      )
  return { ahead, back, all: logSumOf(EVERY_MARK, (mark) => ahead[(n - 1) * MARK_COUNT + mark]!) }
}

const EVERY_MARK = MARKS.map((_, i) => i)
const MAY_FOLLOW = EVERY_MARK.map((mark) => EVERY_MARK.filter((next) => MAY_PRECEDE[next]!.includes(mark)))

/** The logarithm of a sum whose parts are given as logarithms, without overflow. */
export function logSumOf(marks: readonly number[], valueOf: (mark: number) => number): number {
  let most = -Infinity
  for (const mark of marks) most = Math.max(most, valueOf(mark))
  let sum = 0
  for (const mark of marks) sum += Math.exp(valueOf(mark) - most)
  return most + Math.log(sum)
}
