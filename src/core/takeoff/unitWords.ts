import type { Units } from '../measure/length'
import { FT, FT2, FT3, GALLON, LB, YD3 } from './printer'

/** A unit that figures are given in, with the others that people write for it. */
interface UnitWords {
  /** What one of each is in the unit, by its plain word. */
  readonly factors: Readonly<Record<string, number>>
  /** What a site in these units calls it; one word where it is the same on all. */
  readonly site: Readonly<Record<Units, string>>
}

const same = (site: string, factors: Readonly<Record<string, number>>): UnitWords => ({
  factors,
  site: { metric: site, imperial: site },
})

/** The units of the inputs that are told as a number with its unit. */
export const UNIT_WORDS: Readonly<Record<string, UnitWords>> = {
  m2: { factors: { m2: 1, sqm: 1, ft2: FT2, sf: FT2 }, site: { metric: 'm²', imperial: 'ft²' } },
  ft2: { factors: { ft2: 1, sf: 1, m2: 1 / FT2 }, site: { metric: 'ft²', imperial: 'ft²' } },
  m3: {
    factors: { m3: 1, l: 0.001, ft3: FT3, yd3: YD3, gal: GALLON / 1000 },
    site: { metric: 'm³', imperial: 'yd³ or ft³' },
  },
  kg: { factors: { kg: 1, t: 1000, g: 0.001, lb: LB }, site: { metric: 'kg', imperial: 'lb' } },
  'kg/m': {
    factors: { 'kg/m': 1, 'lb/ft': LB / (FT / 1000), plf: LB / (FT / 1000) },
    site: { metric: 'kg/m', imperial: 'lb/ft' },
  },
  'm2 a litre': {
    factors: { 'm2/l': 1, 'ft2/gal': FT2 / GALLON },
    site: { metric: 'm² a litre', imperial: 'ft² a gallon' },
  },
  'kg/L': same('kg/L', { 'kg/l': 1 }),
  'm/m2': {
    factors: { 'm/m2': 1, 'ft/ft2': FT / 1000 / FT2 },
    site: { metric: 'm of joint a m²', imperial: 'ft of joint a ft²' },
  },
  'm/h': { factors: { 'm/h': 1, 'ft/h': FT / 1000 }, site: { metric: 'm an hour', imperial: 'ft an hour' } },
  'mm2/m': {
    factors: { 'mm2/m': 1, 'cm2/m': 100, 'in2/ft': (25.4 * 25.4) / (FT / 1000) },
    site: { metric: 'mm² a metre', imperial: 'in² a foot' },
  },
  'm2 a day': { factors: { 'm2/d': 1, 'ft2/d': FT2 }, site: { metric: 'm² a day', imperial: 'ft² a day' } },
  days: same('days', { d: 1, wk: 7 }),
  h: same('hours', { h: 1, min: 1 / 60 }),
  '%': same('%', { '%': 1 }),
}

/** Whether a bare figure is meant otherwise on a site in feet than on one in metres. */
export const differsBySite = (unit: string): boolean => {
  const site = UNIT_WORDS[unit]?.site
  return site !== undefined && site.metric !== site.imperial
}

const PLAIN: readonly (readonly [RegExp, string])[] = [
  [/²/g, '2'],
  [/³/g, '3'],
  [/\bsq(?:uare)?\.?\s*(?=[a-z])/g, 'square '],
  [/\bcu(?:bic)?\.?\s*(?=[a-z])/g, 'cubic '],
  [/\b(?:foot|feet|ft)\b\.?/g, 'ft'],
  [/\b(?:inch(?:es)?|in)\b\.?/g, 'in'],
  [/\b(?:yards?|yds?)\b\.?/g, 'yd'],
  [/\b(?:metres?|meters?)\b/g, 'm'],
  [/\b(?:litres?|liters?)\b/g, 'l'],
  [/\bgal(?:lon)?s?\b\.?/g, 'gal'],
  [/\b(?:pounds?|lbs?)\b\.?/g, 'lb'],
  [/\b(?:kilos?|kilograms?|kgs?)\b\.?/g, 'kg'],
  [/\b(?:tonnes?|tons?)\b/g, 't'],
  [/\b(?:grams?)\b/g, 'g'],
  [/\b(?:hours?|hrs?)\b\.?/g, 'h'],
  [/\b(?:minutes?|mins?)\b\.?/g, 'min'],
  [/\bdays?\b/g, 'd'],
  [/\b(?:weeks?|wks?)\b\.?/g, 'wk'],
  [/\bper\s?cent\b|\bpercent\b/g, '%'],
  [/\b(?:sqft|square ft)\b/g, 'ft2'],
  [/\bsquare m\b/g, 'm2'],
  [/\bsquare in\b/g, 'in2'],
  [/\bcubic ft\b/g, 'ft3'],
  [/\bcubic yd\b/g, 'yd3'],
  [/\bcubic m\b/g, 'm3'],
  [/\s*(?:\/|\bper\b|\ban?\b)\s*/g, '/'],
]

/** What one of a unit as somebody wrote it is in the unit asked for; undefined where it is none of its words.
 * @example factorOf('sq. ft per gallon', 'm2 a litre') // => 0.0245… */
export function factorOf(written: string, unit: string): number | undefined {
  const word = PLAIN.reduce((text, [from, to]) => text.replace(from, to), written.trim().toLowerCase())
  const factors = UNIT_WORDS[unit]?.factors ?? {}
  return Object.hasOwn(factors, word) ? factors[word] : undefined
}

/** The unit that a field's label carries on a site, '' where a figure has none. */
export function siteUnit(kind: string, unit: string, fine: boolean, units: Units): string {
  if (kind === 'length') return units === 'imperial' ? 'in, or ft and in' : fine ? 'mm' : 'm, or mm from 20 on'
  if (kind === 'lengths') return `${units === 'imperial' ? 'in' : fine ? 'mm' : 'm or mm'}, parted by commas`
  if (kind === 'sizes')
    return `${units === 'imperial' ? 'in' : 'm or mm'}, like ${units === 'imperial' ? '36 x 48, 2 x 24 x 36' : '900 x 1200, 2 x 600 x 900'}`
  if (kind === 'numbers') return 'parted by commas'
  return UNIT_WORDS[unit]?.site[units] ?? ''
}
