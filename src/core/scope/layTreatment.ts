import type { Size } from '../measure/size'
import { reckon, type Basis, type Reckoned } from '../places/geometry'
import type { PlaceKind } from '../places/place'
import type { LineLaid } from './line'
import { hoursPerUnit, type RateOverrides } from './rates'
import type { Treatment, TreatmentLine } from './treatment'

export interface PlaceToTreat {
  readonly id: string
  /** What it is called, where what is done there hangs on it. */
  readonly name?: string
  readonly kind: PlaceKind
  readonly size: Size | null
}

/** Lays a treatment down at a place: each line's quantity from the geometry, its effort from the firm's rates.
 *
 * Where the place has no size yet a line is reckoned for an ordinary room of 12 m² floor, 36 m² walls and marked rough.
 * What can hurt somebody in the whole of it, and belongs to no line alone, stands with its first line.
 */
export function layTreatment(treatment: Treatment, place: PlaceToTreat, rates: RateOverrides): LineLaid[] {
  const named = new Set(treatment.lines.flatMap((line) => line.cautions ?? []))
  const general = treatment.cautions.filter((id) => !named.has(id))
  return treatment.lines.map((line, i) => {
    const laid = layLine(line, treatment.id, place, rates)
    return i === 0 ? { ...laid, cautions: [...laid.cautions, ...general] } : laid
  })
}

/** Ordinary amounts for a place that nobody has measured, in m² or m. General trade guess; measuring replaces it. */
const UNMEASURED: Record<Basis, number> = {
  once: 1,
  floor: 12,
  ceiling: 12,
  walls: 34,
  'walls-and-ceiling': 46,
  perimeter: 14,
  face: 35,
  length: 5,
  slab: 0.5,
}
const UNIT_OF = {
  once: 'each',
  floor: 'm2',
  ceiling: 'm2',
  walls: 'm2',
  'walls-and-ceiling': 'm2',
  perimeter: 'm',
  face: 'm2',
  length: 'm',
  slab: 'm3',
} as const

/** How much there is of a place by some measure, and how that was reckoned. */
export const amountOf = (per: Basis, place: PlaceToTreat): Reckoned =>
  reckon(per, place.kind, place.size) ?? {
    quantity: { value: UNMEASURED[per], unit: UNIT_OF[per] },
    how: 'not measured yet; reckoned as an ordinary room',
    rough: true,
  }

function layLine(line: TreatmentLine, treatment: string, place: PlaceToTreat, rates: RateOverrides): LineLaid {
  const amount = amountOf(line.per, place)
  const perUnit = hoursPerUnit(line.rate, rates)
  return {
    placeId: place.id,
    stage: line.stage,
    trade: line.trade,
    action: line.action,
    element: line.element,
    title: line.title,
    basis: line.per,
    rate: line.rate,
    ...amount,
    hours: effort(amount.quantity.value, perUnit),
    cautions: line.cautions ?? [],
    treatment,
    ...(line.inspects ? { inspects: line.inspects } : {}),
    ...(line.beforeCover ? { beforeCover: true } : {}),
    ...(line.outage ? { outage: line.outage } : {}),
  }
}

/** Effort in hours, to a quarter of an hour, at least one quarter. */
export const effort = (quantity: number, perUnit: number): number =>
  Math.max(0.25, Math.round(quantity * perUnit * 4) / 4)
