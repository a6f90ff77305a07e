import { inConfidence } from '../../confidence/inConfidence'
import { sentencesOf } from '../clauses'
import type { Narration, SpokenLine } from '../line'
import { wordsInText } from '../learned/align'
import { sheetOf, type SpokenSheet } from './sheetOf'

/** A sheet that somebody's words fill, with the lines that were read of the same words. */
export interface SheetSaid {
  readonly sheet: SpokenSheet
  /** The words themselves. */
  readonly words: string
  /** The lines, by where they stand among those read, the first of them first. */
  readonly lines: readonly number[]
  readonly place: string | undefined
}

/** A sentence of more words than this runs on: its lines are read one by one. */
const ONE_BREATH = 30

/** The sheets that a narration fills: one at most a sentence, or a line where sentences run on. What is private fills none.
 * @param lines what was read of it, in spoken order */
export function sheetsSaid(lines: readonly SpokenLine[], narration: Narration): SheetSaid[] {
  const { text } = narration
  const located = wordsInText(text, lines)
  return sentencesOf(text).flatMap(({ start, end }) => {
    const here = located.flatMap((one) =>
      one.start >= start && one.start < end ? [{ ...one, at: lines.indexOf(one.line) }] : [],
    )
    const breath = text.slice(start, end).split(/\s+/).length <= ONE_BREATH
    const stretches = breath ? [{ start, end, lines: here }] : here.map((one) => ({ ...one, lines: [one] }))
    return stretches.flatMap(({ start: from, end: to, lines: within }): SheetSaid[] => {
      const words = text.slice(from, to).trim()
      const secret = inConfidence(words) || within.some(({ line }) => line.private)
      const sheet = secret || within.length === 0 ? null : sheetOf(words, narration)
      return sheet ? [{ sheet, words, lines: within.map(({ at }) => at), place: within[0]!.line.place }] : []
    })
  })
}
