import type { Stage, Trade } from '../scope/vocabulary'
import { expectDated } from './expecting'
import { isFuture, isGone } from './howFar'
import { denies } from './kinds'
import type { LineKind } from './line'
import { stageIn } from './mentions'
import { ANAPHORA } from './pointing'
import type { Memory, Reading, Rule } from './reading'
import { STAGE_OF_TRADE } from './stageOfTrade'

/** 'The cabinets moved to next Friday'. */
const PUT_OFF =
  /\b(?:moved|pushed|put|slipped|brought|rescheduled|bumped|shifted)(?: back| forward| off| out)?(?: to| until| by)? (?=$|next |this |the |\w+day|tomorrow|today)|\b(?:moved|pushed|put back|slipped|brought forward|rescheduled|bumped) (?:to|until)\b/

/** How far a piece of work is. */
export const tellsHowFar: Rule = (norm, reading, seen, last, memory) => {
  if (/^(?:the )?[a-z]+ (?:just |already )?[a-z]+(?:ed|t) (?:it|them|that)\b/.test(norm)) return null
  if (/^(?:they|he|she|we|i) (?:had|got) (?:the|an?|their|his|her) (?:\w+ )+[a-z]+ed$/.test(norm)) return null
  const trigger = seen.percent === 100 ? /^(.*?)\b(?:once|as soon as) (.+)$/.exec(norm) : null
  if (trigger) return waitsFor(trigger[1]!, trigger[2]!, reading)
  if (seen.percent === null || (seen.action !== null && seen.percent === 100 && isFuture(norm))) return null
  if (seen.percent === 100 && isFuture(norm) && !/\b(?:is|are|was|were|all|s) /.test(norm)) return null
  if (denies(norm)) return null
  const { fields } = reading
  if (seen.percent === 100 && seen.hasDate && /\b(?:done|finished|complete|in|up|out|ready) (?:by|before)\b/.test(norm))
    return expectDated(norm, fields)
  if (norm === 'primed' && last?.kind === 'selection') return null
  if (
    seen.hasDate &&
    (PUT_OFF.test(norm) || (seen.percent === 'some' && !/\b(?:is|are|has|have|had|was|were)\b/.test(norm)))
  )
    return expectDated(norm, fields)
  if (seen.percent !== 'some') fields.percent = seen.percent
  const gone = seen.percent !== null && isGone(norm)
  const stage =
    stageIn(norm, reading.own ? (fields.element ?? null) : null, gone) ??
    (fields.element ? stageIn('', fields.element, false) : null)
  const meant = inheritedStage(norm, reading, gone, memory) ?? stage ?? shareOf(fields.trade, norm) ?? memory.stage
  if (meant) fields.stage = meant
  if (
    fields.element === 'wire' &&
    memory.stage === 'low-voltage' &&
    fields.stage === 'wires' &&
    !/\bwiring\b/.test(norm)
  )
    fields.stage = 'low-voltage'
  if (!reading.own && !ANAPHORA.test(norm) && fields.stage && stageIn(norm, null, gone)) delete fields.element
  return 'progress'
}

/** 'The tiler is two thirds through': how far somebody is, is how far his work is. */
const shareOf = (trade: Trade | undefined, norm: string): Stage | undefined =>
  trade && /\b(?:is|are|has|have)\b/.test(norm) ? STAGE_OF_TRADE[trade] : undefined

const ROUGH_OF_TRADE: Partial<Record<Trade, Stage>> = {
  plumber: 'pipes',
  electrician: 'wires',
  hvac: 'ducts',
  'gas-fitter': 'gas',
  'low-voltage': 'low-voltage',
}

/** The stage that a clause takes from what was said before: that of somebody's rough-in, or that of the thing meant. */
function inheritedStage(norm: string, { fields, own }: Reading, gone: boolean, memory: Memory): Stage | undefined {
  const trade = fields.trade ?? (/\b(?:his|her|their)\b/.test(norm) ? memory.trade : undefined)
  const rough = /\b(?:first fix|rough(?:ed|ing)? ?in|rough)\b/.test(norm) && trade ? ROUGH_OF_TRADE[trade] : undefined
  if (rough) return rough
  if (stageIn(norm, null, gone)) return undefined
  const general = own && (fields.element === 'wall' || fields.element === 'ceiling')
  const same = !own && memory.stageOf !== undefined && memory.stageOf === fields.element
  return general || same ? memory.stage : undefined
}

/** 'The glass gets measured once the tile is done': held, not done; alone, the trigger says nothing of today. */
function waitsFor(head: string, trigger: string, { fields }: Reading): LineKind | null {
  if (head.trim() === '') return null
  fields.state = 'held'
  fields.until = trigger
  const stage = stageIn(head, fields.element ?? null, false)
  if (stage) fields.stage = stage
  return 'progress'
}
