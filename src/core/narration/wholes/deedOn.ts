import type { Day } from '../../calendar/day'
import { capital } from '../../lists/capital'
import { STAGES } from '../../scope/vocabulary'
import { plain } from '../clauses'
import { lineOfKind } from '../learned/forced'
import { nearest } from '../linesMeant'
import { named, tradesNamed } from '../mentions'
import { STAGE_OF_TRADE } from '../stageOfTrade'
import { workOf } from '../spokenWork'
import { beginning, laidFrom, openLines, type Told, type Whole } from './whole'

/** 'The roof is cut on Friday 25': a deed with its day that stands in no line is one, and begins then. */
export function deedOn(told: Told, day: Day): ReturnType<Whole> {
  const { words, place, rates, narration, first } = told
  const [, thing, deed] = DEED_ON.exec(words.trim()) ?? []
  if (!place || !thing || !deed || !named(thing.toLowerCase())) return null
  const title = capital(
    /^go/i.test(deed)
      ? `${thing} ${deed.toLowerCase()}`
      : `${thing} ${/s$/.test(thing) ? 'are' : 'is'} ${deed.toLowerCase()}`,
  )
  const taken = /^(?:cut|stripped|opened|removed|taken|torn|demolished)/i.test(deed)
  const read = lineOfKind('work', narration, title, null)
  const element = read.element ?? first.element ?? named(thing.toLowerCase())!
  const laid = workOf(
    { ...read, element, words: title, ...(taken ? { stage: 'strip-out' as const, action: 'remove' as const } : {}) },
    place,
    rates,
  )
  // What is in the scope of its stage here is what is meant.
  const here = openLines(told.state).filter((line) => line.placeId === place.id && line.stage === laid.stage)
  const installed = here.filter(({ action }) => action !== 'measure')
  if (installed.length > 0) return beginning(told, nearest(installed, words), day)
  return laidFrom(told, taken && element === 'roof' ? { ...laid, trade: 'roofer' } : laid, day)
}
/** 'Roofers come Monday 7 September', where nothing in the scope is theirs yet: a line for what they come for. */
export function tradeOn(told: Told, day: Day): ReturnType<Whole> {
  const { words, place, state, rates } = told
  const [trade, other] = tradesNamed(plain(words))
  const stage = trade && STAGE_OF_TRADE[trade]
  if (!place || !stage || other || !/\b(?:come|comes|coming|booked|start|starts)\b/i.test(words)) return null
  if (state.lines.some((line) => line.trade === trade && line.placeId === place.id)) return null
  const laid = workOf({ words: `${STAGES[stage]} work`, stage, action: 'install' }, place, rates)
  return laidFrom(told, { ...laid, stage, trade }, day)
}
const DEED_ON =
  /^(?:the |our )?((?:[\w-]+ ){0,3}?[\w-]+) (?:(?:is|are|gets?|will be) (?:being )?)?(goes? (?:up|in|on|down)|cut|stripped(?: off)?|opened(?: up)?|removed|taken (?:off|out|down)|torn (?:off|out|down)|demolished|set|lifted|poured|closed|laid|hung|covered|tiled|painted|boarded|insulated|plastered)\b/i
