import type { Action } from '../scope/vocabulary'
import { actionIn, isExtra, NEED, onReturnList } from './kinds'
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
export const NEEDS_SOME = /^(?:and |so |they |it )?needs? (?!(?:to|the|it|them|that|a lot|more than)\b)[a-z]+s\b/

/** Somebody who may ask for a thing asks for it. */
export const ASKS_FOR =
  /\b(?:inspector|engineer|client|owner|homeowner|designer|architect|electrician|plumber|he|she|they) wants? (?!(?:to|it|them|that|this|these|those|the|us|me|him|her|his|their|our|nothing|everything|an answer|a price)\b)[a-z]/

/** What people want that is no work on the house. */
export const isWish = (norm: string): boolean =>
  /\b(?:wants?|needs?|like) (?:an? |the |some |their |his |her )?(?:deposit|money|cash|cheque|check|invoice|word|chat|meeting|call|paying|key|keys|parking|tea|coffee|lift)\b/.test(
    norm,
  )

/** 'The door needs easing': something is to be done to a thing, whatever it is called. */
export const needsDoing = (norm: string): boolean =>
  /\b(?:needs?|wants?|could do with) (?:hard |proper |a good |some )?(?!(?:paying|asking|telling|nothing|anything|something|everything)\b)[a-z]{2,}ing\b/.test(
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
  if (FORBIDS.test(norm) && !/\bforget\b/.test(norm)) return null
  if (action) fields.action = action
  const stage = reading.own || fields.element ? null : stageIn(norm, null, false)
  if (stage === 'shoring' || stage === 'protect') fields.stage = stage
  if (isExtra(norm)) {
    fields.extra = true
    if (fields.amount === undefined && reading.bare !== null) fields.amount = Math.round(reading.bare * 100)
  }
  if (onReturnList(norm)) {
    fields.stage = 'return-list'
    if (!reading.own && (!action || action === 'install')) return null
  }
  const until = untilOf(norm)
  if (until) fields.until = until
  return 'work'
}

/** 'A hundred feet of flashing to do here'. */
export const LEFT_TO_DO =
  /(?<!\b(?:left|much|lot|more|nothing|and|one|two|three) )\bto (?:do|fit|hang|lay|run|fix|paint|tile|board|repoint|replace|repair|rebuild|patch|prime)(?: (?:here|in here|up here|out here))?$/

/** Acts without a key: work all the same. */
const UNKEYED =
  /^(?:please |just |then |and |we |also )*(?:(?!(?:love|like|see|hear|know|think|trust|call|tell|ask|find|had|have|got|did|saw|left|let|was|were|and|but|when|where|after|before|with|without|from|for|around|behind|over|under|about|said|send|put|leave|keep|give|want|makes?|made)\b)[a-z]{3,}(?<!s|ed|ing) (?:it|them)\b(?! (?:is|are|was|were|will|has|have|could|might|goes|comes|stays)\b)|get (?:it|them|that|this|the [a-z]+) [a-z]+(?:ed|wn|ken)\b|(?:clear|cap|rebuild|sand|oil|seal|caulk|silicone|grind|box|skim|render|shore|prop|brace|wipe|treat|spray|splice|hard wire|hardwire|rewire|wedge|pin|bolt|nail|blank|bleed|raise|lower|rout|chase|point|repoint|plumb|square|scribe|notch|shorten|plug|earth|label|jet|rod|unblock|relay|re lay|bag|thin|dub|flip|scrape|drill|isolate|flush|strap|flatten|feather|dress|cut|vent|duct|slope) (?:it|them|the|that|those|this|these|all|every|both|an?|two|three|off|all|in|up|down|back|round|around|over|out|and)\b)/

export const startsWithAct = (norm: string, action: Action | null): boolean => {
  if (UNKEYED.test(norm)) return true
  if (!action) return false
  const head = norm.replace(
    /^(?:please |we |just |then |you |lads |we just |we will |i would |let us |can (?:you|we|he|they) |need to |we need to |you need to |got to |go and |also |first )+/,
    '',
  )
  const first = head.split(' ').slice(0, 5).join(' ')
  return (
    actionIn(first) !== null &&
    !/^(?:the|that|this|those|these|a|an|old|new|there|it|he|she|they|client|\w+s (?:is|are)|\w+ (?:is|are|was|has|goes|comes|come|moves)|no|not|could|might|maybe|mou?ld)\b/.test(
      head,
    )
  )
}
