import { byRules } from '../byRules'
import type { LineKind, Narration, SpokenLine } from '../line'
import { kindFeatures } from './features'
import { addWeights, featureNumber, LINE_KINDS, type SpeechModel } from './model'
import { wordsOf } from './words'

/** Why a line was read as the kind that it is. */
export interface Explained {
  readonly words: string
  readonly kind: LineKind
  /** How sure it is, 0 to 1; 1 where it was read by the rules alone. */
  readonly sure: number
  /** What the rules read of its words by themselves. */
  readonly rules: LineKind | null
  /** The kind that it would be otherwise, where that is not unlikely. */
  readonly or: LineKind | null
  /** What spoke most for its kind rather than the next, the weightiest first: logits. */
  readonly weighed: readonly { readonly what: string; readonly weight: number }[]
}

const TOLD = 6

/** Explains each line of a narration by the rules and by what was learned.
 * @param lines as they were read of it with the same model */
export const explained = (lines: readonly SpokenLine[], narration: Narration, model: SpeechModel): Explained[] =>
  lines.map((line, i) => {
    const [alone] = byRules({ ...narration, text: line.words, current: null })
    const rules = alone?.kind ?? null
    const told = new Map<string, Float64Array>()
    for (const feature of kindFeatures(wordsOf(line.words), lines[i - 1]?.kind ?? '^', rules ?? '-', narration.walk)) {
      const what = inWords(feature)
      const sum = told.get(what) ?? new Float64Array(LINE_KINDS.length)
      addWeights(model.kinds, featureNumber(feature), sum, 0)
      told.set(what, sum)
    }
    const other = line.or?.[0] ?? nextKind(line.kind, told)
    const of = (kind: LineKind, sums: Float64Array): number => sums[LINE_KINDS.indexOf(kind as never)] ?? 0
    return {
      words: line.words,
      kind: line.kind,
      sure: line.sure ?? 1,
      rules,
      or: line.or?.[0] ?? null,
      weighed: [...told]
        .map(([what, sums]) => ({ what, weight: Math.round((of(line.kind, sums) - of(other, sums)) * 100) / 100 }))
        .filter(({ weight }) => weight > 0)
        .sort((a, b) => b.weight - a.weight)
        .slice(0, TOLD),
    }
  })

/** The kind with the most weight after the one that was read. */
function nextKind(kind: LineKind, told: ReadonlyMap<string, Float64Array>): LineKind {
  const sums = LINE_KINDS.map((_, i) => [...told.values()].reduce((sum, one) => sum + one[i]!, 0))
  return LINE_KINDS.filter((one) => one !== kind).sort(
    (a, b) => sums[LINE_KINDS.indexOf(b)]! - sums[LINE_KINDS.indexOf(a)]!,
  )[0]!
}

/** A feature as people say it; those of one sort are told together. */
function inWords(feature: string): string {
  const [sort, text = ''] = [feature.slice(0, feature.indexOf(':')), feature.slice(feature.indexOf(':') + 1)]
  if (sort === 'w' || sort === 'ww') return `“${text.replace('< ', '')}”`
  if (sort === 'f1' || sort === 'f2') return `it begins “${text}”`
  if (sort === 'l1' || sort === 'l2') return `it ends “${text}”`
  if (sort === 'rk' || sort === 'rkp') return 'what the rules read'
  if (sort === 'prev') return text === '^' ? 'it is said first' : `it follows on ${text}`
  if (sort === 'walk') return text === '' ? 'no walk is known' : `the walk is ${text}`
  if (sort === 'len' || feature === 'b') return 'its length, and how often the kind is said'
  return 'the order of its words'
}
