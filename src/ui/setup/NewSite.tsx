'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react'
import { flushSync } from 'react-dom'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Controller, useFieldArray, useForm, useWatch, type Resolver, type UseFormReturn } from 'react-hook-form'
import type { InferType } from 'yup'
import type { Units } from '@/core/measure/length'
import { PLACE_KINDS, type PlaceKind } from '@/core/places/place'
import { pastedRows } from '@/core/lists/pastedRows'
import { JOB_KINDS, placesOfJobs, type JobKind } from '@/core/scope/jobKinds'
import { treatmentsFor } from '@/core/scope/treatments'
import { newSite } from '@/schemas/newSite'
import { FormError } from '../shared/FormError'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { Weekdays } from './Weekdays'
import { Options } from '../shared/Options'
import styles from './NewSite.module.css'

type SiteForm = Omit<InferType<typeof newSite>, 'built'> & { built: number | string | null }
/** What is typed of the house and whom it is for. */
type HouseField = 'name' | 'street' | 'wayIn' | 'built' | 'startsOn' | 'clientName' | 'whomToCall' | 'clientAddress'
type PlaceRow = SiteForm['places'][number]

const EMPTY_PLACE: PlaceRow = { name: '', level: 'Ground floor', kind: 'room', size: '', treatments: [] }

/** A new site in minutes: the house, its places as people say their sizes, and what happens in each. */
export function NewSite(props: { readonly today: string; readonly mayBring: boolean; readonly units: Units }) {
  const { today, mayBring } = props
  const { busy, error, run } = useSend<{ siteId: string }>()
  const form = useForm<SiteForm>({
    resolver: yupResolver(newSite) as Resolver<SiteForm>,
    defaultValues: {
      name: '',
      street: '',
      wayIn: '',
      built: '',
      units: props.units,
      livedIn: true,
      startsOn: today,
      clientName: '',
      whomToCall: '',
      clientAddress: '',
      weekdays: [1, 2, 3, 4, 5],
      places: [EMPTY_PLACE],
    },
  })
  const { control, register, getValues, formState } = form
  const { fields, append, remove, replace } = useFieldArray({ control, name: 'places' })
  const units = useWatch({ control, name: 'units' })
  const [jobs, setJobs] = useState<readonly JobKind[]>([])
  const wrong = formState.errors
  const list = useRef<HTMLOListElement>(null)
  /** A job brings its usual places, as long as nobody has written other ones. */
  const chooseJob = (job: JobKind): void => {
    const next = jobs.includes(job) ? jobs.filter((one) => one !== job) : [...jobs, job]
    const usual = new Set(placesOfJobs(jobs).map(({ name }) => name))
    const own = getValues('places').filter(({ name, size }) => (name !== '' && !usual.has(name)) || size !== '')
    const brought = placesOfJobs(next).filter(({ name }) => !own.some((one) => one.name === name))
    setJobs(next)
    replace([...own, ...brought.map((place) => ({ ...place, treatments: [...place.treatments], size: '' }))])
  }
  const add = (): void => {
    const last = getValues('places').at(-1) ?? EMPTY_PLACE
    append({ ...EMPTY_PLACE, level: last.level, kind: last.kind }, { shouldFocus: false })
  }
  /** Enter in a place goes to the same field of the next one, and makes it where there is none: nothing is ever sent by it. */
  const onEnter = (event: KeyboardEvent<HTMLElement>, index: number, field: string): void => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    // At once, so that whoever types on types into the next line.
    if (index === fields.length - 1) flushSync(add)
    list.current?.querySelector<HTMLElement>(`[name="places.${index + 1}.${field}"]`)?.focus()
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
    const places = getValues('places')
    replace([...places.slice(0, index), ...pasted, ...places.slice(index + 1)])
  }
  const example = units === 'metric' ? '4.1 x 3.9 x 2.45' : `12' 6" x 10' x 8'`
  const create = form.handleSubmit(async (site) => {
    const made = await run('/api/sites', site)
    if (made) window.location.assign(`/sites/${made.siteId}/who`)
  })
  /** Lines in which nobody wrote anything are no places. */
  const withoutEmpty = (): void => {
    const written = getValues('places').filter(({ name, size }) => name.trim() !== '' || size.trim() !== '')
    if (written.length > 0 && written.length < fields.length) flushSync(() => replace(written))
  }
  const wrongPlace = Array.isArray(wrong.places)
    ? wrong.places.flatMap((place) => Object.values(place ?? {}) as { message?: string }[])[0]?.message
    : wrong.places?.message

  const text = (field: HouseField, label: string, more: { readonly hint?: string; readonly type?: 'date' } = {}) => (
    <TextField id={field} label={label} wrong={wrong[field]?.message} {...more} {...register(field)} />
  )

  return (
    <div className="page">
      <div className={styles.title}>
        <h1>New site</h1>
        {mayBring && <a href="/sites/bring">or bring one from a file</a>}
      </div>
      <Form
        noValidate
        onSubmit={(event) => {
          withoutEmpty()
          void create(event)
        }}
      >
        <div className={styles.house}>
          {text('name', 'What do you call it?', { hint: 'Like the street or the house: Bakehouse Lane' })}
          {text('street', 'Street address')}
          {text('wayIn', 'Way in: keys, gate, parking')}
          {text('built', 'Built (year)', { hint: 'Decides what has to be tested before dust is made' })}
          <SelectField id="units" label="Units" {...register('units')}>
            <option value="metric">metres</option>
            <option value="imperial">feet and inches</option>
          </SelectField>
          <SelectField id="livedIn" label="Somebody lives there" {...register('livedIn')}>
            <option value="true">yes, during the works</option>
            <option value="false">no, it is empty</option>
          </SelectField>
          {text('startsOn', 'Work starts', { type: 'date' })}
          {text('clientName', 'Client')}
          {text('whomToCall', 'Whom to call, with the number')}
          {text('clientAddress', 'Client’s mail address')}
          <Controller
            control={control}
            name="weekdays"
            render={({ field }) => <Weekdays value={field.value} onChange={field.onChange} />}
          />
        </div>
        <fieldset>
          <legend className="h2">What kind of job?</legend>
          <div className="d-flex flex-wrap gap-2">
            {(Object.keys(JOB_KINDS) as JobKind[]).map((job) => (
              <Button
                key={job}
                variant={jobs.includes(job) ? 'secondary' : 'quiet'}
                aria-pressed={jobs.includes(job)}
                onClick={() => chooseJob(job)}
              >
                {JOB_KINDS[job].words}
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
          {fields.map((place, i) => (
            <PlaceLine
              key={place.id}
              at={i}
              form={form}
              example={example}
              onEnter={(event, field) => onEnter(event, i, field)}
              onPaste={(event) => onPaste(event, i)}
              onRemove={fields.length > 1 ? () => remove(i) : null}
            />
          ))}
        </ol>
        <Button variant="quiet" onClick={add}>
          Add a place
        </Button>
        <div className="mt-4">
          <FormError error={wrongPlace ? { message: wrongPlace } : error} />
          <Button type="submit" variant="primary" size="lg" disabled={busy}>
            Next: who works here?
          </Button>
        </div>
      </Form>
    </div>
  )
}

interface PlaceLineProps {
  readonly at: number
  readonly form: UseFormReturn<SiteForm>
  readonly example: string
  readonly onEnter: (event: KeyboardEvent<HTMLElement>, field: string) => void
  readonly onPaste: (event: ClipboardEvent) => void
  readonly onRemove: (() => void) | null
}

function PlaceLine({ at, form, example, onEnter, onPaste, onRemove }: PlaceLineProps) {
  const { control, register, setValue, getValues, formState } = form
  const number = at + 1
  const wrong = formState.errors.places?.[at]
  const [kind, treatments] = useWatch({ control, name: [`places.${at}.kind`, `places.${at}.treatments`] })
  const label = (what: string): string => `${what} of place ${number}`
  const all = treatmentsFor(kind as PlaceKind)
  const left = all.filter(({ id }) => !treatments.includes(id))
  const title = (id: string): string => all.find((treatment) => treatment.id === id)?.title ?? id
  const happens = (ids: string[]): void => setValue(`places.${at}.treatments`, ids)
  return (
    <li>
      <Form.Control
        aria-label={label('Name')}
        placeholder="Name"
        isInvalid={Boolean(wrong?.name)}
        onKeyDown={(event) => onEnter(event, 'name')}
        onPaste={onPaste}
        {...register(`places.${at}.name`)}
      />
      <Form.Select
        aria-label={label('Kind')}
        {...register(`places.${at}.kind`, {
          onChange: (event: { target: { value: PlaceKind } }) => {
            happens([])
            setValue(`places.${at}.level`, levelFor(event.target.value, getValues(`places.${at}.level`)))
          },
        })}
      >
        <Options of={PLACE_KINDS} />
      </Form.Select>
      <Form.Control aria-label={label('Level')} isInvalid={Boolean(wrong?.level)} {...register(`places.${at}.level`)} />
      <Form.Control
        className="measure"
        aria-label={label('Size')}
        placeholder={example}
        isInvalid={Boolean(wrong?.size)}
        onKeyDown={(event) => onEnter(event, 'size')}
        {...register(`places.${at}.size`)}
      />
      <div>
        {treatments.map((id) => (
          <span key={id} className={styles.treatment}>
            {title(id)}
            <Button bsPrefix="tap" onClick={() => happens(treatments.filter((one) => one !== id))}>
              Take out<span className="visually-hidden"> {title(id)}</span>
            </Button>
          </span>
        ))}
        {left.length > 0 && (
          <Form.Select
            aria-label={`What happens at place ${number}`}
            value=""
            onChange={(event) => happens([...treatments, event.target.value])}
          >
            <option value="">{treatments.length === 0 ? 'What happens here?' : 'And also…'}</option>
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
