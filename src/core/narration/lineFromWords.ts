import type { Day } from '../calendar/day'
import type { Units } from '../measure/length'
import type { Stage } from '../scope/vocabulary'
import type { Facts } from '../walk/observation'
import type { Place } from '../walk/siteState'
import { narrate } from './narrate'
import { TRADE_OF_STAGE, workOf } from './spokenFacts'

/** What is done tells the stage, whatever it is done to; the first that fits. */
const BY_DEED: readonly (readonly [RegExp, Stage])[] = [
  [/^(?:re-?)?(?:paint|prime|stain|varnish|whitewash)\b/i, 'paint'],
  [/^(?:re-?)?(?:tile|grout)\b/i, 'tile'],
  [/^(?:plaster|skim|render|stucco)\b/i, 'plaster'],
  [/^(?:tape|mud)\b/i, 'tape'],
  [/^(?:patch|board|re-?board|hang (?:the )?(?:board|drywall|plasterboard))\b/i, 'board'],
  [/^insulate\b/i, 'insulation'],
  [/^(?:dig|excavate|trench)\b/i, 'excavation'],
  [/^(?:pour|cast)\b/i, 'concrete'],
  [/^(?:strip|demolish|demo|rip|tear|gut|take (?:out|off|down)|remove|pull (?:out|up|off))\b/i, 'strip-out'],
  [/^(?:frame|stud|block|sister|shim|fur)\b/i, 'framing'],
  [/^(?:sand|lay|refinish|oil) (?:the )?(?:floor|boards|planks|carpet|vinyl)/i, 'flooring'],
  [/^(?:case|trim|scribe)\b/i, 'trim'],
  [/\b(?:outlet|socket|receptacle|switch|dimmer|wire|cable|circuit|light|lamp|sconce)s?\b/i, 'wires'],
  [/\b(?:pipe|drain line|supply line|valve|shut-?off)s?\b/i, 'pipes'],
  [/\b(?:duct|fan|vent)s?\b/i, 'ducts'],
]

/** A line of work in somebody's own words, read as speech is: what is done tells its stage and trade, or else what it is done
 * to.
 * @param text what is to be done at the place: 'two blockings behind the vanity' */
export function lineFromWords(
  text: string,
  place: Pick<Place, 'id' | 'name'>,
  { units, today }: { readonly units: Units; readonly today: Day },
): Facts['line']['laid'] {
  const [read] = narrate({ text, places: [place.name], current: place.name, units, today, walk: 'scope' })
  const deed = BY_DEED.find(([words]) => words.test(text.trim()))?.[1]
  const laid = workOf(read ?? { words: text }, place)
  return {
    ...laid,
    ...(deed ? { stage: deed, trade: TRADE_OF_STAGE[deed] } : {}),
    title: text.charAt(0).toUpperCase() + text.slice(1),
    how: 'said at the desk',
  }
}
