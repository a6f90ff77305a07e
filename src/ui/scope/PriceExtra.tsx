import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import type { Units } from '@/core/measure/length'
import { minor, printMoney } from '@/core/measure/money'
import { asked } from '@/core/entries/sums'
import { change } from '@/core/takeoff/money/change'
import { withStandards, type Standards } from '@/core/takeoff/standards'
import { runCalculation, type Reckoned } from '@/core/takeoff/runCalculation'
import { Fold } from '../shared/Fold'
import { EntryFields } from '../shared/EntryFields'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { wordsIn } from '../shared/typed'
import type { LineView } from './types'
import styles from './CellPanel.module.css'

const PARTS = ['material', 'hours', 'rate', 'waste', 'labour', 'sub', 'overhead', 'tax'] as const

/** The parts that were told. */
const toldOf = (words: (key: string) => string): Readonly<Record<string, string>> =>
  Object.fromEntries(PARTS.flatMap((key) => (words(key) === '' ? [] : [[key, words(key)]])))

/** What an extra costs the client, reckoned from its parts; the sum is shown before it is set. */
export function PriceExtra({
  line,
  units,
  pricing,
  onPrice,
}: {
  readonly line: LineView
  readonly units: Units
  readonly pricing: Standards
  readonly onPrice: (price: number) => void
}) {
  const [reckoned, setReckoned] = useState<Reckoned | null>(null)
  const sum = withStandards(change, pricing)
  const price = reckoned ? Number(reckoned.outputs.price) : 0
  return (
    <Fold title="Price this extra">
      <ReadForm
        className={styles.edits}
        read={(typed) => runCalculation(sum, toldOf(wordsIn(typed)), units)}
        onRead={setReckoned}
        // No sum stands beside other figures than its own.
        onChange={() => setReckoned(null)}
      >
        <EntryFields fields={asked(sum, ...PARTS)} units={units} />
        <WhatIsWrong />
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
      </ReadForm>
    </Fold>
  )
}
