import { capital } from '../lists/capital'
import type { Quantity } from '../measure/quantity'
import type { PlaceToTreat } from '../scope/layTreatment'
import type { RateOverrides } from '../scope/rates'
import type { Action, Element, Stage, Trade } from '../scope/vocabulary'
import { risksOfWork } from '../scope/risksOfWork'
import { workAmount } from '../scope/workAmount'
import type { Line } from '../scope/line'
import type { Facts } from '../walk/observation'
import type { SiteState } from '../walk/siteState'
import { plain } from './clauses'
import { scaffoldDeed, stageMeant, stageOfDeed } from './deeds'
import type { SpokenLine } from './line'
import { stageIn } from './mentions'
import { stemsOf } from './stems'
import { figuresIn, wordsOf } from './sheets/figures'

/** An area or a length that was told, where one alone was. */
function toldAmount(words: string): Quantity | undefined {
  const figures = figuresIn(wordsOf(words)).filter(({ high }) => high === undefined)
  const [area, second] = figures.filter(({ unit }) => unit === 'm2' || unit === 'ft2')
  if (area && !second) return { value: area.unit === 'm2' ? area.low : area.low * 0.3048 ** 2, unit: 'm2' }
  const [long, other] = figures.filter(({ unit, by }) => (unit === 'm' || unit === 'ft') && !by)
  // How high or thick it is beside that is no amount: 'skirting, 120 high, thirty two metres of it'.
  const sizes = figures.filter(
    ({ unit, counted, by }) => (unit === null || unit === 'mm' || unit === 'in') && !counted && !by,
  )
  if (!long || other || figures.length > 1 + sizes.length) return undefined
  return { value: long.unit === 'm' ? long.low : (long.low + (long.inches ?? 0) / 12) * 0.3048, unit: 'm' }
}

/** The areas of sizes that were told, together: '3.4 by 2.0 and 2.8 by 1.6'. */
function toldSizes(dims: readonly number[] = []): Quantity | undefined {
  if (dims.length < 2 || dims.length % 2 > 0) return undefined
  const areas = dims.flatMap((side, i) => (i % 2 === 0 ? [(side / 1000) * (dims[i + 1]! / 1000)] : []))
  const value = areas.reduce((sum, one) => sum + one, 0)
  // Sides that were told without a unit can be feet that were read as inches.
  return value >= 1 ? { value, unit: 'm2' } : undefined
}

type Worked = Pick<SpokenLine, 'words' | 'stage' | 'element' | 'action'>

/** The stage of work that words tell, by what is done or else by what it is done to; where neither says it, nobody knows
 * whose it is. */
export const stageTold = (line: Worked): Stage | undefined =>
  scaffoldDeed(line.words) ??
  stageOfDeed(line.words) ??
  stageMeant({
    ...line,
    stage: line.stage ?? stageIn(plain(line.words), line.element ?? null, line.action === 'remove') ?? undefined,
  })

/** A line of work as it was said: its stage by what is done, or else by what it is done to; its trade with it; its amount as
 * it was told, or as its place measures. */
export function workOf(
  line: Pick<SpokenLine, 'words' | 'stage' | 'element' | 'action' | 'trade' | 'quantity' | 'extra' | 'dims'>,
  place: PlaceToTreat,
  rates: RateOverrides = {},
): Facts['line']['laid'] {
  const scaffold = scaffoldDeed(line.words)
  const named = stageTold(line) ?? 'framing'
  // The trim of a face is part of its cladding: paint comes after it.
  const stage = named === 'trim' && place.kind === 'face' ? 'cladding' : named
  const action = (line.action ?? 'install') as Action
  const element = (line.element ?? 'wall') as Element
  const told = toldAmount(line.words) ?? toldSizes(line.dims)
  const count = line.quantity === undefined ? {} : { count: line.quantity }
  const work = { words: line.words, stage, element, action, ...count, ...(told ? { told } : {}) }
  const title = titleOf(line.extra ? withoutPrice(line.words) : line.words)
  return {
    placeId: place.id,
    stage,
    trade: scaffold
      ? 'scaffolder'
      : line.trade && !ASKS_FOR_WORK.includes(line.trade)
        ? line.trade
        : tradeFor(named, element, line.words),
    action,
    element,
    title,
    ...workAmount(work, place, rates),
    own: true,
    ...risksOfWork({ stage, action, element, title }, place),
    ...(line.extra ? { extra: true } : {}),
  }
}

/** Who wants work done and does none: 'the inspector wants the wiring finished'. */
const ASKS_FOR_WORK: readonly Trade[] = ['client', 'inspector', 'engineer', 'designer']

/** Words as a title, without what leads on to what was said next. */
export function titleOf(words: string): string {
  const whole = words
    .trim()
    .replace(/(?:[\s,]+(?:and|but|or|so|then|of course|obviously|too|as well))+$/i, '')
    .replace(/^(?:and )?then (?=the |all |we |our )/i, '')
    .replace(
      /^we (?:will |then |also |just )?(?=(?:take|tear|rip|replace|renew|build|fill|close|move|add|lay|paint|tile|board|frame|open|strip|mend|fix|hang|run|install|put|pour|dig)\b)/i,
      '',
    )
    .replace(/^(?:we|they|i|he|she) (?:also |still )?(?:needs?|wants?|would like) (?=(?:an?|the|two|three|more) )/i, '')
    // 'The old hole was filled long ago: no repair there, sealant only so it shows less'.
    .replace(
      /^(?:the |our )?([^:]+?) (?:was|were|has been|have been|had been) [^:]+: (.+?)(?: so (?:it|they|that) .+)?$/i,
      '$1: $2',
    )
    .replace(/ (?:is|are) still (?:to do|to be done|to come|missing)$/i, '')
    // 'On the bath window it's only the trim'.
    .replace(/^(?:(?:on|at|for) )?(the .+?),? (?:it['’]s|it is) (only|just) /i, '$1: $2 ')
  return capital(whole.length > 150 ? `${whole.slice(0, 147)}...` : whole)
}

/** What an extra is, without what it costs and who has to say yes: 'Extra: a heated towel rail, 380'. */
const withoutPrice = (words: string): string =>
  words
    .replace(/[\s,]+if (?:they|he|she|the \w+)s? (?:says?|agrees?|wants?|likes?|approves?|nods?)\b.*$/i, '')
    .replace(/^(?:(?:that['’]s |that is |as )?an )?extra\s*[:,-]\s*/i, '')
    .replace(
      /[\s,]+(?:(?:for|at|that(?:['’]s| is)|call it|say|costs?) )?[€$£]? ?\d[\d.,]* ?(?:[€$£]|euros?|dollars?|pounds?|bucks|quid)?(?: each| extra| more| plus tax| all in| for the lot| on top)?[.!\s]*$/i,
      '',
    )
    .replace(
      /[\s,]+(?:as an )?extra[\s,]*(?:(?:ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|and|one|two|three|four|five|six|seven|eight|nine)[\s,-]*)*[.!\s]*$/i,
      '',
    )
    .replace(/^(?:we|they|i) (?=[a-z]+ (?:it|that|them)\b)/i, '')

/** The open line of a place that tells the same work: in these words, or with all that they name. */
export const toldBefore = (
  { title, stage }: Pick<Line, 'title' | 'stage'>,
  placeId: string,
  { lines }: Pick<SiteState, 'lines'>,
): Line | undefined =>
  lines.find(
    (line) =>
      line.placeId === placeId &&
      line.excluded === null &&
      line.progress < 100 &&
      (plain(line.title) === plain(title) ||
        (line.stage === stage && (COAT.test(title) || tellTheSame(line.title, title)))),
  )

/** A coat is a part of the painting that stands in the scope. */
const COAT = /\b(?:first|second|third|last|final|finish|another) coat\b/i

/** Whether a title names nothing that another does not name, and more than two words could mean by chance. What names more
 * is more work. */
function tellTheSame(known: string, said: string): boolean {
  const [before, now] = [known, said].map((title) => stemsOf(title).filter((stem) => !SAYS_NO_THING.test(stem)))
  return now!.length >= 3 && now!.every((stem) => before!.includes(stem))
}
const SAYS_NO_THING = /^(?:get|ha|hav|have|still|need|must|will|are|was|were|mad|both|our|thei)$/

const WATER: readonly Element[] = ['toilet', 'sink', 'tub', 'shower', 'vanity', 'water-heater', 'radiator', 'pipe']
/** Who does work of a stage: what water runs through is the plumber's, also where lights are fitted in the same stage; what
 * carries is the steel erector's where it is of steel. */
function tradeFor(stage: Stage, element: Element, words: string): Trade {
  if (stage === 'strip-out' && (element === 'roof' || /\broof\b/i.test(words))) return 'roofer'
  if (stage === 'site-works' && /\b(?:decks?|decking|fences?|gates?|pergola|porch)\b/i.test(words)) return 'carpenter'
  if (stage === 'fixtures' && WATER.includes(element)) return 'plumber'
  return stage === 'structure' && STEEL.test(words) ? 'steel' : TRADE_OF_STAGE[stage]
}
const STEEL = /\b(?:steel|iron|weld(?:ed|ing)?|rsj|i-?beam|girder|base plates?)\b/i

const TRADE_OF_STAGE: Record<Stage, Trade> = {
  testing: 'tester',
  scaffold: 'scaffolder',
  protect: 'carpenter',
  'strip-out': 'demolition',
  excavation: 'excavator',
  underground: 'plumber',
  concrete: 'concrete',
  shoring: 'carpenter',
  masonry: 'mason',
  structure: 'carpenter',
  framing: 'carpenter',
  roof: 'roofer',
  'windows-doors': 'window-door',
  'weather-barrier': 'sider',
  cladding: 'sider',
  ducts: 'hvac',
  pipes: 'plumber',
  gas: 'gas-fitter',
  wires: 'electrician',
  'low-voltage': 'low-voltage',
  insulation: 'insulator',
  board: 'drywaller',
  tape: 'drywaller',
  plaster: 'plasterer',
  paint: 'painter',
  tile: 'tiler',
  flooring: 'flooring',
  cabinets: 'cabinet-maker',
  countertops: 'countertop',
  trim: 'carpenter',
  fixtures: 'electrician',
  railing: 'railing',
  'site-works': 'excavator',
  'return-list': 'carpenter',
}
