import { array, number, object } from 'yup'
import type { Units } from '../core/measure/length'
import type { Unit } from '../core/measure/quantity'
import { TRADES } from '../core/scope/vocabulary'
import { quantityTyped, typedFigure } from './typed'
import { keysOf, needed, oneOf } from './values'

/** What a person says of a line otherwise than it was laid down: its words, who does it, how long it takes of one person, at
 * best and at worst. Null goes back to what is reckoned. */
export const LINE_SAID = {
  title: needed('What', 160),
  trade: oneOf('Trade', keysOf(TRADES)),
  hours: number()
    .typeError('Hours: write a number, like 6.')
    .positive('Hours: more than 0.')
    .max(10_000, 'Hours: at most 10 000.')
    .nullable()
    .defined(),
  hoursRange: array(
    number()
      .typeError('Hours at best and at worst: write two, like 4 to 10.')
      .positive('Hours at best and at worst: more than 0.')
      .max(10_000, 'Hours at best and at worst: at most 10 000.')
      .required(),
  )
    .length(2, 'Hours at best and at worst: two numbers, like 4 to 10.')
    .test('ascending', 'Hours at best and at worst: the smaller first.', (v) => !v || v[0]! <= v[1]!)
    .nullable()
    .defined(),
} as const

/** The same as it is typed, with the quantity in the line's own unit. */
export const lineTyped = (unit: Unit | null, units: Units) =>
  object({
    ...LINE_SAID,
    hours: LINE_SAID.hours.transform(typedFigure),
    hoursRange: LINE_SAID.hoursRange.transform((_value, typed: unknown) =>
      typeof typed !== 'string'
        ? typed
        : typed.trim() === ''
          ? null
          : typed.split(/\s*(?:to|-|–)\s*/).map((figure) => typedFigure(null, figure) ?? Number.NaN),
    ),
    quantity: quantityTyped(unit, units),
  })
