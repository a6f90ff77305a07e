import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { yupResolver } from '@hookform/resolvers/yup'
import { useId, useState } from 'react'
import { useForm, type Resolver } from 'react-hook-form'
import type { InferType } from 'yup'
import type { Units } from '@/core/measure/length'
import { parseQuantity } from '@/core/measure/quantity'
import { TRADES, type Trade } from '@/core/scope/vocabulary'
import type { Waitable } from '@/core/walk/waits'
import { lineTyped } from '@/schemas/lineSaid'
import { Fold } from '../shared/Fold'
import { PartOf, type Gatherer } from '../shared/PartOf'
import { readWaits, WaitFields } from '../shared/WaitFields'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { WhoseSelect } from '../shared/WhoseSelect'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { wrongWith } from '../shared/wrongWith'
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
  const { register, handleSubmit, formState } = useForm<LineForm, unknown, Typed>({
    resolver: yupResolver(lineTyped(line.amount?.unit ?? null, units)) as unknown as Resolver<LineForm, unknown, Typed>,
    defaultValues: {
      title: line.title,
      trade: line.trade,
      quantity: line.amount?.amount ?? '',
      hours: String(line.hours),
      hoursRange: line.hoursRange?.join(' to ') ?? '',
    },
  })
  const keep = handleSubmit((typed) => {
    const changes = changesOf(line, units, typed)
    if (changes.length === 0) return
    void record(
      changes.map(({ facet, value, was }) => ({ ...fact(facet, value), was })),
      `${line.title}: ${changes.map(({ words }) => words).join(', ')}.`,
      changes.map(({ facet, was }) => fact(facet, was)),
    )
  })
  const id = useId()
  const { errors } = formState
  return (
    <Form className={styles.edits} onSubmit={(event) => void keep(event)} noValidate>
      <TextField id={`${id}-title`} label="What is to be done" wrong={errors.title?.message} {...register('title')} />
      <SelectField id={`${id}-trade`} label="Trade" wrong={errors.trade?.message} {...register('trade')}>
        <Options of={TRADES} />
      </SelectField>
      {line.amount && (
        <TextField
          id={`${id}-quantity`}
          label={`Quantity${line.amount.word && ` in ${line.amount.word}`}`}
          className="measure"
          placeholder="as the sizes give"
          wrong={errors.quantity?.message}
          {...register('quantity')}
        />
      )}
      <TextField
        id={`${id}-hours`}
        label="Hours of one person"
        className="measure"
        inputMode="decimal"
        placeholder="as the quantity and rate give"
        wrong={errors.hours?.message}
        {...register('hours')}
      />
      <TextField
        id={`${id}-range`}
        label="Hours at best and at worst"
        className="measure"
        placeholder="like 4 to 10"
        wrong={wrongWith(errors.hoursRange)}
        {...register('hoursRange')}
      />
      <p className="soft">Empty a quantity or hours to go back to what is reckoned.</p>
      <Button type="submit" variant="quiet">
        Keep changes
      </Button>
    </Form>
  )
}

/** What is typed, and what the schema makes of it. */
type LineForm = Record<keyof Typed, string>
type Typed = InferType<ReturnType<typeof lineTyped>>

interface Change {
  readonly facet: 'title' | 'trade' | 'quantity' | 'hours' | 'hoursRange'
  readonly value: unknown
  readonly was: unknown
  readonly words: string
}

function changesOf(line: LineView, units: Units, { title, trade, quantity, hours, hoursRange }: Typed): Change[] {
  const changes: Change[] = []
  if (title !== line.title)
    changes.push({ facet: 'title', value: title, was: line.title, words: `now called ${title}` })
  if (trade !== line.trade)
    changes.push({ facet: 'trade', value: trade, was: line.trade, words: `by ${TRADES[trade as Trade].toLowerCase()}` })
  if (line.amount && quantity !== line.amount.amount && (quantity !== '' || line.byHand.quantity))
    changes.push({
      facet: 'quantity',
      value: quantity === '' ? null : parseQuantity(quantity, line.amount.unit, units),
      was: line.byHand.quantity ? line.amount.value : null,
      words: quantity === '' ? 'quantity as reckoned' : `quantity ${quantity}`,
    })
  if (hours !== line.hours && (hours !== null || line.byHand.hours))
    changes.push({
      facet: 'hours',
      value: hours,
      was: line.byHand.hours ? line.hours : null,
      words: hours === null ? 'hours as reckoned' : `${hours} hours`,
    })
  if (String(hoursRange) !== String(line.hoursRange))
    changes.push({
      facet: 'hoursRange',
      value: hoursRange,
      was: line.hoursRange,
      words: hoursRange ? `${hoursRange.join(' to ')} hours` : 'hours spread as usual',
    })
  return changes
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
  const was = line.waits.map(({ words: _words, ...wait }) => wait)
  return (
    <ReadForm
      className={styles.edits}
      aria-label={`What ${line.title.toLowerCase()} waits for`}
      read={(typed) => readWaits(typed, was)}
      onRead={(waits) =>
        set('waits', waits, was, waits.length === 0 ? 'waits for nothing by name' : 'waits for what was said')
      }
    >
      <WaitFields told={line.waits} choices={choices} sites={sites} />
      <WhatIsWrong />
      <Button type="submit" variant="quiet">
        Keep what it waits for
      </Button>
    </ReadForm>
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
