import { array, number, object } from 'yup'
import type { Units } from '../core/measure/length'
import { RESPONSIBLE } from '../core/scope/responsible'
import { SELECTION_STATES } from '../core/selections/selection'
import { selectionFields, type SelectionSort } from '../core/selections/selectionKinds'
import { day } from './day'
import { entryTyped } from './entryTyped'
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
const typedNone = (value: unknown, typed: unknown): unknown => (typed === '' ? undefined : value)

const amount = (name: string) =>
  number().transform(typedFigure).nullable().min(0, `${name}: write a number.`).typeError(`${name}: write a number.`)

/** One of several things that a selection may become: what it costs the client in their money, the days to put it in. Without
 * a name it is none. */
const candidateTyped = object({
  name: text('Candidate', 200).default(''),
  lead: array(number().required())
    .transform((_value, typed: unknown) =>
      typeof typed === 'string' ? (typed.match(/\d+/g) ?? []).map(Number) : typed,
    )
    .when('name', ([name], lead) => (name ? lead.min(1, 'Days to get it: write days, like 28 to 56.') : lead))
    .test(
      'ascending',
      'Days to get it: give the fewer days first.',
      (days) => !days?.length || days[0]! <= days.at(-1)!,
    )
    .default([]),
  price: amount('What it costs'),
  days: amount('Days to put it in'),
})

/** The same as it is typed, with what its sort asks: nothing is none. */
export const selectionTyped = (sort: SelectionSort, units: Units) =>
  object({
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
    candidates: array(candidateTyped).default([]),
    delivered: delivery
      .shape(
        {
          on: typedDay('Came on').when('count', (count, on) =>
            count[0] === undefined ? on : on.required('Came on: choose a day.'),
          ),
          count: pieces('How many came')
            .transform(typedNone)
            .when('on', (on, count) =>
              on[0] === undefined ? count : count.required('How many came: write a number, 0 for none.'),
            ),
          damaged: pieces('Damaged').transform(typedNone),
          wrongHand: pieces('Wrong hand').transform(typedNone),
        },
        [['on', 'count']],
      )
      .default({}),
    about: entryTyped(selectionFields(sort), units),
  })
