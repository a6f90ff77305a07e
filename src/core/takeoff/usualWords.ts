import type { Units } from '../measure/length'
import { printerFor } from './printer'
import { UNIT_WORDS } from './unitWords'

/** What a site in feet measures in, where no printer of lengths, areas or weights knows it. */
const IN_FEET: Readonly<Record<string, string>> = {
  'm2 a litre': 'ft2/gal',
  'kg/m': 'lb/ft',
  'm/m2': 'ft/ft2',
  'm/h': 'ft/h',
  'm2 a day': 'ft2/d',
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
  const words = UNIT_WORDS[unit]
  const value = units === 'imperial' ? figure / (words?.factors[IN_FEET[unit] ?? ''] ?? 1) : figure
  return printed[unit]?.(figure) ?? `${p.num(value, value >= 100 ? 0 : 3)} ${words?.site[units] ?? unit}`
}
