import { inConfidence } from '../../confidence/inConfidence'
import { sentencesOf } from '../clauses'
import type { Narration, SpokenLine } from '../line'
import { wordsInText } from '../learned/align'
import { sheetOf, type SpokenSheet } from './sheetOf'

/** Words said in one breath, with the lines that were read of them. */
export interface Stretch {
  /** The words themselves. */
  readonly words: string
  /** The lines, by where they stand among those read, the first of them first. */
  readonly lines: readonly number[]
  readonly place: string | undefined
}

/** A sheet that somebody's words fill. */
export interface SheetSaid extends Stretch {
  readonly sheet: SpokenSheet
}

/** Words without a comma from which a sentence runs on, and all of them: its lines are then read one by one. */
const ONE_BREATH = 28
const AT_MOST = 60

/** Whether words are said in one breath, or run on from one fact into the next as telephones write them. */
function isOneBreath(said: string): boolean {
  const words = said.split(/\s+/).length
  return words <= AT_MOST && words / said.split(',').length <= ONE_BREATH
}

/** The stretches of a narration, private ones left out: its sentences, or its lines where sentences run on.
 * @param lines what was read of it, in spoken order */
export function stretchesSaid(lines: readonly SpokenLine[], { text }: Narration): Stretch[] {
  const located = wordsInText(text, lines)
  return sentencesOf(text).flatMap(({ start, end }) => {
    const here = located.flatMap((one) =>
      one.start >= start && one.start < end ? [{ ...one, at: lines.indexOf(one.line) }] : [],
    )
    const breath = isOneBreath(text.slice(start, end))
    const stretches = breath ? [{ start, end, within: here }] : here.map((one) => ({ ...one, within: [one] }))
    return stretches.flatMap(({ start: from, end: to, within }): Stretch[] => {
      const words = text.slice(from, to).trim()
      const secret = inConfidence(words) || within.some(({ line }) => line.private)
      const first = within[0]
      return secret || !first ? [] : [{ words, lines: within.map(({ at }) => at), place: first.line.place }]
    })
  })
}

/** 'Found mould behind the old tile, four square feet' is what was found, whatever it measures. */
const SEEN_THERE =
  /^(?:(?:ok|and|so|also),? )*(?:(?:we|i|they|he|she)(?:['’]ve| have)? )?(?:just )?(?:found|discovered|noticed|spotted|came across|uncovered)\b|\b(?:mou?ld|mildew|fungus|rot|termites?|woodworm|asbestos|leak)\b.*\b(?:behind|under|in|on|over) the (?:old )?\w+\b/i

/** The sheets that a narration fills: one at most a stretch. What is private fills none. */
export const sheetsSaid = (lines: readonly SpokenLine[], narration: Narration): SheetSaid[] =>
  stretchesSaid(lines, narration).flatMap((said) => {
    const sheet = sheetOf(said.words, narration)
    return sheet && !(SEEN_THERE.test(said.words) && !sheet.instead.includes('found')) ? [{ ...said, sheet }] : []
  })
