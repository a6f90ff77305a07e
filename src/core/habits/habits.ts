import type { Units } from '../measure/length'

export const DAY_FORMS = { 'day first': 'Tuesday 10 March', 'month first': 'Tuesday, March 10' } as const
export type DayForm = keyof typeof DAY_FORMS

/** Days that weeks begin with somewhere, as ISO 8601 counts them. */
export const WEEK_STARTS = { Monday: 1, Saturday: 6, Sunday: 7 } as const
export type WeekStart = keyof typeof WEEK_STARTS

/** How a firm measures, counts its money and writes its days. */
export interface Habits {
  /** What a new site is measured in, until it says otherwise. */
  readonly units: Units
  /** ISO 4217, like `EUR`. */
  readonly currency: string
  readonly dayForm: DayForm
  readonly weekStart: WeekStart
  /** An IANA name, like `Europe/Vienna`: when its day begins. */
  readonly timeZone: string
}

/** How days and money are printed. */
export type Written = Pick<Habits, 'currency' | 'dayForm' | 'weekStart'>

export const USUAL: Written = { currency: 'EUR', dayForm: 'day first', weekStart: 'Monday' }

/** One firm a process and one a browser: what is set here holds for all that is printed in it, as a language would. */
let now: Written = USUAL
export const written = (): Written => now
export function writeAs({ currency, dayForm, weekStart }: Written): void {
  now = { currency, dayForm, weekStart }
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
 * Source: feet are in everyday use on sites of these three; the month stands first where they do and in the Philippines; weeks
 * begin as the browser's own table of regions says. */
export function habitsOf(languageTag: string): Omit<Habits, 'timeZone'> {
  const locale = new Intl.Locale(languageTag).maximize() as Intl.Locale & {
    readonly getWeekInfo?: () => { readonly firstDay: number }
    readonly weekInfo?: { readonly firstDay: number }
  }
  const region = locale.region ?? ''
  const firstDay = (locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay
  return {
    units: ['US', 'LR', 'MM'].includes(region) ? 'imperial' : 'metric',
    currency: CURRENCIES[region] ?? 'EUR',
    dayForm: ['US', 'PH'].includes(region) ? 'month first' : 'day first',
    weekStart: (Object.keys(WEEK_STARTS) as WeekStart[]).find((day) => WEEK_STARTS[day] === firstDay) ?? 'Monday',
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
