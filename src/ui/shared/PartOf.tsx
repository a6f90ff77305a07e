import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormLabel from 'react-bootstrap/FormLabel'
import { ReadTick } from './ReadFields'
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
      {gatherers.map(({ id, words }) =>
        onChange ? (
          <FormLabel key={id} className={styles.tick}>
            <FormCheckInput
              type="checkbox"
              checked={chosen.includes(id)}
              onChange={(event) =>
                onChange(event.target.checked ? [...chosen, id] : chosen.filter((other) => other !== id))
              }
            />{' '}
            {words}
          </FormLabel>
        ) : (
          <ReadTick
            key={id}
            className={styles.tick}
            name={`partOf.${id}`}
            label={words}
            defaultChecked={chosen.includes(id)}
          />
        ),
      )}
    </fieldset>
  )
}
