import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FIRST_DAY, LAST_DAY, type Day } from '@/core/calendar/day'
import type { PlanChange } from '@/core/schedule/planChange'
import type { VisitView } from './types'

interface FormProps {
  readonly visit: VisitView
  readonly onChange: (change: PlanChange) => void
}

/** A visit that waits for something, until a day where one is known. */
export function HoldForm({ visit, onChange }: FormProps) {
  const [reason, setReason] = useState('')
  const [until, setUntil] = useState('')
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        onChange({ kind: 'hold', visitKey: visit.key, reason, until: until === '' ? null : (until as Day) })
      }}
    >
      <Form.Group controlId="hold-reason">
        <Form.Label>What it waits for</Form.Label>
        <Form.Control required value={reason} onChange={(event) => setReason(event.target.value)} />
      </Form.Group>
      <Form.Group controlId="hold-until">
        <Form.Label>Until (if known)</Form.Label>
        <Form.Control
          type="date"
          min={FIRST_DAY}
          max={LAST_DAY}
          value={until}
          onChange={(event) => setUntil(event.target.value)}
        />
      </Form.Group>
      <Button type="submit" variant="quiet" className="mt-2">
        See who waits with it
      </Button>
    </Form>
  )
}

/** Two visits that take each other's days. */
export function SwapForm({ visit, others, onChange }: FormProps & { readonly others: readonly VisitView[] }) {
  const [withKey, setWithKey] = useState('')
  if (others.length === 0) return <p>There is no other visit of this site or this crew.</p>
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        onChange({ kind: 'swap', visitKey: visit.key, withKey })
      }}
    >
      <Form.Group controlId="swap-with">
        <Form.Label>With</Form.Label>
        <Form.Select required value={withKey} onChange={(event) => setWithKey(event.target.value)}>
          <option value="">Choose a visit</option>
          {others.map((one) => (
            <option key={one.key} value={one.key}>
              {one.title}, {one.places}, {one.when}
              {one.siteId === visit.siteId ? '' : `, ${one.site}`}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Button type="submit" variant="quiet" className="mt-2">
        See what the swap does
      </Button>
    </Form>
  )
}

/** Work that is done in a later coming: some of its lines, or the hours after the first. */
export function SplitForm({ visit, onChange }: FormProps) {
  const [later, setLater] = useState<readonly string[]>([])
  const [hours, setHours] = useState(String(Math.max(1, Math.round(visit.hours / 2))))
  const single = visit.work.length === 1
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        onChange({
          kind: 'split',
          visitKey: visit.key,
          lineIds: single ? [] : later,
          hours: single ? Number(hours) : null,
        })
      }}
    >
      {single ? (
        <Form.Group controlId="split-hours">
          <Form.Label>Hours in the first coming, of {visit.hours}</Form.Label>
          <Form.Control
            type="number"
            min={0.5}
            step={0.5}
            required
            value={hours}
            onChange={(event) => setHours(event.target.value)}
          />
        </Form.Group>
      ) : (
        <fieldset>
          <legend className="fs-6">What comes later</legend>
          {visit.work.map(({ id, words }) => (
            <Form.Check
              key={id}
              id={`later ${id}`}
              label={words}
              checked={later.includes(id)}
              onChange={(event) => setLater(event.target.checked ? [...later, id] : later.filter((one) => one !== id))}
            />
          ))}
        </fieldset>
      )}
      <Button type="submit" variant="quiet" className="mt-2">
        See both comings
      </Button>
    </Form>
  )
}
