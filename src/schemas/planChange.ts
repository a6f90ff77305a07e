import { array, number, object, string } from 'yup'
import { STAGES, TRADES } from '../core/scope/vocabulary'
import { trimmed } from './trimmed'

const visitKey = string().required('Visit: say which.')
const hours = number()
  .typeError('Hours: write a number, like 8.')
  .positive('Hours: more than 0.')
  .max(10_000, 'Hours: at most 10 000.')

/** What somebody at the desk wants of the plan, by its kind. */
export const planChange = {
  move: object({
    visitKey,
    day: string().required('Day: choose one.'),
    half: number().oneOf([0, 1], 'Half: morning or afternoon.').required('Half: morning or afternoon.'),
  }),
  swap: object({ visitKey, withKey: string().required('The other visit: choose one.') }),
  hold: object({
    visitKey,
    reason: trimmed().max(400, 'Reason: use at most 400 characters.').required('Reason: type something.'),
    until: string().nullable().default(null),
  }),
  split: object({
    visitKey,
    lineIds: array(string().required()).max(200).default([]),
    hours: hours.nullable().default(null),
  }),
  add: object({
    siteId: string().required('Site: say which.'),
    placeId: string().required('Place: choose one.'),
    stage: string().oneOf(Object.keys(STAGES), 'Stage: choose one of the list.').required('Stage: choose one.'),
    trade: string().oneOf(Object.keys(TRADES), 'Trade: choose one of the list.').required('Trade: choose one.'),
    title: trimmed().max(160, 'What: use at most 160 characters.').required('What: say it in a few words.'),
    hours: hours.required('Hours: write a number, like 8.'),
  }),
}
