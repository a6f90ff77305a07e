import type { Units } from './length'

/** What a quantity is counted in. Areas, lengths and volumes are kept in metres and shown in the site's units. */
export type Unit = 'each' | 'm' | 'm2' | 'm3'

export interface Quantity {
  readonly value: number
  readonly unit: Unit
}

const SHOWN: Record<Units, Record<Unit, { factor: number; word: string }>> = {
  metric: {
    each: { factor: 1, word: '' },
    m: { factor: 1, word: 'm' },
    m2: { factor: 1, word: 'm²' },
    m3: { factor: 1, word: 'm³' },
  },
  // 1 ft = 0.3048 m exactly; 1 yd³ = 27 ft³
  imperial: {
    each: { factor: 1, word: '' },
    m: { factor: 1 / 0.3048, word: 'ft' },
    m2: { factor: 1 / 0.3048 ** 2, word: 'ft²' },
    m3: { factor: 1 / (27 * 0.3048 ** 3), word: 'yd³' },
  },
}

/** Prints a quantity in the site's units: whole from 10 up, one decimal below, two for volumes. */
export function printQuantity(quantity: Quantity, units: Units): string {
  const { factor, word } = SHOWN[units][quantity.unit]
  const value = quantity.value * factor
  const digits = quantity.unit === 'each' ? 0 : quantity.unit === 'm3' ? 2 : Number(value.toFixed(1)) >= 10 ? 0 : 1
  return word ? `${value.toFixed(digits)} ${word}` : value.toFixed(digits)
}
