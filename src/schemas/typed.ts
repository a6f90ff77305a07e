import { object, string } from 'yup'
import type { Units } from '../core/measure/length'
import { parseQuantity, type Unit } from '../core/measure/quantity'
import { readAmount } from '../core/measure/money'
import { parseSize } from '../core/measure/size'
import { ImpossibleRequest } from '../core/errors/impossibleRequest'

/** Words that core can read, or else what it says of them. */
const readable = (read: (typed: string) => unknown) =>
  string()
    .trim()
    .default('')
    .test('readable', (typed, { createError }) => {
      if (typed === '') return true
      try {
        read(typed)
        return true
      } catch (error) {
        if (error instanceof ImpossibleRequest) return createError({ message: error.message })
        throw error
      }
    })

/** A quantity as it is typed, in a unit of its own; nothing is none. */
export const quantityTyped = (unit: Unit | null, units: Units) =>
  readable((typed) => unit && parseQuantity(typed, unit, units))

/** The size of a place as it is typed. */
export const sizeTyped = (units: Units) =>
  object({ size: readable((typed) => parseSize(typed, units)).required('Size: give two or three sides.') })

/** What makes a list of what is typed with commas or blanks between; a list stays as it is. */
export const typedList = (value: unknown, original: unknown): unknown =>
  typeof original === 'string' ? original.split(/[,\s]+/).filter(Boolean) : value

/** What makes a figure of what is typed: nothing is null, a comma is a point; a figure stays as it is. */
export const typedFigure = (value: unknown, original: unknown): unknown =>
  typeof original !== 'string' ? value : original.trim() === '' ? null : (readAmount(original) ?? Number.NaN)
