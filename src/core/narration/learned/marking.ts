import type { LineKind } from '../line'
import { type Chain, chainSums, logSumOf, onlyBegins } from './chain'
import { kindFeatures, type Setting, wordFeatures } from './features'
import {
  addWeights,
  featureNumber,
  LINE_KINDS,
  MARK_COUNT,
  MARKS,
  MAY_PRECEDE,
  WEIGHT_STEP,
  type SpeechModel,
} from './model'
import { GAPS, runsOn, type Word } from './words'

/** A stretch of what was said that is one line. */
export interface Stretch {
  /** The first of its words, and the one after its last. */
  readonly from: number
  readonly to: number
  /** How likely it begins and ends so, 0 to 1. */
  readonly whole: number
  /** How likely it is of each kind by the words one after another, in the order of LINE_KINDS. */
  readonly kinds: readonly number[]
}

/** A new line is begun more readily than the weights say, which lost what was small in them when they were packed; most
 * where nobody hears a stop. Set on voices that were held out. */
const BEGINS_MORE = { dictated: 2.4, spoken: 1.4 }

/** Finds where lines begin and end: the likeliest row of marks over all words. */
export function stretchesOf(words: readonly Word[], setting: Setting, model: SpeechModel): Stretch[] {
  if (words.length === 0) return []
  const scores = new Float64Array(words.length * MARK_COUNT)
  wordFeatures(words, setting).forEach((features, i) => {
    for (const feature of features) addWeights(model.words, featureNumber(feature), scores, i * MARK_COUNT)
  })
  onlyBegins(scores)
  const chain: Chain = {
    scores,
    join: (i, before, mark) =>
      model.joins[(GAPS.indexOf(words[i]!.gap) * MARK_COUNT + before) * MARK_COUNT + mark]! / WEIGHT_STEP,
  }
  const likely = likelihoods(chain)
  const marks = likeliest(chain, runsOn(words) ? BEGINS_MORE.dictated : BEGINS_MORE.spoken)
  const stretches: Stretch[] = []
  for (let i = 0; i < words.length; i++) {
    const { kind, begins } = MARKS[marks[i]!]!
    if (kind === null || !begins) continue
    let to = i + 1
    while (to < words.length && MARKS[marks[to]!]!.kind === kind && !MARKS[marks[to]!]!.begins) to++
    let whole = 1
    for (let at = i; at < to; at++) whole = Math.min(whole, likely[at * MARK_COUNT + marks[at]!]!)
    const kinds = LINE_KINDS.map((one) =>
      MARKS.reduce((sum, mark, m) => (mark.kind === one ? sum + likely[i * MARK_COUNT + m]! : sum), 0),
    )
    stretches.push({ from: i, to, whole, kinds })
  }
  return stretches
}

/** The likeliest marks (Viterbi).
 * @param more what a mark that begins counts beside its score */
function likeliest({ scores, join }: Chain, more: number): number[] {
  const n = scores.length / MARK_COUNT
  const best = new Float64Array(scores.length)
  const from = new Uint8Array(scores.length)
  for (let mark = 0; mark < MARK_COUNT; mark++) best[mark] = scores[mark]!
  for (let i = 1; i < n; i++) {
    for (let mark = 0; mark < MARK_COUNT; mark++) {
      let most = -Infinity
      for (const before of MAY_PRECEDE[mark]!) {
        const value = best[(i - 1) * MARK_COUNT + before]! + join(i, before, mark)
        if (value > most) {
          most = value
          from[i * MARK_COUNT + mark] = before
        }
      }
      best[i * MARK_COUNT + mark] = most + scores[i * MARK_COUNT + mark]! + (MARKS[mark]!.begins ? more : 0)
    }
  }
  const marks = Array<number>(n)
  let mark = 0
  const last = (n - 1) * MARK_COUNT
  for (let one = 1; one < MARK_COUNT; one++) if (best[last + one]! > best[last + mark]!) mark = one
  for (let i = n - 1; i >= 0; i--) {
    marks[i] = mark
    mark = from[i * MARK_COUNT + mark]!
  }
  return marks
}

/** How likely each mark is at each word, over all rows of marks. */
function likelihoods(chain: Chain): Float64Array {
  const { ahead, back, all } = chainSums(chain)
  return ahead.map((value, i) => Math.exp(value + back[i]! - all))
}

/** How much the words one after another count against the stretch by itself. */
const ROW_COUNTS = 0.25

/** The kinds that a stretch may be, each with its likelihood, the likeliest first. */
export function kindsOf(
  stretch: Pick<Stretch, 'kinds'>,
  words: readonly Word[],
  before: LineKind | '^',
  ruled: LineKind | '-',
  walk: Setting['walk'],
  model: SpeechModel,
): { readonly kind: LineKind; readonly likely: number }[] {
  const scores = new Float64Array(LINE_KINDS.length)
  for (const feature of kindFeatures(words, before, ruled, walk))
    addWeights(model.kinds, featureNumber(feature), scores, 0)
  const row = stretch.kinds.reduce((sum, one) => sum + one, 0) || 1
  const sums = Array.from(scores, (score, i) => score + ROW_COUNTS * Math.log(stretch.kinds[i]! / row + 0.01))
  const all = logSumOf([...sums.keys()], (i) => sums[i]!)
  return LINE_KINDS.map((kind, i) => ({ kind, likely: Math.exp(sums[i]! - all) })).sort((a, b) => b.likely - a.likely)
}
