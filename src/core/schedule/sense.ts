import { OLD_HOUSE } from '../cautions/hazardNotice'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import type { Standard } from '../takeoff/usualFigures'

/** What a plan with sense keeps to, as a firm or a site sets it. Defaults are those of the trade; see docs/planner.md. */
export interface Sense {
  /** Nights that something stands open at most before it is closed again. */
  readonly nights: Readonly<Record<OpeningSort, number>>
  /** Calendar days without the only kitchen or the only bathroom, over which a household is told and the plan pays. */
  readonly daysWithout: Readonly<Record<Service, number>>
  /** Working days ahead that a trade from outside is called before it comes to a site for the first time. */
  readonly noticeDays: number
  /** Houses built before this year are tested before dust is made. */
  readonly testedBefore: number
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
  noticeDays: 3,
  testedBefore: OLD_HOUSE,
}

const PLAN = 'plan/'

/** The figures of sense as they are set, with the most that each may be. */
const FIGURES: readonly (Omit<Standard, 'calculation' | 'usual' | 'reads'> & {
  readonly most: number
  readonly of: (sense: Sense) => number
})[] = [
  ...(Object.keys(OPENING_SORTS) as OpeningSort[]).map((sort) => ({
    key: `${PLAN}nights-${sort}`,
    title: `${OPENING_SORTS[sort]} stands open at most`,
    unit: 'nights',
    most: 60,
    of: ({ nights }: Sense) => nights[sort],
  })),
  ...(Object.keys(SERVICES) as Service[]).map((service) => ({
    key: `${PLAN}without-${service}`,
    title: `Lived in, without the only ${service} at most`,
    unit: 'days',
    most: 365,
    of: ({ daysWithout }: Sense) => daysWithout[service],
  })),
  {
    key: `${PLAN}notice`,
    title: 'Trades from outside are called ahead',
    unit: 'working days',
    most: 60,
    of: ({ noticeDays }: Sense) => noticeDays,
  },
  {
    key: `${PLAN}tested-before`,
    title: 'Tested for lead and asbestos where built before',
    unit: '',
    most: 2199,
    of: ({ testedBefore }: Sense) => testedBefore,
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

/** Refuses what cannot be a figure of sense.
 * @throws ImpossibleRequest naming what is unknown or unreadable */
export function checkFigure(key: string, text: string): void {
  const one = FIGURES.find((figure) => figure.key === key)
  if (!one) throw new ImpossibleRequest('unknown-standard', `${key} is no figure that can be set.`, 'key')
  const value = Number(text)
  if (!Number.isInteger(value) || value < 0 || value > one.most)
    throw new ImpossibleRequest('impossible-standard', `${one.title}: a whole number from 0 to ${one.most}.`, 'value')
}

/** What a firm and a site have set, over the usual figures.
 * @param set figures as they were typed, by key */
export function senseOf(set: Readonly<Record<string, string>>): Sense {
  const figure = (key: string, usual: number): number =>
    set[PLAN + key] === undefined ? usual : Number(set[PLAN + key])
  const { nights, daysWithout, noticeDays, testedBefore } = USUAL_SENSE
  const each = <Key extends string>(prefix: string, usual: Readonly<Record<Key, number>>): Record<Key, number> =>
    Object.fromEntries(
      Object.entries<number>(usual).map(([key, value]) => [key, figure(`${prefix}-${key}`, value)]),
    ) as Record<Key, number>
  return {
    nights: each('nights', nights),
    daysWithout: each('without', daysWithout),
    noticeDays: figure('notice', noticeDays),
    testedBefore: figure('tested-before', testedBefore),
  }
}
