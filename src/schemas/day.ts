import { string } from 'yup'
import { isDay } from '../core/calendar/day'

/** A day as year-month-day, or none.
 * @param name of the field, for what is wrong with it */
export const day = (name: string) =>
  string().test(
    'day',
    `${name}: write a day as year-month-day, like 2026-03-10.`,
    (value) => value === undefined || isDay(value),
  )
