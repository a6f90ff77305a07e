import { object, string } from 'yup'
import { DAY_FORMS, WEEK_STARTS, isCurrency, isTimeZone } from '../core/habits/habits'
import { oneLine } from './trimmed'

export const firmName = oneLine().max(80, 'Firm: use at most 80 characters.').required('Firm: type its name.')

/** How a firm measures, counts its money and writes its days. What is not said is the usual. */
export const habits = {
  units: string()
    .oneOf(['metric', 'imperial'] as const, 'Measured in: choose metres or feet.')
    .default('metric'),
  currency: string()
    .uppercase()
    .default('EUR')
    .test('currency', 'Currency: write its three letters, like EUR or USD.', isCurrency),
  dayForm: string()
    .oneOf(Object.keys(DAY_FORMS) as (keyof typeof DAY_FORMS)[], 'Days: choose one of the list.')
    .default('day first'),
  weekStart: string()
    .oneOf(Object.keys(WEEK_STARTS) as (keyof typeof WEEK_STARTS)[], 'Weeks begin: choose one of the list.')
    .default('Monday'),
  timeZone: string()
    .default('')
    .test('zone', 'Time zone: write it like Europe/Vienna.', (zone) => zone === '' || isTimeZone(zone)),
}

/** The firm itself: its name and its habits. */
export const firm = object({ name: firmName, ...habits })
