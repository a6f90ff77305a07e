'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { daysListed, type Day } from '@/core/calendar/day'
import { LANGUAGES } from '@/core/share/languages/catalogue'
import { TRADES, type Trade } from '@/core/scope/vocabulary'
import { BusyTimes } from './BusyTimes'
import { FormError } from '../shared/FormError'
import { PutAway } from './PutAway'
import { TextField } from '../shared/TextField'
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
  readonly daysOff: readonly Day[]
  readonly halves: 'both' | 'morning' | 'afternoon'
  readonly contact: string
  readonly licence: string
  readonly own: boolean
  readonly mornings: boolean
  readonly setUpHours: number
  readonly noticeDays: number | null
  /** What they do beside their trade. */
  readonly alsoTrades: readonly Trade[]
  readonly language: string
  readonly busy: readonly object[]
  readonly busyAddress: string
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
  noticeDays: null,
  alsoTrades: [],
  language: 'en',
  busy: [],
  busyAddress: '',
}

/** Crews and subcontractors, which the planner shares among all sites. */
export function CrewSettings({
  crews,
  away,
}: {
  readonly crews: readonly CrewView[]
  readonly away: readonly { readonly id: string; readonly name: string; readonly trade: Trade }[]
}) {
  const [open, setOpen] = useState<CrewView | null>(null)
  return (
    <section className="mb-4" aria-labelledby="crews">
      <h1 id="crews">Crews and subcontractors</h1>
      <p className="soft">The planner shares them among all sites.</p>
      <Table>
        <tbody>
          {crews.map((crew) => (
            <tr key={crew.id}>
              <th scope="row">
                {crew.name}
                <br />
                <span className="soft fw-normal">
                  {[crew.trade, ...crew.alsoTrades].map((trade) => TRADES[trade]).join(', ')}
                </span>
              </th>
              <td>
                {crew.crews === 1 ? 'one crew' : `${crew.crews} crews`} of {crew.crewSize}
                {crew.daysOff.length > 0 && `, off ${daysListed(crew.daysOff)}`}
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
      {away.length > 0 && (
        <>
          <h2 className="mt-4">Put away</h2>
          {away.map((crew) => (
            <PutAway
              key={crew.id}
              url={`/api/crews/${crew.id}/away`}
              name={`${crew.name}, ${TRADES[crew.trade].toLowerCase()}`}
              away
            />
          ))}
        </>
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
      alsoTrades: form.getAll('alsoTrades'),
      daysOff: String(form.get('daysOff'))
        .split(/[,\s]+/)
        .filter(Boolean),
    }
    if ((await run('/api/crews', body)) === null) return
    router.refresh()
    onDone()
  }
  const text = (name: keyof CrewView, label: string, value: string | number) => (
    <TextField id={`crew-${name}`} name={name} label={label} defaultValue={value} />
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
        <Form.Group controlId="crew-also">
          <Form.Label>Also, where nobody else does</Form.Label>
          <Form.Select name="alsoTrades" multiple defaultValue={[...crew.alsoTrades]}>
            <Options of={TRADES} />
          </Form.Select>
        </Form.Group>
        {text('crews', 'Crews (places at once)', crew.crews)}
        {text('crewSize', 'People in each', crew.crewSize)}
        {text('setUpHours', 'Hours to set up and clear away, each coming', crew.setUpHours)}
        {text('noticeDays', 'Called ahead, in working days (empty: as the firm does)', crew.noticeDays ?? '')}
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
      {crew.id && <PutAway url={`/api/crews/${crew.id}/away`} name={crew.name} away={false} onMoved={onDone} />}
    </Form>
  )
}
