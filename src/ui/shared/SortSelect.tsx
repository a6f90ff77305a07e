import { SELECTION_KINDS, type SelectionSort } from '@/core/selections/selectionKinds'
import { ReadChoice } from './ReadFields'

/** What sort of thing a selection is; what is asked of it follows. */
export const SortSelect = (props: {
  readonly defaultValue: SelectionSort
  readonly onChosen: (sort: SelectionSort) => void
}) => (
  <ReadChoice
    name="sort"
    label="It is"
    defaultValue={props.defaultValue}
    onChosen={(sort) => props.onChosen(sort as SelectionSort)}
  >
    {Object.entries(SELECTION_KINDS).map(([key, { words }]) => (
      <option key={key} value={key}>
        {words}
      </option>
    ))}
  </ReadChoice>
)
