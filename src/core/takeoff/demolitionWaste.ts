import type { Units } from '../measure/length'

interface Waste {
  readonly unit: { readonly metric: string; readonly imperial: string }
  /** Kilograms to a square or cubic metre, low and high. */
  readonly metric: readonly [number, number]
  /** Pounds to a square or cubic foot, low and high. */
  readonly imperial: readonly [number, number]
}
const AREA = { metric: 'm²', imperial: 'ft²' }
const VOLUME = { metric: 'm³', imperial: 'ft³' }

/** Weight of demolition waste. Plaster and lath weigh 8 to 10 lb/ft² of face and concrete 150 lb/ft³; the others are
 * general trade figures. */
export const WASTE = {
  'plaster and lath': { unit: AREA, metric: [39, 49], imperial: [8, 10] },
  board: { unit: AREA, metric: [9, 11], imperial: [1.8, 2.3] },
  'tile on mortar': { unit: AREA, metric: [60, 90], imperial: [12, 18] },
  concrete: { unit: VOLUME, metric: [2400, 2400], imperial: [150, 150] },
  'brick and mortar': { unit: VOLUME, metric: [1700, 1900], imperial: [106, 119] },
  soil: { unit: VOLUME, metric: [1500, 1900], imperial: [94, 119] },
  timber: { unit: VOLUME, metric: [450, 650], imperial: [28, 41] },
} as const satisfies Record<string, Waste>
export type WasteKind = keyof typeof WASTE

export interface BinCheck {
  /** Weight of the load, low and high, in kg, or in lb on a site in feet. */
  readonly weight: readonly [number, number]
  readonly overWeight: 'no' | 'maybe' | 'yes'
  /** How full it stands, in per cent of its height; null where no height was told. */
  readonly fill: number | null
}

/** Checks a bin's load: its weight before its volume (C-45).
 *
 * @param amount  more than 0, in m² or m³ (ft² or ft³) as the kind is counted
 * @param limit   the bin's weight limit in kg (lb)
 * @param heights of the load and of the bin, in one unit, where they were looked at
 * @example 37.2 m² (400 ft²) of plaster and lath: 1 451 to 1 823 kg, which is 3 200 to 4 020 lb
 */
export function binCheck(
  kind: WasteKind,
  amount: number,
  limit: number,
  heights?: { load: number; bin: number },
  units: Units = 'metric',
): BinCheck {
  const [low, high] = WASTE[kind][units].map((weight) => Math.round(weight * amount)) as [number, number]
  return {
    weight: [low, high],
    overWeight: low > limit ? 'yes' : high > limit ? 'maybe' : 'no',
    fill: heights ? Math.round((heights.load / heights.bin) * 100) : null,
  }
}
