import type { Action } from '../scope/vocabulary'
import {
  BESIDE,
  conditionIn,
  denies,
  isDecide,
  isExclude,
  isExtra,
  isHedged,
  isHeld,
  isKeep,
  isMissing,
  isUnchanged,
  NEED,
  onReturnList,
  testIn,
  withoutCondition,
} from './kinds'
import { readNumber } from '../measure/spokenNumber'
import { tellsDay, tellsWhen } from './expecting'
import { named, stageIn } from './mentions'
import { ANAPHORA, namesAnother } from './pointing'
import { tellsHowFar } from './progressing'
import type { Rule } from './reading'
import {
  ASKS_FOR,
  asWork,
  DEMANDS,
  FORBIDS,
  isWish,
  LEFT_TO_DO,
  needsDoing,
  NEEDS_SOME,
  SOMEBODY_DOES,
  SOMEBODY_IS_AT_IT,
  startsWithAct,
  TOLD_TO,
  untilOf,
  WANTS_SOME,
} from './works'

/** The kinds, the surest first. Each rule may add fields to the reading. */
export const RULES: readonly Rule[] = [
  (norm, { fields }) => {
    if (!isUnchanged(norm)) return null
    fields.state = 'unchanged'
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    // 'The roofer can't come till the week after': when he comes, not what waits.
    if (/\b(?:can not|will not) (?:come(?! in)|make it|get here|be here|be back)\b/.test(norm) && fields.date)
      return null
    if (!isHeld(norm) || /(?<!not )\bstays?\b(?! off\b)|\bkeep\b(?! off\b)(?! (?:\w+ ){1,3}off\b)|\bleave\b/.test(norm))
      return null
    fields.state = 'held'
    const until = untilOf(norm) ?? /\bbefore (.+)$/.exec(norm)?.[1]
    if (until && !(fields.date && /^(?:\w+day|tomorrow|next \w+|the \w+)$/.test(until))) fields.until = until
    else if (!fields.date) delete fields.until
    const thing = stageIn(norm.split(/\b(?:until|before)\b/)[0]!, null, false)
    if (thing) fields.stage = thing
    if (last?.element && !fields.element) fields.element = last.element
    return 'progress'
  },
  (norm, { fields }, _seen, last, memory) => {
    // 'Not in the price, so call it 180 extra' is work beside the contract.
    if (isExtra(norm) && fields.amount !== undefined) return null
    // 'Two new rafters, that's not in the price': work beside the contract.
    if (last?.kind === 'work' && BESIDE.test(norm)) return null
    // Who buys what was just chosen leaves it chosen.
    if (last?.kind === 'selection' && /\b(?:buying|ordering|bringing|providing|supplying)\b/.test(norm)) return null
    if (
      isExclude(norm) ||
      (/\bours$/.test(memory.said) && /^(?:the )?\w+ (?:is|are) not$/.test(norm)) ||
      (last?.kind === 'exclude' &&
        /\b(?:is|are) not(?: either)?$|^(?:nor|neither) (?:is|are)\b|^same (?:goes )?for\b/.test(norm))
    ) {
      const left = NOT_DOING.find(([, pattern]) => pattern.test(norm))
      if (left) fields.action = left[0]
      return 'exclude'
    }
    return null
  },
  (norm) => (isDecide(norm) && !/\b(?:to say|says) (?:it|that)\b.*\bstays\b/.test(norm) ? 'decide' : null),
  (norm, { fields, own }, seen) => {
    const waits = /\b(?:is|are|stuck|still) waiting (?:on|for) (.+)$/.exec(norm)
    if (
      !waits ||
      !(own || seen.tradeFirst || /^(?:is|are|still)\b/.test(norm)) ||
      /\b(?:deliver|parts?|stock|order)/.test(norm)
    )
      return null
    fields.state = 'held'
    fields.until = waits[1]!
    return 'progress'
  },
  (norm, { fields, own }, seen) => {
    const test = testIn(withoutCondition(norm).replace(/(?<=[a-z] [a-z]+ )(?:until|before|once|when|after) .*$/, ''))
    if (!test) return null
    if (!own && !seen.where && !ANAPHORA.test(norm)) delete fields.element
    if (test.result === null) {
      if (!seen.hasDate) return null
      fields.action = test.action
      const stage = stageIn(norm, null, false)
      if (stage) fields.stage = stage
      return 'expect'
    }
    fields.action = test.action
    const stage = stageIn(norm, fields.element ?? null, false)
    if (stage) fields.stage = stage
    if (test.result === 'failed') {
      fields.condition = 'failed'
      fields.certain = true
      return 'found'
    }
    fields.percent = test.result === 'passed' ? 100 : 0
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    // 'We are not painting it, cover it with polythene'.
    if (
      (last?.kind === 'exclude' || last?.kind === 'keep') &&
      (/\bcover (?:it|them|that|those) (?:with|in|over|up)\b/.test(norm) ||
        (last.kind === 'exclude' &&
          /^(?:and )?(?:wrap|cover|sheet|board|box|bag) (?:it|them|that|those|both|all)\b/.test(norm)))
    ) {
      fields.action = 'protect'
      return 'keep'
    }
    if (!isKeep(withoutCondition(norm)) || isUnwantedKeep(norm)) return null
    if (/\b(?:use (?:it|them|that|those) again|reus|re us|re use|salvag)/.test(norm)) fields.action = 'reuse'
    else if (/\b(?:protect\w*|keep (?:\w+ ){0,3}covered|kept covered)\b/.test(norm)) fields.action = 'protect'
    const until = untilOf(norm)
    if (until) fields.until = until
    const [head] = norm.split(/\buntil\b/)
    // 'The scaffold stays until the paint is done' keeps no paint.
    if (until && !ANAPHORA.test(head!) && named(until) === fields.element && named(head!) === null)
      delete fields.element
    const stage = stageIn(head!, null, false)
    if (stage === 'shoring' || stage === 'protect') fields.stage = stage
    return 'keep'
  },
  // 'Plumber to sort it by Thursday'.
  (norm, reading, seen) =>
    seen.tradeFirst && !reading.own && (TOLD_TO.test(norm) || (SOMEBODY_DOES.test(norm) && !seen.hasDate))
      ? asWork(norm, reading, seen)
      : null,
  (norm, reading, seen) =>
    startsWithAct(norm, seen.action) && !(seen.tradeFirst && seen.hasDate) ? asWork(norm, reading, seen) : null,
  (norm, reading, seen, last) => {
    const { fields, own } = reading
    const without = reading.own && fields.element && /^(?:and |but |still )*no [a-z]+(?: (?!yet)[a-z]+)?$/.test(norm)
    if ((isMissing(norm) || without) && !denies(norm) && !isHeld(norm)) {
      fields.condition = 'missing'
      fields.certain = !isHedged(norm)
      return 'found'
    }
    const condition = conditionIn(norm)
    const again =
      !condition &&
      last?.kind === 'found' &&
      own &&
      isHedged(norm) &&
      (/\b(?:too|as well|also|the same)\b/.test(norm) ||
        /^(?:and |or )?(?:maybe|probably|possibly|perhaps) (?:the |those |a )?\w+(?: \w+)?$/.test(norm))
    const cause =
      !condition &&
      !again &&
      last?.kind === 'found' &&
      own &&
      /^(?:(?:it )?(?:could|might|may|must) (?:well )?be|(?:\w+ ){1,2}(?:thinks?|reckons?|suspects?|guess|bets?|says) (?:it is|that is|it will be)|(?:i )?(?:suspect|would guess|guess|think|reckon|bet)(?: it is)?|probably) (?:the|that|their|our|his|her|next door|in the|coming from the)\b/.test(
        norm,
      )
    if (cause) {
      fields.certain = false
      return 'found'
    }
    if (!condition && !again && !FOUND.test(norm)) return null
    if (seen.action && NEED.test(norm)) return null
    const some = /^(?:and |but )*(\S+) of (?:the |them|those|these|\S+ (?:is|are|were|came|has|have)\b)/.exec(norm)?.[1]
    const short = /\b(?:is|are) (?:about )?([a-z\d]+) short\b/.exec(norm)?.[1]
    const count = (some ?? short) === undefined ? null : readNumber([(some ?? short)!], 0)
    if (count && fields.quantity === undefined) fields.quantity = count.value
    // Live plaster is loose; only what carries current is live.
    const loose = condition === 'live' && own && /^(?:plaster|siding|wall|ceiling)$/.test(fields.element ?? '')
    const told = loose ? 'loose' : (condition ?? (again ? last!.condition : undefined))
    if (told) fields.condition = told
    fields.certain = !isHedged(beforeSize(norm))
    return 'found'
  },
  (norm, reading, seen) => {
    if (!reading.own || !/^(?:an?|one|two|three|four|five|six|another|some|more|\d+) .* please$/.test(norm)) return null
    return asWork(norm, reading, { ...seen, action: seen.action ?? 'install' })
  },
  (norm, reading, seen) =>
    isExtra(norm) ||
    onReturnList(norm) ||
    (reading.own && reading.fields.dims !== undefined && /\bneeds? to be\b/.test(norm)) ||
    (needsDoing(norm) &&
      (reading.own || namesAnother(norm) || /^(?:and |so |but |it )?(?:needs?|wants?)\b/.test(norm))) ||
    (NEED.test(norm) &&
      !/\b(?:has|have|is|are) to (?:be|go)\b(?! (?:under|over|in|on|beside|between|above|below|behind|next|against|out|off|(?!confirm|agree|deliver|decid|expect|collect|told)[a-z]+ed|cut|built|dug|hung|put|taken))/.test(
        norm,
      ))
      ? asWork(norm, reading, seen)
      : null,
  // 'The inspector wants hangers on every joist'.
  (norm, reading, seen) =>
    ((reading.own && !reading.material && (ASKS_FOR.test(norm) || NEEDS_SOME.test(norm))) ||
      DEMANDS.test(norm) ||
      (!reading.material && WANTS_SOME.test(norm))) &&
    !isWish(norm)
      ? asWork(norm, reading, { ...seen, action: seen.action ?? 'install' })
      : null,
  (norm, reading, seen) => {
    const counted = /^(?:and )?(?:one|two|three|four|five|six|\d+) to /.test(norm)
    if (!(reading.own || counted) || !LEFT_TO_DO.test(norm)) return null
    if (counted && reading.bare !== null) reading.fields.quantity ??= reading.bare
    return asWork(norm, reading, seen)
  },
  tellsWhen,
  tellsHowFar,
  (norm, reading, seen) => (seen.action !== null && !isWish(norm) ? asWork(norm, reading, seen) : null),
  (norm, reading, seen) =>
    seen.tradeFirst && !seen.hasDate && SOMEBODY_IS_AT_IT.test(norm) ? asWork(norm, reading, seen) : null,
  tellsDay,
  (norm, { fields, material, own }, _seen, last) => {
    // 'The doors are on order, they are eight foot by six ten'.
    if (
      last?.kind === 'expect' &&
      last.element &&
      !own &&
      fields.dims?.length &&
      /^(?:they|it|these|those) (?:is|are)\b/.test(norm)
    )
      return 'selection'
    if (own && fields.element === 'tile' && fields.dims?.length) return 'selection'
    const says =
      /\b(?:is|are|will be|going in|going with|goes|using|went with|would like|prefers?|picked|chose|chosen|going for|gone for|went for|settled on|s)\b/.test(
        norm,
      ) || /^with\b/.test(norm)
    const chose =
      /\b(?:picked|chosen|chose|went (?:with|for)|gone (?:with|for)|going (?:with|for)|settled on|decided on|bought|ordered)\b/.test(
        norm,
      )
    if (
      material &&
      (own || chose || (namesAnother(norm) && !fields.trade) || /^(?:the )?new ones? (?:is|are)\b/.test(norm)) &&
      says &&
      !denies(norm) &&
      !AS_FOUND.test(norm)
    )
      return 'selection'
    if (own && fields.dims?.length && /\b(?:they|she|he|client|owner|we) (?:bought|ordered|picked|chose)\b/.test(norm))
      return 'selection'
    if (
      fields.dims?.length &&
      !FORBIDS.test(norm) &&
      (says || own) &&
      /\b(?:is|are|was|at|about|high|wide|deep|long|measures|comes to|only|s)\b/.test(norm)
    )
      return 'measure'
    return null
  },
]

const NOT_DOING: readonly (readonly [Action, RegExp])[] = [
  ['paint', /\bnot (?:be )?(?:re)?painting\b/],
  ['replace', /\bnot (?:be )?replacing\b/],
  ['relocate', /\bnot (?:be )?moving\b/],
  ['remove', /\bnot (?:removing|taking)\b/],
  ['insulate', /\bnot insulating\b/],
  ['repair', /\bnot (?:repairing|fixing)\b/],
  ['install', /\bnot (?:installing|fitting|adding|supplying)\b/],
]

/** What stands there already is not going in: 'the walls are bare stone'. */
const AS_FOUND =
  /\b(?:is|are) (?:all |still |just )?(?:bare|original|existing|old|black (?:around|at|on|with|along|behind|under|in))\b/

/** 'The roofers found a second layer'. */
const FOUND =
  /^(?:\w+ ){0,2}found (?:an?|some|more|the|two|three|another|\d+|that|old)\b|^found\b|\bthere is an? (?:\w+ )?(?:gap|hump|bulge|dip|hollow|lip)\b|\bsoft (?:spots?|patch|patches)\b|\bcondemned\b/

/** 'keep' and 'leave' that keep nothing. */
const isUnwantedKeep = (norm: string): boolean =>
  /^do not leave\b|^leave an? |^leave (?:\w+ ){1,3}(?:access|gap|hole|space|panel|opening|way|clear|clearance)\b|\b(?:must stay (?:shut|closed|locked)|(?:will|does|do|did|can) not stay|keep (?:people|everyone|everybody|kids|them|lads|the client|dogs?|tenants?|boots|feet|traffic) (?:off|out|away)|keep (?:going|on at|an eye|me posted|us posted|him|her|them (?:informed|posted)|getting|coming|saying)|leav(?:e|es|ing) (?:it|that|them|this) (?:for|with|open(?!.*until)|to dry(?!.*until))|leaves? (?:on|at|tomorrow|early|late|a (?:gap|mess|hole)|us|me)|keeps? (?:tripping|leaking|falling|sticking|asking|dripping)|nobody stays|(?:son|daughter|kids?|tenant|neighbour|lodger|somebody|someone|people) (?:still )?keeps?)\b/.test(
    norm,
  )

/** A hedge right before a number touches only the number. */
const beforeSize = (norm: string): string =>
  norm.replace(
    /\b(?:maybe|perhaps|probably|may be|i would say|could be|might be) (?=(?:about |around )?(?:\d|a |an |half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty)\S* ?(?:\S+ )*(?:inch|inches|foot|feet|mm|mil|metres?|meters?|wide|deep|long|high|of (?:it|them)|eighths?))/g,
    '',
  )
