import { mm, printLength, type Units } from '../measure/length'
import { signed } from '../measure/signed'

/** Prints figures in a site's units, for the steps of a calculation. */
export interface Printer {
  len(mm: number): string
  area(m2: number): string
  /** A small area, of vents and openings. */
  small(m2: number): string
  volume(m3: number): string
  mass(kg: number): string
  liquid(litres: number): string
  num(value: number, digits?: number): string
}

const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)))

/** Square metres to a square foot, cubic metres to a cubic foot and yard, kilograms to a pound, litres to a gallon. */
export const FT = 304.8
export const INCH = 25.4
export const FT2 = 0.3048 ** 2
export const FT3 = 0.3048 ** 3
export const YD3 = 27 * FT3
export const LB = 0.45359237
export const GALLON = 3.785411784

export const printerFor = (units: Units): Printer =>
  units === 'metric'
    ? {
        // Halves of a millimetre count where boards and gaps are added up.
        len: (value) => signed(Math.abs(value) < 10_000 ? `${trimmed(value, 1)} mm` : `${trimmed(value / 1000, 3)} m`),
        area: (value) => `${trimmed(value, 2)} m²`,
        small: (value) => `${trimmed(value * 1e4, 0)} cm²`,
        volume: (value) => `${trimmed(value, 3)} m³`,
        mass: (value) => `${trimmed(value, 1)} kg`,
        liquid: (value) => `${trimmed(value, 2)} L`,
        num: (value, digits = 2) => trimmed(value, digits),
      }
    : {
        len: (value) => (value < 0 ? `−${printLength(mm(-value), units)}` : printLength(mm(value), units)),
        area: (value) => `${trimmed(value / FT2, 1)} ft²`,
        small: (value) => `${trimmed((value / FT2) * 144, 0)} in²`,
        volume: (value) => `${trimmed(value / FT3, 2)} ft³ (${trimmed(value / YD3, 3)} yd³)`,
        mass: (value) => `${trimmed(value / LB, 1)} lb`,
        liquid: (value) => `${trimmed(value / GALLON, 2)} gal`,
        num: (value, digits = 2) => trimmed(value, digits),
      }
