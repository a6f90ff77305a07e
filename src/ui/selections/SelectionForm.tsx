import Form from 'react-bootstrap/Form'
import { useRouter } from 'next/navigation'
import { yupResolver } from '@hookform/resolvers/yup'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { useForm, useWatch, type Resolver } from 'react-hook-form'
import { ValidationError, type InferType } from 'yup'
import { shortDay } from '@/core/calendar/day'
import { readValues } from '@/core/entries/field'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { SELECTION_STATES, type Delivery } from '@/core/selections/selection'
import { selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import type { SameThing } from '@/core/selections/byAct'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { delivery, selectionTyped } from '@/schemas/selectionSaid'
import { Fold } from '../shared/Fold'
import { CandidateFields, candidatesOf } from './CandidateFields'
import { EntryFields } from '../shared/EntryFields'
import { FormError } from '../shared/FormError'
import { Options } from '../shared/Options'
import { SelectField } from '../shared/SelectField'
import { SortSelect } from '../shared/SortSelect'
import { useSend } from '../shared/useSend'
import { Sentences } from '../shared/Sentences'
import { TextField } from '../shared/TextField'
import { WhoseSelect } from '../shared/WhoseSelect'
import { wrongWith } from '../shared/wrongWith'
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
  const id = useId()

  const { register, handleSubmit, formState, control, setValue } = useForm<Typing, unknown, Typed>({
    resolver: yupResolver(selectionTyped) as unknown as Resolver<Typing, unknown, Typed>,
    defaultValues: {
      state: row.state,
      choice: row.choice ?? '',
      supplier: row.supplier,
      responsible: row.responsible ?? '',
      awaits: row.awaits ?? '',
      arrives: row.arrives ?? '',
      wanted: row.wanted ?? '',
      lead: row.leadDays.join(', '),
      approvalDays: String(row.approvalDays || ''),
    },
  })
  const { errors } = formState
  const responsible = useWatch({ control, name: 'responsible' })
  const save = handleSubmit(async (typed, event) => {
    setWrong(null)
    let told: readonly Fact[]
    try {
      told = changedFacts(row, sort, typed, new FormData(event!.target as HTMLFormElement))
    } catch (problem) {
      if (!(problem instanceof ImpossibleRequest)) throw problem
      return setWrong(problem)
    }
    if (told.length === 0) return onDone()
    await record(told)
  })
  const record = async (told: readonly Fact[]): Promise<void> => {
    const facts = thing.flatMap(({ id, placeId }) =>
      told.map((one) => ({ subject: 'selection', subjectId: id, placeId, ...one })),
    )
    if ((await run(`/api/sites/${row.siteId}/facts`, { facts })) === null) return
    onDone()
    router.refresh()
  }
  return (
    <Form className={styles.form} noValidate onSubmit={(event) => void save(event)}>
      <SelectField id={`${id}-state`} label="State" wrong={errors.state?.message} {...register('state')}>
        <Options of={SELECTION_STATES} />
      </SelectField>
      <TextField id={`${id}-choice`} label="Choice" wrong={errors.choice?.message} {...register('choice')} />
      <TextField id={`${id}-supplier`} label="Supplier" wrong={errors.supplier?.message} {...register('supplier')} />
      <TextField
        id={`${id}-arrives`}
        label="Arrives"
        type="date"
        wrong={errors.arrives?.message}
        {...register('arrives')}
      />
      <TextField
        id={`${id}-wanted`}
        label="Wanted on site, where the plan alone does not say it"
        type="date"
        wrong={errors.wanted?.message}
        {...register('wanted')}
      />
      <TextField
        id={`${id}-lead`}
        label="Lead in days: best, likely, worst"
        className="measure"
        wrong={wrongWith(errors.lead)}
        {...register('lead')}
      />
      <TextField
        id={`${id}-approval`}
        label="Days to approve it"
        className="measure"
        wrong={errors.approvalDays?.message}
        {...register('approvalDays')}
      />
      <Form.Label>
        Who brings it
        <WhoseSelect name="responsible" value={responsible} onChange={(whose) => setValue('responsible', whose)} />
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
          <Form.Select {...register('awaits')}>
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

/** What is typed, and what the schema makes of it. */
type Typing = Record<keyof Typed, string>
type Typed = InferType<typeof selectionTyped>

/** The facts that the filled form tells, where they differ from what stands.
 * @param form the fields that its sort declares, its candidates and what came
 * @throws ImpossibleRequest naming a field that cannot be read */
function changedFacts(row: SelectionRow, sort: SelectionSort, typed: Typed, form: FormData): Fact[] {
  const text = (name: string): string => String(form.get(name) ?? '').trim()
  const differs = (facet: keyof Typed, stands: unknown): boolean => String(typed[facet] ?? '') !== String(stands ?? '')
  const changed = (facet: keyof Typed, was: unknown, now: unknown = typed[facet]): Fact[] =>
    differs(facet, was) ? [{ facet, value: now, was: was === '' ? undefined : was }] : []
  // Where it is the usual of its sort, nothing stands in the record.
  const usual = (facet: keyof Typed, stands: unknown): Fact[] =>
    differs(facet, stands) ? [{ facet, value: typed[facet], was: undefined }] : []
  const values = readValues(selectionFields(sort), text, row.units)
  const sameDetails = sort === row.sort && JSON.stringify(values) === JSON.stringify(row.values)
  const delivered = cameOf(text)
  const candidates = candidatesOf(text, [...form.keys()].filter((key) => key.startsWith('candidate-name-')).length)
  const sameCandidates = JSON.stringify(candidates) === JSON.stringify(row.candidates)
  return [
    ...changed('state', row.state),
    ...changed('choice', row.choice ?? ''),
    ...changed('supplier', row.supplier),
    ...changed('responsible', row.responsible ?? ''),
    ...changed('arrives', row.arrives ?? undefined, typed.arrives ?? null),
    ...changed('wanted', row.wanted ?? undefined, typed.wanted ?? null),
    ...usual('lead', row.leadDays),
    ...usual('approvalDays', row.approvalDays),
    ...(sameCandidates ? [] : [{ facet: 'candidates', value: candidates, was: undefined }]),
    ...changed('awaits', row.awaits ?? undefined, typed.awaits || null),
    ...(delivered === null || JSON.stringify(delivered) === JSON.stringify(row.delivered)
      ? []
      : [{ facet: 'delivered', value: delivered, was: row.delivered ?? undefined }]),
    ...(sameDetails ? [] : [{ facet: 'details', value: { sort, values }, was: undefined }]),
  ]
}

/** What came, where a day or a count is told.
 * @throws ImpossibleRequest naming the field that is missing or cannot be read */
function cameOf(text: (name: string) => string): Delivery | null {
  if (text('came') === '' && text('came-count') === '') return null
  const told = {
    on: text('came') || undefined,
    ...Object.fromEntries(
      Object.keys(CAME).flatMap((key) => (text(`came-${key}`) === '' ? [] : [[key, text(`came-${key}`)]])),
    ),
  }
  try {
    return delivery.validateSync(told) as Delivery
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    throw new ImpossibleRequest('unreadable', error.message, error.path === 'on' ? 'came' : `came-${error.path}`)
  }
}
