import { yupResolver } from '@hookform/resolvers/yup'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm, type Resolver } from 'react-hook-form'
import { FIRST_DAY, LAST_DAY, type Day } from '@/core/calendar/day'
import type { PlanChange } from '@/core/schedule/planChange'
import { planChange } from '@/schemas/planChange'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import type { VisitDetails, VisitView } from './types'

interface FormProps {
  readonly visit: VisitView
  readonly onChange: (change: PlanChange) => void
}

interface HoldTyped {
  readonly visitKey: string
  readonly reason: string
  readonly until: string
}

/** A visit that waits for something, until a day where one is known. */
export function HoldForm({ visit, onChange }: FormProps) {
  const { register, handleSubmit, formState } = useForm<HoldTyped>({
    resolver: yupResolver(planChange.hold) as Resolver<HoldTyped>,
    defaultValues: { visitKey: visit.key, reason: '', until: '' },
  })
  const hold = handleSubmit(({ visitKey, reason, until }) =>
    onChange({ kind: 'hold', visitKey, reason, until: until === '' ? null : (until as Day) }),
  )
  return (
    <Form onSubmit={(event) => void hold(event)} noValidate className="d-grid gap-2">
      <TextField
        id="hold-reason"
        label="What it waits for"
        wrong={formState.errors.reason?.message}
        {...register('reason')}
      />
      <TextField
        id="hold-until"
        label="Until (if known)"
        type="date"
        min={FIRST_DAY}
        max={LAST_DAY}
        {...register('until')}
      />
      <div>
        <Button type="submit" variant="quiet">
          See who waits with it
        </Button>
      </div>
    </Form>
  )
}

/** Two visits that take each other's days. */
export function SwapForm({ visit, others, onChange }: FormProps & { readonly others: readonly VisitView[] }) {
  const { register, handleSubmit, formState } = useForm({
    resolver: yupResolver(planChange.swap),
    defaultValues: { visitKey: visit.key, withKey: '' },
  })
  const swap = handleSubmit((input) => onChange({ kind: 'swap', ...input }))
  const wrong = formState.errors.withKey?.message
  if (others.length === 0) return <p>There is no other visit of this site or this crew.</p>
  return (
    <Form onSubmit={(event) => void swap(event)} noValidate>
      <SelectField id="swap-with" label="With" wrong={wrong} {...register('withKey')}>
        <option value="">Choose a visit</option>
        {others.map((one) => (
          <option key={one.key} value={one.key}>
            {one.title}, {one.places}, {one.when}
            {one.siteId === visit.siteId ? '' : `, ${one.site}`}
          </option>
        ))}
      </SelectField>
      <Button type="submit" variant="quiet" className="mt-2">
        See what the swap does
      </Button>
    </Form>
  )
}

interface SplitTyped {
  readonly visitKey: string
  readonly lineIds: string[]
  readonly hours: number | string | null
}

/** Work that is done in a later coming: some of its lines, or the hours after the first. */
export function SplitForm({ visit, work, onChange }: FormProps & Pick<VisitDetails, 'work'>) {
  const single = work.length === 1
  const { register, handleSubmit, formState } = useForm<SplitTyped>({
    resolver: yupResolver(planChange.split) as Resolver<SplitTyped>,
    defaultValues: {
      visitKey: visit.key,
      lineIds: [],
      hours: single ? String(Math.max(1, Math.round(visit.hours / 2))) : null,
    },
  })
  const split = handleSubmit(({ visitKey, lineIds, hours }) =>
    onChange({ kind: 'split', visitKey, lineIds, hours: hours === null ? null : Number(hours) }),
  )
  return (
    <Form onSubmit={(event) => void split(event)} noValidate>
      {single ? (
        <TextField
          id="split-hours"
          label={`Hours in the first coming, of ${visit.hours}`}
          inputMode="decimal"
          wrong={formState.errors.hours?.message}
          {...register('hours')}
        />
      ) : (
        <fieldset>
          <legend className="fs-6">What comes later</legend>
          {work.map(({ id, words }) => (
            <Form.Check key={id} id={`later ${id}`} label={words} value={id} {...register('lineIds')} />
          ))}
        </fieldset>
      )}
      <Button type="submit" variant="quiet" className="mt-2">
        See both comings
      </Button>
    </Form>
  )
}
