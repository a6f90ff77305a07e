import { array, boolean, number, object, string } from 'yup'
import { LANGUAGES } from '../core/share/languages/catalogue'
import { TRADES } from '../core/scope/vocabulary'
import { day } from './day'
import { contact, oneLine } from './trimmed'
import { typedList } from './typed'

/** A crew of a trade: how many and how big, when they work, and how they are reached. */
export const crew = object({
  id: string().default(''),
  name: oneLine().max(80, 'Name: use at most 80 characters.').required('Name: type it.'),
  trade: string().oneOf(Object.keys(TRADES), 'Trade: choose one of the list.').required('Trade: choose one.'),
  crews: number()
    .typeError('Crews: a whole number.')
    .integer('Crews: a whole number.')
    .min(1, 'Crews: at least 1.')
    .max(20, 'Crews: at most 20.')
    .required('Crews: how many places at once?'),
  crewSize: number()
    .typeError('People: a whole number.')
    .integer('People: a whole number.')
    .min(1, 'People: at least 1.')
    .max(20, 'People: at most 20.')
    .required('People: how many in a crew?'),
  weekdays: array(number().integer().min(1).max(7).required()).min(1, 'Working days: choose at least one.').required(),
  /** A list, or as it is typed, with commas or blanks between. */
  daysOff: array(day('Day off').required('Day off: write a day.'))
    .transform(typedList)
    .max(400, 'Days off: at most 400.')
    .default([]),
  halves: string().oneOf(['both', 'morning', 'afternoon']).default('both'),
  contact: contact('Contact'),
  own: boolean().default(false),
  mornings: boolean().default(false),
  setUpHours: number()
    .transform((value: number, original: unknown) => (original === '' ? 0 : value))
    .typeError('Set-up: hours as a number, like 1.5.')
    .min(0, 'Set-up: 0 or more hours.')
    .max(8, 'Set-up: at most 8 hours; what takes longer is a line of its own.')
    .default(0),
  noticeDays: number()
    .transform((value: number, original: unknown) => (original === '' ? null : value))
    .typeError('Called ahead: working days as a number, or nothing for the firm’s figure.')
    .integer('Called ahead: whole days.')
    .min(0, 'Called ahead: 0 or more days.')
    .max(60, 'Called ahead: at most 60 working days.')
    .nullable()
    .default(null),
  alsoTrades: array(string().oneOf(Object.keys(TRADES), 'Also: choose trades of the list.').required())
    .max(12, 'Also: at most 12 trades.')
    .default([]),
  language: string().oneOf(Object.keys(LANGUAGES), 'Language: choose one of the list.').default('en'),
  licence: oneLine().max(60, 'Licence: use at most 60 characters.').default(''),
})
