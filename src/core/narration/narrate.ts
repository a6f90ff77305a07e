import { sentencesOf } from './clauses'
import type { Narration, SpokenLine } from './line'
import { Reader } from './reader'

/** Turns plain words into structured lines, in spoken order. Every sentence ends up in some line: what fits no kind is a
 * note with its words; only lead-ins without content and bare place headings are none. Never throws on any text. */
export function narrate(narration: Narration): SpokenLine[] {
  const reader = new Reader(narration)
  for (const { start, end } of sentencesOf(narration.text)) reader.sentence(start, end)
  return reader.lines.map(({ line }) => line)
}
