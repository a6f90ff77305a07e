import { SHORT_STAGES, STAGES, TRADES } from '../scope/vocabulary'
import type { Line } from '../scope/line'
import type { SiteState } from '../walk/siteState'
import { stemsOf } from './stems'

/** What has to be so before: 'goes when the gable is done', 'after the painter', 'not before the stack is in'. */
const AFTER =
  /\b(?:not (?:until|before|till)|only (?:when|once|after)|when|once|after|as soon as|until|till) (?:the |all (?:the )?|all of the |both |our |their )?(.+?)(?: (?:is|are|has|have|was|were|gets?|goes|comes?)(?: been)?(?: all)?(?: (?:done|finished|complete|completed|in|on|up|off|out|down|dry|set|over|through|laid|hung|fixed|passed|closed|poured|painted|tiled|boarded|insulated|framed|gone))?)?\s*[.,;!?]?$/i

/** What some words say has to be so before, as it was said: 'when the gable is done'. */
export const saidBefore = (words: string): string | undefined => AFTER.exec(words.trim())?.[0].replace(/[.!?]$/, '')

/** The lines of work that some words say have to be done first: of a place that they name, of a trade, a stage, or a thing
 * that stands in the title of one.
 * @param placeId where it was said; lines there are meant before those elsewhere
 * @returns none where nothing is named, or more than a person would mean */
export function doneBefore(words: string, placeId: string, { lines, places }: SiteState): readonly Line[] {
  const named = AFTER.exec(words.trim())?.[1]
  if (!named) return []
  const open = lines.filter((line) => line.excluded === null && line.progress < 100)
  const place = places.find(({ name }) => name.toLowerCase() === named.toLowerCase())
  if (place) return open.filter((line) => line.placeId === place.id)
  const said = new Set(stemsOf(named))
  const tells = (line: Line): boolean =>
    [line.title, STAGES[line.stage], SHORT_STAGES[line.stage], TRADES[line.trade]].some((one) =>
      stemsOf(one).some((stem) => said.has(stem)),
    )
  const here = open.filter((line) => line.placeId === placeId && tells(line))
  if (here.length > 0) return here
  const elsewhere = open.filter(tells)
  return new Set(elsewhere.map(({ placeId: at }) => at)).size === 1 ? elsewhere : []
}
