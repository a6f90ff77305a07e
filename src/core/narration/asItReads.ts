import { actionIn } from './actions'
import { plain } from './clauses'
import { NEED } from './kinds'
import type { SpokenLine, WalkKind } from './line'
import { figuresIn, wordsOf } from './sheets/figures'
import { COUNTED_TO_DO, needsDoing, startsWithAct } from './works'

/** A line as its words say it, whatever it was taken for: what happened to a thing is found, counted things to do are work,
 * and what only stands so asks for no work. What a person said it is stays. */
export function asItReads(line: SpokenLine, walk: WalkKind): SpokenLine {
  const { kind, words, sure } = line
  if (sure === 1) return line
  // 'I owe the roofer a drink'.
  if (kind === 'decide' && /^i owe (?:him|her|them|you|the \w+)\b/i.test(words)) return { ...line, kind: 'note' }
  // 'The engineer has to look at it' is asked of the engineer, and no work.
  const judge = kind === 'work' ? JUDGED.exec(words)?.[1]?.toLowerCase() : undefined
  if (judge) return { ...line, kind: 'decide', trade: judge === 'engineer' ? 'engineer' : 'designer' }
  // 'We replace it for 240 if they say yes' is an extra that somebody has to approve.
  const asked = kind === 'work' || kind === 'note' ? (IF_THEY_AGREE.exec(words) ?? FOR_THE_LOT.exec(words)) : null
  const price = asked?.[1] ?? asked?.[2]
  if (asked) return { ...line, kind: 'work', extra: true, ...(price ? { amount: Number(price) * 100 } : {}) }
  // 'If the plaster is loose' is not found yet, and what would have been is not there.
  if ((kind === 'found' || kind === 'decide') && (/^if\b/i.test(words) || UNREAL.test(words)))
    return { ...line, kind: 'note' }
  if (kind === 'progress' && READY_FOR.test(words)) return { ...line, kind: 'note' }
  // 'The old tub is still sitting there' chooses none.
  if (kind === 'selection' && STANDS_YET.test(words)) return { ...line, kind: 'note' }
  const saysNothingDone = kind === 'note' || kind === 'work' || (kind === 'progress' && line.percent === undefined)
  if (saysNothingDone && HARMED.test(words)) return { ...line, kind: 'found' }
  if (kind === 'note' && COUNTED_TO_DO.test(words)) return { ...line, kind: 'work' }
  if (kind === 'measure' && walk === 'scope' && (needsDoing(plain(words)) || IS_MADE.test(words)))
    return { ...line, kind: 'work' }
  return kind === 'work' && asksNothing(words, walk) ? { ...line, kind: 'note' } : line
}

/** 'For 240 if they say yes', 'if she agrees'. */
const IF_THEY_AGREE =
  /^(?!if\b)(?:.*?\b(?:for|at) [€$£]?(\d{2,6})(?:[€$£]| euros?| dollars?| pounds?)?\b)?.*\bif (?:they|he|she|the (?:client|owner|customer|homeowner)s?) (?:says? (?:yes|so|ok(?:ay)?)|agrees?|approves?|nods?|(?:is|are) (?:ok|okay|fine|happy) with)\b/i

/** 'They want a gate at the top of the steps, 180 all in', 'I said 320'. */
const FOR_THE_LOT =
  /^.*(?:[,;]|\bfor) (?:(?:i|we) (?:said|quoted|told (?:them|her|him)) |call it |say )?[€$£]?(\d{2,6})[€$£]? (?:all in|for the lot|for all of it|plus tax|more|on top)\b|^.*[,;] (?:i|we) (?:said|quoted|told (?:them|her|him)) [€$£]?(\d{2,6})[.!\s]*$/i

/** Somebody from outside has to see or say something. */
export const JUDGED =
  /\b(engineer|designer|architect) (?:still )?(?:has to|have to|must|needs? to|should) (?:look at|see|check|judge|decide|say|confirm|answer)\b/i

/** Whether words only tell what is so. */
function asksNothing(words: string, walk: WalkKind): boolean {
  if (CUT_OFF.test(words) || NOT_OURS.some((one) => one.test(words))) return true
  const norm = plain(words)
  // 'We cut the pockets' is over, where nobody asks what is to be done.
  if (walk !== 'scope' && WE_DID.test(words)) return true
  if (NEED.test(norm.replace(SIZED, ' ')) || startsWithAct(norm, actionIn(norm))) return false
  if (SIZED.test(words) || isMeasured(words) || NO_WORK.some((one) => one.test(words))) return true
  return walk !== 'scope' && SO_ALREADY.some((one) => one.test(words))
}

/** What did not come to be: 'the boards would be hung by now if he had come', 'had they ordered in time'. */
const UNREAL =
  /\b(?:would|could|should|ought to) (?:all |already |long |never )*have (?:been|already|long|never|all )*(?:[a-z]{3,}ed|been|taken|broken|done|gone|hung|built|cut|put|set|laid|dug|run|come|sent|told|made)\b|\bwould (?:already |all |long )*(?:be|have)\b.*\b(?:by now|already|(?:if|had) (?:\w+ ){1,3}had)\b|^had (?:he|she|they|we|i|the|it|somebody|anybody)\b/i

const STANDS_YET = /\bstill (?:sitting|standing|lying|there|here|in (?:its|the|place))\b/i

/** What can be done next and is not: 'ready for board', 'the hall is ready to paint'. */
const READY_FOR = /^(?:all |now )?ready (?:to|for)\b/i
const READY = /(?:^|\b(?:is|are|and|now|all) )ready (?:to|for)\b/i

/** What nobody of us does, whatever deed it names. */
const NOT_OURS: readonly RegExp[] = [
  // 'Otherwise we only patch' hangs on what nobody knows yet.
  /^(?:otherwise|or else|if|unless)\b/i,
  UNREAL,
  // 'We had to pull the cabinets off' is over.
  /^(?:and |but |so )?(?:we|they|he|she|i) had to\b/i,
  // 'Needs five days to dry'.
  /\b(?:needs?|takes?|wants?|has|have) (?:about |at least |another )?(?:\d+|an?|one|two|three|four|five|six|seven|eight|ten|twelve|fourteen|some|the) (?:\w+ )?(?:hours?|days?|nights?|weeks?|months?) (?:to|before|until|and then)\b/i,
  READY,
  // 'Flooring: three rows to go'.
  /(?<!\b(?:has|have|got|needs?) )\b(?:\d+|one|two|three|four|five|six|a few|some|another) (?:more )?(?:[a-z]+ ){0,2}(?:still )?to go$/i,
  // 'He swears the drain is done'.
  /\b(?:swears?|claims?|says|reckons?|insists?|told (?:me|us)) (?:that )?(?:[\w'’]+ ){1,5}?(?:is |are |was |were )?(?:all )?(?:done|finished|fixed|connected)\b/i,
  // 'Call before we dig'.
  /^(?:call|ring|phone) before\b/i,
  // 'Their plumber moves it' is another's.
  /^(?:their|her|his|the (?:client|owner)s?['’]s?) (?:own )?\w+(?:er|ian|or|man|ist)s? \w+s?\b/i,
  // 'They take it back', of what came wrong; 'he puts the light in himself'.
  /^(?:they )?take (?:it|them|that|those) back\b|^they (?:take|pick|collect|swap|exchange|bring|credit)\b.*\b(?:back|away|up)\b/i,
  /\b(?:him|her|them)sel(?:f|ves)\b/i,
  // 'The skip gets swapped tomorrow'.
  /\b(?:skip|dumpster|bin|container)\b.*\b(?:swapped|emptied|collected|picked up)\b/i,
]

/** Words that were cut in the middle ask for nothing by themselves: 'the stair gets its'. */
const CUT_OFF = /\b(?:the|an?|its|his|her|their|our|of|to|for|with|at|from|into)$/i

const WE_DID = /^(?:and |so )?we (?:cut|put|set|hung|shut|split) (?!.*\b(?:tomorrow|next|on monday|later|then|will)\b)/i

/** What is so already and asks for nothing, but on a walk that asks what is to be done. */
const SO_ALREADY: readonly RegExp[] = [
  // 'Pockets are cut at both ends', 'the sister house has the same one'.
  /^(?:the |all |both |our |their )?(?:[\w'’-]+ ){1,4}(?:(?:is|are|was|were) (?:now |all |both )?(?:cut|[a-z]{3,}ed|built|hung|laid|set|left)\b|(?:has|have) (?:the same|one|a|an|no|two|three)\b)/i,
  // 'We closed off part of the stair'.
  /^(?:and |so )?(?:we|i) (?:have |['’]ve |just |already |now )*(?:[a-z]{3,}ed|cut|put|set|hung|built|took|laid|ran|made|did|left|tore|dug)\b/i,
  /\bnone of (?:it|them|that) (?:is |are |was )?done\b/i,
  // 'The insulation goes up to the sills'.
  /\b(?:goes|reaches|comes|covers) (?:up |down |only )*(?:to |over )?the (?:sills?|ceiling|floor|top|bottom|(?:lower|upper) (?:third|half)|eaves)\b/i,
]

/** On a scope walk: 'two posts are made flush with the doors'. */
const IS_MADE =
  /\b(?:is|are|gets?) (?:both |all )?(?:made|replaced|renewed|painted|repaired|reconditioned|overlaid|boxed) /i

/** How a thing has to be beside another. */
const SIZED = /\b(?:have|has|need|needs|must) (?:to )?be (?:of )?(?:the same|equal|alike)\b/i

/** What is nobody's work on any walk. */
const NO_WORK: readonly RegExp[] = [
  // 'You can't get a window in here', 'the chimney won't end up flush'.
  /\b(?:can(?:no|['’])t|won['’]t|will not|can not)\b/i,
  /\bso (?:it|this|that)(?:['’]s| is) (?:just |only )?an? (?:study|office|store|playroom)\b/i,
  // 'So that light reaches the hall' says what for.
  /^(?:so )?that (?:the |more |some )?\w+ (?:reaches|gets in|comes in|can|falls|shows|stays|goes through)\b/i,
  // 'An extra shelf is left in the box over the fridge'.
  /\bextra\b.*\b(?:is|are) (?:left |kept |put )?(?:in|on|under|behind|over) the\b/i,
  // What only goes on with what was said before: 'with tarred corners', 'fifteen per cent waste'.
  /^with\b|^[\w -]{2,30}(?:per ?cent|%) (?:waste|more)\b/i,
]

/** 'The corner is 1060', 'and the casing 18 from its end': how long something is. */
function isMeasured(words: string): boolean {
  const said = wordsOf(words)
  return figuresIn(said).some(
    ({ start, end, counted }) =>
      !counted &&
      (/^(?:is|are|was)$/.test(said[start - 1] ?? '') ||
        /^(?:and )?the (?:[a-z]+ ){0,2}[a-z]+$/.test(said.slice(0, start).join(' ')) ||
        (start === 0 && /^(?:from|off|wide|deep|high|long|apart)$/.test(said[end] ?? ''))),
  )
}

/** What has happened to a thing, and is nobody's work yet. */
const HARMED =
  /\b(?:has|have) (?:now )?(?:discolou?red|cracked|spread|sagged|split|rotted|warped|swollen|blown|buckled|bowed|rusted|slipped|settled|sunk|dropped|shifted|come (?:loose|apart|away))\b|\bbut (?:they|it) (?:all |still )?(?:rubs?|sticks?|binds?|jams?|leaks?|drips?|squeaks?|rattles?|wobbles?)\b|\bback to back\b|\bcut (?:\w+ times|in \w+ (?:places|spots))\b|\b(?:is|are) (?:too |far too |very )?weak\b|\b(?:blows|vents?|drains?|leaks?|discharges?|empties) (?:just |straight |right )?into the (?:attic|loft|crawl ?space|wall|ceiling|basement|cellar|roof)\b|\b(?:sun ?-?baked|weathered|perished|crumbling|scratched|dented)\b/i
