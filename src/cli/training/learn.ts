import { kindFeatures, wordFeatures } from '../../core/narration/learned/features'
import { chainSums, logSumOf, onlyBegins } from '../../core/narration/learned/chain'
import { wordsInText } from '../../core/narration/learned/align'
import {
  FEATURE_BITS,
  featureNumber,
  LINE_KINDS,
  MARK_COUNT,
  MARKS,
  MAY_PRECEDE,
  WEIGHT_STEP,
  type SpeechModel,
  type Weights,
} from '../../core/narration/learned/model'
import { GAPS, wordsOf } from '../../core/narration/learned/words'
import type { LineKind } from '../../core/narration/line'
import { narrate } from '../../core/narration/narrate'
import { kindNumber, type Example } from './examples'

/** Rounds over all examples, the size of a step, and how much a weight is drawn to nothing. */
const WORD_ROUNDS = 5
const WORD_STEP = 0.2
const WORD_DECAY = 1e-4
const KIND_ROUNDS = 12
const KIND_STEP = 0.15
const KIND_DECAY = 3e-4
/** Features that are seen less often teach nothing. */
const SEEN_AT_LEAST = 2
/** Weights under this are left out of the file: what is seldom and weak is chance, and held-out voices are read better
 * without it. */
const LEAST_OF_WORDS = 0.35
const LEAST_OF_KINDS = 0.2
/** Likelihoods that are off by less teach nothing worth the time. */
const LEAST_ERROR = 2e-3

/** A step that becomes smaller where much was stepped already (AdaGrad), the same on every machine. */
class Learner {
  readonly weights: Float64Array
  private readonly stepped: Float64Array
  constructor(
    size: number,
    private readonly step: number,
    private readonly decay: number,
  ) {
    this.weights = new Float64Array(size)
    this.stepped = new Float64Array(size).fill(0.01)
  }
  move(at: number, error: number): void {
    const slope = error + this.decay * this.weights[at]!
    this.stepped[at]! += slope * slope
    this.weights[at]! -= (this.step * slope) / Math.sqrt(this.stepped[at]!)
  }
}

/** Learns from labelled examples where lines begin and end and what kind they are. */
export function learn(examples: readonly Example[]): SpeechModel {
  const { words, joins } = learnWords(examples)
  return { words, joins, kinds: learnKinds(examples) }
}

interface Row {
  readonly features: readonly Uint32Array[]
  readonly gaps: readonly number[]
  readonly marks: readonly number[]
  readonly weight: number
}

function learnWords(examples: readonly Example[]): Pick<SpeechModel, 'words' | 'joins'> {
  const raw = examples.map((example) => {
    const { narration } = example
    const words = wordsOf(narration.text)
    const ruled = wordsInText(narration.text, narrate(narration))
    const features = wordFeatures(words, { places: narration.places, walk: narration.walk, ruled })
    return { words, marks: marksOf(example), features, weight: example.weight }
  })
  const seen = timesSeen(raw.flatMap(({ features }) => features))
  const rows: Row[] = raw.map(({ words, marks, features, weight }) => ({
    features: features.map((own) => numbersOf(own, seen)),
    gaps: words.map(({ gap }) => GAPS.indexOf(gap)),
    marks,
    weight,
  }))
  const weights = new Learner((1 << FEATURE_BITS) * MARK_COUNT, WORD_STEP, WORD_DECAY)
  const joins = new Learner(GAPS.length * MARK_COUNT * MARK_COUNT, WORD_STEP, WORD_DECAY)
  const next = shuffler(7)
  for (let round = 0; round < WORD_ROUNDS; round++) for (const at of next(rows.length)) teach(rows[at]!, weights, joins)
  return {
    words: packed(weights.weights, MARK_COUNT, LEAST_OF_WORDS),
    joins: Int8Array.from(joins.weights, whole),
  }
}

const whole = (weight: number): number => Math.max(-127, Math.min(127, Math.round(weight * WEIGHT_STEP)))

/** The mark of every word of an example. Where two lines overlap the later one has the words from where it begins. */
function marksOf({ narration, told }: Example): number[] {
  const words = wordsOf(narration.text)
  const marks = words.map(() => 0)
  const markOf = (kind: LineKind, begins: boolean): number =>
    MARKS.findIndex((mark) => mark.kind === kind && mark.begins === begins)
  let last = -1
  for (const { line, start, end } of [...told].sort((a, b) => a.start - b.start || b.end - a.end)) {
    if (start === last) continue
    last = start
    const inside = words.flatMap((word, i) => (word.start >= start && word.start < end ? [i] : []))
    inside.forEach((i, n) => (marks[i] = markOf(line.kind, n === 0)))
    // What is left of a line that this one interrupts goes on as this one.
    const rest = (inside.at(-1) ?? -1) + 1
    for (let i = rest; rest > 0 && i < marks.length; i++) {
      const mark = MARKS[marks[i]!]!
      if (mark.kind === null || mark.begins || mark.kind === line.kind) break
      marks[i] = markOf(line.kind, false)
    }
  }
  return marks
}

/** One step towards an example: what its marks should be against what they are thought to be. */
function teach({ features, gaps, marks, weight }: Row, weights: Learner, joins: Learner): void {
  const n = features.length
  if (n === 0) return
  const scores = new Float64Array(n * MARK_COUNT)
  features.forEach((own, i) => {
    for (const feature of own)
      for (let mark = 0; mark < MARK_COUNT; mark++)
        scores[i * MARK_COUNT + mark]! += weights.weights[feature * MARK_COUNT + mark]!
  })
  onlyBegins(scores)
  const at = (i: number, before: number, mark: number): number => (gaps[i]! * MARK_COUNT + before) * MARK_COUNT + mark
  const { ahead, back, all } = chainSums({
    scores,
    join: (i, before, mark) => joins.weights[at(i, before, mark)]!,
  })
  for (let i = 0; i < n; i++) {
    for (let mark = 0; mark < MARK_COUNT; mark++) {
      const likely = Math.exp(ahead[i * MARK_COUNT + mark]! + back[i * MARK_COUNT + mark]! - all)
      const error = weight * (likely - (mark === marks[i] ? 1 : 0))
      if (Math.abs(error) < LEAST_ERROR) continue
      for (const feature of features[i]!) weights.move(feature * MARK_COUNT + mark, error)
    }
    if (i === 0) continue
    for (let mark = 0; mark < MARK_COUNT; mark++)
      for (const before of MAY_PRECEDE[mark]!) {
        const join = at(i, before, mark)
        const likely = Math.exp(
          ahead[(i - 1) * MARK_COUNT + before]! +
            joins.weights[join]! +
            scores[i * MARK_COUNT + mark]! +
            back[i * MARK_COUNT + mark]! -
            all,
        )
        const error = weight * (likely - (before === marks[i - 1] && mark === marks[i] ? 1 : 0))
        if (Math.abs(error) > LEAST_ERROR) joins.move(join, error)
      }
  }
}

function learnKinds(examples: readonly Example[]): Weights {
  const raw = examples.flatMap(({ narration, told, weight }) =>
    [...told]
      .sort((a, b) => a.start - b.start)
      .map(({ line, start, end }, i, all) => {
        const words = wordsOf(narration.text.slice(start, end))
        const before = all[i - 1]?.line.kind ?? '^'
        const alone = narrate({ ...narration, text: narration.text.slice(start, end), current: null })[0]?.kind ?? '-'
        return { features: kindFeatures(words, before, alone, narration.walk), kind: kindNumber(line.kind), weight }
      }),
  )
  const seen = timesSeen(raw.map(({ features }) => features))
  const samples = raw.map(({ features, ...rest }) => ({ ...rest, features: numbersOf(features, seen) }))
  const learner = new Learner((1 << FEATURE_BITS) * LINE_KINDS.length, KIND_STEP, KIND_DECAY)
  for (let round = 0; round < KIND_ROUNDS; round++)
    for (const { features, kind, weight } of samples) {
      const scores = LINE_KINDS.map((_, one) =>
        features.reduce((sum, feature) => sum + learner.weights[feature * LINE_KINDS.length + one]!, 0),
      )
      const all = logSumOf(EVERY_KIND, (one) => scores[one]!)
      for (const one of EVERY_KIND) {
        const error = weight * (Math.exp(scores[one]! - all) - (one === kind ? 1 : 0))
        if (Math.abs(error) < LEAST_ERROR) continue
        for (const feature of features) learner.move(feature * LINE_KINDS.length + one, error)
      }
    }
  return packed(learner.weights, LINE_KINDS.length, LEAST_OF_KINDS)
}

const EVERY_KIND = LINE_KINDS.map((_, i) => i)

function timesSeen(all: readonly (readonly string[])[]): ReadonlyMap<string, number> {
  const seen = new Map<string, number>()
  for (const features of all) for (const feature of new Set(features)) seen.set(feature, (seen.get(feature) ?? 0) + 1)
  return seen
}

const numbersOf = (features: readonly string[], seen: ReadonlyMap<string, number>): Uint32Array =>
  Uint32Array.from(features.filter((feature) => seen.get(feature)! >= SEEN_AT_LEAST).map(featureNumber))

/** Weights worth keeping, rounded to whole steps. */
function packed(weights: Float64Array, count: number, least: number): Weights {
  const starts = new Uint32Array((1 << FEATURE_BITS) + 1)
  const of: number[] = []
  const value: number[] = []
  for (let feature = 0; feature < 1 << FEATURE_BITS; feature++) {
    for (let one = 0; one < count; one++) {
      const weight = weights[feature * count + one]!
      if (Math.abs(weight) < least) continue
      of.push(one)
      value.push(whole(weight))
    }
    starts[feature + 1] = of.length
  }
  return { starts, of: Uint8Array.from(of), value: Int8Array.from(value) }
}

/** Orders that look random and are the same every time. */
function shuffler(seed: number): (length: number) => number[] {
  let state = seed
  const random = (): number => {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff
    return state / 0x7fffffff
  }
  return (length) => {
    const order = Array.from({ length }, (_, i) => i)
    for (let i = length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1))
      ;[order[i], order[j]] = [order[j]!, order[i]!]
    }
    return order
  }
}
