import { groupBy } from '../../lists/groupBy'
import type { Line } from '../../scope/line'
import { BUILD_ORDER } from '../../scope/vocabulary'
import { plain } from '../clauses'
import { tradesNamed } from '../mentions'
import { stemsOf } from '../stems'
import { deedOn, tradeOn } from './deedOn'
import { beginning, dayIn, openLines, type Told, type Whole } from './whole'

const STARTS =
  /\b(?:from|starts?|starting|begins?|comes?|coming|booked|planned|arrives?|(?:is|are|gets?|will be) (?:cut|stripped|set|lifted|poured|opened|closed)|goes? (?:up|in|on|down)|back)\b/i
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
