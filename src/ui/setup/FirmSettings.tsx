'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm, type UseFormRegisterReturn } from 'react-hook-form'
import { DAY_FORMS, WEEK_STARTS, type Habits } from '@/core/habits/habits'
import { firm as schema } from '@/schemas/firm'
import { FormError } from '../shared/FormError'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'

type FirmForm = Habits & { readonly name: string }

/** The firm itself: its name, and how it measures, counts its money and writes its days. */
export function FirmSettings({ firm, mayChange }: { readonly firm: FirmForm; readonly mayChange: boolean }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [kept, setKept] = useState(false)
  const { register, handleSubmit, formState } = useForm({ resolver: yupResolver(schema), defaultValues: firm })
  const wrong = formState.errors
  const keep = handleSubmit(async (input) => {
    setKept((await run('/api/firm/habits', input)) !== null)
    router.refresh()
  })
  return (
    <>
      <h1>Firm</h1>
      <Form onSubmit={(event) => void keep(event)} className="d-grid gap-3">
        <TextField id="name" label="Firm" wrong={wrong.name?.message} disabled={!mayChange} {...register('name')} />
        <HabitFields register={register} wrong={wrong} disabled={!mayChange} />
        <FormError error={error} />
        {mayChange ? (
          <div className="d-flex gap-3 align-items-center">
            <Button type="submit" disabled={busy}>
              Keep
            </Button>
            <span role="status">{kept && 'Kept.'}</span>
          </div>
        ) : (
          <p className="soft">Only the owner can change this.</p>
        )}
      </Form>
    </>
  )
}

interface HabitFieldsProps {
  readonly register: (name: keyof Habits) => UseFormRegisterReturn
  readonly wrong: Readonly<Partial<Record<keyof Habits, { readonly message?: string | undefined }>>>
  readonly disabled?: boolean
}

/** How a firm measures, counts its money and writes its days. */
export const HabitFields = ({ register, wrong, disabled = false }: HabitFieldsProps) => (
  <>
    <SelectField id="units" label="New sites are measured in" disabled={disabled} {...register('units')}>
      <option value="metric">metres</option>
      <option value="imperial">feet and inches</option>
    </SelectField>
    <TextField
      id="currency"
      label="Currency, its three letters"
      wrong={wrong.currency?.message}
      disabled={disabled}
      {...register('currency')}
    />
    <SelectField id="dayForm" label="Days are written" disabled={disabled} {...register('dayForm')}>
      {Object.entries(DAY_FORMS).map(([form, example]) => (
        <option key={form} value={form}>
          {example}
        </option>
      ))}
    </SelectField>
    <SelectField id="weekStart" label="Weeks begin with" disabled={disabled} {...register('weekStart')}>
      {Object.keys(WEEK_STARTS).map((day) => (
        <option key={day}>{day}</option>
      ))}
    </SelectField>
    <TextField
      id="timeZone"
      label="Time zone"
      hint="Where your day begins, like Europe/Vienna."
      wrong={wrong.timeZone?.message}
      disabled={disabled}
      {...register('timeZone')}
    />
  </>
)
