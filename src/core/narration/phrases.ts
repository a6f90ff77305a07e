import { plain } from './clauses'
import { lineOfKind } from './learned/forced'
import type { LineKind, Narration, SpokenLine } from './line'

/** Words that somebody put right, and what they mean. */
export interface Taught {
  readonly words: string
  readonly kind: LineKind
}

/** Words as they are known again: in small letters, whatever the figures in them. */
export const phraseKey = (words: string): string => plain(words).replace(/\d+(?:[.,/]\d+)*/g, '#')

/** Lines, those among them that were put right before read as they were taught; of the same words the last counts. What is
 * private stays so. */
export function asTaught(lines: readonly SpokenLine[], phrases: readonly Taught[], narration: Narration): SpokenLine[] {
  const meant = new Map(phrases.map(({ words, kind }) => [phraseKey(words), kind]))
  return lines.map((line) => {
    const kind = meant.get(phraseKey(line.words))
    if (kind === undefined) return line
    const { or: _or, ...rest } = kind === line.kind ? line : mendedLine(line, { kind }, narration)
    return { ...rest, taught: true, sure: 1 }
  })
}

/** What somebody changes of a line by thumb. */
export interface Mend {
  readonly kind?: LineKind
  readonly place?: string
  readonly percent?: number
  readonly private?: boolean
}

/** A line as it was mended: of another kind, what that tells is read of its words again. */
export function mendedLine(line: SpokenLine, mend: Mend, narration: Narration): SpokenLine {
  const { words, place, private: secret } = line
  const read =
    mend.kind && mend.kind !== line.kind ? { ...lineOfKind(mend.kind, narration, words, null), kind: mend.kind } : line
  const at = mend.place ?? place
  const isPrivate = mend.private ?? secret === true
  const { private: _private, or: _or, place: _place, ...rest } = read
  return {
    ...rest,
    words,
    ...(at ? { place: at } : {}),
    ...(mend.percent === undefined ? {} : { percent: mend.percent }),
    ...(isPrivate ? { private: true as const } : {}),
    sure: 1,
  }
}
