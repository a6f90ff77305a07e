'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { Controller, useForm, type Resolver } from 'react-hook-form'
import { daysListed, type Day } from '@/core/calendar/day'
import { LANGUAGES } from '@/core/share/languages/catalogue'
import { TRADES, type Trade } from '@/core/scope/vocabulary'
import { crew as schema } from '@/schemas/crew'
import { BusyTimes } from './BusyTimes'
import { FormError } from '../shared/FormError'
import { PutAway } from './PutAway'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { wrongWith } from '../shared/wrongWith'
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
      <Table responsive>
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

type Typed = 'name' | 'crews' | 'crewSize' | 'setUpHours' | 'noticeDays' | 'daysOff' | 'contact' | 'licence'
/** As it is typed: the schema makes figures and lists of it. */
type CrewTyped = Omit<CrewView, Typed | 'weekdays' | 'alsoTrades'> &
  Record<Typed, string | number> & { weekdays: number[]; alsoTrades: Trade[] }

function CrewForm({ crew, onDone }: { crew: CrewView; onDone: () => void }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const { register, handleSubmit, control, formState } = useForm<CrewTyped>({
    resolver: yupResolver(schema) as unknown as Resolver<CrewTyped>,
    defaultValues: {
      ...crew,
      weekdays: [...crew.weekdays],
      alsoTrades: [...crew.alsoTrades],
      daysOff: crew.daysOff.join(', '),
      noticeDays: crew.noticeDays ?? '',
    },
  })
  const save = handleSubmit(async (input) => {
    if ((await run('/api/crews', input)) === null) return
    router.refresh()
    onDone()
  })
  const text = (name: Typed, label: string) => (
    <TextField id={`crew-${name}`} label={label} wrong={wrongWith(formState.errors[name])} {...register(name)} />
  )
  return (
    <Form onSubmit={(event) => void save(event)} noValidate>
      <div className={styles.house}>
        {text('name', 'Name')}
        <SelectField id="crew-trade" label="Trade" {...register('trade')}>
          <Options of={TRADES} />
        </SelectField>
        <SelectField id="crew-also" label="Also, where nobody else does" multiple {...register('alsoTrades')}>
          <Options of={TRADES} />
        </SelectField>
        {text('crews', 'Crews (places at once)')}
        {text('crewSize', 'People in each')}
        {text('setUpHours', 'Hours to set up and clear away, each coming')}
        {text('noticeDays', 'Called ahead, in working days (empty: as the firm does)')}
        <SelectField id="crew-halves" label="Half of the day" {...register('halves')}>
          <option value="both">whole days</option>
          <option value="morning">mornings only</option>
          <option value="afternoon">afternoons only</option>
        </SelectField>
        <SelectField id="crew-language" label="Their notices in" {...register('language')}>
          <Options of={LANGUAGES} />
        </SelectField>
        {text('daysOff', 'Days off (year-month-day, with commas)')}
        {text('contact', 'Mail address, or a telephone')}
        {text('licence', 'Licence')}
        <Form.Check id="crew-mornings" label="Begins in the morning only, never at noon" {...register('mornings')} />
        <Form.Check id="crew-own" label="Our own people" {...register('own')} />
        <Controller
          control={control}
          name="weekdays"
          render={({ field }) => (
            <Weekdays legend="Days they work" value={field.value} onChange={(days) => field.onChange([...days])} />
          )}
        />
        <Form.Text className="text-danger" role="alert">
          {wrongWith(formState.errors.weekdays)}
        </Form.Text>
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
