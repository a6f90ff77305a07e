import FormSelect from 'react-bootstrap/FormSelect'
import { RESPONSIBLE } from '@/core/scope/responsible'

/** Whose a thing is; 'not ours' is an answer too. */
export function WhoseSelect({
  value,
  name,
  onChange,
  small = false,
}: {
  readonly value: string
  /** In a form that is read when it is kept. */
  readonly name?: string
  /** Without it the choice is read from the form. */
  readonly onChange?: (value: string) => void
  readonly small?: boolean
}) {
  return (
    <FormSelect
      className={`form-select${small ? ' form-select-sm' : ''}`}
      name={name}
      {...(onChange ? { value, onChange: (event) => onChange(event.target.value) } : { defaultValue: value })}
    >
      <option value="" disabled>
        whose is it?
      </option>
      {Object.entries(RESPONSIBLE).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </FormSelect>
  )
}
