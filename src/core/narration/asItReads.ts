import { plain } from './clauses'
import { NEED } from './kinds'
import type { SpokenLine, WalkKind } from './line'
import { COUNTED_TO_DO } from './works'

/** A line as its words say it, whatever it was taken for: what happened to a thing is found, counted things to do are work,
 * and what only stands so asks for no work. What a person said it is stays. */
export function asItReads(line: SpokenLine, walk: WalkKind): SpokenLine {
  const { kind, words, sure } = line
  if (sure === 1) return line
  if ((kind === 'note' || kind === 'work') && HARMED.test(words)) return { ...line, kind: 'found' }
  if (kind === 'note' && COUNTED_TO_DO.test(words)) return { ...line, kind: 'work' }
  const asksNothing = CUT_OFF.test(words) || (STATED.test(words) && !NEED.test(plain(words)) && walk !== 'scope')
  return kind === 'work' && asksNothing ? { ...line, kind: 'note' } : line
}

/** Words that were cut in the middle ask for nothing by themselves: 'the stair gets its'. */
const CUT_OFF = /\b(?:the|an?|its|his|her|their|our|of|to|for|with|at|from|into)$/i

/** What is so, and asks for nothing: 'pockets are cut at both ends', 'the sister house has the same one'. */
const STATED =
  /^(?:the |all |both |our |their )?(?:[\w'’-]+ ){1,4}(?:(?:is|are|was|were) (?:now |all |both )?(?:cut|[a-z]{3,}ed|built|hung|laid|set|left)\b|(?:has|have) (?:the same|one|a|an|no|two|three)\b)/i

/** What has happened to a thing, and is nobody's work yet. */
const HARMED =
  /\b(?:has|have) (?:now )?(?:discolou?red|cracked|spread|sagged|split|rotted|warped|swollen|blown|buckled|bowed|rusted|slipped|settled|sunk|dropped|shifted|come (?:loose|apart|away))\b|\bback to back\b/i
