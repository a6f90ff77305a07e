'use client'
import { useRouter } from 'next/navigation'
import { useState, type ChangeEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { daysWords } from '@/core/calendar/day'
import { listed } from '@/core/lists/listed'
import { PLACE_KINDS } from '@/core/places/place'
import { STAGES, type Stage } from '@/core/scope/vocabulary'
import { turnedRound } from '@/core/sequence/relations'
import type { Schools } from '@/core/sequence/schools'
import { FormError } from '../shared/FormError'
import { SchoolFields } from './SchoolFields'
import { StandardsTable, type StandardsView } from './StandardsTable'
import { PutAway } from './PutAway'
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
}

/** A site's working days, client, order of work and places. */
export function SiteSettings({ mayTakeOut, away, site, places, standards }: SiteSettingsProps) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [form, setForm] = useState({ ...site, daysOff: site.daysOff.join(', '), travelHours: String(site.travelHours) })
  const [saved, setSaved] = useState(false)
  const set = (part: Partial<typeof form>): void => {
    setForm({ ...form, ...part })
    setSaved(false)
  }
  const save = async (): Promise<void> => {
    const { id: _id, name: _name, ...rest } = form
    const body = { ...rest, revision: site.revision, daysOff: form.daysOff.split(/[,\s]+/).filter(Boolean) }
    if ((await run(`/api/sites/${site.id}/settings`, body)) === null) return
    setSaved(true)
    router.refresh()
  }
  return (
    <div className="page page-narrow">
      <h1>{site.name}</h1>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
        className="visually-grouped"
      >
        <Field id="street" label="Street address" value={form.street} onChange={(street) => set({ street })} />
        <Field
          id="way-in"
          label="Way in: keys, gate, parking"
          value={form.wayIn}
          onChange={(wayIn) => set({ wayIn })}
        />
        <Field
          id="whom-to-call"
          label="Whom to call, with the number"
          value={form.whomToCall}
          onChange={(whomToCall) => set({ whomToCall })}
        />
        <Weekdays value={form.weekdays} onChange={(weekdays) => set({ weekdays })} />
        <Form.Group controlId="site-halves">
          <Form.Label>Quiet hours: it is worked on</Form.Label>
          <Form.Select
            value={form.halves}
            onChange={(event) => set({ halves: event.target.value as typeof form.halves })}
          >
            <option value="both">all day</option>
            <option value="morning">in the mornings only</option>
            <option value="afternoon">in the afternoons only</option>
          </Form.Select>
        </Form.Group>
        <Field
          id="days-off"
          label="Days off (year-month-day, with commas)"
          value={form.daysOff}
          onChange={(daysOff) => set({ daysOff })}
        />
        <Field
          id="starts-on"
          label="Work starts"
          type="date"
          value={form.startsOn}
          onChange={(startsOn) => set({ startsOn })}
        />
        <Field
          id="travel-hours"
          label="Hours of a day that the drive takes, there and back"
          value={form.travelHours}
          onChange={(travelHours) => set({ travelHours })}
        />
        <Form.Check
          id="lived-in"
          label="Somebody lives there during the works"
          checked={form.livedIn}
          onChange={(event) => set({ livedIn: event.target.checked })}
        />
        <Field id="client-name" label="Client" value={form.clientName} onChange={(clientName) => set({ clientName })} />
        <Field
          id="client-address"
          label="Client’s mail address"
          value={form.clientAddress}
          onChange={(clientAddress) => set({ clientAddress })}
        />
        <Form.Group controlId="private-note">
          <Form.Label>Private note, never shared</Form.Label>
          <Form.Control
            as="textarea"
            rows={2}
            value={form.privateNote}
            onChange={(event) => set({ privateNote: event.target.value })}
          />
        </Form.Group>
        <h2>Order of work</h2>
        <SchoolFields schools={form.schools} onChange={(schools) => set({ schools })} />
        <Relations value={form.relations} schools={form.schools} onChange={(relations) => set({ relations })} />
        <FormError error={error} />
        {saved && <p className="notice notice-good">Saved. Plan again to use it.</p>}
        <Button type="submit" variant="primary" disabled={busy}>
          Save
        </Button>
      </Form>
      <AddPlace siteId={site.id} />
      <h2 className="mt-4">Places</h2>
      <ul>
        {places.map((place) => (
          <li key={place.id}>
            {place.name}, {place.level}, <span className="measure">{place.size ?? 'not measured'}</span>
          </li>
        ))}
      </ul>
      <StandardsTable siteId={site.id} view={standards} />
      {mayTakeOut && (
        <section aria-labelledby="take-out">
          <h2 id="take-out" className="mt-4">
            The site as a file
          </h2>
          <p>Everything of it, remarks and money too, to keep or to bring into another firm.</p>
          <a className="btn btn-quiet" href={`/api/sites/${site.id}/bundle`} download>
            Take it as a file
          </a>
          <h2 className="mt-4">Put away</h2>
          <p>
            A site that is put away keeps all that was recorded; it is planned, listed and told no more until it is
            brought back.
          </p>
          <PutAway
            url={`/api/sites/${site.id}/away`}
            name={site.name}
            away={false}
            onMoved={() => router.push('/today')}
          />
          {away.length > 0 && <p className="mt-3 mb-1">Put away already:</p>}
          {away.map((one) => (
            <PutAway key={one.id} url={`/api/sites/${one.id}/away`} name={one.name} away />
          ))}
        </section>
      )}
    </div>
  )
}

/** A field of the settings. */
const Field = ({
  onChange,
  ...field
}: {
  readonly id: string
  readonly label: string
  readonly value: string
  readonly type?: string
  readonly onChange: (value: string) => void
}) => <TextField {...field} onChange={(event: ChangeEvent<HTMLInputElement>) => onChange(event.target.value)} />

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

function AddPlace({ siteId }: { siteId: string }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const add = async (form: HTMLFormElement): Promise<void> => {
    const place = Object.fromEntries(new FormData(form))
    if ((await run(`/api/sites/${siteId}/places`, { place })) === null) return
    form.reset()
    router.refresh()
  }
  return (
    <Form
      className="mt-4"
      onSubmit={(event) => {
        event.preventDefault()
        void add(event.currentTarget)
      }}
    >
      <h2>Add a place</h2>
      <div className={styles.house}>
        <Form.Group controlId="place-name">
          <Form.Label>Name</Form.Label>
          <Form.Control name="name" />
        </Form.Group>
        <Form.Group controlId="place-kind">
          <Form.Label>Kind</Form.Label>
          <Form.Select name="kind">
            <Options of={PLACE_KINDS} />
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="place-level">
          <Form.Label>Level</Form.Label>
          <Form.Control name="level" defaultValue="Ground floor" />
        </Form.Group>
        <Form.Group controlId="place-size">
          <Form.Label>Size</Form.Label>
          <Form.Control name="size" className="measure" />
        </Form.Group>
      </div>
      <FormError error={error} />
      <Button type="submit" variant="quiet" disabled={busy}>
        Add place
      </Button>
    </Form>
  )
}
