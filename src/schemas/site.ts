import { array, boolean, number, object, string } from 'yup'
import type { Units } from '../core/measure/length'
import { SCHOOLS } from '../core/sequence/schools'
import { STAGES, TRADES, type Trade } from '../core/scope/vocabulary'
import { day } from './day'
import { contact, oneLine, trimmed } from './trimmed'

const stage = string().oneOf(Object.keys(STAGES), 'Stage: choose one of the list.').required('Stage: choose one.')

const schools = object(
  Object.fromEntries(
    Object.entries(SCHOOLS).map(([id, { question, ways }]) => [
      id,
      object({
        way: string()
          .oneOf(Object.keys(ways), `${question}: choose one of the list.`)
          .required(`${question}: choose one.`),
        why: trimmed().max(300, `${question}: a shorter reason.`).default(''),
      }).default(undefined),
    ]),
  ),
).default({})

/** The crew that comes for a trade, by trade; '' where the plan deals it. */
const crews = object(
  Object.fromEntries(
    (Object.keys(TRADES) as Trade[]).map((trade) => [
      trade,
      string().max(80, `${TRADES[trade]}: choose one of the list.`),
    ]),
  ),
).default({})

const relations = array(
  object({
    before: stage,
    after: stage,
    why: trimmed().max(200, 'Why: use at most 200 characters.').default(''),
    waitDays: number()
      .typeError('Wait: days as a number.')
      .integer('Wait: whole days.')
      .min(0, 'Wait: 0 or more days.')
      .max(365, 'Wait: at most 365 days.')
      .default(0),
    mostDays: number()
      .typeError('Within: days as a number.')
      .integer('Within: whole days.')
      .max(365, 'Within: at most 365 days.')
      .when('waitDays', ([wait], days) => days.min(wait as number, 'Within: not fewer days than the wait.'))
      .nullable(),
    scope: string().oneOf(['place', 'site'], 'Where: in each place, or on the whole site.').default('place'),
  }),
).max(40, 'Own relations: at most 40.')

/** What a site's settings may hold, whichever way they come in: typed for a new site, changed, or brought in a file. */
export const siteFields = {
  name: oneLine().max(80, 'Site: use at most 80 characters.').required('Site: type its name.'),
  built: number()
    .transform((value: number, original: unknown) => (original === '' ? null : value))
    .typeError('Built: write a year, like 1911.')
    .integer('Built: write a year, like 1911.')
    .min(1400, 'Built: a year from 1400 on.')
    .max(2100, 'Built: a year up to 2100.')
    .nullable()
    .default(null),
  units: string()
    .oneOf(['imperial', 'metric'] satisfies Units[], 'Units: choose feet and inches or metric.')
    .required('Units: choose one.'),
  livedIn: boolean().required('Lived in: say yes or no.'),
  weekdays: array(number().integer().min(1).max(7).required())
    .min(1, 'Working days: choose at least one.')
    .max(7, 'Working days: at most seven.')
    .required('Working days: choose at least one.'),
  halves: string().oneOf(['both', 'morning', 'afternoon'], 'Half of the day: choose one.').default('both'),
  daysOff: array(day('Day off').required('Day off: write a day.')).max(400, 'Days off: at most 400.'),
  startsOn: day('Start').required('Start: choose a day.'),
  travelHours: number()
    .transform((value: number, original: unknown) => (original === '' ? 0 : value))
    .typeError('Drive: hours as a number, like 1.5.')
    .min(0, 'Drive: 0 or more hours.')
    .max(6, 'Drive: at most 6 hours of a day.')
    .default(0),
  clientName: oneLine().max(80, 'Client: use at most 80 characters.').default(''),
  clientAddress: contact('Address'),
  privateNote: trimmed().max(2000, 'Private note: use at most 2000 characters.').default(''),
  street: oneLine().max(160, 'Street: use at most 160 characters.').default(''),
  wayIn: trimmed().max(400, 'Way in: use at most 400 characters.').default(''),
  whomToCall: oneLine().max(120, 'Whom to call: use at most 120 characters.').default(''),
  schools,
  relations,
}

const { name: _name, built: _built, units: _units, ...changeable } = siteFields

/** What can be changed of a site that there is. */
export const siteSettings = object({
  ...changeable,
  crews,
  revision: number().required(),
  daysOff: array(day('Day off').required('Day off: write a day.')).max(400, 'Days off: at most 400.').required(),
  relations: siteFields.relations.required(),
})
