'use client'
import Form from 'react-bootstrap/Form'
import { weekdayName, weekOrder } from '@/core/calendar/day'
import styles from './NewSite.module.css'

/** Which days of the week are worked. */
export function Weekdays({
  value,
  onChange,
  legend = 'Working days',
}: {
  value: readonly number[]
  onChange: (days: readonly number[]) => void
  legend?: string
}) {
  return (
    <fieldset className={styles.days}>
      <legend>{legend}</legend>
      <div>
        {weekOrder().map((day) => (
          <Form.Check
            key={day}
            id={`${legend}-${day}`}
            label={weekdayName(day).slice(0, 3)}
            checked={value.includes(day)}
            onChange={() => onChange(value.includes(day) ? value.filter((one) => one !== day) : [...value, day].sort())}
          />
        ))}
      </div>
    </fieldset>
  )
}
