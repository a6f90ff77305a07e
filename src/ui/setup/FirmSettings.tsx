'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { RATES, type RateKey } from '@/core/scope/rates'
import { LANGUAGES } from '@/core/share/languages/catalogue'
import { TRADES, type Trade } from '@/core/scope/vocabulary'
import { PICTURE_CACHE } from '../shared/pictureCache'
import { BusyTimes } from './BusyTimes'
import { FormError } from '../shared/FormError'
import { StandardsTable, type StandardsView } from './StandardsTable'
import { useSend } from '../shared/useSend'
import { Weekdays } from './Weekdays'
import { Options } from '../shared/Options'
import styles from './NewSite.module.css'

export interface CrewView {
  readonly id: string
  readonly name: string
  readonly trade: Trade
  readonly crews: number
  readonly crewSize: number
  readonly weekdays: readonly number[]
  readonly daysOff: readonly string[]
  readonly halves: 'both' | 'morning' | 'afternoon'
  readonly contact: string
  readonly licence: string
  readonly own: boolean
  readonly mornings: boolean
  readonly setUpHours: number
  readonly language: string
  readonly busy: readonly object[]
  readonly busyAddress: string
}

export interface FirmSettingsProps {
  readonly person: { readonly name: string; readonly role: 'owner' | 'lead' | 'crew' }
  readonly people: readonly {
    readonly id: string
    readonly name: string
    readonly login: string
    readonly role: string
    readonly sites: readonly string[]
  }[]
  readonly sites: readonly { readonly id: string; readonly name: string }[]
  readonly crews: readonly CrewView[]
  readonly rates: Readonly<Record<string, number>>
  readonly standards: StandardsView
}

/** The firm: its people, its crews, its rates, and signing out. */
export function FirmSettings({ person, people, sites, crews, rates, standards }: FirmSettingsProps) {
  return (
    <div className="page page-narrow">
      <h1>{person.name}</h1>
      <SignOut />
      {person.role !== 'crew' && <Crews crews={crews} />}
      {person.role === 'owner' && <People people={people} sites={sites} />}
      {person.role !== 'crew' && <Rates rates={rates} />}
      {person.role !== 'crew' && <StandardsTable siteId={null} view={standards} />}
    </div>
  )
}

function SignOut() {
  const { busy, error, run } = useSend()
  const leave = async (everywhere: boolean): Promise<void> => {
    if ((await run('/api/sign-out', { everywhere })) === null) return
    // Pictures of the sites are not left for whoever signs in here next.
    if ('caches' in window) await caches.delete(PICTURE_CACHE)
    window.location.assign('/sign-in')
  }
  return (
    <section className="mb-4">
      <FormError error={error} />
      <Button variant="quiet" disabled={busy} onClick={() => void leave(false)}>
        Sign out
      </Button>{' '}
      <Button variant="quiet" disabled={busy} onClick={() => void leave(true)}>
        Sign out everywhere
      </Button>
    </section>
  )
}

const NEW_CREW: CrewView = {
  id: '',
  name: '',
  trade: 'carpenter',
  crews: 1,
  crewSize: 2,
  weekdays: [1, 2, 3, 4, 5],
  daysOff: [],
  halves: 'both',
  contact: '',
  licence: '',
  own: false,
  mornings: false,
  setUpHours: 0,
  language: 'en',
  busy: [],
  busyAddress: '',
}

function Crews({ crews }: { crews: readonly CrewView[] }) {
  const [open, setOpen] = useState<CrewView | null>(null)
  return (
    <section className="mb-4" aria-labelledby="crews">
      <h2 id="crews">Crews and subcontractors</h2>
      <p className="soft">The planner shares them among all sites.</p>
      <Table>
        <tbody>
          {crews.map((crew) => (
            <tr key={crew.id}>
              <th scope="row">
                {crew.name}
                <br />
                <span className="soft fw-normal">{TRADES[crew.trade]}</span>
              </th>
              <td>
                {crew.crews === 1 ? 'one crew' : `${crew.crews} crews`} of {crew.crewSize}
                {crew.daysOff.length > 0 && `, off ${crew.daysOff.join(', ')}`}
                {crew.halves !== 'both' && `, ${crew.halves}s only`}
                {crew.setUpHours > 0 && `, ${crew.setUpHours} h to set up`}
              </td>
              <td>
                <Button size="sm" variant="quiet" onClick={() => setOpen(crew)}>
                  Change<span className="visually-hidden"> {crew.name}</span>
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {open ? (
        <CrewForm key={open.id} crew={open} onDone={() => setOpen(null)} />
      ) : (
        <Button variant="quiet" onClick={() => setOpen(NEW_CREW)}>
          Add a crew
        </Button>
      )}
    </section>
  )
}

function CrewForm({ crew, onDone }: { crew: CrewView; onDone: () => void }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [weekdays, setWeekdays] = useState(crew.weekdays)
  const save = async (form: FormData): Promise<void> => {
    const body = {
      ...Object.fromEntries(form),
      id: crew.id,
      weekdays,
      own: form.has('own'),
      mornings: form.has('mornings'),
      daysOff: String(form.get('daysOff'))
        .split(/[,\s]+/)
        .filter(Boolean),
    }
    if ((await run('/api/crews', body)) === null) return
    router.refresh()
    onDone()
  }
  const text = (name: keyof CrewView, label: string, value: string | number) => (
    <Form.Group controlId={`crew-${name}`}>
      <Form.Label>{label}</Form.Label>
      <Form.Control name={name} defaultValue={value} />
    </Form.Group>
  )
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        void save(new FormData(event.currentTarget))
      }}
    >
      <div className={styles.house}>
        {text('name', 'Name', crew.name)}
        <Form.Group controlId="crew-trade">
          <Form.Label>Trade</Form.Label>
          <Form.Select name="trade" defaultValue={crew.trade}>
            <Options of={TRADES} />
          </Form.Select>
        </Form.Group>
        {text('crews', 'Crews (places at once)', crew.crews)}
        {text('crewSize', 'People in each', crew.crewSize)}
        {text('setUpHours', 'Hours to set up and clear away, each coming', crew.setUpHours)}
        <Form.Group controlId="crew-halves">
          <Form.Label>Half of the day</Form.Label>
          <Form.Select name="halves" defaultValue={crew.halves}>
            <option value="both">whole days</option>
            <option value="morning">mornings only</option>
            <option value="afternoon">afternoons only</option>
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="crew-language">
          <Form.Label>Their notices in</Form.Label>
          <Form.Select name="language" defaultValue={crew.language}>
            <Options of={LANGUAGES} />
          </Form.Select>
        </Form.Group>
        {text('daysOff', 'Days off (year-month-day, with commas)', crew.daysOff.join(', '))}
        {text('contact', 'Mail address, or a telephone', crew.contact)}
        {text('licence', 'Licence', crew.licence)}
        <Form.Check
          id="crew-mornings"
          name="mornings"
          label="Begins in the morning only, never at noon"
          defaultChecked={crew.mornings}
        />
        <Form.Check id="crew-own" name="own" label="Our own people" defaultChecked={crew.own} />
        <Weekdays legend="Days they work" value={weekdays} onChange={setWeekdays} />
      </div>
      {crew.id && <BusyTimes crew={crew} />}
      <FormError error={error} />
      <Button type="submit" variant="primary" disabled={busy}>
        Keep crew
      </Button>{' '}
      <Button variant="quiet" onClick={onDone}>
        Cancel
      </Button>
    </Form>
  )
}

function People({ people, sites }: Pick<FirmSettingsProps, 'people' | 'sites'>) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const add = async (form: HTMLFormElement): Promise<void> => {
    if ((await run('/api/people', Object.fromEntries(new FormData(form)))) === null) return
    form.reset()
    router.refresh()
  }
  const assign = async (personId: string, siteIds: readonly string[]): Promise<void> => {
    if ((await run(`/api/people/${personId}/sites`, { siteIds })) !== null) router.refresh()
  }
  return (
    <section className="mb-4" aria-labelledby="people">
      <h2 id="people">People</h2>
      <ul>
        {people.map((one) => (
          <li key={one.id}>
            {one.name}{' '}
            <span className="soft">
              ({one.login}, {one.role})
            </span>
            {one.role === 'crew' && (
              <fieldset className={styles.days}>
                <legend className="h3">Sees</legend>
                <div>
                  {sites.map((site) => (
                    <Form.Check
                      key={site.id}
                      id={`${one.id}-${site.id}`}
                      label={site.name}
                      checked={one.sites.includes(site.id)}
                      onChange={() =>
                        void assign(
                          one.id,
                          one.sites.includes(site.id)
                            ? one.sites.filter((id) => id !== site.id)
                            : [...one.sites, site.id],
                        )
                      }
                    />
                  ))}
                </div>
              </fieldset>
            )}
          </li>
        ))}
      </ul>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void add(event.currentTarget)
        }}
      >
        <div className={styles.house}>
          <Form.Group controlId="person-name">
            <Form.Label>Name</Form.Label>
            <Form.Control name="name" />
          </Form.Group>
          <Form.Group controlId="person-login">
            <Form.Label>Sign-in name</Form.Label>
            <Form.Control name="login" autoComplete="off" />
          </Form.Group>
          <Form.Group controlId="person-password">
            <Form.Label>Password</Form.Label>
            <Form.Control name="password" type="password" autoComplete="new-password" />
          </Form.Group>
          <Form.Group controlId="person-role">
            <Form.Label>Role</Form.Label>
            <Form.Select name="role">
              <option value="lead">lead: all sites, money</option>
              <option value="crew">crew: assigned sites, no money</option>
            </Form.Select>
          </Form.Group>
        </div>
        <FormError error={error} />
        <Button type="submit" variant="quiet" disabled={busy}>
          Add person
        </Button>
      </Form>
    </section>
  )
}

function Rates({ rates }: { rates: Readonly<Record<string, number>> }) {
  const router = useRouter()
  const { error, run } = useSend()
  const keep = async (key: RateKey, text: string): Promise<void> => {
    if ((await run('/api/rates', { key, hours: text.trim() === '' ? null : text.replace(',', '.') })) !== null)
      router.refresh()
  }
  return (
    <section aria-labelledby="rates">
      <h2 id="rates">Rates, in hours of one person</h2>
      <p className="soft">Used when work is laid down. Leave empty for the usual figure of the trade.</p>
      <FormError error={error} />
      <Table size="sm">
        <tbody>
          {(Object.keys(RATES) as RateKey[]).map((key) => (
            <tr key={key}>
              <th scope="row" className="fw-normal">
                {RATES[key].words}
              </th>
              <td className="measure">
                {RATES[key].hours} a {{ each: 'piece', m: 'metre', m2: 'm²', m3: 'm³' }[RATES[key].unit]}
              </td>
              <td style={{ width: '7rem' }}>
                <Form.Control
                  size="sm"
                  className="measure"
                  aria-label={`Own hours: ${RATES[key].words}`}
                  defaultValue={rates[key] ?? ''}
                  onBlur={(event) =>
                    event.target.value !== String(rates[key] ?? '') && void keep(key, event.target.value)
                  }
                />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  )
}
