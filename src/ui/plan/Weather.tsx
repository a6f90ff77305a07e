import { yupResolver } from '@hookform/resolvers/yup'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Offcanvas from 'react-bootstrap/Offcanvas'
import Table from 'react-bootstrap/Table'
import { useFieldArray, useForm, type Resolver } from 'react-hook-form'
import { useState } from 'react'
import { isDay, shortDay, type Day } from '@/core/calendar/day'
import { pastedRows } from '@/core/lists/pastedRows'
import { SKIES } from '@/core/walk/siteConditions'
import { forecast } from '@/schemas/forecast'
import { FormError } from '../shared/FormError'
import { PlanAgain } from '../shared/PlanAgain'
import { useSend } from '../shared/useSend'
import type { PlanProps } from './types'
import styles from './PlanBoard.module.css'

interface Told {
  readonly day: string
  readonly sky: string
  readonly low: string
  readonly high: string
}
interface WeatherForm {
  days: Told[]
}
// The schema is the server's own; here its figures are typed.
const check = yupResolver(forecast) as unknown as Resolver<WeatherForm>

/** What the sky is said to do on the days to come: typed, or read from a file or a table that is pasted. */
export function Weather({
  days,
  show,
  onClose,
}: {
  readonly days: PlanProps['weather']
  readonly show: boolean
  readonly onClose: () => void
}) {
  const { busy, error, run } = useSend()
  const [kept, setKept] = useState(false)
  const [unread, setUnread] = useState('')
  const { register, handleSubmit, control, formState, getValues, setValue } = useForm<WeatherForm>({
    defaultValues: {
      days: days.map(({ day, sky, low, high }) => ({ day, sky, low: String(low ?? ''), high: String(high ?? '') })),
    },
    resolver: check,
  })
  const { fields } = useFieldArray({ control, name: 'days' })
  const keep = handleSubmit(async (input) => setKept((await run('/api/plan/forecast', input)) !== null))
  const read = (text: string): void => {
    const rows = pastedRows(text, ['day', 'date']) ?? []
    const told = rows.flatMap(([day = '', sky = '', low = '', high = '']) =>
      isDay(day) ? [{ day, sky, low, high }] : [],
    )
    setUnread(
      told.length === 0
        ? 'No day could be read. Write rows of day, sky, coldest and warmest, like 2026-03-10, rain, 3, 9.'
        : '',
    )
    getValues('days').forEach(({ day }, i) => {
      const row = told.find((one) => one.day === day)
      if (row) setValue(`days.${i}`, { ...row, sky: row.sky.toLowerCase() })
    })
  }
  const wrong = formState.errors.days
  return (
    <Offcanvas show={show} onHide={onClose} placement="end" aria-labelledby="weather">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title as="h2" id="weather">
          Weather
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        <p>Work outside keeps off days that stop it, and nothing is opened before a storm.</p>
        <Form onSubmit={(event) => void keep(event)} noValidate>
          <Table size="sm">
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Sky</th>
                <th scope="col">Low, °C</th>
                <th scope="col">High, °C</th>
              </tr>
            </thead>
            <tbody>
              {fields.map((field, i) => {
                const name = shortDay(field.day as Day)
                return (
                  <tr key={field.id}>
                    <th scope="row">{name}</th>
                    <td>
                      <Form.Select size="sm" aria-label={`Sky on ${name}`} {...register(`days.${i}.sky`)}>
                        <option value="">not told</option>
                        {SKIES.map((sky) => (
                          <option key={sky}>{sky}</option>
                        ))}
                      </Form.Select>
                      {days[i]?.simulated && <small className="soft">{days[i].simulated} (simulated)</small>}
                    </td>
                    {(['low', 'high'] as const).map((end) => (
                      <td key={end}>
                        <Form.Control
                          size="sm"
                          className={styles.degrees}
                          inputMode="numeric"
                          aria-label={`${end === 'low' ? 'Coldest' : 'Warmest'} on ${name}`}
                          isInvalid={wrong?.[i]?.[end] !== undefined}
                          {...register(`days.${i}.${end}`)}
                        />
                      </td>
                    ))}
                  </tr>
                )
              })}
            </tbody>
          </Table>
          <FormError error={error ?? firstOf(wrong)} />
          <Button type="submit" variant="primary" disabled={busy}>
            Keep the forecast
          </Button>
          <p role="status">{kept && 'It is kept. Plan again to use it.'}</p>
        </Form>
        {kept && <PlanAgain onPlanned={onClose} />}
        <Form.Group controlId="weather-paste" className="mt-3">
          <Form.Label>Or paste rows of day, sky, coldest, warmest</Form.Label>
          <Form.Control
            as="textarea"
            rows={3}
            onChange={(event) => event.target.value.trim() && read(event.target.value)}
          />
        </Form.Group>
        <Form.Group controlId="weather-file" className="mt-2">
          <Form.Label>Or open a file of such rows (CSV)</Form.Label>
          <Form.Control
            type="file"
            accept=".csv,text/csv"
            onChange={(event) => {
              const file = (event.target as HTMLInputElement).files?.[0]
              if (file) void file.text().then(read)
            }}
          />
        </Form.Group>
        {unread && <p className="notice notice-error">{unread}</p>}
      </Offcanvas.Body>
    </Offcanvas>
  )
}

/** The first thing that is wrong in the rows, as a sentence. */
function firstOf(wrong: unknown): { readonly message: string } | null {
  for (const row of Array.isArray(wrong) ? (wrong as unknown[]) : [])
    for (const field of Object.values((row ?? {}) as Record<string, { readonly message?: string }>))
      if (field?.message) return { message: field.message }
  return null
}
