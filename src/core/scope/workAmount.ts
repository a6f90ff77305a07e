import type { Units } from '../measure/length'
import type { Quantity } from '../measure/quantity'
import type { Basis } from '../places/geometry'
import type { LineLaid } from './line'
import { deskAmount } from './lineAmount'
import { amountOf, effort, type PlaceToTreat } from './layTreatment'
import { hoursPerUnit, RATES, type RateKey, type RateOverrides } from './rates'
import type { Action, Element, Stage } from './vocabulary'

/** Work that somebody names in a few words. */
export interface NamedWork {
  readonly words: string
  readonly stage: Stage
  readonly element: Element
  readonly action: Action
  /** How many, where they were counted. */
  readonly count?: number
  /** An area or a length, in m² or m, where one was told. */
  readonly told?: Quantity
}

type Amount = Pick<LineLaid, 'basis' | 'rate' | 'quantity' | 'how' | 'rough' | 'hours'>

/** A matter of an hour or two until somebody says more: an hour and a half to two and a half of one person. General trade guess. */
const SMALL: Omit<Amount, 'how'> = {
  basis: 'once',
  rate: 'frame-opening',
  quantity: { value: 1, unit: 'each' },
  rough: true,
  hours: effort(1, 2),
}

/** Words that tell of a spot, not of all there is. */
const SPOT =
  /\b(?:patch\w*|touch\w*|fill\w*|holes?|cracks?|corners?|spots?|bits?|pieces?|strips?|behind|around|round|under|above|below|beside|next|between|missing|scars?|joints?|gaps?|loose|damaged|half|part|end|edges?|where|last|top|bottom|remaining|in place|(?:box(?:es)?|vents?|pipes?|lanterns?|lights?|signs?|brackets?|numbers?) on (?:the|a))\b/i
/** Words that tell of the whole, where what is done says to what. */
const WHOLE = /\b(?:room|everything|whole|throughout|place|all|walls|face|facade|elevation|it)\b/i

interface Way {
  readonly stages: readonly Stage[]
  readonly elements: readonly Element[]
  /** What is named, where the thing alone does not tell. */
  readonly named?: RegExp
  readonly action?: Action
  readonly per: Basis
  readonly rate: RateKey
  readonly outside?: true
}

const way = (
  stages: readonly Stage[],
  elements: readonly Element[],
  per: Basis,
  rate: RateKey,
  more: Pick<Way, 'named' | 'action' | 'outside'> = {},
): Way => ({ stages, elements, per, rate, ...more })

const BOTH = /\bwalls? and (?:the )?ceilings?\b|\bceilings? and (?:the )?walls?\b|\bwhole room\b|\beverything\b/i
const SURFACES: readonly Element[] = ['wall', 'ceiling', 'drywall', 'plaster', 'paint', 'insulation']
const CLADDINGS: readonly Element[] = [
  'wall',
  'siding',
  'plaster',
  'paint',
  'insulation',
  'weather-barrier',
  'sheathing',
]
const COVERED: readonly (readonly [Stage, RateKey])[] = [
  ['paint', 'paint'],
  ['board', 'board'],
  ['tape', 'tape'],
  ['plaster', 'plaster'],
  ['insulation', 'insulate'],
  ['tile', 'tile-bath'],
]

/** Which measure and which rate work goes by; the first that fits. The rates are those of the treatments. */
const WAYS: readonly Way[] = [
  way(['paint'], ['door', 'window', 'casing', 'baseboard', 'trim', 'sill'], 'once', 'paint-trim'),
  way(['paint'], CLADDINGS, 'face', 'paint-face', { outside: true }),
  way(['plaster'], CLADDINGS, 'face', 'plaster', { outside: true }),
  way(['insulation'], CLADDINGS, 'face', 'insulate-face', { outside: true }),
  way(['weather-barrier'], CLADDINGS, 'face', 'barrier', { outside: true }),
  way(['cladding'], ['trim', 'casing'], 'face', 'trim-face', { outside: true }),
  way(['cladding'], CLADDINGS, 'face', 'siding', { outside: true }),
  way(['framing', 'cladding'], ['sheathing'], 'face', 'sheathing', { outside: true }),
  way(['strip-out'], ['siding', 'plaster', 'wall'], 'face', 'strip-siding', { outside: true }),
  way(['roof'], ['roof'], 'floor', 'roof-cover', { outside: true }),
  way(['strip-out'], ['roof'], 'floor', 'strip-roof', { outside: true }),
  way(['tile'], ['floor'], 'floor', 'tile-bath'),
  way(['tile'], ['tile'], 'floor', 'tile-bath', { named: /\bfloors?\b/i }),
  way(['tile'], ['backsplash'], 'once', 'tile-splash'),
  ...COVERED.flatMap(([stage, rate]) => [
    way([stage], SURFACES, 'walls-and-ceiling', rate, { named: BOTH }),
    way([stage], [...SURFACES, 'tile'], 'ceiling', rate, { named: /\bceilings?\b/i }),
    way([stage], [...SURFACES, 'tile'], 'walls', rate),
  ]),
  way(['flooring'], ['floor'], 'floor', 'floor'),
  way(['strip-out'], ['floor'], 'floor', 'strip-floor'),
  way(['strip-out'], ['window', 'door'], 'once', 'strip-opening'),
  way(['strip-out'], ['plaster', 'drywall', 'wall'], 'walls-and-ceiling', 'strip-finishes', { named: BOTH }),
  way(['strip-out'], ['ceiling', 'plaster', 'drywall'], 'ceiling', 'strip-finishes', { named: /\bceilings?\b/i }),
  way(['strip-out'], ['plaster', 'drywall'], 'walls', 'strip-finishes', {
    named: /\b(?:walls|plaster|drywall|board)\b/i,
  }),
  way(['framing'], ['wall', 'stud'], 'walls', 'frame-room', { named: /\bwalls\b/i }),
  way(['framing'], ['opening'], 'once', 'frame-opening', { action: 'install' }),
  way(['framing'], ['blocking'], 'once', 'backing'),
  way(['framing'], ['stair'], 'once', 'stair-build', {
    named: /\b(?:build|new|rebuild|put in|set) (?:the |a )?(?:new )?stairs?\b/i,
  }),
  way(['windows-doors'], ['door'], 'once', 'door-hang', { named: /\bhang|\b(?:inner|inside|interior|pocket|barn)\b/i }),
  way(['windows-doors'], ['window', 'door'], 'once', 'window-set', {
    named: /\b(?:set|install|fit|put in|replac|new|swap|change)/i,
  }),
  way(['trim'], ['baseboard'], 'perimeter', 'trim'),
  way(['trim'], ['door'], 'once', 'door-hang'),
  way(['cabinets'], ['cabinet'], 'once', 'cabinets', { named: /\b(?:cabinets|units|kitchen)\b/i }),
  way(['countertops'], ['countertop'], 'once', 'counters'),
  way(['railing'], ['railing'], 'once', 'railing-set'),
]

const isOutside = ({ kind }: PlaceToTreat): boolean => kind === 'face' || kind === 'roof'

function wayOf({ words, stage, element, action }: NamedWork, place: PlaceToTreat): Way | undefined {
  return WAYS.find(
    (one) =>
      one.stages.includes(stage) &&
      one.elements.includes(element) &&
      (one.outside === undefined || isOutside(place)) &&
      (one.action === undefined || one.action === action) &&
      (one.named === undefined || one.named.test(words)),
  )
}

/** What work in somebody's own words comes to: the amount that was told, or else, where all of something is meant, what its
 * place measures; its hours by the firm's rate for such work. What speaks of a spot, or of nothing that has a rate, is taken
 * for an hour or two.
 * @param named what is to be done
 * @param place where, with its size if somebody measured it */
export function workAmount(named: NamedWork, place: PlaceToTreat, rates: RateOverrides): Amount {
  const by = named.action === 'test' || named.action === 'inspect' ? undefined : wayOf(named, place)
  const small: Amount = {
    ...SMALL,
    how: 'an hour or two, until somebody says more',
    quantity: { value: named.count ?? 1, unit: 'each' },
  }
  if (!by) return small
  const perUnit = hoursPerUnit(by.rate, rates)
  const { unit } = RATES[by.rate]
  if (named.told && named.told.unit === unit)
    return {
      basis: 'once',
      rate: by.rate,
      quantity: named.told,
      how: 'as told',
      rough: false,
      hours: effort(named.told.value, perUnit),
    }
  if (SPOT.test(named.words) || named.action === 'repair' || named.action === 'patch') return small
  if (by.per === 'once') {
    const many = named.count ?? 1
    const quantity = { value: many, unit: 'each' } as const
    return { ...small, rate: by.rate, quantity, hours: effort(many, perUnit) }
  }
  const all =
    WHOLE.test(named.words) || /\b(?:floors?|ceilings?|siding|roof|baseboards?|skirting|coats?)\b/i.test(named.words)
  if (!all || named.count !== undefined) return small
  const amount = amountOf(by.per, place)
  return { basis: by.per, rate: by.rate, ...amount, hours: effort(amount.quantity.value, perUnit) }
}

/** What work comes to in a few words: '55.0 m², 8.75 hours'. */
export const workWords = (line: Pick<LineLaid, 'quantity' | 'rough' | 'hours'>, units: Units): string =>
  [deskAmount(line, units), line.hours === 1 ? '1 hour' : `${line.hours} hours`].filter(Boolean).join(', ')
