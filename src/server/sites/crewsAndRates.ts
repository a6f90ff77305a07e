import { v7 as uuid } from 'uuid'
import { array, boolean, number, object, string } from 'yup'
import { parseDay } from '../../core/calendar/day'
import { LANGUAGES, type Language } from '../../core/share/languages/catalogue'
import { RATES, type RateKey } from '../../core/scope/rates'
import { LICENSED_TRADES, TRADES, type Trade } from '../../core/scope/vocabulary'
import { putCrewAway, readCrews, readCrewsPutAway, saveCrew } from '../../data/crews'
import { saveRate } from '../../data/rates'
import { away } from '../../schemas/away'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { contact, oneLine } from '../../schemas/trimmed'
import { day } from '../../schemas/day'

const crewSchema = object({
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
  daysOff: array(day('Day off').required('Day off: write a day.')).max(400, 'Days off: at most 400.').default([]),
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

/** Adds or changes a crew. A licensed trade needs a licence on record. */
export function keepCrew(context: Context, body: unknown): { id: string } {
  context.requireLead()
  const input = crewSchema.validateSync(body)
  const trade = input.trade as Trade
  const alsoTrades = (input.alsoTrades as Trade[]).filter((one) => one !== trade)
  const licensed = [trade, ...alsoTrades].find(
    (one) => LICENSED_TRADES.includes(one) && one !== 'inspector' && one !== 'engineer',
  )
  if (licensed && input.licence === '')
    throw new Refusal(
      422,
      `Licence: ${TRADES[licensed].toLowerCase()}s need one on record. Type its number.`,
      'licence',
    )
  const others = [...readCrews(context.db), ...readCrewsPutAway(context.db)].filter(({ id }) => id !== input.id)
  if (others.some(({ name }) => name.toLowerCase() === input.name.toLowerCase()))
    throw new Refusal(409, `Name: there is a crew called "${input.name}" already. Tell them apart by the name.`, 'name')
  const id = input.id || uuid()
  saveCrew(context.db, {
    id,
    name: input.name,
    trade,
    crews: input.crews,
    crewSize: input.crewSize,
    calendar: {
      weekdays: input.weekdays,
      halves: input.halves as 'both' | 'morning' | 'afternoon',
    },
    contact: input.contact,
    licence: input.licence,
    own: input.own,
    mornings: input.mornings,
    setUpHours: input.setUpHours,
    alsoTrades,
    ...(input.noticeDays === null ? {} : { noticeDays: input.noticeDays }),
    language: input.language as Language,
    daysOff: input.daysOff.map(parseDay),
  })
  return { id }
}

/** Puts a crew away, or brings it back: nothing new is planned for it meanwhile, and what it was told stays known. */
export function moveCrewAway(context: Context, crewId: string, body: unknown): void {
  context.requireLead()
  if (![...readCrews(context.db), ...readCrewsPutAway(context.db)].some(({ id }) => id === crewId))
    throw new Refusal(404, 'Crew: it is not on record.')
  putCrewAway(context.db, crewId, away.validateSync(body).away)
}

const rateSchema = object({
  key: string().oneOf(Object.keys(RATES), 'Rate: not one of ours.').required(),
  hours: number()
    .transform((value: number, original: unknown) => (original === '' || original === null ? null : value))
    .typeError('Hours: write a number, like 0.25.')
    .positive('Hours: more than 0.')
    .max(1000, 'Hours: at most 1000.')
    .nullable()
    .defined(),
})

/** Sets the firm's own hours for one rate; empty goes back to the trade's default. */
export function keepRate(context: Context, body: unknown): void {
  context.requireLead()
  const input = rateSchema.validateSync(body)
  saveRate(context.db, input.key as RateKey, input.hours)
}
