import { isFine } from './kinds'
import type { LineKind } from './line'
import { stageIn } from './mentions'
import type { Fields, Rule } from './reading'

const ARRIVES =
  /\b(?:comes?|coming|arrives?|arriving|lands?|landing|due|delivered|delivery|deliver|ships?|turns? up|expected|on order|booked|scheduled|in transit|back|here|starts?|start|starting|measures?|templates?|meets?|says|goes (?:in|on|up|down)|on site|turning up|shows? up|pencilled in|lined up|first thing|results?)\b/

/** 'Sanding Thursday': something is to come, whatever it is. */
const NAMED_WITH_DAY =
  /^(?:the |a |an )?(?!(?:he|she|we|i|you|they|it|that|this|called|saw|was|not|no|by|until|before|since|from|on|maybe|could|done|due|needs|finished)\b)[a-z]+(?: one)? (?:is |are |starts? )?(?:going |coming |due |leaving )?(?:on )?(?:today|tomorrow|next \w+|\w+day|the \w+)$/

/** Who or what comes, and when: a visit, a delivery, a lead time. */
export const tellsWhen: Rule = (norm, { fields }, seen) => {
  if (
    seen.lead !== null &&
    !/\b(?:behind|late|early|ago)\b/.test(norm) &&
    (!/\bin (?:about )?(?:a|an|one|two|three|four|five|six|\d+) (?:days?|weeks?|months?)$/.test(norm) ||
      /\b(?:due|lands?|arrives?|ready|made|delivered|ships?|here) in\b/.test(norm)) &&
    (/\b(?:out|due|lands?|arrives?|ready|made|delivered|here|lead|from (?:order|template|measure|now|drawing|deposit)|quot\w+|says?|said|wait|waiting|to (?:make|get|come|arrive)|delivery|away|for (?:another|it|them|those|that|the)|reckons?|ships?|off|before|turnaround|minimum|back ?order(?:ed)?)\b/.test(
      norm,
    ) ||
      /\b(?:is|are|it is) (?:about |around |at least |maybe |roughly )?(?:a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)/.test(
        norm,
      ))
  ) {
    fields.leadDays = seen.lead
    return 'expect'
  }
  // Weather comes, but nobody sends it.
  if (/^(?:and |but )?(?:the )?(?:rain|snow|frost|storms?|weather|forecast|wind) /.test(norm)) return null
  if (seen.hasDate && seen.percent === 100 && /\b(?:was|were|yesterday|last)\b/.test(norm) && fields.element)
    return null
  if (seen.action && seen.tradeFirst && /\bwants? (?:the|it|that|them|those|this)\b/.test(norm)) return null
  if (seen.hasDate && (seen.tradeFirst || ARRIVES.test(norm)))
    return seen.action &&
      !seen.tradeFirst &&
      !/\b(?:comes? (?!out|off|down|up)|goes in|lands|arrives)\b/.test(norm) &&
      seen.action !== 'install' &&
      seen.action !== 'order'
      ? null
      : expectDated(norm, fields)
  if (
    /\b(?:is|are|will be) (?:sending (?:us )?(?:more|another|an?|the|new|replacements?)|making (?:us )?(?:more|another|new|replacements?))\b|\b(?:is|are|will be) (?:remaking|recutting|refabricating|shipping|sending|reprinting) (?:it|them|that|those|this)\b|\b(?:back order(?:ed)?|backordered)\b/.test(
      norm,
    )
  )
    return 'expect'
  if (
    /\b(?:comes?|coming|starts?|starting|arrives?|lands?|ships?|(?:is|are) due|on order|on (?:its|their) way|in transit)\b/.test(
      norm,
    ) &&
    !seen.action &&
    !/\b(?:comes?|coming) (?:out|off|down|up|through|back and)\b/.test(norm) &&
    (fields.element || seen.tradeFirst) &&
    !seen.hasDate &&
    /\b(?:week|month|after|next|soon|later|then|delivery|order|way|transit|morning|same (?:day|week|time|load|truck|delivery)|with (?:them|it|that|the))\b/.test(
      norm,
    )
  )
    return 'expect'
  return null
}

/** A day said of a thing, a trade or a stage, and nothing else. */
export const tellsDay: Rule = (norm, { fields }, seen) =>
  seen.hasDate &&
  !/\b(?:i|we|he|she|they) (?:said|told|thought|guessed)\b/.test(norm) &&
  (fields.element || fields.trade || stageIn(norm, null, false) || NAMED_WITH_DAY.test(norm)) &&
  !isFine(norm)
    ? expectDated(norm, fields)
    : null

/** Something to come on a day, with the stage it belongs to. */
export function expectDated(norm: string, fields: Fields): LineKind {
  const stage = stageIn(norm, null, false) ?? stageIn('', fields.element ?? null, false)
  if (stage) fields.stage = stage
  return 'expect'
}
