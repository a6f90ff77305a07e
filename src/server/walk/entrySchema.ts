import { boolean, lazy, mixed, number, object, string, type Schema } from 'yup'
import { ENTRY_KINDS, entryKind } from '../../core/entries/entryKinds'
import { MISSING, saysSomething, type Field, type FieldKind, type Values } from '../../core/entries/field'
import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import { readInput } from '../../core/takeoff/readInputs'
import { fieldsOf } from '../../core/entries/sums'
import { SELECTION_KINDS, selectionFields, type SelectionSort } from '../../core/selections/selectionKinds'
import { day } from '../../schemas/day'
import { keysOf, measured, money } from '../../schemas/values'
import { trimmed } from '../../schemas/trimmed'

const FIELD_SCHEMAS: Record<FieldKind, (field: Field) => Schema> = {
  words: ({ label }) => trimmed().max(1000, `${label}: use at most 1000 characters.`),
  choice: ({ label, options }) => string().oneOf([...options!], `${label}: choose one of the list.`),
  length: () => measured.default(undefined).optional() as unknown as Schema,
  figure: ({ label, key, input }) =>
    mixed().test('figure', `${label}: write a figure.`, (value, context) => {
      if (value === undefined) return true
      // Figures without a unit were asked for on the screen of the site, which knows what it measures in.
      if (typeof value !== 'number' && (typeof value !== 'string' || value.length > 1000)) return false
      try {
        readInput(key, input!, value, 'metric')
        return true
      } catch (error) {
        if (!(error instanceof ImpossibleRequest)) throw error
        return context.createError({ message: error.message })
      }
    }),
  number: ({ label, input }) =>
    number()
      .typeError(`${label}: write a number.`)
      .min(0, `${label}: 0 or more.`)
      .max(input?.most ?? 1e9, `${label}: at most ${input?.most ?? 1e9}.`),
  money: () => money.optional(),
  day: ({ label }) => day(label),
  tick: () => boolean(),
}

/** What may stand in a set of fields, and nothing else. */
export const valuesSchema = (fields: readonly Field[]) =>
  object(
    Object.fromEntries(
      fields.map((field) => {
        const schema = FIELD_SCHEMAS[field.kind](field)
        if (!field.needed) return [field.key, schema]
        const mend = `${field.label}: ${MISSING[field.kind]}.`
        const needed = schema.required(mend)
        return [
          field.key,
          field.kind === 'words'
            ? needed.test('says', mend, (value: unknown) => typeof value === 'string' && saysSomething(value))
            : needed,
        ]
      }),
    ),
  )

/** What sort of thing a selection is, and what matters for that sort. */
export const selectionDetailsSchema = lazy((value: { sort?: unknown } | null | undefined) => {
  const sort = String(value?.sort)
  return object({
    sort: string().oneOf(keysOf(SELECTION_KINDS), 'Sort: choose one of the list.').required('Sort: choose one.'),
    values: sort in SELECTION_KINDS ? valuesSchema(selectionFields(sort as SelectionSort)).required() : mixed(),
  })
})

/** An entry of one of the registers, checked by that register's own fields. */
export const writtenSchema = lazy((value: { kind?: unknown } | null | undefined) => {
  const kind = entryKind(String(value?.kind))
  const values = kind
    ? valuesSchema(fieldsOf(kind)).test('possible', (given, context) => {
        try {
          kind.check?.(given as Values)
          return true
        } catch (error) {
          return context.createError({ message: (error as Error).message })
        }
      })
    : mixed()
  return object({
    kind: string()
      .oneOf(
        ENTRY_KINDS.map(({ id }) => id),
        'Kind: not a register that we know.',
      )
      .required(),
    values: values.required(),
  })
})
