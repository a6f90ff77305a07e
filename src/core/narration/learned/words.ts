import { CONDITION_PATTERNS, STAGE_PATTERNS, TRADE_PATTERNS, WORK_VERBS } from '../lexicon'
import { isThing } from '../mentions'

/** What stands between two words: nothing, a stop, a half stop, a comma or a dash. */
export const GAPS = ['', '.', ';', ',', '-'] as const
export type Gap = (typeof GAPS)[number]

/** A word as it was said, with where it stands and what stands before it. */
export interface Word {
  readonly text: string
  readonly start: number
  readonly end: number
  readonly gap: Gap
}

const WORD = /[\p{L}\p{N}]+(?:[.,'’/][\p{L}\p{N}]+)*["%]?/gu

/** The words of a text in their order. */
export function wordsOf(text: string): Word[] {
  const words: Word[] = []
  let last = 0
  for (const match of text.matchAll(WORD)) {
    const start = match.index
    const gap = words.length === 0 ? '.' : gapOf(text.slice(last, start))
    last = start + match[0].length
    words.push({ text: match[0].toLowerCase().replaceAll('’', "'"), start, end: last, gap })
  }
  return words
}

const gapOf = (between: string): Gap =>
  /[.!?\n]/.test(between)
    ? '.'
    : /;/.test(between)
      ? ';'
      : /[,:]/.test(between)
        ? ','
        : /[-–—(]/.test(between)
          ? '-'
          : ''

/** Under one stop or comma to so many words a text was dictated without any. */
const WORDS_A_STOP = 25

/** Whether a text came without stops, as telephones write what they hear. */
export const isDictated = (words: readonly Word[]): boolean =>
  words.filter(({ gap }, i) => i > 0 && (gap === '.' || gap === ',')).length < words.length / WORDS_A_STOP

const ACTS = new RegExp(`^(?:${WORK_VERBS})$`)

/** Shorter than so many words, what has no stop is one sentence. */
const ONE_SENTENCE = 18

/** Whether sentences run into each other without a stop. */
export const runsOn = (words: readonly Word[]): boolean => words.length >= ONE_SENTENCE && isDictated(words)

/** Sorts of words, the first that fits; `o` is any other. */
const SORTS: readonly (readonly [sort: string, test: (bare: string, word: string) => boolean])[] = [
  [
    'N',
    tests(
      /^(?:\d.*|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|half|quarter|quarters|third|thirds|eighth|eighths|dozen|couple|pair)$/,
    ),
  ],
  [
    'D',
    tests(
      /^(?:mon|tues?|wednes|thurs?|fri|satur|sun)(?:day)?s?$|^(?:today|tomorrow|tonight|week|weeks|fortnight|month|months|day|days|morning|afternoon|\d+(?:st|nd|rd|th))$/,
    ),
  ],
  [
    'U',
    tests(
      /^(?:foot|feet|ft|inch|inches|in|mil|mm|cm|metres?|meters?|m|yards?|square|percent|%|kilos?|pounds|bucks|dollars|quid|grand|euros?)$/,
    ),
  ],
  [
    'B',
    tests(/^(?:is|are|was|were|be|been|being|it's|they're|that's|there's|he's|she's|we're|isn't|aren't|wasn't)$/, true),
  ],
  [
    'X',
    tests(
      /^(?:not|no|never|none|nothing|nobody|isn't|aren't|wasn't|don't|doesn't|didn't|hasn't|haven't|can't|won't|cannot|without|nor)$/,
      true,
    ),
  ],
  [
    'M',
    tests(
      /^(?:will|would|should|could|can|might|may|must|shall|i'd|we'd|they'd|we'll|i'll|they'll|he'll|she'll|going|gonna|need|needs|want|wants|has|have|had|gets|get|got)$/,
      true,
    ),
  ],
  [
    '&',
    tests(
      /^(?:and|but|so|then|or|because|cause|while|though|which|where|if|until|till|til|when|once|before|after|since|unless|that)$/,
    ),
  ],
  [
    'P',
    tests(
      /^(?:i|we|they|he|she|it|you|this|that|these|those|them|him|her|us|who|everything|everybody|somebody|someone)$/,
    ),
  ],
  ['T', (bare) => TRADE_PATTERNS.some(([, pattern]) => pattern.test(bare))],
  ['E', (bare) => isThing(bare) || isThing(bare.replace(/s$/, ''))],
  ['C', (bare) => CONDITION_PATTERNS.some(([, pattern]) => pattern.test(bare))],
  ['V', (bare) => ACTS.test(bare)],
  ['S', (bare) => STAGE_PATTERNS.some(([, pattern]) => pattern.test(bare))],
  ['d', tests(/ed$/)],
  ['g', tests(/ing$/)],
]

/** @param whole whether the word is looked at with what hangs on it: "isn't" */
function tests(pattern: RegExp, whole = false): (bare: string, word: string) => boolean {
  return (bare, word) => pattern.test(bare) || (whole && pattern.test(word))
}

const known = new Map<string, string>()

/** What sort a word is, in one letter; with `s` behind it where it says 'is' too ("framing's"). */
export function sortOf(word: string): string {
  const before = known.get(word)
  if (before !== undefined) return before
  const bare = word.replace(/'(?:s|re|ll|ve|d|m)$/, '')
  const sort = SORTS.find(([, test]) => test(bare, word))?.[0] ?? 'o'
  const told = sort !== 'o' && word.endsWith("'s") ? `${sort}s` : sort
  known.set(word, told)
  return told
}
