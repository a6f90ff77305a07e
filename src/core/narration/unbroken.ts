import { wordsInText } from './learned/align'
import type { RuleLine } from './learned/features'
import { readAs } from './learned/forced'
import { runsOn, wordsOf } from './learned/words'
import type { Narration, SpokenLine } from './line'

/** Words before which a statement may end without a stop. */
const JOINS =
  /^\s+(?:and|but|so|then|plus|also|while|whereas|though|although|because|cos|since|where|when|until|till|if|which|who|that|before|after|except|with|without)\b/i

const VERB =
  /\b(?:is|are|was|were|has|have|had|gets?|needs?|wants?|stays?|comes?|goes|went|came|did|does|will|can|must|takes?|put|in|up|out|on|off|down|not|done|[a-z]+n['’]t|[a-z]+ed)\b/i

/** Under this likelihood a line may be the half of another. */
const HALF = 0.7
const isUnsure = ({ kind, sure = 1 }: SpokenLine): boolean => kind === 'note' || sure < HALF

/** Where stops are heard, what tells nothing by itself is not parted without one: 'the old insulation in the party ceiling was
 * badly laid' is told once, as what its other half tells. */
export function unbroken(lines: readonly SpokenLine[], narration: Narration): readonly SpokenLine[] {
  const { text } = narration
  const located = wordsInText(text, lines)
  if (runsOn(wordsOf(text)) || located.length < lines.length) return lines
  const whole: RuleLine[] = []
  for (const one of located) {
    const last = whole.at(-1)
    if (last && isOneWith(last, one, text))
      whole[whole.length - 1] = { ...last, line: together(last, one, narration), end: one.end }
    else whole.push(one)
  }
  return whole.map(({ line }) => line)
}

/** Whether a line only goes on with the one before it. */
function isOneWith(last: RuleLine, one: RuleLine, text: string): boolean {
  const parted = !/^\s+$/.test(text.slice(last.end, one.start)) || JOINS.test(text.slice(last.end, one.end))
  return !parted && (isUnsure(last.line) || isUnsure(one.line) || !VERB.test(last.line.words))
}

/** Both as what the surer of them tells that is no note. */
function together(last: RuleLine, one: RuleLine, narration: Narration): SpokenLine {
  const both = [last.line, one.line]
  const [surest] = both.filter(({ kind }) => kind !== 'note').sort((a, b) => (b.sure ?? 1) - (a.sure ?? 1))
  const place = last.line.place ?? one.line.place
  return readAs(surest?.kind ?? 'note', narration, narration.text.slice(last.start, one.end), {
    sure: Math.min(...both.map(({ sure = 1 }) => sure)),
    ...(place ? { place } : {}),
    ...(both.some((line) => line.private) ? { private: true } : {}),
  })
}
