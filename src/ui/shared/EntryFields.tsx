import { get, useFormState } from 'react-hook-form'
import { labelOn, typedValue, type Field, type Values } from '@/core/entries/field'
import type { Units } from '@/core/measure/length'
import { Fold } from './Fold'
import { ReadChoice, ReadTick, ReadWords } from './ReadFields'

interface EntryFieldsProps {
  readonly fields: readonly Field[]
  readonly units: Units
  readonly values?: Values | undefined
  /** What a field's name begins with, in a form that has others. */
  readonly under?: string
}

/** The fields of an entry, as one form shows them on the walk and at the desk. Each is called by its key.
 * @param most after so many it asks for more only where somebody wants to tell more */
export function EntryFields({ fields, most = fields.length, ...of }: EntryFieldsProps & { readonly most?: number }) {
  const { errors } = useFormState()
  const one = (field: Field) => <EntryField key={field.key} one={field} {...of} />
  const [first, more] = [fields.slice(0, most), fields.slice(most)]
  if (more.length === 0) return first.map(one)
  const told = more.some(
    (field) => get(errors, `${of.under ?? ''}${field.key}`) || typedValue(field, of.values?.[field.key]) !== '',
  )
  return (
    <>
      {first.map(one)}
      <Fold open={told} title={<>More: {more[0]!.label.toLowerCase()} …</>}>
        {more.map(one)}
      </Fold>
    </>
  )
}

/** Fields that a form of an entry shows before it asks whether there is more. */
export const MOST_AT_ONCE = 8

function EntryField({ one, units, values, under = '' }: Omit<EntryFieldsProps, 'fields'> & { readonly one: Field }) {
  const typed = typedValue(one, values?.[one.key])
  const name = `${under}${one.key}`
  if (one.kind === 'tick') return <ReadTick name={name} label={one.label} defaultChecked={typed !== ''} />
  if (one.kind !== 'choice')
    return (
      <ReadWords
        name={name}
        label={labelOn(one, units)}
        type={one.kind === 'day' ? 'date' : 'text'}
        inputMode={one.kind === 'number' || one.kind === 'money' ? 'decimal' : undefined}
        defaultValue={typed}
      />
    )
  return (
    <ReadChoice name={name} label={labelOn(one, units)} defaultValue={typed}>
      <option value="">not said</option>
      {one.options!.map((option) => (
        <option key={option}>{option}</option>
      ))}
    </ReadChoice>
  )
}
