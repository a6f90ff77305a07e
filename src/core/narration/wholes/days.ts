import { groupBy } from '../../lists/groupBy'
import type { Line } from '../../scope/line'
import { BUILD_ORDER, STAGES, TRADES, type Stage, type Trade } from '../../scope/vocabulary'
import { shortDay, type Day } from '../../calendar/day'
import { capital } from '../../lists/capital'
import { plain } from '../clauses'
import { lineOfKind } from '../learned/forced'
import { named, tradesNamed } from '../mentions'
import { workOf } from '../spokenWork'
import { stemsOf } from '../stems'
import { beginning, dayIn, openLines, type Told, type Whole } from './whole'

const STARTS =
  /\b(?:from|starts?|starting|begins?|comes?|coming|booked|planned|arrives?|(?:is|are|gets?|will be) (?:cut|stripped|set|lifted|poured|opened|closed)|back)\b/i
/** What is promised, asked for, hung on something or put off is no day that work may begin on. */
const NO_START =
  /\b(?:by|until|till|before|if|unless|not|wants?|wished|promised|told|owes?|arrived|came|was|were|letter|permit|drawing|delivery|rain|storm|off|finished|done)\b/i

/** What a trade comes back for at a place: the first of its stages there of which something is open. What nobody approved yet
 * is nobody's work. */
function nextStage(lines: readonly Line[]): Line[] {
  const agreed = lines.filter(({ extra, approval }) => !extra || approval?.answer === 'approved')
  return [...groupBy(agreed, ({ placeId }) => placeId).values()].flatMap((here) => {
    const first = Math.min(...here.map(({ stage }) => BUILD_ORDER.indexOf(stage)))
    return here.filter(({ stage }) => BUILD_ORDER.indexOf(stage) === first)
  })
}

/** The open work that a sentence speaks of: by its title, or what a trade that it names ('the roofers') does next. */
function workMeant({ words, place, state }: Told): readonly Line[] {
  const said = new Set(stemsOf(words))
  const open = openLines(state)
  const titled = open.filter((line) => line.progress === 0 && stemsOf(line.title).every((one) => said.has(one)))
  const trades = tradesNamed(plain(words))
  const ofTrade = nextStage(open.filter((line) => trades.includes(line.trade)))
  const ways = [titled, ofTrade].flatMap((all) => [all.filter((line) => line.placeId === place?.id), all])
  return ways.find((lines) => lines.length > 0) ?? []
}

/** 'The roof is cut on Friday 25': a deed with its day that stands in no line is one, and begins then. */
function deedOn({ words, place, rates, narration, newId, first }: Told, day: Day): ReturnType<Whole> {
  const [, thing, deed] = DEED_ON.exec(words.trim()) ?? []
  if (!place || !thing || !deed || !named(thing.toLowerCase())) return null
  const title = capital(`${thing} ${/s$/.test(thing) ? 'are' : 'is'} ${deed.toLowerCase()}`)
  const taken = /^(?:cut|stripped|opened|removed|taken|torn|demolished)/i.test(deed)
  const read = lineOfKind('work', narration, title, null)
  const element = read.element ?? first.element ?? named(thing.toLowerCase())!
  const laid = workOf(
    { ...read, element, words: title, ...(taken ? { stage: 'strip-out' as const, action: 'remove' as const } : {}) },
    place,
    rates,
  )
  const at = { subject: 'line' as const, subjectId: newId(), placeId: place.id }
  return {
    kind: 'work',
    says: `Work from ${shortDay(day)}: ${title}`,
    facts: [
      { ...at, facet: 'laid', value: taken ? { ...laid, trade: element === 'roof' ? 'roofer' : laid.trade } : laid },
      { ...at, facet: 'held', value: { reason: words.trim().replace(/[.!]+$/, ''), until: day, begins: true } },
    ],
  }
}
/** 'Roofers come Monday 7 September', where nothing in the scope is theirs yet: a line for what they come for. */
function tradeOn({ words, place, state, rates, newId }: Told, day: Day): ReturnType<Whole> {
  const [trade, other] = tradesNamed(plain(words))
  const stage = trade && STAGE_OF_TRADE[trade]
  if (!place || !stage || other || !/\b(?:come|comes|coming|booked|start|starts)\b/i.test(words)) return null
  if (state.lines.some((line) => line.trade === trade && line.placeId === place.id)) return null
  const laid = workOf({ words: `${STAGES[stage]} work`, stage, action: 'install' }, place, rates)
  const at = { subject: 'line' as const, subjectId: newId(), placeId: place.id }
  return {
    kind: 'work',
    says: `Work for the ${TRADES[trade].toLowerCase()} from ${shortDay(day)}`,
    facts: [
      { ...at, facet: 'laid', value: { ...laid, stage, trade } },
      { ...at, facet: 'held', value: { reason: words.trim().replace(/[.!]+$/, ''), until: day, begins: true } },
    ],
  }
}
/** Trades that come for one thing. */
const STAGE_OF_TRADE: Partial<Record<Trade, Stage>> = {
  roofer: 'roof',
  sider: 'cladding',
  'window-door': 'windows-doors',
  hvac: 'ducts',
  insulator: 'insulation',
  drywaller: 'board',
  plasterer: 'plaster',
  painter: 'paint',
  tiler: 'tile',
  flooring: 'flooring',
  'cabinet-maker': 'cabinets',
  countertop: 'countertops',
  railing: 'railing',
  mason: 'masonry',
}

const DEED_ON =
  /^(?:the |our )?((?:[\w-]+ ){0,3}?[\w-]+) (?:is|are|gets?|will be) (?:being )?(cut|stripped(?: off)?|opened(?: up)?|removed|taken (?:off|out|down)|torn (?:off|out|down)|demolished|set|lifted|poured|closed|laid|hung|covered|tiled|painted|boarded|insulated|plastered)\b/i

/** 'The roof is stripped from Monday 15 June', 'roofers come Monday 7 September': work that begins no sooner. */
export const fromDay: Whole = (told) => {
  const { words, narration } = told
  // A size in another part of the sentence ('five by three') is no 'by Friday'.
  const dated = words.split(',').find((part) => dayIn({ ...told, words: part })) ?? words
  if (!STARTS.test(words) || NO_START.test(dated)) return null
  const day = dayIn(told)
  if (!day || day <= narration.today) return null
  const lines = workMeant(told)
  if (lines.length === 0) return deedOn(told, day) ?? tradeOn(told, day)
  return lines.length > 0 && new Set(lines.map(({ placeId }) => placeId)).size === 1
    ? beginning(told, lines, day)
    : null
}
