import type { LineKind } from '../line'
import { GAPS } from './words'

export const LINE_KINDS = [
  'progress',
  'work',
  'exclude',
  'keep',
  'found',
  'measure',
  'selection',
  'decide',
  'expect',
  'note',
] as const satisfies readonly LineKind[]

/** A word is outside of every line, begins one of a kind, or goes on with one. */
export const MARKS: readonly { readonly kind: LineKind | null; readonly begins: boolean }[] = [
  { kind: null, begins: false },
  ...LINE_KINDS.flatMap((kind) => [
    { kind, begins: true },
    { kind, begins: false },
  ]),
]
export const MARK_COUNT = MARKS.length

/** Marks that may come before each: a line goes on only from its own kind. */
export const MAY_PRECEDE: readonly (readonly number[])[] = MARKS.map((mark) =>
  MARKS.flatMap((before, i) => (mark.begins || mark.kind === null || before.kind === mark.kind ? [i] : [])),
)

/** Features are known by a number of so many bits; two that share one share their weights. */
export const FEATURE_BITS = 18
const FEATURE_MASK = (1 << FEATURE_BITS) - 1

/** The number of a feature (FNV-1a over its letters). */
export function featureNumber(feature: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < feature.length; i++) hash = Math.imul(hash ^ feature.charCodeAt(i), 0x01000193)
  return ((hash >>> FEATURE_BITS) ^ hash) & FEATURE_MASK
}

/** Weights by feature: where those of a feature begin, then which mark or kind each is of, and how much. */
export interface Weights {
  readonly starts: Uint32Array
  readonly of: Uint8Array
  readonly value: Int8Array
}

/** What was learned from labelled sentences. */
export interface SpeechModel {
  readonly words: Weights
  /** By gap, mark before and mark. */
  readonly joins: Int8Array
  readonly kinds: Weights
}

/** A weight of 1 in whole numbers. */
export const WEIGHT_STEP = 8
const FORMAT = 2

/** Adds the weights of a feature to the scores that it speaks for. */
export function addWeights(weights: Weights, feature: number, scores: Float64Array, from: number): void {
  for (let at = weights.starts[feature]!; at < weights.starts[feature + 1]!; at++)
    scores[from + weights.of[at]!]! += weights.value[at]! / WEIGHT_STEP
}

/** Weights as they are written, like beside like so that they pack well: how many features have any, the step to each from
 * the one before, how many it has, then the marks, then the amounts. */
function written({ starts, of, value }: Weights): number[] {
  const bytes: number[] = []
  const put = (number: number): void => {
    for (let left = number; ; left >>>= 7) {
      if (left < 128) {
        bytes.push(left)
        return
      }
      bytes.push((left & 127) | 128)
    }
  }
  const known = Array.from({ length: starts.length - 1 }, (_, i) => i).filter((i) => starts[i + 1]! > starts[i]!)
  put(known.length)
  known.forEach((feature, i) => put(feature - (known[i - 1] ?? 0)))
  known.forEach((feature) => put(starts[feature + 1]! - starts[feature]!))
  return [...bytes, ...of, ...Array.from(value, (weight) => weight & 255)]
}

/** The bytes of a model, the same wherever they are made. */
export const encodeModel = ({ words, joins, kinds }: SpeechModel): Uint8Array =>
  Uint8Array.from([FORMAT, ...written(words), ...Array.from(joins, (weight) => weight & 255), ...written(kinds)])

/** Reads a model again.
 * @throws Error where the bytes are of another format */
export function decodeModel(bytes: Uint8Array): SpeechModel {
  if (bytes[0] !== FORMAT) throw new Error('These are not the weights of this version.')
  let at = 1
  const number = (): number => {
    let value = 0
    for (let shift = 0; ; shift += 7) {
      const byte = bytes[at++]!
      value |= (byte & 127) << shift
      if (byte < 128) return value
    }
  }
  const weights = (): Weights => {
    const starts = new Uint32Array((1 << FEATURE_BITS) + 1)
    const steps = Array.from({ length: number() }, number)
    const counts = steps.map(number)
    let feature = 0
    steps.forEach((step, i) => {
      feature += step
      starts[feature + 1] = counts[i]!
    })
    for (let i = 1; i < starts.length; i++) starts[i]! += starts[i - 1]!
    const all = starts.at(-1)!
    const of = bytes.slice(at, at + all)
    const value = Int8Array.from(bytes.subarray(at + all, at + 2 * all))
    at += 2 * all
    return { starts, of, value }
  }
  const words = weights()
  const joins = Int8Array.from(bytes.subarray(at, at + GAPS.length * MARK_COUNT * MARK_COUNT))
  at += joins.length
  return { words, joins, kinds: weights() }
}
