import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Units } from '@/core/measure/length'
import { minor, printMoney } from '@/core/measure/money'
import { asked } from '@/core/entries/sums'
import { change } from '@/core/takeoff/money/change'
import { runCalculation, type Reckoned } from '@/core/takeoff/runCalculation'
import { Fold } from '../shared/Fold'
import { EntryFields } from '../shared/EntryFields'
import { FormError } from '../shared/FormError'
import type { SendError } from '../shared/useSend'
import type { LineView } from './types'
import styles from './CellPanel.module.css'

const FIELDS = asked(change, 'material', 'waste', 'labour', 'sub', 'overhead', 'tax')

/** What an extra costs the client, reckoned from its parts; the sum is shown before it is set. */
export function PriceExtra({
  line,
  units,
  onPrice,
}: {
  readonly line: LineView
  readonly units: Units
  readonly onPrice: (price: number) => void
}) {
  const [reckoned, setReckoned] = useState<Reckoned | null>(null)
  const [error, setError] = useState<SendError | null>(null)
  const reckon = (form: FormData): void => {
    const told = Object.fromEntries(
      FIELDS.flatMap(({ key }) => {
        const typed = String(form.get(key) ?? '').trim()
        return typed === '' ? [] : [[key, typed]]
      }),
    )
    try {
      setReckoned(runCalculation(change, told, units))
      setError(null)
    } catch (caught) {
      if (!(caught instanceof ImpossibleRequest)) throw caught
      setReckoned(null)
      setError({ message: caught.message, ...(caught.field ? { field: caught.field } : {}) })
    }
  }
  const price = reckoned ? Number(reckoned.outputs.price) : 0
  return (
    <Fold title="Price this extra">
      <Form
        className={styles.edits}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          reckon(new FormData(event.currentTarget))
        }}
      >
        <EntryFields fields={FIELDS} units={units} wrong={error?.field} />
        <FormError error={error} />
        <div aria-live="polite">
          {reckoned?.steps.map((step) => (
            <p key={step}>{step}</p>
          ))}
        </div>
        <div className={styles.buttons}>
          <Button type="submit" variant="quiet">
            Reckon
          </Button>
          {price > 0 && (
            <Button variant="primary" onClick={() => onPrice(minor(price * 100))}>
              Set {printMoney(minor(price * 100))} for {line.title.toLowerCase()}
            </Button>
          )}
        </div>
      </Form>
    </Fold>
  )
}
