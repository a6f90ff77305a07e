import { v7 as uuid } from 'uuid'
import { number, object, string } from 'yup'
import { parseDay } from '../../core/calendar/day'
import type { Language } from '../../core/share/languages/catalogue'
import { RATES, type RateKey } from '../../core/scope/rates'
import { LICENSED_TRADES, TRADES, type Trade } from '../../core/scope/vocabulary'
import { putCrewAway, readAllCrews, saveCrew } from '../../data/crews'
import { saveRate } from '../../data/rates'
import { away } from '../../schemas/away'
import { crew } from '../../schemas/crew'
import type { Context } from '../context'
import { Refusal } from '../refusal'

/** Adds or changes a crew. A licensed trade needs a licence on record. */
export function keepCrew(context: Context, body: unknown): { id: string } {
  context.requireLead()
  const input = crew.validateSync(body)
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
  const others = readAllCrews(context.db).filter(({ id }) => id !== input.id)
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
  if (!readAllCrews(context.db).some(({ id }) => id === crewId)) throw new Refusal(404, 'Crew: it is not on record.')
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
