import { byRules } from './byRules'
import { lineOfKind } from './learned/forced'
import { readLearned } from './learned/read'
import type { SpeechModel } from './learned/model'
import type { Narration, SpokenLine } from './line'

/** Turns plain words into structured lines, in spoken order. Every sentence ends up in some line: what fits no kind is a
 * note with its words; only lead-ins without content and bare place headings are none. Never throws on any text.
 * @param model what was learned of where a fact begins and ends and what kind it is; without it the rules say both */
export const narrate = (narration: Narration, model?: SpeechModel): SpokenLine[] =>
  model ? readLearned(narration, byRules(narration), model) : byRules(narration)

/** What a line is read as where it is the other thing that it may be; null where it is surely what it is. */
export function otherReading(line: SpokenLine, narration: Narration): SpokenLine | null {
  const kind = line.or?.[0]
  if (!kind) return null
  const { words: _words, ...other } = lineOfKind(kind, narration, line.words, null)
  return {
    ...other,
    words: line.words,
    ...(line.place ? { place: line.place } : {}),
    ...(line.private ? { private: true as const } : {}),
  }
}
