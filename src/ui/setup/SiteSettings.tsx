'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter, useSearchParams } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Nav from 'react-bootstrap/Nav'
import { useForm, useWatch, type Resolver } from 'react-hook-form'
import { daysWords } from '@/core/calendar/day'
import { listed } from '@/core/lists/listed'
import type { Units } from '@/core/measure/length'
import { PLACE_KINDS } from '@/core/places/place'
import { STAGES, type Stage } from '@/core/scope/vocabulary'
import { turnedRound } from '@/core/sequence/relations'
import type { Schools } from '@/core/sequence/schools'
import { newPlace } from '@/schemas/newSite'
import { siteSettings } from '@/schemas/site'
import { FormError } from '../shared/FormError'
import { SchoolFields } from './SchoolFields'
import { FiguresTable, standardFigures, type StandardsView } from './FiguresTable'
import { PutAway } from './PutAway'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { Weekdays } from './Weekdays'
import { Options } from '../shared/Options'
import styles from './NewSite.module.css'

export interface SiteSettingsProps {
  readonly mayTakeOut: boolean
  readonly away: readonly { readonly id: string; readonly name: string }[]
  readonly site: {
    readonly id: string
    readonly name: string
    readonly revision: number
    readonly units: Units
    readonly livedIn: boolean
    readonly weekdays: readonly number[]
    readonly halves: 'both' | 'morning' | 'afternoon'
    readonly daysOff: readonly string[]
    readonly startsOn: string
    readonly travelHours: number
    readonly clientName: string
    readonly clientAddress: string
    readonly privateNote: string
    readonly street: string
    readonly wayIn: string
    readonly whomToCall: string
    readonly schools: Schools
    /** The crew that comes for a trade; '' where the plan deals it. */
    readonly crews: Readonly<Record<string, string>>
    readonly relations: readonly {
      readonly before: Stage
      readonly after: Stage
      readonly why: string
      readonly waitDays: number
      readonly mostDays: number | null
      readonly scope: 'place' | 'site'
    }[]
  }
  readonly places: readonly {
    readonly id: string
    readonly name: string
    readonly level: string
    readonly size: string | null
  }[]
  readonly standards: StandardsView
  readonly choices: readonly {
    readonly trade: string
    readonly words: string
    readonly crews: readonly { readonly id: string; readonly name: string }[]
  }[]
}

const PARTS = {
  site: 'The site',
  people: 'People',
  order: 'Order of work',
  places: 'Places',
  figures: 'Figures',
  files: 'Files',
} as const
type Part = keyof typeof PARTS
/** The part that holds a field, for what is wrong with it. */
const PART_OF: Readonly<Record<string, Part>> = {
  clientName: 'people',
  clientAddress: 'people',
  whomToCall: 'people',
  crews: 'people',
  privateNote: 'people',
  schools: 'order',
  relations: 'order',
}

type SiteForm = Omit<SiteSettingsProps['site'], 'id' | 'name' | 'daysOff' | 'travelHours'> & {
  readonly daysOff: string
  readonly travelHours: string
}
const check = yupResolver(siteSettings) as unknown as Resolver<SiteForm>
const listOfDays = (text: string): string[] => text.split(/[,\s]+/).filter(Boolean)

/** A site's settings, a part at a time: the site, its people, its order of work, its places, figures and files. */
export function SiteSettings({ mayTakeOut, away, site, places, standards, choices }: SiteSettingsProps) {
  const router = useRouter()
  const search = useSearchParams()
  const asked = search.get('part') ?? ''
  const part = (asked in PARTS ? asked : 'site') as Part
  const goTo = (next: Part): void => window.history.replaceState(null, '', `?part=${next}`)
  const { busy, error, run } = useSend()
  const [saved, setSaved] = useState(false)
  const { id, name, ...fields } = site
  const { register, handleSubmit, control, setValue, formState } = useForm<SiteForm>({
    defaultValues: { ...fields, daysOff: site.daysOff.join(', '), travelHours: String(site.travelHours) },
    // The schema is the server's own; only a list of days is typed as one line here.
    resolver: (values, ...rest) => check({ ...values, daysOff: listOfDays(values.daysOff) } as never, ...rest),
  })
  const [weekdays, schools, relations] = useWatch({ control, name: ['weekdays', 'schools', 'relations'] })
  const wrong = formState.errors as Readonly<Record<string, { readonly message?: string } | undefined>>
  const keep = handleSubmit(
    async (input) => {
      setSaved((await run(`/api/sites/${id}/settings`, { ...input, revision: site.revision })) !== null)
      router.refresh()
    },
    (errors) => {
      setSaved(false)
      goTo(PART_OF[Object.keys(errors)[0]!] ?? 'site')
    },
  )
  const set = <Key extends keyof SiteForm>(key: Key, value: SiteForm[Key]): void => {
    setSaved(false)
    setValue(key, value as never)
  }
  const text = (key: keyof SiteForm) => ({ ...register(key as never), wrong: wrong[key]?.message })
  const inForm = part === 'site' || part === 'people' || part === 'order'
  return (
    <div className="page page-narrow">
      <h1>{name}: settings</h1>
      <Nav variant="underline" className="d-flex flex-wrap gap-3 mb-3" aria-label="Parts of the settings">
        {(Object.keys(PARTS) as Part[]).map((one) => (
          <Nav.Item key={one}>
            <Nav.Link
              href={`?part=${one}`}
              active={part === one}
              className={part === one ? 'fw-bold text-decoration-none' : ''}
              aria-current={part === one ? 'page' : undefined}
              onClick={(event) => {
                event.preventDefault()
                goTo(one)
              }}
            >
              {PARTS[one]}
            </Nav.Link>
          </Nav.Item>
        ))}
      </Nav>
      <Form onSubmit={(event) => void keep(event)} className="visually-grouped" hidden={!inForm}>
        <div className="visually-grouped" hidden={part !== 'site'}>
          <TextField id="street" label="Street address" {...text('street')} />
          <TextField id="way-in" label="Way in: keys, gate, parking" {...text('wayIn')} />
          <Weekdays value={weekdays} onChange={(days) => set('weekdays', days)} />
          <Form.Group controlId="site-halves">
            <Form.Label>Quiet hours: it is worked on</Form.Label>
            <Form.Select {...register('halves')}>
              <option value="both">all day</option>
              <option value="morning">in the mornings only</option>
              <option value="afternoon">in the afternoons only</option>
            </Form.Select>
          </Form.Group>
          <TextField id="days-off" label="Days off (year-month-day, with commas)" {...text('daysOff')} />
          <TextField id="starts-on" label="Work starts" type="date" {...text('startsOn')} />
          <TextField
            id="travel-hours"
            label="Hours of a day that the drive takes, there and back"
            {...text('travelHours')}
          />
          <Form.Check id="lived-in" label="Somebody lives there during the works" {...register('livedIn')} />
        </div>
        <div className="visually-grouped" hidden={part !== 'people'}>
          <TextField id="client-name" label="Client" {...text('clientName')} />
          <TextField id="client-address" label="Client’s mail address" {...text('clientAddress')} />
          <TextField id="whom-to-call" label="Whom to call, with the number" {...text('whomToCall')} />
          <TextField
            id="private-note"
            label="Private note, never shared"
            as="textarea"
            rows={2}
            {...text('privateNote')}
          />
          {choices.map(({ trade, words, crews }) => (
            <SelectField key={trade} id={`crew-${trade}`} label={`${words}: who comes`} {...register(`crews.${trade}`)}>
              <option value="">as the plan deals it</option>
              {crews.map((crew) => (
                <option key={crew.id} value={crew.id}>
                  {crew.name}
                </option>
              ))}
            </SelectField>
          ))}
          <p>
            <a href={`/sites/${id}/who`}>Who works here</a>
          </p>
        </div>
        <div className="visually-grouped" hidden={part !== 'order'}>
          <SchoolFields schools={schools} onChange={(next) => set('schools', next)} />
          <Relations value={relations} schools={schools} onChange={(next) => set('relations', next)} />
        </div>
        <FormError error={error} />
        {saved && <p className="notice notice-good">Saved. Plan again to use it.</p>}
        <Button type="submit" variant="primary" disabled={busy}>
          Save
        </Button>
      </Form>
      {part === 'places' && (
        <>
          <ul>
            {places.map((place) => (
              <li key={place.id}>
                {place.name}, {place.level}, <span className="measure">{place.size ?? 'not measured'}</span>
              </li>
            ))}
          </ul>
          <AddPlace siteId={id} units={site.units} />
        </>
      )}
      {part === 'figures' && (
        <FiguresTable
          siteId={id}
          figures={standardFigures(standards)}
          says="Set here for this site alone. Leave empty for the firm’s figure, or the usual one of the trade."
        />
      )}
      {part === 'files' &&
        (mayTakeOut ? (
          <>
            <h2>The site as a file</h2>
            <p>Everything of it, remarks and money too, to keep or to bring into another firm.</p>
            <a className="btn btn-quiet" href={`/api/sites/${id}/bundle`} download>
              Take it as a file
            </a>
            <h2 className="mt-4">Put away</h2>
            <p>
              A site that is put away keeps all that was recorded; it is planned, listed and told no more until it is
              brought back.
            </p>
            <PutAway url={`/api/sites/${id}/away`} name={name} away={false} onMoved={() => router.push('/today')} />
            {away.length > 0 && <p className="mt-3 mb-1">Put away already:</p>}
            {away.map((one) => (
              <PutAway key={one.id} url={`/api/sites/${one.id}/away`} name={one.name} away />
            ))}
          </>
        ) : (
          <p>Only the owner takes a site out, or puts it away.</p>
        ))}
    </div>
  )
}

type Relations_ = SiteSettingsProps['site']['relations']

function Relations({
  value,
  schools,
  onChange,
}: {
  value: Relations_
  schools: Schools
  onChange: (relations: Relations_) => void
}) {
  const [before, setBefore] = useState<Stage>('tile')
  const [after, setAfter] = useState<Stage>('paint')
  const [waitDays, setWaitDays] = useState('0')
  const [mostDays, setMostDays] = useState('')
  const [scope, setScope] = useState<'place' | 'site'>('place')
  const [why, setWhy] = useState('')
  const turned = turnedRound(
    schools,
    value.map(({ before: first, after: then, why: reason }) => ({ before: first, after: then, why: reason })),
  )
  const add = (): void => {
    const most = mostDays === '' ? null : Number(mostDays)
    onChange([...value, { before, after, why, waitDays: Number(waitDays) || 0, mostDays: most, scope }])
    setWhy('')
  }
  return (
    <fieldset>
      <legend className="h3">Only on this site</legend>
      <ul>
        {value.map((relation, i) => (
          <li key={`${relation.before}${relation.after}`}>
            {STAGES[relation.before]} before {STAGES[relation.after].toLowerCase()}
            {relation.scope === 'site' && ' everywhere'}
            {relation.waitDays > 0 && `, after ${daysWords(relation.waitDays)}`}
            {relation.mostDays !== null && `, within ${daysWords(relation.mostDays)}`}
            {relation.why && `: ${relation.why}`}{' '}
            <Button size="sm" variant="quiet" onClick={() => onChange(value.filter((_, at) => at !== i))}>
              Take away
            </Button>
          </li>
        ))}
      </ul>
      {turned.length > 0 && <p>The trade’s order gives way: {listed(turned.map(({ why }) => why))}.</p>}
      <div className="d-flex gap-2 flex-wrap align-items-end">
        <Form.Group controlId="relation-before">
          <Form.Label>First</Form.Label>
          <Form.Select value={before} onChange={(event) => setBefore(event.target.value as Stage)}>
            <Options of={STAGES} />
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="relation-after">
          <Form.Label>then</Form.Label>
          <Form.Select value={after} onChange={(event) => setAfter(event.target.value as Stage)}>
            <Options of={STAGES} />
          </Form.Select>
        </Form.Group>
        <DaysField id="relation-wait" label="after days" value={waitDays} onChange={setWaitDays} />
        <DaysField id="relation-most" label="within days" value={mostDays} onChange={setMostDays} />
        <Form.Group controlId="relation-scope">
          <Form.Label>where</Form.Label>
          <Form.Select value={scope} onChange={(event) => setScope(event.target.value as 'place' | 'site')}>
            <option value="place">in each place</option>
            <option value="site">on the whole site</option>
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="relation-why">
          <Form.Label>because</Form.Label>
          <Form.Control value={why} maxLength={200} onChange={(event) => setWhy(event.target.value)} />
        </Form.Group>
        <Button variant="quiet" onClick={add}>
          Add
        </Button>
      </div>
    </fieldset>
  )
}

function DaysField({
  id,
  label,
  value,
  onChange,
}: {
  readonly id: string
  readonly label: string
  readonly value: string
  readonly onChange: (value: string) => void
}) {
  return (
    <Form.Group controlId={id}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        type="number"
        min={0}
        max={365}
        value={value}
        placeholder="any"
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Group>
  )
}

function AddPlace({ siteId, units }: { readonly siteId: string; readonly units: Units }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(newPlace),
    context: { units },
    defaultValues: { name: '', kind: 'room', level: 'Ground floor', size: '' },
  })
  const { errors } = formState
  const add = handleSubmit(async (place) => {
    if ((await run(`/api/sites/${siteId}/places`, { place })) === null) return
    reset()
    router.refresh()
  })
  return (
    <Form className="mt-4" noValidate onSubmit={(event) => void add(event)}>
      <h2>Add a place</h2>
      <div className={styles.house}>
        <TextField id="place-name" label="Name" wrong={errors.name?.message} {...register('name')} />
        <SelectField id="place-kind" label="Kind" wrong={errors.kind?.message} {...register('kind')}>
          <Options of={PLACE_KINDS} />
        </SelectField>
        <TextField id="place-level" label="Level" wrong={errors.level?.message} {...register('level')} />
        <TextField
          id="place-size"
          label="Size"
          className="measure"
          wrong={errors.size?.message}
          {...register('size')}
        />
      </div>
      <FormError error={error} />
      <Button type="submit" variant="quiet" className="mt-2" disabled={busy}>
        Add place
      </Button>
    </Form>
  )
}
