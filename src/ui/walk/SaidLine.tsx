import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { entryWords } from '@/core/entries/entryWords'
import type { Values } from '@/core/entries/field'
import type { Units } from '@/core/measure/length'
import { KIND_WORDS, type LineKind } from '@/core/walk/lineKinds'
import type { Mend } from '@/core/narration/phrases'
import type { Proposal, SheetAsked } from '@/core/narration/spokenFacts'
import type { Place } from '@/core/walk/siteState'
import { EntryFields, MOST_AT_ONCE } from '../shared/EntryFields'
import { chosen, openFields, type Shown } from './saidLines'
import styles from './Walk.module.css'

/** A line that was read, and what the person did with it. */
export interface Said {
  readonly shown: Shown
  readonly picked: 'proposal' | 'other' | undefined
  readonly dropped: boolean
  /** Whether what would let work go on was tapped. */
  readonly confirmed: boolean
  readonly open: boolean
  /** What it was put right to be, to be known again. */
  readonly taught: LineKind | null
}

/** One line of what was read: what it will record, its words, and what can be done about it. */
export function SaidLine({
  said,
  place,
  places,
  units,
  under,
  onChange,
  onMend,
}: {
  readonly said: Said
  readonly place: Place
  readonly places: readonly Place[]
  readonly units: Units
  /** What the names of its open fields begin with. */
  readonly under: string
  readonly onChange: (part: Partial<Said>) => void
  readonly onMend: (by: Mend) => void
}) {
  const { shown, picked, dropped, confirmed, open } = said
  const proposal = chosen(shown, picked)
  const { line, sheet, says, toConfirm } = proposal
  const fields = dropped ? [] : openFields(shown, picked, open)
  return (
    <li className={`${styles.row} ${dropped ? styles.droppedLine : ''}`}>
      <div>
        {shown.other ? (
          <TwoReadings shown={shown} picked={picked} onPick={(which) => onChange({ picked: which })} />
        ) : (
          <strong>{says}</strong>
        )}
        {sheet && !open && <SheetWords sheet={sheet} values={keptValues(proposal, confirmed)} units={units} />}
        <small>
          {line.place && line.place !== place.name ? `${line.place}: ` : ''}“{line.words}”
          {line.taught && ' You said before what that means.'}
        </small>
        {fields.length > 0 && (
          <Form className={styles.form} onSubmit={(event) => event.preventDefault()}>
            {!open && <small>Still asked; without it the words are kept:</small>}
            <EntryFields fields={fields} units={units} values={sheet!.values} under={under} most={MOST_AT_ONCE} />
          </Form>
        )}
        {open && !sheet && !dropped && <MendLine {...{ shown, places, onMend }} />}
        {toConfirm && !dropped && (
          <div className={styles.readings}>
            <Button
              bsPrefix="tap"
              className={styles.small}
              aria-pressed={confirmed}
              onClick={() => onChange({ confirmed: !confirmed })}
            >
              {confirmed ? `${toConfirm.words}: yes` : `${toConfirm.words}?`}
            </Button>
          </div>
        )}
      </div>
      <div className={styles.acts}>
        <Button
          bsPrefix="tap"
          className={styles.small}
          aria-pressed={!dropped}
          onClick={() => onChange({ dropped: !dropped })}
        >
          {dropped ? 'Dropped' : 'Drop'}
          <span className="visually-hidden"> {line.words}</span>
        </Button>
        {!dropped && !open && (
          <Button bsPrefix="tap" className={styles.small} onClick={() => onChange({ open: true })}>
            Change<span className="visually-hidden"> {sheet ? says : line.words}</span>
          </Button>
        )}
      </div>
    </li>
  )
}

function TwoReadings({
  shown,
  picked,
  onPick,
}: {
  readonly shown: Shown
  readonly picked: Said['picked']
  readonly onPick: (which: 'proposal' | 'other') => void
}) {
  return (
    <div className={styles.readings}>
      <small>Which is it? Untouched it stays a note.</small>
      {(['proposal', 'other'] as const).map((which) => (
        <Button
          key={which}
          bsPrefix="tap"
          className={styles.small}
          aria-pressed={picked === which}
          onClick={() => onPick(which)}
        >
          {shown[which]!.says}
        </Button>
      ))}
    </div>
  )
}

/** What will stand in a sheet as things are: what would let work go on only once it is tapped. */
function keptValues({ sheet, facts, toConfirm }: Proposal, confirmed: boolean): Values {
  const all = [...facts, ...(confirmed ? (toConfirm?.facts ?? []) : [])]
  const written = [...all].reverse().find((fact) => fact.subject === 'entry' && fact.facet === 'written')
  return written?.facet === 'written' ? written.value.values : sheet!.values
}

/** What a sheet tells beside its name, and what its figures come to. */
function SheetWords({
  sheet: { register, lacks },
  values,
  units,
}: {
  readonly sheet: SheetAsked
  readonly values: Values
  readonly units: Units
}) {
  const { details, reckoned } = entryWords({ kind: register.id, values }, units, true)
  return (
    <ul className={styles.told}>
      {[...details, ...(lacks.length > 0 ? [] : reckoned.slice(0, 3))].map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ul>
  )
}

const QUARTERS = [0, 25, 50, 75, 100]

/** Puts a line right with the thumb: what it is, how far, where, and whether it stays among us. */
function MendLine({
  shown: { proposal },
  places,
  onMend,
}: {
  readonly shown: Shown
  readonly places: readonly Place[]
  readonly onMend: (by: Mend) => void
}) {
  const { line } = proposal
  return (
    <div className={styles.readings} role="group" aria-label={`Put right: ${line.words}`}>
      {(Object.keys(KIND_WORDS) as LineKind[]).map((kind) => (
        <Button
          key={kind}
          bsPrefix="tap"
          className={styles.small}
          aria-pressed={line.kind === kind && !line.private}
          onClick={() => onMend({ kind, private: false })}
        >
          {KIND_WORDS[kind]}
        </Button>
      ))}
      <Button
        bsPrefix="tap"
        className={styles.small}
        aria-pressed={line.private === true}
        onClick={() => onMend({ private: !line.private })}
      >
        Private
      </Button>
      {line.kind === 'progress' &&
        QUARTERS.map((percent) => (
          <Button
            key={percent}
            bsPrefix="tap"
            className={styles.small}
            aria-pressed={line.percent === percent}
            onClick={() => onMend({ percent })}
          >
            {percent} %
          </Button>
        ))}
      <FormLabel>
        Where
        <FormSelect value={line.place ?? ''} onChange={(event) => onMend({ place: event.target.value })}>
          {places.map(({ id, name }) => (
            <option key={id}>{name}</option>
          ))}
        </FormSelect>
      </FormLabel>
    </div>
  )
}
