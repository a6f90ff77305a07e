import { wordsInText } from './learned/align'
import { lineOfKind } from './learned/forced'
import { runsOn, wordsOf } from './learned/words'
import type { Narration, SpokenLine } from './line'

/** Words before which a statement may end without a stop. */
const JOINS =
  /^\s+(?:and|but|so|then|plus|also|while|whereas|though|although|because|cos|since|where|when|until|till|if|which|who|that|before|after|except|with|without)\b/i

const VERB =
  /\b(?:is|are|was|were|has|have|had|gets?|needs?|wants?|stays?|comes?|goes|went|came|did|does|will|can|must|takes?|put|in|up|out|on|off|down|not|done|[a-z]+n['’]t|[a-z]+ed)\b/i
const isUnsure = ({ kind, sure = 1 }: SpokenLine): boolean => kind === 'note' || sure < 0.7

/** Where stops are heard, what tells nothing by itself is not parted without one: 'the old insulation in the party ceiling was
 * badly laid' is told once, as what its other half tells. */
export function unbroken(lines: readonly SpokenLine[], narration: Narration): readonly SpokenLine[] {
  const { text } = narration
  if (runsOn(wordsOf(text))) return lines
  const located = wordsInText(text, lines)
  return located.length < lines.length
    ? lines
    : located
        .reduce<{ line: SpokenLine; start: number; end: number }[]>((told, one) => {
          const last = told.at(-1)
          const apart =
            !last || !/^\s+$/.test(text.slice(last.end, one.start)) || JOINS.test(text.slice(last.end, one.end))
          const both = [last?.line, one.line].flatMap((line) => line ?? [])
          const whole = !apart && (both.some(isUnsure) || !VERB.test(last.line.words))
          if (!whole) return [...told, one]
          const words = text.slice(last.start, one.end)
          const [surest] = both.filter(({ kind }) => kind !== 'note').sort((a, b) => (b.sure ?? 1) - (a.sure ?? 1))
          const { place, sure, private: secret } = last.line
          const line: SpokenLine = {
            ...lineOfKind(surest?.kind ?? 'note', narration, words, null),
            words,
            ...(place ? { place } : {}),
            ...(sure === undefined ? {} : { sure: Math.min(sure, one.line.sure ?? 1) }),
            ...(secret || one.line.private ? { private: true as const } : {}),
          }
          return [...told.slice(0, -1), { line, start: last.start, end: one.end }]
        }, [])
        .map(({ line }) => line)
}
