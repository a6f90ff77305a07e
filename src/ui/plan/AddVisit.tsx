import { yupResolver } from '@hookform/resolvers/yup'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { PlanChange } from '@/core/schedule/planChange'
import { STAGES, TRADES, type Stage, type Trade } from '@/core/scope/vocabulary'
import { planChange } from '@/schemas/planChange'
import { Options } from '../shared/Options'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
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
  const { register, handleSubmit, formState } = useForm({
    resolver: yupResolver(planChange.add),
    defaultValues: { siteId, title: '', placeId: '', stage: 'framing', trade: 'carpenter', hours: 8 },
  })
  const wrong = formState.errors
  const add = handleSubmit(({ stage, trade, ...input }) =>
    onChange({ kind: 'add', ...input, stage: stage as Stage, trade: trade as Trade }),
  )
  return (
    <Form className={styles.add} onSubmit={(event) => void add(event)} noValidate>
      <TextField id="add-title" label="What is to be done" wrong={wrong.title?.message} {...register('title')} />
      <SelectField id="add-place" label="Where" wrong={wrong.placeId?.message} {...register('placeId')}>
        <option value="">Choose a place</option>
        {places.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <SelectField id="add-trade" label="Trade" {...register('trade')}>
        <Options of={TRADES} />
      </SelectField>
      <SelectField id="add-stage" label="Stage" {...register('stage')}>
        <Options of={STAGES} />
      </SelectField>
      <TextField
        id="add-hours"
        label="Hours of one person"
        inputMode="decimal"
        wrong={wrong.hours?.message}
        {...register('hours')}
      />
      <Button type="submit" variant="quiet">
        See where it fits
      </Button>
    </Form>
  )
}
