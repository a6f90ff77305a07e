import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormLabel from 'react-bootstrap/FormLabel'
import styles from './PartOf.module.css'

/** A goal of the client or a phase of the contract that work can be part of. */
export interface Gatherer {
  readonly id: string
  readonly words: string
}

/** Ticks which goals and phases a line of work is part of. */
export function PartOf({
  gatherers,
  chosen,
  onChange,
}: {
  readonly gatherers: readonly Gatherer[]
  readonly chosen: readonly string[]
  /** Without it the ticks are read from the form that they stand in, as `partOf`. */
  readonly onChange?: (chosen: readonly string[]) => void
}) {
  if (gatherers.length === 0) return null
  return (
    <fieldset>
      <legend className={styles.legend}>Part of</legend>
      {gatherers.map(({ id, words }) => (
        <FormLabel key={id} className={styles.tick}>
          <FormCheckInput
            type="checkbox"
            name="partOf"
            value={id}
            {...(onChange ? { checked: chosen.includes(id) } : { defaultChecked: chosen.includes(id) })}
            onChange={(event) =>
              onChange?.(event.target.checked ? [...chosen, id] : chosen.filter((other) => other !== id))
            }
          />{' '}
          {words}
        </FormLabel>
      ))}
    </fieldset>
  )
}
