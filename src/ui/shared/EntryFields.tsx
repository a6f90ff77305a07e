import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { labelOn, typedValue, type Field, type Values } from '@/core/entries/field'
import type { Units } from '@/core/measure/length'
import { Fold } from './Fold'

/** The fields of an entry, as one form shows them on the walk and at the desk. Each is called by its key. */
export function EntryFields({
  fields,
  units,
  values,
  wrong,
  inShort = false,
}: {
  readonly fields: readonly Field[]
  readonly units: Units
  readonly values?: Values | undefined
  /** Key of the field that could not be read. */
  readonly wrong?: string | undefined
  /** Whether it asks for more than the first fields only where somebody wants to tell more. */
  readonly inShort?: boolean
}) {
  const one = (field: Field) => <EntryField key={field.key} one={field} {...{ units, values, wrong }} />
  const most = inShort ? MOST_AT_ONCE : fields.length
  const [first, more] = [fields.slice(0, most), fields.slice(most)]
  if (more.length === 0) return first.map(one)
  const told = more.some((field) => field.key === wrong || typedValue(field, values?.[field.key]) !== '')
  return (
    <>
      {first.map(one)}
      <Fold open={told} title={<>More: {more[0]!.label.toLowerCase()} …</>}>
        {more.map(one)}
      </Fold>
    </>
  )
}

/** Fields that a form shows before it asks whether there is more. */
const MOST_AT_ONCE = 8

function EntryField({
  one,
  units,
  values,
  wrong,
}: {
  readonly one: Field
  readonly units: Units
  readonly values: Values | undefined
  readonly wrong: string | undefined
}) {
  const typed = typedValue(one, values?.[one.key])
  const common = { name: one.key, 'aria-invalid': one.key === wrong ? true : undefined, defaultValue: typed }
  if (one.kind === 'tick')
    return (
      <FormLabel key={one.key}>
        <FormCheckInput type="checkbox" name={one.key} defaultChecked={typed !== ''} /> {one.label}
      </FormLabel>
    )
  return (
    <FormLabel key={one.key}>
      {labelOn(one, units)}
      {one.kind === 'choice' ? (
        <FormSelect {...common}>
          <option value="">not said</option>
          {one.options!.map((option) => (
            <option key={option}>{option}</option>
          ))}
        </FormSelect>
      ) : (
        <FormControl
          autoComplete="off"
          type={one.kind === 'day' ? 'date' : 'text'}
          inputMode={one.kind === 'number' || one.kind === 'money' ? 'decimal' : undefined}
          {...common}
        />
      )}
    </FormLabel>
  )
}
