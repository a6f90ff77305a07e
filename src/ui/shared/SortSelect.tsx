import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { SELECTION_KINDS, type SelectionSort } from '@/core/selections/selectionKinds'

/** What sort of thing a selection is; what is asked of it follows. */
export function SortSelect({
  value,
  onChange,
}: {
  readonly value: SelectionSort
  readonly onChange: (sort: SelectionSort) => void
}) {
  return (
    <FormLabel>
      It is
      <FormSelect name="sort" value={value} onChange={(event) => onChange(event.target.value as SelectionSort)}>
        {Object.entries(SELECTION_KINDS).map(([key, { words }]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </FormSelect>
    </FormLabel>
  )
}
