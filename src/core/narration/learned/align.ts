import type { RuleLine } from './features'
import type { SpokenLine } from '../line'

/** Where the words of lines stand in a text, looked for in spoken order; a line whose words are not in it is left out. */
export function wordsInText(text: string, lines: readonly SpokenLine[]): RuleLine[] {
  let from = 0
  return lines.flatMap((line) => {
    const words = line.words.trim()
    if (words === '') return []
    const after = text.indexOf(words, from)
    const start = after >= 0 ? after : text.indexOf(words)
    if (start < 0) return []
    from = start
    return [{ line, start, end: start + words.length }]
  })
}
