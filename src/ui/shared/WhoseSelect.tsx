import { RESPONSIBLE } from '@/core/scope/responsible'

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
    <select
      className={`form-select${small ? ' form-select-sm' : ''}`}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      <option value="" disabled>
        whose is it?
      </option>
      {Object.entries(RESPONSIBLE).map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  )
}
