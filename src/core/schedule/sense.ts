import { OLD_HOUSE } from '../cautions/hazardNotice'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { USUAL_WAITS, type Waits } from '../sequence/relations'
import { LEAD_BUFFER } from '../takeoff/money/latestOrder'
import type { Standard } from '../takeoff/usualFigures'
import { USUAL_COLDEST, type Coldest } from './weather'

/** What a plan with sense keeps to, as a firm or a site sets it. Defaults are those of the trade; see docs/planner.md. */
export interface Sense {
  /** Nights that something stands open at most before it is closed again. */
  readonly nights: Readonly<Record<OpeningSort, number>>
  /** Calendar days without the only kitchen or the only bathroom, over which a household is told and the plan pays. */
  readonly daysWithout: Readonly<Record<Service, number>>
  /** Houses built before this year are tested before dust is made. */
  readonly testedBefore: number
  /** Calendar days that work dries, sets or is answered before others go on. */
  readonly waits: Waits
  /** Per cent of the longest lead that the last day to order has in hand. */
  readonly orderBuffer: number
  /** Visits of a kept plan that may move for each working day won at a site's end. */
  readonly movesADay: number
  /** Working days ahead that a trade from outside is called before it comes to a site for the first time. */
  readonly noticeDays: number
  /** The lowest °C of a day on which work outside is done that frost spoils. */
  readonly coldest: Coldest
  /** Working days in a row in which nobody uses what is hired, from which that is told. */
  readonly idleHireDays: number
}

export const OPENING_SORTS = {
  hole: 'A window or door opening',
  cut: 'An opening that is cut',
  face: 'A face',
  roof: 'A roof',
  ground: 'A trench',
} as const
export type OpeningSort = keyof typeof OPENING_SORTS
export const SERVICES = { kitchen: 'Kitchen', bathroom: 'Bathroom' } as const
export type Service = keyof typeof SERVICES

export const USUAL_SENSE: Sense = {
  nights: { hole: 0, cut: 1, face: 3, roof: 3, ground: 4 },
  daysWithout: { kitchen: 21, bathroom: 14 },
  testedBefore: OLD_HOUSE,
  waits: USUAL_WAITS,
  orderBuffer: LEAD_BUFFER,
  movesADay: 10,
  noticeDays: 3,
  coldest: USUAL_COLDEST,
  idleHireDays: 5,
}

const PLAN = 'plan/'

interface Figure extends Omit<Standard, 'calculation' | 'usual' | 'reads'> {
  readonly least?: number
  readonly most: number
  readonly of: (sense: Sense) => number
}

/** A figure for each key of a group. */
const each = <Key extends string>(
  prefix: string,
  titles: Readonly<Record<Key, string>>,
  rest: Pick<Figure, 'unit' | 'least' | 'most'>,
  of: (sense: Sense) => Readonly<Record<Key, number>>,
): Figure[] =>
  (Object.keys(titles) as Key[]).map((key) => ({
    key: `${PLAN}${prefix}-${key}`,
    title: titles[key],
    ...rest,
    of: (sense) => of(sense)[key],
  }))

const titled = <Key extends string>(
  titles: Readonly<Record<Key, string>>,
  words: (title: string, key: Key) => string,
): Record<Key, string> =>
  Object.fromEntries((Object.keys(titles) as Key[]).map((key) => [key, words(titles[key], key)])) as Record<Key, string>

/** The figures of sense as they are set, with the least and the most that each may be. */
const FIGURES: readonly Figure[] = [
  ...each(
    'nights',
    titled(OPENING_SORTS, (title) => `${title} stands open at most`),
    { unit: 'nights', most: 60 },
    ({ nights }) => nights,
  ),
  ...each(
    'without',
    titled(SERVICES, (_, key) => `Lived in, without the only ${key} at most`),
    { unit: 'days', most: 365 },
    ({ daysWithout }) => daysWithout,
  ),
  {
    key: `${PLAN}tested-before`,
    title: 'Tested for lead and asbestos where built before',
    unit: '',
    most: 2199,
    of: ({ testedBefore }) => testedBefore,
  },
  ...each(
    'wait',
    {
      testing: 'Results of tests before dust',
      concrete: 'Concrete before it is built on',
      masonry: 'Mortar before it carries or is covered',
      plaster: 'Plaster before paint and tile',
      tape: 'Filler before paint and tile',
      tile: 'Tile before what stands on it',
      paint: 'Paint before floors and plates',
    },
    { unit: 'days', most: 90 },
    ({ waits }) => waits,
  ),
  {
    key: `${PLAN}moves`,
    title: 'Visits of a kept plan that may move for a day won',
    unit: 'visits',
    least: 1,
    most: 1000,
    of: ({ movesADay }) => movesADay,
  },
  {
    key: `${PLAN}notice`,
    title: 'Trades from outside are called ahead',
    unit: 'working days',
    most: 60,
    of: ({ noticeDays }) => noticeDays,
  },
  ...each(
    'coldest',
    {
      paint: 'Paint outside from',
      plaster: 'Render outside from',
      masonry: 'Mortar outside from',
      concrete: 'Concrete outside from',
    },
    { unit: '°C', least: -30, most: 30 },
    ({ coldest }) => coldest,
  ),
  {
    key: `${PLAN}idle-hire`,
    title: 'What is hired is told as unused after',
    unit: 'working days',
    least: 1,
    most: 60,
    of: ({ idleHireDays }) => idleHireDays,
  },
]

/** The same for whoever lists all figures that can be set. */
export const senseFigures = (): Standard[] =>
  FIGURES.map(({ key, title, unit, of }) => {
    const usual = of(USUAL_SENSE)
    const reads = `${usual} ${usual === 1 ? unit.replace(/s$/, '') : unit}`.trim()
    return { key, calculation: 'What a plan keeps to', title, unit, usual, reads }
  })

export const isSenseKey = (key: string): boolean => key.startsWith(PLAN)

/** A figure as it was typed, with either sign of less. */
const asNumber = (text: string): number => Number(text.replace('\u2212', '-'))

/** Refuses what cannot be a figure of sense.
 * @throws ImpossibleRequest naming what is unknown or unreadable */
export function checkFigure(key: string, text: string): void {
  const one = FIGURES.find((figure) => figure.key === key)
  if (!one) throw new ImpossibleRequest('unknown-standard', `${key} is no figure that can be set.`, 'key')
  const value = asNumber(text)
  const { title, least = 0, most } = one
  if (!Number.isInteger(value) || value < least || value > most)
    throw new ImpossibleRequest('impossible-standard', `${title}: a whole number from ${least} to ${most}.`, 'value')
}

/** What a firm and a site have set, over the usual figures.
 * @param set figures as they were typed, by key */
export function senseOf(set: Readonly<Record<string, string>>): Sense {
  const figure = (key: string, usual: number): number => {
    const typed = set[PLAN + key]
    return typed === undefined ? usual : asNumber(typed)
  }
  const group = <Key extends string>(prefix: string, usual: Readonly<Record<Key, number>>): Record<Key, number> =>
    Object.fromEntries(
      Object.entries<number>(usual).map(([key, value]) => [key, figure(`${prefix}-${key}`, value)]),
    ) as Record<Key, number>
  const usual = USUAL_SENSE
  return {
    nights: group('nights', usual.nights),
    daysWithout: group('without', usual.daysWithout),
    testedBefore: figure('tested-before', usual.testedBefore),
    waits: group('wait', usual.waits),
    // The figure of the calculation holds for the order desk too.
    orderBuffer: Number.parseFloat((set['C-39/buffer'] ?? String(usual.orderBuffer)).replace(',', '.')),
    movesADay: figure('moves', usual.movesADay),
    noticeDays: figure('notice', usual.noticeDays),
    coldest: group('coldest', usual.coldest),
    idleHireDays: figure('idle-hire', usual.idleHireDays),
  }
}
