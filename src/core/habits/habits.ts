import type { Units } from '../measure/length'

export const DAY_FORMS = { 'day first': 'Tuesday 10 March', 'month first': 'Tuesday, March 10' } as const
export type DayForm = keyof typeof DAY_FORMS

/** How a firm measures, counts its money and writes its days. */
export interface Habits {
  /** What a new site is measured in, until it says otherwise. */
  readonly units: Units
  /** ISO 4217, like `EUR`. */
  readonly currency: string
  readonly dayForm: DayForm
  /** An IANA name, like `Europe/Vienna`: when its day begins. */
  readonly timeZone: string
}

/** How days and money are printed. */
export type Written = Pick<Habits, 'currency' | 'dayForm'>

export const USUAL: Written = { currency: 'EUR', dayForm: 'day first' }

/** One firm a process and one a browser: what is set here holds for all that is printed in it, as a language would. */
let now: Written = USUAL
export const written = (): Written => now
export function writeAs({ currency, dayForm }: Written): void {
  now = { currency, dayForm }
}

/** Money that is in use somewhere today, by its code. */
export const isCurrency = (code: string): boolean => Intl.supportedValuesOf('currency').includes(code)

/** Whether clocks somewhere go by this zone. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

/** The calendar day and the hour, 0 to 23, of an instant in a time zone. */
export function localTime(at: Date, timeZone: string): { readonly day: string; readonly hour: number } {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(at)
  const part = (type: string): string => parts.find((one) => one.type === type)!.value
  return { day: `${part('year')}-${part('month')}-${part('day')}`, hour: Number(part('hour')) }
}

/** What a country usually does, from the language tag of somebody's browser, like `en-US`.
 * Source: feet are in everyday use on sites of these three; the month stands first where they do and in the Philippines. */
export function habitsOf(languageTag: string): Omit<Habits, 'timeZone'> {
  const region = new Intl.Locale(languageTag).maximize().region ?? ''
  return {
    units: ['US', 'LR', 'MM'].includes(region) ? 'imperial' : 'metric',
    currency: CURRENCIES[region] ?? 'EUR',
    dayForm: ['US', 'PH'].includes(region) ? 'month first' : 'day first',
  }
}

const CURRENCIES: Readonly<Record<string, string>> = {
  AU: 'AUD',
  CA: 'CAD',
  CH: 'CHF',
  CZ: 'CZK',
  DK: 'DKK',
  GB: 'GBP',
  IN: 'INR',
  JP: 'JPY',
  MX: 'MXN',
  NO: 'NOK',
  NZ: 'NZD',
  PH: 'PHP',
  PL: 'PLN',
  SE: 'SEK',
  US: 'USD',
  ZA: 'ZAR',
}
