import { capital } from '../lists/capital'
import type { Quantity } from '../measure/quantity'
import type { PlaceToTreat } from '../scope/layTreatment'
import type { RateOverrides } from '../scope/rates'
import type { Action, Element, Stage, Trade } from '../scope/vocabulary'
import { workAmount } from '../scope/workAmount'
import type { Line } from '../scope/line'
import type { Facts } from '../walk/observation'
import type { SiteState } from '../walk/siteState'
import { plain } from './clauses'
import { scaffoldDeed, stageMeant, stageOfDeed } from './deeds'
import type { SpokenLine } from './line'
import { stageIn } from './mentions'
import { figuresIn, wordsOf } from './sheets/figures'

/** An area or a length that was told, where one alone was. */
function toldAmount(words: string): Quantity | undefined {
  const figures = figuresIn(wordsOf(words)).filter(({ high }) => high === undefined)
  const [area, second] = figures.filter(({ unit }) => unit === 'm2' || unit === 'ft2')
  if (area && !second) return { value: area.unit === 'm2' ? area.low : area.low * 0.3048 ** 2, unit: 'm2' }
  const [long, other] = figures.filter(({ unit, by }) => (unit === 'm' || unit === 'ft') && !by)
  if (!long || other || figures.length > 1) return undefined
  return { value: long.unit === 'm' ? long.low : (long.low + (long.inches ?? 0) / 12) * 0.3048, unit: 'm' }
}

/** A line of work as it was said: its stage by what is done, or else by what it is done to; its trade with it; its amount as
 * it was told, or as its place measures. */
export function workOf(
  line: Pick<SpokenLine, 'words' | 'stage' | 'element' | 'action' | 'trade' | 'quantity' | 'extra'>,
  place: PlaceToTreat,
  rates: RateOverrides = {},
): Facts['line']['laid'] {
  const scaffold = scaffoldDeed(line.words)
  const stage =
    scaffold ??
    stageOfDeed(line.words) ??
    stageMeant({
      ...line,
      stage: line.stage ?? stageIn('', line.element ?? null, line.action === 'remove') ?? 'framing',
    })
  const action = (line.action ?? 'install') as Action
  const element = (line.element ?? 'wall') as Element
  const told = toldAmount(line.words)
  const count = line.quantity === undefined ? {} : { count: line.quantity }
  const named = { words: line.words, stage, element, action, ...count, ...(told ? { told } : {}) }
  return {
    placeId: place.id,
    stage,
    trade: scaffold
      ? 'scaffolder'
      : line.trade && line.trade !== 'client'
        ? line.trade
        : tradeFor(stage, element, line.words),
    action,
    element,
    title: titleOf(line.words),
    ...workAmount(named, place, rates),
    own: true,
    cautions: [],
    ...(line.extra ? { extra: true } : {}),
  }
}

/** Words as a title, without what leads on to what was said next. */
export function titleOf(words: string): string {
  const whole = words.trim().replace(/(?:[\s,]+(?:and|but|or|so|then))+$/i, '')
  return capital(whole.length > 150 ? `${whole.slice(0, 147)}...` : whole)
}

/** The open line of a place that was told in these words before. */
export const toldBefore = (title: string, placeId: string, { lines }: Pick<SiteState, 'lines'>): Line | undefined =>
  lines.find(
    (line) =>
      line.placeId === placeId && line.excluded === null && line.progress < 100 && plain(line.title) === plain(title),
  )

const WATER: readonly Element[] = ['toilet', 'sink', 'tub', 'shower', 'vanity', 'water-heater', 'radiator', 'pipe']
/** Who does work of a stage: what water runs through is the plumber's, also where lights are fitted in the same stage; what
 * carries is the steel erector's where it is of steel. */
function tradeFor(stage: Stage, element: Element, words: string): Trade {
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
