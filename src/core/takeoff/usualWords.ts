import type { Units } from '../measure/length'
import { FT, FT2, GALLON, LB, printerFor } from './printer'
import { UNIT_WORDS } from './unitWords'

/** What one metric unit is in the unit of a site in feet, where no printer of lengths, areas or weights knows it. */
const IN_FEET: Readonly<Record<string, number>> = {
  'm2 a litre': GALLON / FT2,
  'kg/m': FT / 1000 / LB,
  'm/m2': (FT2 * 1000) / FT,
  'm/h': 1000 / FT,
  'm2 a day': 1 / FT2,
}
/** Under so many cubic metres a volume is one of tubes and tins. */
const A_TIN = 0.02

/** A usual figure of a calculation as a site in these units reads it.
 * @param unit that of the input, '' for none
 * @example usualWords(8.5, 'm2 a litre', 'imperial') // => 346 ft² a gallon */
export function usualWords(figure: number | string, unit: string, units: Units): string {
  if (typeof figure === 'string' || unit === '' || unit === 'pieces') return String(figure)
  const p = printerFor(units)
  const printed: Readonly<Record<string, (value: number) => string>> = {
    mm: p.len,
    m2: p.area,
    m3: (value) => (value < A_TIN ? p.liquid(value * 1000) : p.volume(value)),
    kg: p.mass,
  }
  const word = UNIT_WORDS[unit]?.site[units] ?? unit
  const value = units === 'imperial' ? figure * (IN_FEET[unit] ?? 1) : figure
  return printed[unit]?.(figure) ?? `${p.num(value, value >= 100 ? 0 : 3)} ${word}`
}
