'use client'
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react'
import { flushSync } from 'react-dom'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Units } from '@/core/measure/length'
import { PLACE_KINDS, type PlaceKind } from '@/core/places/place'
import { pastedRows } from '@/core/lists/pastedRows'
import { JOB_KINDS, placesOfJobs, type JobKind } from '@/core/scope/jobKinds'
import { treatmentsFor } from '@/core/scope/treatments'
import { FormError } from '../shared/FormError'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { Weekdays } from './Weekdays'
import { Options } from '../shared/Options'
import styles from './NewSite.module.css'

interface PlaceRow {
  readonly name: string
  readonly level: string
  readonly kind: PlaceKind
  readonly size: string
  readonly treatments: readonly string[]
}

const EMPTY_PLACE: PlaceRow = { name: '', level: 'Ground floor', kind: 'room', size: '', treatments: [] }

/** A new site in minutes: the house, its places as people say their sizes, and what happens in each. */
export function NewSite(props: { readonly today: string; readonly mayBring: boolean; readonly units: Units }) {
  const { today, mayBring } = props
  const { busy, error, run } = useSend<{ siteId: string }>()
  const [units, setUnits] = useState<Units>(props.units)
  const [weekdays, setWeekdays] = useState<readonly number[]>([1, 2, 3, 4, 5])
  const [places, setPlaces] = useState<readonly PlaceRow[]>([EMPTY_PLACE])
  const list = useRef<HTMLOListElement>(null)
  const [kinds, setKinds] = useState<readonly JobKind[]>([])
  /** A job brings its usual places, as long as nobody has written other ones. */
  const chooseKind = (kind: JobKind): void => {
    const next = kinds.includes(kind) ? kinds.filter((one) => one !== kind) : [...kinds, kind]
    const usual = new Set(placesOfJobs(kinds).map(({ name }) => name))
    const own = places.filter(({ name, size }) => (name !== '' && !usual.has(name)) || size !== '')
    const brought = placesOfJobs(next).filter(({ name }) => !own.some((one) => one.name === name))
    setKinds(next)
    setPlaces([...own, ...brought.map((place) => ({ ...place, size: '' }))])
  }
  /** Enter in a place goes to the same field of the next one, and makes it where there is none: nothing is ever sent by it. */
  const onEnter = (event: KeyboardEvent<HTMLElement>, index: number, field: string): void => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    // At once, so that whoever types on types into the next line.
    if (index === places.length - 1) flushSync(add)
    list.current?.querySelector<HTMLElement>(`[data-cell="${index + 1} ${field}"]`)?.focus()
  }
  const onPaste = (event: ClipboardEvent, index: number): void => {
    const rows = pastedRows(event.clipboardData.getData('text'), ['name', 'place', 'room'])
    if (!rows) return
    event.preventDefault()
    const pasted = rows.map(([name = '', size = '', level = '']) => ({
      ...EMPTY_PLACE,
      name,
      size,
      ...(level ? { level } : {}),
    }))
    setPlaces([...places.slice(0, index), ...pasted, ...places.slice(index + 1)])
  }
  const example = units === 'metric' ? '4.1 x 3.9 x 2.45' : `12' 6" x 10' x 8'`

  const change = (index: number, part: Partial<PlaceRow>): void =>
    setPlaces(places.map((place, i) => (i === index ? { ...place, ...part } : place)))
  const add = (): void =>
    setPlaces([
      ...places,
      { ...EMPTY_PLACE, level: places.at(-1)?.level ?? 'Ground floor', kind: places.at(-1)?.kind ?? 'room' },
    ])
  const create = async (form: FormData): Promise<void> => {
    const made = await run('/api/sites', {
      name: form.get('name'),
      built: form.get('built'),
      units,
      livedIn: form.get('livedIn') === 'yes',
      weekdays,
      startsOn: form.get('startsOn'),
      clientName: form.get('clientName'),
      clientAddress: form.get('clientAddress'),
      street: form.get('street'),
      wayIn: form.get('wayIn'),
      whomToCall: form.get('whomToCall'),
      places: places.filter((place) => place.name.trim() !== '' || place.size.trim() !== ''),
    })
    if (made) window.location.assign(`/sites/${made.siteId}/who`)
  }

  return (
    <div className="page">
      <div className={styles.title}>
        <h1>New site</h1>
        {mayBring && <a href="/sites/bring">or bring one from a file</a>}
      </div>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void create(new FormData(event.currentTarget))
        }}
      >
        <div className={styles.house}>
          <Text name="name" label="What do you call it?" hint="Like the street or the house: Bakehouse Lane" />
          <Text name="street" label="Street address" />
          <Text name="wayIn" label="Way in: keys, gate, parking" />
          <Text name="built" label="Built (year)" hint="Decides what has to be tested before dust is made" />
          <Form.Group controlId="units">
            <Form.Label>Units</Form.Label>
            <Form.Select value={units} onChange={(event) => setUnits(event.target.value as Units)}>
              <option value="metric">metres</option>
              <option value="imperial">feet and inches</option>
            </Form.Select>
          </Form.Group>
          <Form.Group controlId="livedIn">
            <Form.Label>Somebody lives there</Form.Label>
            <Form.Select name="livedIn" defaultValue="yes">
              <option value="yes">yes, during the works</option>
              <option value="no">no, it is empty</option>
            </Form.Select>
          </Form.Group>
          <Form.Group controlId="startsOn">
            <Form.Label>Work starts</Form.Label>
            <Form.Control name="startsOn" type="date" defaultValue={today} />
          </Form.Group>
          <Text name="clientName" label="Client" />
          <Text name="whomToCall" label="Whom to call, with the number" />
          <Text name="clientAddress" label="Client’s mail address" />
          <Weekdays value={weekdays} onChange={setWeekdays} />
        </div>
        <fieldset>
          <legend className="h2">What kind of job?</legend>
          <div className="d-flex flex-wrap gap-2">
            {(Object.keys(JOB_KINDS) as JobKind[]).map((kind) => (
              <Button
                key={kind}
                variant={kinds.includes(kind) ? 'secondary' : 'quiet'}
                aria-pressed={kinds.includes(kind)}
                onClick={() => chooseKind(kind)}
              >
                {JOB_KINDS[kind].words}
              </Button>
            ))}
          </div>
          <p className="soft mt-2">
            Its usual places come with it, to be corrected. Several together are several jobs.
          </p>
        </fieldset>
        <h2>Places, and what happens in each</h2>
        <p className="soft">
          One line a room, face, roof or piece of ground, in the order you walk them. Sizes as you say them:{' '}
          <span className="measure">{example}</span>, or leave them for the walk. Enter goes to the next line; a list
          can be pasted from a spreadsheet (name, size, level).
        </p>
        <ol className={styles.places} ref={list}>
          {places.map((place, i) => (
            <PlaceLine
              key={i}
              number={i + 1}
              place={place}
              example={example}
              onChange={(part) => change(i, part)}
              onEnter={(event, field) => onEnter(event, i, field)}
              onPaste={(event) => onPaste(event, i)}
              onRemove={places.length > 1 ? () => setPlaces(places.filter((_, at) => at !== i)) : null}
            />
          ))}
        </ol>
        <Button variant="quiet" onClick={add}>
          Add a place
        </Button>
        <div className="mt-4">
          <FormError error={error} />
          <Button type="submit" variant="primary" size="lg" disabled={busy}>
            Next: who works here?
          </Button>
        </div>
      </Form>
    </div>
  )
}

const Text = ({ name, ...field }: { readonly name: string; readonly label: string; readonly hint?: string }) => (
  <TextField id={name} name={name} {...field} />
)

interface PlaceLineProps {
  readonly number: number
  readonly place: PlaceRow
  readonly example: string
  readonly onChange: (part: Partial<PlaceRow>) => void
  readonly onEnter: (event: KeyboardEvent<HTMLElement>, field: string) => void
  readonly onPaste: (event: ClipboardEvent) => void
  readonly onRemove: (() => void) | null
}

function PlaceLine({ number, place, example, onChange, onEnter, onPaste, onRemove }: PlaceLineProps) {
  const label = (what: string): string => `${what} of place ${number}`
  const left = treatmentsFor(place.kind).filter((treatment) => !place.treatments.includes(treatment.id))
  const title = (id: string): string => treatmentsFor(place.kind).find((treatment) => treatment.id === id)?.title ?? id
  return (
    <li>
      <Form.Control
        aria-label={label('Name')}
        placeholder="Name"
        value={place.name}
        data-cell={`${number - 1} name`}
        onKeyDown={(event) => onEnter(event, 'name')}
        onPaste={onPaste}
        onChange={(event) => onChange({ name: event.target.value })}
      />
      <Form.Select
        aria-label={label('Kind')}
        value={place.kind}
        onChange={(event) =>
          onChange({
            kind: event.target.value as PlaceKind,
            treatments: [],
            level: levelFor(event.target.value as PlaceKind, place.level),
          })
        }
      >
        <Options of={PLACE_KINDS} />
      </Form.Select>
      <Form.Control
        aria-label={label('Level')}
        value={place.level}
        onChange={(event) => onChange({ level: event.target.value })}
      />
      <Form.Control
        className="measure"
        aria-label={label('Size')}
        placeholder={example}
        value={place.size}
        data-cell={`${number - 1} size`}
        onKeyDown={(event) => onEnter(event, 'size')}
        onChange={(event) => onChange({ size: event.target.value })}
      />
      <div>
        {place.treatments.map((id) => (
          <span key={id} className={styles.treatment}>
            {title(id)}
            <Button
              bsPrefix="tap"
              onClick={() => onChange({ treatments: place.treatments.filter((one) => one !== id) })}
            >
              Take out<span className="visually-hidden"> {title(id)}</span>
            </Button>
          </span>
        ))}
        {left.length > 0 && (
          <Form.Select
            aria-label={`What happens at place ${number}`}
            value=""
            onChange={(event) => onChange({ treatments: [...place.treatments, event.target.value] })}
          >
            <option value="">{place.treatments.length === 0 ? 'What happens here?' : 'And also…'}</option>
            {left.map((treatment) => (
              <option key={treatment.id} value={treatment.id}>
                {treatment.title}
              </option>
            ))}
          </Form.Select>
        )}
      </div>
      {onRemove ? (
        <Button size="sm" variant="quiet" onClick={onRemove}>
          Remove<span className="visually-hidden"> place {number}</span>
        </Button>
      ) : (
        <span />
      )}
    </li>
  )
}

function levelFor(kind: PlaceKind, current: string): string {
  if (kind === 'face' || kind === 'boundary' || kind === 'ground') return 'Outside'
  if (kind === 'roof') return 'Roof'
  return current === 'Outside' || current === 'Roof' ? 'Ground floor' : current
}
