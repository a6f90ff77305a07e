import type { Action, Element } from '../scope/vocabulary'
import {
  actionIn,
  conditionIn,
  denies,
  isDecide,
  isExclude,
  isExtra,
  isFine,
  isFuture,
  isGone,
  isHedged,
  isHeld,
  isKeep,
  isMissing,
  isUnchanged,
  NEED,
  onReturnList,
  testIn,
} from './kinds'
import type { LineKind, SpokenLine } from './line'
import { stageIn } from './mentions'
import type { Fields, Reading } from './reading'

/** What was seen in a clause before its kind is known. */
export interface Seen {
  readonly action: Action | null
  readonly lead: number | null
  readonly percent: number | 'some' | null
  readonly hasDate: boolean
  readonly tradeFirst: boolean
  readonly where: Element | null
}
interface Memory {
  readonly element: Element | null
  readonly stage: Fields['stage']
}
type Rule = (norm: string, reading: Reading, seen: Seen, last: SpokenLine | null, memory: Memory) => LineKind | null

/** Words that point back at the thing named before. */
export const ANAPHORA =
  /\b(?:it|them|those|these|that one|this one|the other one|the top one|the bottom one|ones?|that side|this side|the lot|another|the same|the rest|an? \w+ inch)\b/
const ARRIVES =
  /\b(?:comes?|coming|arrives?|arriving|lands?|landing|due|delivered|delivery|deliver|ships?|turns? up|expected|on order|booked|scheduled|in transit|back|here|starts?|start|starting|measures?|templates?|meets?|says|goes in|on site|turning up|shows? up|pencilled in|lined up|first thing)\b/
const untilOf = (norm: string): string | undefined => /\buntil (.+)$/.exec(norm)?.[1]

/** The kinds, the surest first. Each rule may add fields to the reading. */
export const RULES: readonly Rule[] = [
  (norm, { fields }) => {
    if (!isUnchanged(norm)) return null
    fields.state = 'unchanged'
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    if (!isHeld(norm) || /\bstays?\b|\bkeep\b|\bleave\b/.test(norm)) return null
    fields.state = 'held'
    const until = untilOf(norm) ?? /\bbefore (.+)$/.exec(norm)?.[1]
    if (until && !(fields.date && /^(?:\w+day|tomorrow|next \w+|the \w+)$/.test(until))) fields.until = until
    else if (!fields.date) delete fields.until
    const thing = stageIn(norm.split(/\b(?:until|before)\b/)[0]!, null, false)
    if (thing) fields.stage = thing
    if (last?.element && !fields.element) fields.element = last.element
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    if (
      isExclude(norm) ||
      (last?.kind === 'exclude' &&
        /\b(?:is|are) not(?: either)?$|^(?:nor|neither) (?:is|are)\b|^same (?:goes )?for\b/.test(norm))
    ) {
      if (/\bnot painting\b/.test(norm)) fields.action = 'paint'
      return 'exclude'
    }
    return null
  },
  (norm) => (isDecide(norm) && !/\b(?:to say|says) (?:it|that)\b.*\bstays\b/.test(norm) ? 'decide' : null),
  (norm, { fields, own }, seen) => {
    const test = testIn(norm)
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
  (norm, { fields }) => {
    if (!isKeep(norm) || isUnwantedKeep(norm)) return null
    if (/\b(?:reus|re us|re use|salvag)/.test(norm)) fields.action = 'reuse'
    else if (/\b(?:protect\w*|keep (?:\w+ ){0,3}covered|kept covered)\b/.test(norm)) fields.action = 'protect'
    const until = untilOf(norm)
    if (until) fields.until = until
    const stage = stageIn(norm.split(/\buntil\b/)[0]!, null, false)
    if (stage === 'shoring' || stage === 'protect') fields.stage = stage
    return 'keep'
  },
  (norm, reading, seen) =>
    startsWithAct(norm, seen.action) && !(seen.tradeFirst && seen.hasDate) ? asWork(norm, reading, seen) : null,
  (norm, { fields, own }, seen, last) => {
    if (isMissing(norm) && !isHeld(norm)) {
      fields.condition = 'missing'
      fields.certain = !isHedged(norm)
      return 'found'
    }
    const condition = conditionIn(norm)
    const again = !condition && last?.kind === 'found' && own && isHedged(norm) && /\b(?:too|as well|also)\b/.test(norm)
    if (!condition && !again && !/^(?:i |we |he |she )?found\b/.test(norm)) return null
    if (seen.action && NEED.test(norm)) return null
    const told = condition ?? (again ? last!.condition : undefined)
    if (told) fields.condition = told
    fields.certain = !isHedged(beforeSize(norm))
    return 'found'
  },
  (norm, reading, seen) =>
    isExtra(norm) ||
    onReturnList(norm) ||
    (NEED.test(norm) && !/\b(?:has|have|is|are) to (?:be|go)\b(?! (?:out|off|replaced|moved|fixed))/.test(norm))
      ? asWork(norm, reading, seen)
      : null,
  (norm, { fields }, seen) => {
    if (
      seen.lead !== null &&
      !/\bin (?:about )?(?:a|an|one|two|three|four|five|six|\d+) (?:days?|weeks?|months?)$/.test(norm) &&
      (/\b(?:out|lead|from (?:order|template|measure|now|drawing|deposit)|quot\w+|says?|said|wait|waiting|to (?:make|get|come|arrive)|delivery|away|for (?:another|it|them|those|that|the)|reckons?|ships?|off|before|turnaround|minimum)\b/.test(
        norm,
      ) ||
        /\b(?:is|are|it is) (?:about |around |at least |maybe |roughly )?(?:a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)/.test(
          norm,
        ))
    ) {
      fields.leadDays = seen.lead
      return 'expect'
    }
    if (seen.hasDate && seen.percent === 100 && /\b(?:was|were|yesterday|last)\b/.test(norm) && fields.element)
      return null
    if (seen.hasDate && (seen.tradeFirst || ARRIVES.test(norm)))
      return seen.action &&
        !seen.tradeFirst &&
        !/\b(?:comes? (?!out|off|down)|goes in|lands|arrives)\b/.test(norm) &&
        seen.action !== 'install' &&
        seen.action !== 'order'
        ? null
        : 'expect'
    if (
      /\b(?:comes?|coming|arrives?|lands?|ships?|(?:is|are) due|on order|on (?:its|their) way|in transit)\b/.test(
        norm,
      ) &&
      !seen.action &&
      !/\b(?:comes?|coming) (?:out|off|down|up|through|back and)\b/.test(norm) &&
      fields.element &&
      !seen.hasDate &&
      /\b(?:week|month|after|next|soon|later|then|delivery|order|way|transit|morning)\b/.test(norm)
    )
      return 'expect'
    return null
  },
  (norm, reading, seen, _last, memory) => {
    if (/^(?:i|we|he|she|they) (?:just |already )?[a-z]+(?:ed|t) (?:it|them)\b/.test(norm)) return null
    const trigger = seen.percent === 100 ? /^(.*?)\b(?:once|as soon as) (.+)$/.exec(norm) : null
    if (trigger) return waitsFor(trigger[1]!, trigger[2]!, reading)
    if (seen.percent === null || (seen.action !== null && seen.percent === 100 && isFuture(norm))) return null
    if (seen.percent === 100 && isFuture(norm) && !/\b(?:is|are|was|were|all|s) /.test(norm)) return null
    if (denies(norm)) return null
    const { fields } = reading
    if (
      seen.percent === 100 &&
      seen.hasDate &&
      /\b(?:done|finished|complete|in|up|out|ready) (?:by|before)\b/.test(norm)
    )
      return expectDated(norm, fields)
    if (seen.percent !== 'some') fields.percent = seen.percent
    const gone = seen.percent !== null && isGone(norm)
    const stage =
      stageIn(norm, reading.own ? (fields.element ?? null) : null, gone) ??
      (fields.element ? stageIn('', fields.element, false) : null)
    const inherited =
      reading.own && fields.element && ['wall', 'ceiling'].includes(fields.element) && !stageIn(norm, null, gone)
        ? memory.stage
        : undefined
    if (inherited) fields.stage = inherited
    else if (stage) fields.stage = stage
    else if (memory.stage) fields.stage = memory.stage
    if (
      fields.element === 'wire' &&
      memory.stage === 'low-voltage' &&
      fields.stage === 'wires' &&
      !/\bwiring\b/.test(norm)
    )
      fields.stage = 'low-voltage'
    if (!reading.own && !ANAPHORA.test(norm) && fields.stage && stageIn(norm, null, gone)) delete fields.element
    return 'progress'
  },
  (norm, reading, seen) => (seen.action !== null ? asWork(norm, reading, seen) : null),
  (norm, { fields }, seen) =>
    seen.hasDate && (fields.element || fields.trade || stageIn(norm, null, false)) && !isFine(norm)
      ? expectDated(norm, fields)
      : null,
  (norm, { fields, material, own }) => {
    const says = /\b(?:is|are|will be|going in|going with|goes|using|went with|s)\b/.test(norm) || /^with\b/.test(norm)
    if (material && own && says && !denies(norm)) return 'selection'
    if (
      fields.dims?.length &&
      (says || own) &&
      /\b(?:is|are|was|at|about|high|wide|deep|long|measures|comes to|only|s)\b/.test(norm)
    )
      return 'measure'
    return null
  },
]

/** 'The glass gets measured once the tile is done': held, not done; alone, the trigger says nothing of today. */
function waitsFor(head: string, trigger: string, { fields }: Reading): LineKind | null {
  if (head.trim() === '') return null
  fields.state = 'held'
  fields.until = trigger
  const stage = stageIn(head, fields.element ?? null, false)
  if (stage) fields.stage = stage
  return 'progress'
}

function expectDated(norm: string, fields: Fields): LineKind {
  const stage = stageIn(norm, null, false) ?? stageIn('', fields.element ?? null, false)
  if (stage) fields.stage = stage
  return 'expect'
}

/** Work: what to do, by whom, as an extra or not. */
function asWork(norm: string, reading: Reading, seen: Seen): LineKind | null {
  const { fields } = reading
  if (/\b(?:myself|ourselves)\b/.test(norm) && !NEED.test(norm)) return null
  if (seen.action) fields.action = seen.action
  if (isExtra(norm)) {
    fields.extra = true
    if (fields.amount === undefined && reading.bare !== null) fields.amount = Math.round(reading.bare * 100)
  }
  if (onReturnList(norm)) {
    fields.stage = 'return-list'
    if (!reading.own && (!seen.action || seen.action === 'install')) return null
  }
  const until = untilOf(norm)
  if (until) fields.until = until
  return 'work'
}

const startsWithAct = (norm: string, action: Action | null): boolean => {
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

/** 'keep' and 'leave' that keep nothing. */
const isUnwantedKeep = (norm: string): boolean =>
  /\b(?:keep (?:going|on at|an eye|me posted|us posted|him|her|them (?:informed|posted)|getting|coming|saying)|leaves? (?:on|at|tomorrow|early|late|a (?:gap|mess|hole)|us|me)|keeps? (?:tripping|leaking|falling|sticking|asking|dripping)|nobody stays)\b/.test(
    norm,
  )

/** A hedge right before a number touches only the number. */
const beforeSize = (norm: string): string =>
  norm.replace(
    /\b(?:maybe|perhaps|probably|may be|i would say|could be|might be) (?=(?:about |around )?(?:\d|a |an |half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty)\S* ?(?:\S+ )*(?:inch|inches|foot|feet|mm|mil|metres?|meters?|wide|deep|long|high|of (?:it|them)|eighths?))/g,
    '',
  )
