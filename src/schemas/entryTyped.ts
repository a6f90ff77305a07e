import { mixed, object } from 'yup'
import { ImpossibleRequest } from '../core/errors/impossibleRequest'
import { readValues, type Field } from '../core/entries/field'
import type { Units } from '../core/measure/length'

/** What is typed into fields that a kind declares, each as core reads it. A tick is true. */
export const entryTyped = (fields: readonly Field[], units: Units) =>
  object(Object.fromEntries(fields.map((field) => [field.key, fieldTyped(field, units)])))

const fieldTyped = (field: Field, units: Units) =>
  mixed<string | boolean>()
    .default('')
    .test('readable', (typed, { createError }) => {
      try {
        readValues([field], () => (typed === true ? 'on' : typed || ''), units)
        return true
      } catch (error) {
        if (error instanceof ImpossibleRequest) return createError({ message: error.message })
        throw error
      }
    })
