/** Weight of demolition waste, kg to a unit of it: low and high. Plaster and lath weigh 8 to 10 lb/ft² of face and
 * concrete 150 lb/ft³; the others are general trade figures. */
export const WASTE = {
  'plaster and lath': { unit: 'm²', kg: [39, 49] },
  board: { unit: 'm²', kg: [9, 11] },
  'tile on mortar': { unit: 'm²', kg: [60, 90] },
  concrete: { unit: 'm³', kg: [2400, 2400] },
  'brick and mortar': { unit: 'm³', kg: [1700, 1900] },
  soil: { unit: 'm³', kg: [1500, 1900] },
  timber: { unit: 'm³', kg: [450, 650] },
} as const
export type WasteKind = keyof typeof WASTE

export interface BinCheck {
  /** Weight of the load, low and high, in kg. */
  readonly weight: readonly [number, number]
  readonly overWeight: 'no' | 'maybe' | 'yes'
  /** How full it stands, in per cent of its height; null where no height was told. */
  readonly fill: number | null
}

/** Checks a bin's load: its weight before its volume (C-45).
 *
 * @param amount  more than 0, in m² or m³ as the kind is counted
 * @param limit   the bin's weight limit in kg
 * @param heights of the load and of the bin, in one unit, where they were looked at
 * @example 37.2 m² (400 ft²) of plaster and lath: 1 451 to 1 823 kg, which is 3 200 to 4 020 lb
 */
export function binCheck(
  kind: WasteKind,
  amount: number,
  limit: number,
  heights?: { load: number; bin: number },
): BinCheck {
  const [low, high] = WASTE[kind].kg.map((kg) => Math.round(kg * amount)) as [number, number]
  return {
    weight: [low, high],
    overWeight: low > limit ? 'yes' : high > limit ? 'maybe' : 'no',
    fill: heights ? Math.round((heights.load / heights.bin) * 100) : null,
  }
}
