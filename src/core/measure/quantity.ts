import { ImpossibleRequest } from '../errors/impossibleRequest'
import { metres, parseLength, type Units } from './length'

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

/** A quantity in the site's units: whole from 10 up, one decimal below, two for volumes. */
export function shownQuantity(quantity: Quantity, units: Units): { readonly amount: string; readonly word: string } {
  const { factor, word } = SHOWN[units][quantity.unit]
  const value = quantity.value * factor
  const digits = quantity.unit === 'each' ? 0 : quantity.unit === 'm3' ? 2 : Number(value.toFixed(1)) >= 10 ? 0 : 1
  return { amount: value.toFixed(digits), word }
}

export function printQuantity(quantity: Quantity, units: Units): string {
  const { amount, word } = shownQuantity(quantity, units)
  return word ? `${amount} ${word}` : amount
}

/** The words people put behind an amount, with the unit and the system they mean. */
const SAID: readonly { readonly unit: Unit; readonly units: Units; readonly words: RegExp }[] = [
  { unit: 'm2', units: 'metric', words: /^(?:m²|m2|sqm|sq\.? ?m|square met(?:re|er)s?)$/ },
  { unit: 'm2', units: 'imperial', words: /^(?:ft²|ft2|sf|sqft|sq\.? ?ft\.?|square (?:foot|feet))$/ },
  { unit: 'm3', units: 'metric', words: /^(?:m³|m3|cubic met(?:re|er)s?)$/ },
  { unit: 'm3', units: 'imperial', words: /^(?:yd³|yd3|cu\.? ?yd\.?|cubic yards?|yards?)$/ },
  { unit: 'each', units: 'metric', words: /^(?:pcs?|pieces?|each|no\.?|times)$/ },
]

/** Reads an amount typed for a line of work, in the site's units unless the words say others.
 *
 * @param text `594`, `12,5`, `594 sq ft`, `55 m²`; for lengths also `16 ft`, `16' 4"`, `4.9 m`
 * @param unit what the line is counted in
 * @returns the amount in that unit (metres, square or cubic metres, or pieces), more than 0
 * @throws ImpossibleRequest `unreadable-quantity` with field `quantity`, saying how to write it
 * @example parseQuantity('594 sq ft', 'm2', 'metric') // => 55.18...   (594 × 0.09290304)
 */
export function parseQuantity(text: string, unit: Unit, units: Units): number {
  const typed = text.trim().toLowerCase()
  const said = /^(\d+(?:[.,]\d+)?)\s*(.*)$/.exec(typed)
  const value = said ? valueOf(Number(said[1]!.replace(',', '.')), said[2]!, typed, unit, units) : null
  if (value === null || !(value > 0)) {
    const { word } = SHOWN[units][unit]
    throw new ImpossibleRequest(
      'unreadable-quantity',
      `Quantity: "${text.trim()}" cannot be read. Write a number${word ? ` of ${word}` : ''}, more than 0, like ${word ? `12.5 ${word}` : '3'}.`,
      'quantity',
    )
  }
  return value
}

function valueOf(amount: number, word: string, typed: string, unit: Unit, units: Units): number | null {
  if (word === '') return amount / SHOWN[units][unit].factor
  if (unit === 'm') return lengthIn(typed, units)
  const said = SAID.find((one) => one.unit === unit && one.words.test(word))
  return said ? amount / SHOWN[said.units][unit].factor : null
}

function lengthIn(typed: string, units: Units): number | null {
  try {
    return metres(parseLength(typed, units).tenths)
  } catch (error) {
    if (error instanceof ImpossibleRequest) return null
    throw error
  }
}
