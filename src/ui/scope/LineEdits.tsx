import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { useState, type FormEvent } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Units } from '@/core/measure/length'
import { parseQuantity } from '@/core/measure/quantity'
import type { HoursRange } from '@/core/scope/line'
import { TRADES, type Trade } from '@/core/scope/vocabulary'
import type { Waitable } from '@/core/walk/waits'
import { Fold } from '../shared/Fold'
import { PartOf, type Gatherer } from '../shared/PartOf'
import { readWaits, WaitFields } from '../shared/WaitFields'
import { WhoseSelect } from '../shared/WhoseSelect'
import { FormError } from '../shared/FormError'
import type { SendError } from '../shared/useSend'
import type { Fact, LineView, RecordFacts } from './types'
import { Options } from '../shared/Options'
import styles from './CellPanel.module.css'

interface LineEditsProps {
  readonly line: LineView
  readonly units: Units
  readonly placeId: string
  readonly gatherers: readonly Gatherer[]
  readonly waitable: readonly Waitable[]
  readonly otherSites: readonly { readonly id: string; readonly name: string }[]
  readonly record: RecordFacts
}

/** Everything about a line that a person may say otherwise: its words, trade, quantity and hours, at best and at worst; held, out, removed. */
export function LineEdits({ line, units, placeId, gatherers, waitable, otherSites, record }: LineEditsProps) {
  const fact = (facet: string, value: unknown): Fact => ({
    subject: 'line',
    subjectId: line.id,
    facet,
    placeId,
    value,
  })
  const set = (facet: string, value: unknown, was: unknown, words: string): void =>
    void record([fact(facet, value)], `${line.title}: ${words}.`, [fact(facet, was)])
  return (
    <Fold title="Change this line">
      <Said
        key={`${line.title}|${line.trade}|${line.quantity}|${line.hours}|${line.hoursRange}`}
        line={line}
        units={units}
        fact={fact}
        record={record}
      />
      <Standing line={line} gatherers={gatherers} set={set} />
      <WaitsFor
        key={line.waits.map((wait) => wait.for).join()}
        line={line}
        choices={waitable.filter((one) => one.for !== line.id)}
        sites={otherSites}
        set={set}
      />
    </Fold>
  )
}

type FactOf = (facet: string, value: unknown) => Fact

/** What is to be done, by whom, how much and how long; only what was changed is sent. */
function Said({
  line,
  units,
  fact,
  record,
}: {
  readonly line: LineView
  readonly units: Units
  readonly fact: FactOf
  readonly record: RecordFacts
}) {
  const [error, setError] = useState<SendError | null>(null)
  const keep = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault()
    try {
      const changes = changesOf(line, units, new FormData(event.currentTarget))
      setError(null)
      if (changes.length === 0) return
      void record(
        changes.map(({ facet, value, was }) => ({ ...fact(facet, value), was })),
        `${line.title}: ${changes.map(({ words }) => words).join(', ')}.`,
        changes.map(({ facet, was }) => fact(facet, was)),
      )
    } catch (caught) {
      if (!(caught instanceof ImpossibleRequest)) throw caught
      setError({ message: caught.message, ...(caught.field ? { field: caught.field } : {}) })
    }
  }
  const invalid = (field: string) => (error?.field === field ? true : undefined)
  return (
    <Form className={styles.edits} onSubmit={keep} noValidate>
      <Form.Label>
        What is to be done
        <Form.Control name="title" defaultValue={line.title} aria-invalid={invalid('title')} />
      </Form.Label>
      <Form.Label>
        Trade
        <Form.Select name="trade" defaultValue={line.trade}>
          <Options of={TRADES} />
        </Form.Select>
      </Form.Label>
      {line.amount && (
        <Form.Label>
          Quantity{line.amount.word && ` in ${line.amount.word}`}
          <Form.Control
            className="measure"
            name="quantity"
            defaultValue={line.amount.amount}
            placeholder="as the sizes give"
            aria-invalid={invalid('quantity')}
          />
        </Form.Label>
      )}
      <Form.Label>
        Hours of one person
        <Form.Control
          className="measure"
          name="hours"
          inputMode="decimal"
          defaultValue={line.hours}
          placeholder="as the quantity and rate give"
          aria-invalid={invalid('hours')}
        />
      </Form.Label>
      <Form.Label>
        Hours at best and at worst
        <Form.Control
          className="measure"
          name="hoursRange"
          defaultValue={line.hoursRange ? `${line.hoursRange[0]} to ${line.hoursRange[1]}` : ''}
          placeholder="like 4 to 10"
          aria-invalid={invalid('hoursRange')}
        />
      </Form.Label>
      <p className="soft">Empty a quantity or hours to go back to what is reckoned.</p>
      <FormError error={error} />
      <Button type="submit" variant="quiet">
        Keep changes
      </Button>
    </Form>
  )
}

interface Change {
  readonly facet: 'title' | 'trade' | 'quantity' | 'hours' | 'hoursRange'
  readonly value: unknown
  readonly was: unknown
  readonly words: string
}

/** @throws ImpossibleRequest naming the field that cannot be read */
function changesOf(line: LineView, units: Units, form: FormData): Change[] {
  const text = (name: string): string => String(form.get(name) ?? '').trim()
  const changes: Change[] = []
  if (text('title') === '') throw new ImpossibleRequest('empty', 'What: say it in a few words.', 'title')
  if (text('title') !== line.title)
    changes.push({ facet: 'title', value: text('title'), was: line.title, words: `now called ${text('title')}` })
  if (text('trade') !== line.trade)
    changes.push({
      facet: 'trade',
      value: text('trade'),
      was: line.trade,
      words: `by ${TRADES[text('trade') as Trade].toLowerCase()}`,
    })
  if (line.amount && text('quantity') !== line.amount.amount && (text('quantity') !== '' || line.byHand.quantity))
    changes.push({
      facet: 'quantity',
      value: text('quantity') === '' ? null : parseQuantity(text('quantity'), line.amount.unit, units),
      was: line.byHand.quantity ? line.amount.value : null,
      words: text('quantity') === '' ? 'quantity as reckoned' : `quantity ${text('quantity')}`,
    })
  if (text('hours') !== String(line.hours) && (text('hours') !== '' || line.byHand.hours))
    changes.push({
      facet: 'hours',
      value: text('hours') === '' ? null : hoursOf(text('hours')),
      was: line.byHand.hours ? line.hours : null,
      words: text('hours') === '' ? 'hours as reckoned' : `${text('hours')} hours`,
    })
  const range = rangeOf(text('hoursRange'))
  if (String(range) !== String(line.hoursRange))
    changes.push({
      facet: 'hoursRange',
      value: range,
      was: line.hoursRange,
      words: range ? `${range[0]} to ${range[1]} hours` : 'hours spread as usual',
    })
  return changes
}

function rangeOf(text: string): HoursRange | null {
  if (text === '') return null
  const [best, worst, ...more] = text
    .replace(/,/g, '.')
    .split(/\s*(?:to|-|–)\s*/)
    .map(Number)
  if (!(best! > 0 && worst! >= best!) || more.length > 0)
    throw new ImpossibleRequest('hours', `Hours at best and at worst: write two, like 4 to 10.`, 'hoursRange')
  return [best!, worst!]
}

function hoursOf(text: string): number {
  const hours = Number(text.replace(',', '.'))
  if (!(hours > 0))
    throw new ImpossibleRequest('hours', `Hours: "${text}" cannot be read. Write a number, like 6.`, 'hours')
  return hours
}

/** What it waits for by name. */
function WaitsFor({
  line,
  choices,
  sites,
  set,
}: {
  readonly line: LineView
  readonly choices: readonly Waitable[]
  readonly sites: LineEditsProps['otherSites']
  readonly set: (facet: string, value: unknown, was: unknown, words: string) => void
}) {
  const [error, setError] = useState<SendError | null>(null)
  const was = line.waits.map(({ words: _words, ...wait }) => wait)
  const keep = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault()
    try {
      const waits = readWaits(new FormData(event.currentTarget), was)
      setError(null)
      set('waits', waits, was, waits.length === 0 ? 'waits for nothing by name' : 'waits for what was said')
    } catch (caught) {
      if (!(caught instanceof ImpossibleRequest)) throw caught
      setError({ message: caught.message, ...(caught.field ? { field: caught.field } : {}) })
    }
  }
  return (
    <Form className={styles.edits} onSubmit={keep} noValidate aria-label={`What ${line.title.toLowerCase()} waits for`}>
      <WaitFields told={line.waits} choices={choices} sites={sites} />
      <FormError error={error} />
      <Button type="submit" variant="quiet">
        Keep what it waits for
      </Button>
    </Form>
  )
}

/** Held, out of the scope, or gone. */
function Standing({
  line,
  gatherers,
  set,
}: {
  readonly line: LineView
  readonly gatherers: readonly Gatherer[]
  readonly set: (facet: string, value: unknown, was: unknown, words: string) => void
}) {
  const [reason, setReason] = useState('')
  const [until, setUntil] = useState('')
  const [outUntil, setOutUntil] = useState('')
  const needsReason = reason.trim() === ''
  return (
    <div className={styles.edits}>
      <Form.Label>
        Reason, to hold it or to leave it out
        <Form.Control value={reason} onChange={(event) => setReason(event.target.value)} />
      </Form.Label>
      <Form.Label>
        Held until (if known)
        <Form.Control type="date" value={until} onChange={(event) => setUntil(event.target.value)} />
      </Form.Label>
      <Form.Label>
        Left out until (empty: for good)
        <Form.Control value={outUntil} onChange={(event) => setOutUntil(event.target.value)} />
      </Form.Label>
      <Form.Label>
        Whose it is
        <WhoseSelect
          value={line.responsible ?? ''}
          onChange={(value) => set('responsible', value, line.responsible ?? 'us', 'now with another')}
        />
      </Form.Label>
      <PartOf
        gatherers={gatherers}
        chosen={line.partOf}
        onChange={(chosen) => set('partOf', chosen, line.partOf, 'part of something else')}
      />
      <div className={styles.buttons}>
        {line.held ? (
          <Button variant="quiet" onClick={() => set('held', null, line.held, 'may go on')}>
            Let it go on
          </Button>
        ) : (
          <Button
            variant="quiet"
            disabled={needsReason}
            onClick={() => set('held', { reason, ...(until ? { until } : {}) }, null, 'held')}
          >
            Hold
          </Button>
        )}
        {line.excluded ? (
          <Button variant="quiet" onClick={() => set('excluded', null, line.excluded, 'back in the scope')}>
            Back in the scope
          </Button>
        ) : (
          <Button
            variant="quiet"
            disabled={needsReason}
            onClick={() =>
              set('excluded', { reason, ...(outUntil.trim() ? { until: outUntil } : {}) }, null, 'out of the scope')
            }
          >
            Leave out
          </Button>
        )}
        <Button variant="quiet" onClick={() => set('removed', true, false, 'removed')}>
          Remove
        </Button>
      </div>
    </div>
  )
}
