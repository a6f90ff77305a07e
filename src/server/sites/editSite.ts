import { SCHOOLS, type Schools } from '../../core/sequence/schools'
import { array, boolean, number, object, string } from 'yup'
import { parseDay } from '../../core/calendar/day'
import { relationsFor, type Relation } from '../../core/sequence/relations'
import { requireNoCycle } from '../../core/sequence/stageOrder'
import { STAGES, type Stage } from '../../core/scope/vocabulary'
import { updateSite } from '../../data/sites'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { trimmed } from '../trimmed'

const stage = string().oneOf(Object.keys(STAGES), 'Stage: choose one of the list.').required('Stage: choose one.')
const dayText = (label: string) =>
  string().matches(/^\d{4}-\d{2}-\d{2}$/, `${label}: write a day as year-month-day, like 2026-03-10.`)

const schoolsSchema = object(
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

const settings = object({
  revision: number().required(),
  livedIn: boolean().required(),
  weekdays: array(number().integer().min(1).max(7).required()).min(1, 'Working days: choose at least one.').required(),
  halves: string().oneOf(['both', 'morning', 'afternoon'], 'Half of the day: choose one.').default('both'),
  daysOff: array(dayText('Day off').required()).max(400).required(),
  startsOn: dayText('Start').required('Start: choose a day.'),
  travelHours: number()
    .transform((value: number, original: unknown) => (original === '' ? 0 : value))
    .typeError('Drive: hours as a number, like 1.5.')
    .min(0, 'Drive: 0 or more hours.')
    .max(6, 'Drive: at most 6 hours of a day.')
    .default(0),
  clientName: trimmed().max(80, 'Client: use at most 80 characters.').default(''),
  clientAddress: trimmed().max(120, 'Address: use at most 120 characters.').default(''),
  privateNote: trimmed().max(2000, 'Private note: use at most 2000 characters.').default(''),
  schools: schoolsSchema,
  relations: array(
    object({
      before: stage,
      after: stage,
      why: trimmed().max(200).default(''),
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
  )
    .max(40, 'Own relations: at most 40.')
    .required(),
})

/** Changes a site's settings and order of work. A circle among relations is refused and told in words. */
export function editSite(context: Context, siteId: string, body: unknown): void {
  context.requireLead()
  const site = context.site(siteId)
  const input = settings.validateSync(body)
  if (input.revision !== site.revision) {
    throw new Refusal(
      409,
      'Something was recorded for this site since you opened the form. Look at it again and save; what you typed is kept.',
    )
  }
  const schools = input.schools as Schools
  const ownRelations = input.relations.map((relation): Relation => ({
    before: relation.before as Stage,
    after: relation.after as Stage,
    why: relation.why || 'this site wants it so',
    waitDays: relation.waitDays,
    ...(typeof relation.mostDays === 'number' ? { mostDays: relation.mostDays } : {}),
    scope: relation.scope as 'place' | 'site',
  }))
  requireNoCycle(relationsFor(schools, ownRelations))
  updateSite(context.db, {
    ...site,
    livedIn: input.livedIn,
    calendar: {
      weekdays: input.weekdays,
      daysOff: input.daysOff.map(parseDay),
      halves: input.halves as 'both' | 'morning' | 'afternoon',
    },
    startsOn: parseDay(input.startsOn),
    travelHours: input.travelHours,
    clientName: input.clientName,
    clientAddress: input.clientAddress,
    privateNote: input.privateNote,
    schools,
    ownRelations,
  })
}
