import Form from 'react-bootstrap/Form'
import { useRouter } from 'next/navigation'
import { yupResolver } from '@hookform/resolvers/yup'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { FormProvider, useForm, type FieldValues, type Resolver } from 'react-hook-form'
import type { InferType } from 'yup'
import { shortDay } from '@/core/calendar/day'
import { readValues } from '@/core/entries/field'
import { minor } from '@/core/measure/money'
import type { Candidate } from '@/core/selections/candidate'
import { SELECTION_STATES, type Delivery } from '@/core/selections/selection'
import { selectionFields, type SelectionSort } from '@/core/selections/selectionKinds'
import type { SameThing } from '@/core/selections/byAct'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { selectionTyped } from '@/schemas/selectionSaid'
import { Fold } from '../shared/Fold'
import { CandidateFields, candidatesTyped, leadOf } from './CandidateFields'
import { EntryFields } from '../shared/EntryFields'
import { FormError } from '../shared/FormError'
import { Options } from '../shared/Options'
import { SelectField } from '../shared/SelectField'
import { ReadWords } from '../shared/ReadFields'
import { SortSelect } from '../shared/SortSelect'
import { wordsIn } from '../shared/typed'
import { useSend } from '../shared/useSend'
import { Sentences } from '../shared/Sentences'
import { TextField } from '../shared/TextField'
import { WhoseOptions } from '../shared/WhoseSelect'
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
  const id = useId()
  const form = useForm<FieldValues, unknown, Typed>({
    resolver: yupResolver(selectionTyped(sort, row.units)) as unknown as Resolver<FieldValues, unknown, Typed>,
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
      candidates: candidatesTyped(row.candidates),
    },
  })
  const { register, handleSubmit, formState } = form
  const wrong = (name: keyof Typed): string | undefined => wrongWith(formState.errors[name])
  const save = handleSubmit(async (typed) => {
    const told = changedFacts(row, sort, typed)
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
    <FormProvider {...form}>
      <Form className={styles.form} noValidate onSubmit={(event) => void save(event)}>
        <SelectField id={`${id}-state`} label="State" wrong={wrong('state')} {...register('state')}>
          <Options of={SELECTION_STATES} />
        </SelectField>
        <TextField id={`${id}-choice`} label="Choice" wrong={wrong('choice')} {...register('choice')} />
        <TextField id={`${id}-supplier`} label="Supplier" wrong={wrong('supplier')} {...register('supplier')} />
        <TextField id={`${id}-arrives`} label="Arrives" type="date" wrong={wrong('arrives')} {...register('arrives')} />
        <TextField
          id={`${id}-lead`}
          label="Lead in days: best, likely, worst"
          className="measure"
          wrong={wrong('lead')}
          {...register('lead')}
        />
        <SelectField id={`${id}-whose`} label="Who brings it" wrong={wrong('responsible')} {...register('responsible')}>
          <WhoseOptions />
        </SelectField>
        <Fold open title="What matters about it">
          <div className={styles.form}>
            <SortSelect defaultValue={sort} onChosen={setSort} />
            <EntryFields
              key={sort}
              fields={selectionFields(sort)}
              units={row.units}
              values={row.values}
              under="about."
              most={MOST_OF_ITS_SORT}
            />
          </div>
        </Fold>
        <Fold open={row.candidates.length > 0} title="Candidates side by side">
          <div className={styles.form}>
            {row.candidateDays.length > 0 && <Sentences of={row.candidateDays} />}
            <CandidateFields />
          </div>
        </Fold>
        <Fold title="What came">
          <div className={styles.form}>
            <ReadWords name="delivered.on" label="Came on" type="date" defaultValue={row.delivered?.on ?? ''} />
            {Object.entries(CAME).map(([key, label]) => (
              <ReadWords
                key={key}
                name={`delivered.${key}`}
                label={label}
                className="measure"
                inputMode="numeric"
                defaultValue={row.delivered?.[key as keyof typeof CAME] ?? ''}
              />
            ))}
          </div>
        </Fold>
        <Fold
          open={Boolean(row.wanted || row.approvalDays || row.awaits || wrong('wanted') || wrong('approvalDays'))}
          title="When it is wanted, its approval, what its maker waits for"
        >
          <div className={styles.form}>
            <TextField
              id={`${id}-wanted`}
              label="Wanted on site, where the plan alone does not say it"
              type="date"
              wrong={wrong('wanted')}
              {...register('wanted')}
            />
            <TextField
              id={`${id}-approval`}
              label="Days to approve it"
              className="measure"
              wrong={wrong('approvalDays')}
              {...register('approvalDays')}
            />
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
        <FormError error={error} />
      </Form>
    </FormProvider>
  )
}

/** With the six that every sort has and the sort itself at most twelve stand open. */
const MOST_OF_ITS_SORT = 5

const CAME: Readonly<Record<'count' | 'damaged' | 'wrongHand', string>> = {
  count: 'How many came',
  damaged: 'Of them damaged',
  wrongHand: 'Of the wrong hand or size',
}
const COUNTS = Object.keys(CAME) as (keyof typeof CAME)[]

/** What the schema makes of what is typed. */
type Typed = InferType<ReturnType<typeof selectionTyped>>

/** The facts that the filled form tells, where they differ from what stands. */
function changedFacts(row: SelectionRow, sort: SelectionSort, typed: Typed): Fact[] {
  const differs = (facet: keyof Typed, stands: unknown): boolean => String(typed[facet] ?? '') !== String(stands ?? '')
  const changed = (facet: keyof Typed, was: unknown, now: unknown = typed[facet]): Fact[] =>
    differs(facet, was) ? [{ facet, value: now, was: was === '' ? undefined : was }] : []
  // Where it is the usual of its sort, nothing stands in the record.
  const usual = (facet: keyof Typed, stands: unknown): Fact[] =>
    differs(facet, stands) ? [{ facet, value: typed[facet], was: undefined }] : []
  const values = readValues(selectionFields(sort), wordsIn(typed.about), row.units)
  const sameDetails = sort === row.sort && JSON.stringify(values) === JSON.stringify(row.values)
  const delivered = typed.delivered.on ? typed.delivered : null
  const candidates = candidatesOf(typed, row.candidates)
  const sameCandidates = allOf(candidates) === allOf(row.candidates)
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
    ...(delivered === null || sameDelivery(delivered, row.delivered)
      ? []
      : [{ facet: 'delivered', value: delivered, was: row.delivered ?? undefined }]),
    ...(sameDetails ? [] : [{ facet: 'details', value: { sort, values }, was: undefined }]),
  ]
}

/** The candidates that have a name, in the money of the record. */
const candidatesOf = ({ candidates }: Typed, before: readonly Candidate[]): Candidate[] =>
  candidates
    .filter(({ name }) => name !== '')
    .map(({ name, lead, price, days }) => {
      const supplier = before.find((one) => one.name === name)?.supplier
      return {
        name,
        leadDays: leadOf(lead),
        ...(supplier === undefined ? {} : { supplier }),
        ...(price == null ? {} : { price: minor(price * 100) }),
        ...(days == null ? {} : { days }),
      }
    })

const allOf = (candidates: readonly Candidate[]): string =>
  JSON.stringify(candidates.map(({ name, leadDays, supplier, price, days }) => [name, leadDays, supplier, price, days]))

const sameDelivery = (a: Typed['delivered'], b: Delivery | null): boolean =>
  b !== null && a.on === b.on && COUNTS.every((key) => a[key] === b[key])
