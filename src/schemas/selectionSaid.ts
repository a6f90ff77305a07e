import { array, number, object } from 'yup'
import { RESPONSIBLE } from '../core/scope/responsible'
import { SELECTION_STATES } from '../core/selections/selection'
import { day } from './day'
import { typedFigure, typedList } from './typed'
import { keysOf, needed, oneOf, text } from './values'

/** Days from the order to the site: at best, likely, at worst. */
export const leadTime = array(
  number()
    .typeError('Lead time: three numbers of days, like 10, 14, 20.')
    .integer('Lead time: whole days.')
    .min(0, 'Lead time: 0 or more.')
    .max(730, 'Lead time: at most 730 days.')
    .required(),
)
  .length(3, 'Lead time: optimistic, likely, pessimistic.')
  .test('ascending', 'Lead time: optimistic first, pessimistic last.', (v) => !v || (v[0]! <= v[1]! && v[1]! <= v[2]!))
  .required()

const pieces = (name: string) =>
  number()
    .typeError(`${name}: write a number.`)
    .integer(`${name}: a whole number.`)
    .min(0, `${name}: 0 or more.`)
    .max(100_000, `${name}: at most 100 000.`)

/** What came of it, and when. */
export const delivery = object({
  on: day('Came on').required('Came on: choose a day.'),
  count: pieces('How many came').required('How many came: write a number, 0 for none.'),
  damaged: pieces('Damaged'),
  wrongHand: pieces('Wrong hand'),
})

/** What a person says of a thing to choose, whatever its sort. */
export const SELECTION_SAID = {
  state: oneOf('State', keysOf(SELECTION_STATES)),
  choice: needed('Choice', 200),
  supplier: needed('Supplier', 80),
  approvalDays: number()
    .typeError('Days to approve: write a number.')
    .integer('Days to approve: whole days.')
    .min(0, 'Days to approve: 0 or more.')
    .max(365, 'Days to approve: at most 365.')
    .required(),
  delivered: delivery,
  lead: leadTime,
  awaits: text('Waits for', 80).nullable().defined(),
  arrives: day('Arrives').nullable().defined(),
  wanted: day('Wanted on site').nullable().defined(),
  responsible: oneOf('Whose', keysOf(RESPONSIBLE)),
} as const

const typedDay = (name: string) => day(name).transform((value: unknown) => value || undefined)

/** The same as it is typed: nothing is none. */
export const selectionTyped = object({
  state: SELECTION_SAID.state,
  choice: text('Choice', 200).default(''),
  supplier: text('Supplier', 80).default(''),
  responsible: text('Whose', 80).default(''),
  awaits: text('Waits for', 80).default(''),
  arrives: typedDay('Arrives'),
  wanted: typedDay('Wanted on site'),
  lead: leadTime.transform(typedList),
  approvalDays: SELECTION_SAID.approvalDays.transform(
    (value: unknown, typed: unknown) => typedFigure(value, typed) ?? 0,
  ),
})
