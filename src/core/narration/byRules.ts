import { sentencesOf } from './clauses'
import type { Narration, SpokenLine } from './line'
import { Reader } from './reader'

/** What the rules alone read, in spoken order. */
export function byRules(narration: Narration): SpokenLine[] {
  const reader = new Reader(narration)
  for (const { start, end } of sentencesOf(narration.text)) reader.sentence(start, end)
  return reader.lines.map(({ line }) => line)
}
