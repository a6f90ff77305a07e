import { object, string } from 'yup'
import { LEADS } from '../core/scope/leads'
import { STAGES } from '../core/scope/vocabulary'

/** Something to choose: what, where, how long it takes to get, and the stage that needs it. */
export const newSelection = object({
  what: string()
    .trim()
    .min(2, 'What: say it in a few words.')
    .max(120, 'What: use at most 120 characters.')
    .required('What: say it in a few words.'),
  placeId: string().required('Where: choose a place.'),
  lead: string().oneOf(Object.keys(LEADS), 'How long it takes: choose one.').required('How long it takes: choose one.'),
  neededFor: string().oneOf(Object.keys(STAGES), 'Needed for: choose one.').required('Needed for: choose one.'),
})
