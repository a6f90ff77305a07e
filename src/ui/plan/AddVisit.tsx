import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanChange } from '@/core/schedule/planChange'
import { STAGES, TRADES, type Stage, type Trade } from '@/core/scope/vocabulary'
import { Options } from '../shared/Options'
import styles from './PlanBoard.module.css'

/** A coming for work that stands in no line yet: what follows is shown before it is added. */
export function AddVisit({
  siteId,
  places,
  onChange,
}: {
  readonly siteId: string
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly onChange: (change: PlanChange) => void
}) {
  const [said, setSaid] = useState({ title: '', placeId: '', stage: 'framing', trade: 'carpenter', hours: '8' })
  const set = (part: Partial<typeof said>): void => setSaid({ ...said, ...part })
  return (
    <>
      <Form
        className={styles.add}
        onSubmit={(event) => {
          event.preventDefault()
          const { title, placeId } = said
          onChange({
            kind: 'add',
            siteId,
            title,
            placeId,
            stage: said.stage as Stage,
            trade: said.trade as Trade,
            hours: Number(said.hours),
          })
        }}
      >
        <Form.Group controlId="add-title">
          <Form.Label>What is to be done</Form.Label>
          <Form.Control
            required
            maxLength={160}
            value={said.title}
            onChange={(event) => set({ title: event.target.value })}
          />
        </Form.Group>
        <Form.Group controlId="add-place">
          <Form.Label>Where</Form.Label>
          <Form.Select required value={said.placeId} onChange={(event) => set({ placeId: event.target.value })}>
            <option value="">Choose a place</option>
            {places.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="add-trade">
          <Form.Label>Trade</Form.Label>
          <Form.Select value={said.trade} onChange={(event) => set({ trade: event.target.value })}>
            <Options of={TRADES} />
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="add-stage">
          <Form.Label>Stage</Form.Label>
          <Form.Select value={said.stage} onChange={(event) => set({ stage: event.target.value })}>
            <Options of={STAGES} />
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="add-hours">
          <Form.Label>Hours of one person</Form.Label>
          <Form.Control
            type="number"
            min={0.5}
            step={0.5}
            required
            value={said.hours}
            onChange={(event) => set({ hours: event.target.value })}
          />
        </Form.Group>
        <Button type="submit" variant="quiet">
          See where it fits
        </Button>
      </Form>
    </>
  )
}
