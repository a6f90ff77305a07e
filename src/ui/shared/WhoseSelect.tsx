import FormSelect from 'react-bootstrap/FormSelect'
import { RESPONSIBLE } from '@/core/scope/responsible'
import { Options } from './Options'

/** Whose a thing is; 'not ours' is an answer too. */
export function WhoseSelect({
  value,
  onChange,
  small = false,
}: {
  readonly value: string
  readonly onChange: (value: string) => void
  readonly small?: boolean
}) {
  return (
    <FormSelect {...(small ? { size: 'sm' } : {})} value={value} onChange={(event) => onChange(event.target.value)}>
      <WhoseOptions />
    </FormSelect>
  )
}

/** Whom a thing may belong to, in a form of its own. */
export const WhoseOptions = () => (
  <>
    <option value="" disabled>
      whose is it?
    </option>
    <Options of={RESPONSIBLE} />
  </>
)
