import Form from 'react-bootstrap/Form'
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
    <Form.Label>
      It is
      <Form.Select name="sort" value={value} onChange={(event) => onChange(event.target.value as SelectionSort)}>
        {Object.entries(SELECTION_KINDS).map(([key, { words }]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </Form.Select>
    </Form.Label>
  )
}
