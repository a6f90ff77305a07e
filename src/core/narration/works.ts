import type { Action } from '../scope/vocabulary'
import { actionIn } from './actions'
import { isExtra, NEED, onReturnList } from './kinds'
import { WORK_VERBS } from './lexicon'
import type { LineKind } from './line'
import { stageIn } from './mentions'
import type { Reading } from './reading'

/** A rule of the house measures nothing: 'do not dig within two feet of it'. */
export const FORBIDS = /^(?:do not|never|nobody|no one)\b/

/** The trigger that ends a temporary state. */
export const untilOf = (norm: string): string | undefined => /\buntil (.+)$/.exec(norm)?.[1]

/** Somebody told to do something, without a verb of its own: 'roofer to sort it'. */
export const TOLD_TO =
  /^(?:have|get|tell) (?:the |our )?[a-z]+(?: (?:guys?|lads?|crew|man|people))? (?:to )?(?!to\b)[a-z]+ (?:it|them|that|this|those|these|the)\b|^(?:the |our |and )?[a-z]+(?: [a-z]+)? (?:still )?to (?!be\b|come\b|start\b|return\b|arrive\b|go\b)[a-z]+/

/** 'Needs footings'. */
export const NEEDS_SOME =
  /^(?:and |so |they |it |all |both )*needs? (?!(?:to|the|it|them|that|a lot|more than|your|his|her|their|our|my|permission|approval|power|no|not|nothing|something|someone|somebody|one)\b)(?:[a-z]+s\b|[a-z]+(?: [a-z]+)?$)/

/** Somebody who may ask for a thing asks for it. */
export const ASKS_FOR =
  /\b(?:inspector|engineer|client|owner|homeowner|designer|architect|electrician|plumber|he|she|they) wants? (?!(?:to|it|them|that|this|these|those|the|us|me|him|her|his|their|our|nothing|everything|an answer|a price)\b)[a-z]/

/** Who may ask for things that have no name here: 'the inspector wants half inch bolts'. */
export const DEMANDS =
  /\b(?:inspector|engineer|building control|fire marshal|designer|architect) wants? (?:[a-z\d/]+ ){0,4}[a-z]{2,}s\b/

/** 'She wants double rods'. */
export const WANTS_SOME =
  /\b(?:she|he|they|client|owner|homeowner) wants? (?:an?|another|new|extra|double|more|two|three|four|five|six) (?!(?:more )?(?:price|quote|answer|word|number|drawing|yes|decision|date|man|person|day|week|month)s?\b)[a-z]+\b(?! (?:man|person|day|week|month|opinion|look))/

/** What people want that is no work on the house. */
export const isWish = (norm: string): boolean =>
  /\b(?:wants?|needs?|like) (?:an? |the |some |their |his |her )?(?:deposit|money|cash|cheque|check|invoice|word|chat|meeting|call|paying|key|keys|parking|tea|coffee|lift)\b|\bwants? .*\bnotice\b|\bneeds? (?:about |at least |an? |some |a couple of )?(?:one|two|three|four|five|six|seven|eight|ten|\d+ )?\s?(?:[a-z]+ )?(?:days?|weeks?|hours?|sun|notice|access|room|space|time|warning|help|hands?)\b/.test(
    norm,
  )

/** 'Seven holes from moved ducts to patch'. */
export const COUNTED_TO_DO =
  /\b(?:holes?|gaps?|spots?|cracks?|joints?|chases?|boxes|boards|nails|screws|sheets|tiles|hinges) (?:[a-z]+ ){0,4}to (?:patch|fill|mend|fix|close|seal|tape|paint|cut|set|replace|plug)\b/

/** 'The soffits take the wall colour too'. */
const TAKES_COLOUR = /\b(?:takes?|gets?) (?:the|its|their) (?:[a-z]+ )?colou?r\b/

/** 'The door needs easing': something is to be done to a thing, whatever it is called. */
export const needsDoing = (norm: string): boolean =>
  TAKES_COLOUR.test(norm) ||
  COUNTED_TO_DO.test(norm) ||
  /\b(?:has|have|needs?|got) (?:got )?to be (?:lower|higher|wider|narrower|bigger|smaller|longer|shorter|deeper|thinner|thicker)\b|^(?:and |but |so )?(?:we|i) (?:are|am) (?!(?:leaving|keeping|waiting|using|reusing|calling|looking|thinking|getting|going|doing|having|staying|living|holding|asking|telling|hoping|seeing|paying|saving|putting|ordering|meeting|chasing|trying)\b)[a-z]+ing (?:it|them|that|those|this)\b|\bgets? (?:all |both )?(?!(?:measured|delivered|inspected|approved|paid|ordered|templated|started|finished|used|moved in|called|asked|decided|needed|wanted|tired|soaked|flooded|blocked|clogged|jammed)\b)[a-z]+ed(?: up| in| over| out| off| down)?(?= *$| (?:not|but|in|with|by|when|once|first|last|after|before|again|now|too|as well)\b)|\b(?:needs?|wants?|could do with) (?:hard |proper |a good |some )?(?!(?:paying|asking|telling|nothing|anything|something|everything)\b)[a-z]{2,}ing\b/.test(
    norm,
  )

/** Work: what to do, by whom, as an extra or not. */
export function asWork(
  norm: string,
  reading: Reading,
  { action }: { readonly action: Action | null },
): LineKind | null {
  const { fields } = reading
  if (/\b(?:myself|ourselves)\b/.test(norm) && !NEED.test(norm)) return null
  // 'We might stain them': nobody has said so yet.
  if (/\b(?:i|we|they|he|she) (?:might|may)\b/.test(norm)) return null
  // 'Nobody is to touch it' asks for no work.
  if (/^no need\b/.test(norm)) return null
  if (FORBIDS.test(norm) && !/\bforget\b/.test(norm)) return null
  if (action) fields.action = action
  // 'Board it up until it comes': against the weather.
  if (action === 'close-up' && untilOf(norm)) fields.action = 'cover'
  const stage = reading.own || fields.element ? null : stageIn(norm, null, false)
  if (stage === 'shoring' || stage === 'protect') fields.stage = stage
  if (isExtra(norm)) {
    fields.extra = true
    if (fields.amount === undefined && reading.bare !== null) fields.amount = Math.round(reading.bare * 100)
  }
  if (onReturnList(norm)) {
    fields.stage = 'return-list'
    // 'That goes on the return list' only marks what was told before.
    const marks =
      !/\bgo(?:es)? on the return list\b/.test(norm) || /^(?:and |but )?(?:that|it|this|they|those|these)\b/.test(norm)
    if (!reading.own && marks && (!action || action === 'install')) return null
  }
  const until = untilOf(norm)
  if (until) fields.until = until
  return 'work'
}

/** 'A hundred feet of flashing to do here'. */
export const LEFT_TO_DO =
  /(?<!\b(?:left|much|lot|more|nothing|and|one|two|three) )\bto (?:do|fit|hang|lay|run|fix|paint|tile|board|repoint|replace|repair|rebuild|patch|prime|overhaul|ease|strip|move|shift|swap|sand|oil|clean|fill|make|build|glue|seal|caulk|stain|tape)(?: (?:here|in here|up here|out here))?$/

/** 'The plumber caps it': somebody's part of what is to be done. */
export const SOMEBODY_DOES =
  /^(?:then |and |so )*(?:the |our )?[a-z]+(?: (?:guys?|lads?|crew|man|people))? (?!(?:will|can|could|should) (?:be|fail|pass|like|love|hate|have|see|say|tell|come|know|let|send|bring|price|quote|give|do|get|take)\b)(?!(?:is|has|was|says|wants|needs|owes|knows|likes|hates|reckons|thinks|comes|starts|does|gets|loves|leaves|brings|sees)\b)(?:[a-z]+s|(?:can|could|will|should) [a-z]+) (?:it|them|that|those)\b/

/** 'The joiner is boxing in the pipes'. */
export const SOMEBODY_IS_AT_IT =
  /\b(?:is|are) (?!(?:waiting|coming|working|asking|saying|thinking|looking|pricing|quoting|calling|bringing|sending|chasing|having|using|leaving|getting|holding|missing|meeting|taking|keeping|doing|stopping|blaming|paying)\b)[a-z]+ing (?:in |up |out |off )?(?:the|an?|some|new|two|three)\b/

/** Acts without a key: work all the same. */
const UNKEYED = new RegExp(
  `^(?:please |just |then |and |we |also |so |but |now )*(?:(?:find|trace|locate) the [a-z]+\\b|send (?:it|them|that|those|the \\w+(?: \\w+)?) back|(?!(?:claim|bill|charge|invoice|thank|blame|love|like|see|hear|know|think|trust|call|tell|ask|find|had|have|got|did|saw|left|let|was|were|and|but|when|where|after|before|with|without|from|for|around|behind|over|under|about|said|send|put|leave|keep|give|want|makes?|made)\\b)[a-z]{3,}(?<!s|ed|ing) (?:it|them|those)\\b(?! (?:is|are|was|were|will|has|have|could|might|goes|comes|stays)\\b)|(?!(?:behind|under|over|above|below|beside|around|along|near|with|from|for|into|onto|about|and|but|all|both|half|where|when|once|after|before|until|because|since|tell|ask|maybe|perhaps|probably|possibly|told|find|did|was|were|made|put|bit|most|some|none|rest|see|keep|leave|save|like|not|one|two|three|per|let|want|have|had|got|get|said|say|think|hope|mind|call|use|give|send|left|through|then|just|down|that|off|what|which|against|except|behind|beneath|inside|outside|between|across)\\b)[a-z]{3,}(?<!s|ed|ing|ly|er|match) the (?!(?:old|existing|same|new|other|original|rest)$)[a-z]+$|get (?:it|them|that|this|the [a-z]+) (?:[a-z]+(?:ed|wn|ken)|swept|hung|cut|built|done|dug|sent)\\b|(?:${WORK_VERBS}) (?:it|them|the|that|those|this|these|all|every|both|an?|new|two|three)\\b|(?!(?:paint|tile|board|tape|plaster|prime|test|order|patch|check|foam|drain|render|stain)\\b)(?:${WORK_VERBS}) (?:off|all|in|up|down|back|round|around|over|out|and)\\b(?! (?:starts?|date|day)\\b)(?!(?: [a-z]+)* (?:is|are|was|were|has)\\b))`,
)

export const startsWithAct = (norm: string, action: Action | null): boolean => {
  if (UNKEYED.test(norm)) return true
  if (!action) return false
  const head = norm.replace(
    /^(?:please |we |just |then |you |lads |we just |we will |i would |let us |can (?:you|we|he|they) |need to |we need to |you need to |got to |go and |also |first |(?:the )?\w+ says (?:to |just |we should |we can )?)+/,
    '',
  )
  const first = head.split(' ').slice(0, 5).join(' ')
  return (
    actionIn(first) !== null &&
    !/^(?:(?:\w+ ){1,3}(?:needs?|wants?) |the|that|this|those|these|a|an|old|new|there|it|he|she|they|client|\w+s (?:is|are)|\w+ (?:is|are|was|has|goes|comes|come|moves)|no|not|could|might|maybe|mou?ld)\b/.test(
      head,
    )
  )
}
