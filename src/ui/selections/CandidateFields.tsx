import Button from 'react-bootstrap/Button'
import { useFieldArray } from 'react-hook-form'
import type { Candidate } from '@/core/selections/candidate'
import { ReadWords } from '../shared/ReadFields'

/** What a selection may become, side by side: a name, its lead, its price, its days. */
export function CandidateFields() {
  const { fields, append } = useFieldArray({ name: 'candidates' })
  return (
    <>
      {fields.map(({ id }, i) => (
        <fieldset key={id} className="d-flex flex-wrap gap-2">
          <legend className="visually-hidden">Candidate {i + 1}</legend>
          <ReadWords name={`candidates.${i}.name`} label={`Candidate ${i + 1}`} />
          {FIELDS.map(({ key, label, inputMode }) => (
            <ReadWords
              key={key}
              name={`candidates.${i}.${key}`}
              label={label}
              className="measure"
              inputMode={inputMode}
            />
          ))}
        </fieldset>
      ))}
      <Button size="sm" variant="quiet" onClick={() => append(NONE)}>
        One more candidate
      </Button>
    </>
  )
}

/** What is asked of a candidate beside its name. */
const FIELDS = [
  { key: 'lead', label: 'Days to get it, like 28 to 56', inputMode: 'text' },
  { key: 'price', label: 'What it costs the client', inputMode: 'decimal' },
  { key: 'days', label: 'Days to put it in', inputMode: 'decimal' },
] as const

const NONE = { name: '', lead: '', price: '', days: '' }

/** The candidates as they stand in their fields; two empty ones stand ready where there is none yet. */
export const candidatesTyped = (candidates: readonly Candidate[]): (typeof NONE)[] => [
  ...candidates.map(({ name, leadDays, price, days }) => ({
    name,
    lead: leadWords(leadDays),
    price: price === undefined ? '' : String(price / 100),
    days: String(days ?? ''),
  })),
  ...Array.from({ length: Math.max(0, 2 - candidates.length) }, () => NONE),
]

const leadWords = ([best, likely, worst]: readonly [number, number, number]): string =>
  best === worst
    ? String(best)
    : likely === middle(best, worst)
      ? `${best} to ${worst}`
      : `${best}, ${likely}, ${worst}`

/** Best, likely and worst of the days that were typed: one, a range, or all three. */
export const leadOf = ([best, second, third]: readonly number[]): [number, number, number] => {
  const worst = third ?? second ?? best!
  return [best!, third === undefined ? middle(best!, worst) : second!, worst]
}

const middle = (best: number, worst: number): number => Math.round((best + worst) / 2)
