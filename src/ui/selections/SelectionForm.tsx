import Form from 'react-bootstrap/Form'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { shortDay } from '@/core/calendar/day'
import { readValues } from '@/core/entries/field'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { SELECTION_STATES, type Delivery } from '@/core/selections/selection'
import { selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import type { SameThing } from '@/core/selections/byAct'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { Fold } from '../shared/Fold'
import { CandidateFields, candidatesOf } from './CandidateFields'
import { EntryFields } from '../shared/EntryFields'
import { FormError } from '../shared/FormError'
import { SortSelect } from '../shared/SortSelect'
import { useSend } from '../shared/useSend'
import { Sentences } from '../shared/Sentences'
import { WhoseSelect } from '../shared/WhoseSelect'
import styles from './SelectionsTable.module.css'

interface Fact {
  readonly facet: string
  readonly value: unknown
  readonly was: unknown
}

/** All that is known of a selection: where it stands, what came, who brings it, and what matters for its sort. What is kept
 * holds for every place that it goes to. */
export function SelectionForm({ thing, onDone }: { readonly thing: SameThing; readonly onDone: () => void }) {
  const [row] = thing
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [sort, setSort] = useState<SelectionSort>(row.sort)
  const [wrong, setWrong] = useState<ImpossibleRequest | null>(null)

  const save = async (form: FormData): Promise<void> => {
    setWrong(null)
    let told: readonly Fact[]
    try {
      told = changedFacts(row, sort, form)
    } catch (problem) {
      if (!(problem instanceof ImpossibleRequest)) throw problem
      return setWrong(problem)
    }
    if (told.length === 0) return onDone()
    await record(told)
  }
  const record = async (told: readonly Fact[]): Promise<void> => {
    const facts = thing.flatMap(({ id, placeId }) =>
      told.map((one) => ({ subject: 'selection', subjectId: id, placeId, ...one })),
    )
    if ((await run(`/api/sites/${row.siteId}/facts`, { facts })) === null) return
    onDone()
    router.refresh()
  }
  return (
    <Form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void save(new FormData(event.currentTarget))
      }}
    >
      <Form.Label>
        State
        <Form.Select name="state" defaultValue={row.state}>
          {Object.entries(SELECTION_STATES).map(([key, word]) => (
            <option key={key} value={key}>
              {word}
            </option>
          ))}
        </Form.Select>
      </Form.Label>
      <Form.Label>
        Choice
        <Form.Control name="choice" defaultValue={row.choice ?? ''} />
      </Form.Label>
      <Form.Label>
        Supplier
        <Form.Control name="supplier" defaultValue={row.supplier} />
      </Form.Label>
      <Form.Label>
        Arrives
        <Form.Control type="date" name="arrives" defaultValue={row.arrives ?? ''} />
      </Form.Label>
      <Form.Label>
        Wanted on site, where the plan alone does not say it
        <Form.Control type="date" name="wanted" defaultValue={row.wanted ?? ''} />
      </Form.Label>
      <Form.Label>
        Lead in days: best, likely, worst
        <Form.Control className="measure" name="lead" defaultValue={row.leadDays.join(', ')} />
      </Form.Label>
      <Form.Label>
        Days to approve it
        <Form.Control className="measure" name="approvalDays" defaultValue={row.approvalDays || ''} />
      </Form.Label>
      <Form.Label>
        Who brings it
        <WhoseSelect name="responsible" value={row.responsible ?? ''} />
      </Form.Label>
      <Fold open={row.candidates.length > 0} title="Candidates side by side">
        <div className={styles.form}>
          {row.candidateDays.length > 0 && <Sentences of={row.candidateDays} />}
          <CandidateFields candidates={row.candidates} />
        </div>
      </Fold>
      {row.couldAwait.length > 0 && (
        <Form.Label>
          Its maker waits for the answer to
          <Form.Select name="awaits" defaultValue={row.awaits ?? ''}>
            <option value="">nothing</option>
            {row.couldAwait.map(({ id, question }) => (
              <option key={id} value={id}>
                {question}
              </option>
            ))}
          </Form.Select>
        </Form.Label>
      )}
      <Fold title="What came">
        <div className={styles.form}>
          <Form.Label>
            Came on
            <Form.Control type="date" name="came" defaultValue={row.delivered?.on ?? ''} />
          </Form.Label>
          {(['count', 'damaged', 'wrongHand'] as const).map((key) => (
            <Form.Label key={key}>
              {CAME[key]}
              <Form.Control
                className="measure"
                name={`came-${key}`}
                inputMode="numeric"
                defaultValue={row.delivered?.[key] ?? ''}
              />
            </Form.Label>
          ))}
        </div>
      </Fold>
      <Fold open title="What matters about it">
        <div className={styles.form}>
          <SortSelect value={sort} onChange={setSort} />
          <EntryFields
            key={sort}
            fields={selectionFields(sort)}
            units={row.units}
            values={row.values}
            wrong={wrong?.field}
          />
        </div>
      </Fold>
      <Button type="submit" variant="primary" disabled={busy}>
        Save
      </Button>
      <Button
        variant="quiet"
        disabled={busy}
        onClick={() => void record([{ facet: 'removed', value: true, was: undefined }])}
      >
        Take {row.what.toLowerCase()} off the list
      </Button>
      <p className="soft">
        Usual for {row.leadWords}. {row.neededOn && `Needed ${shortDay(row.neededOn)} by the plan.`}
      </p>
      {wrong && <p className="notice notice-error">{wrong.message}</p>}
      <FormError error={error} />
    </Form>
  )
}

const CAME = { count: 'How many came', damaged: 'Of them damaged', wrongHand: 'Of the wrong hand or size' } as const

/** The facts that the filled form tells, where they differ from what stands.
 * @throws ImpossibleRequest naming a field that cannot be read */
function changedFacts(row: SelectionRow, sort: SelectionSort, form: FormData): Fact[] {
  const text = (name: string): string => String(form.get(name) ?? '').trim()
  const plain = (facet: string, was: string): Fact[] =>
    text(facet) === was ? [] : [{ facet, value: text(facet), was: was === '' ? undefined : was }]
  const leadDays = text('lead')
    .split(/[,\s]+/)
    .filter(Boolean)
    .map(Number)
  const values = readValues(selectionFields(sort), text, row.units)
  const sameDetails = sort === row.sort && JSON.stringify(values) === JSON.stringify(row.values)
  const approvalDays = Number(text('approvalDays') || 0)
  const delivered = cameOf(text)
  const candidates = candidatesOf(text, [...form.keys()].filter((key) => key.startsWith('candidate-name-')).length)
  const sameCandidates = JSON.stringify(candidates) === JSON.stringify(row.candidates)
  return [
    ...plain('state', row.state),
    ...plain('choice', row.choice ?? ''),
    ...plain('supplier', row.supplier),
    ...plain('responsible', row.responsible ?? ''),
    ...(text('arrives') === (row.arrives ?? '')
      ? []
      : [{ facet: 'arrives', value: text('arrives') || null, was: row.arrives ?? undefined }]),
    ...(text('wanted') === (row.wanted ?? '')
      ? []
      : [{ facet: 'wanted', value: text('wanted') || null, was: row.wanted ?? undefined }]),
    ...(leadDays.join() === row.leadDays.join() ? [] : [{ facet: 'lead', value: leadDays, was: undefined }]),
    ...(approvalDays === row.approvalDays ? [] : [{ facet: 'approvalDays', value: approvalDays, was: undefined }]),
    ...(sameCandidates ? [] : [{ facet: 'candidates', value: candidates, was: undefined }]),
    ...(text('awaits') === (row.awaits ?? '')
      ? []
      : [{ facet: 'awaits', value: text('awaits') || null, was: row.awaits ?? undefined }]),
    ...(delivered === null || JSON.stringify(delivered) === JSON.stringify(row.delivered)
      ? []
      : [{ facet: 'delivered', value: delivered, was: row.delivered ?? undefined }]),
    ...(sameDetails ? [] : [{ facet: 'details', value: { sort, values }, was: undefined }]),
  ]
}

/** What came, where a day and a count are told. */
function cameOf(text: (name: string) => string): Delivery | null {
  if (text('came') === '' && text('came-count') === '') return null
  if (text('came') === '') throw new ImpossibleRequest('empty', 'Came on: choose a day.', 'came')
  if (text('came-count') === '')
    throw new ImpossibleRequest('empty', 'How many came: write a number, 0 for none.', 'came-count')
  const number = (key: string) => (text(key) === '' ? {} : { [key.slice(5)]: Number(text(key)) })
  return {
    on: text('came'),
    ...number('came-count'),
    ...number('came-damaged'),
    ...number('came-wrongHand'),
  } as Delivery
}
