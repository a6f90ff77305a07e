import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { minor, readAmount } from '@/core/measure/money'
import type { Candidate } from '@/core/selections/candidate'

/** What a selection may become, side by side: a name, its lead, its price, its days. Two empty ones stand ready where there
 * is none yet. */
export function CandidateFields({ candidates }: { readonly candidates: readonly Candidate[] }) {
  const [count, setCount] = useState(Math.max(2, candidates.length))
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <fieldset key={i} className="d-flex flex-wrap gap-2">
          <legend className="visually-hidden">Candidate {i + 1}</legend>
          <Form.Label>
            Candidate {i + 1}
            <Form.Control name={`candidate-name-${i}`} defaultValue={candidates[i]?.name ?? ''} autoComplete="off" />
          </Form.Label>
          {FIELDS.map(({ key, label, inputMode, value }) => (
            <Form.Label key={key}>
              {label}
              <Form.Control
                className="measure"
                name={`candidate-${key}-${i}`}
                inputMode={inputMode}
                defaultValue={candidates[i] ? value(candidates[i]) : ''}
                autoComplete="off"
              />
            </Form.Label>
          ))}
        </fieldset>
      ))}
      <Button size="sm" variant="quiet" onClick={() => setCount(count + 1)}>
        One more candidate
      </Button>
    </>
  )
}

const leadWords = ([best, likely, worst]: readonly [number, number, number]): string =>
  best === worst
    ? String(best)
    : likely === middle(best, worst)
      ? `${best} to ${worst}`
      : `${best}, ${likely}, ${worst}`

/** What is asked of a candidate beside its name. */
const FIELDS = [
  {
    key: 'lead',
    label: 'Days to get it, like 28 to 56',
    inputMode: 'text',
    value: ({ leadDays }: Candidate) => leadWords(leadDays),
  },
  {
    key: 'price',
    label: 'What it costs the client',
    inputMode: 'decimal',
    value: ({ price }: Candidate) => (price === undefined ? '' : String(price / 100)),
  },
  {
    key: 'days',
    label: 'Days to put it in',
    inputMode: 'decimal',
    value: ({ days }: Candidate) => String(days ?? ''),
  },
] as const

const middle = (best: number, worst: number): number => Math.round((best + worst) / 2)

/** The candidates of a filled form, without those that have no name.
 * @throws ImpossibleRequest naming the field that cannot be read */
export function candidatesOf(text: (name: string) => string, count: number): Candidate[] {
  return Array.from({ length: count }, (_, i) => i).flatMap((i): Candidate[] => {
    const name = text(`candidate-name-${i}`)
    if (name === '') return []
    const price = text(`candidate-price-${i}`)
    const days = text(`candidate-days-${i}`)
    return [
      {
        name,
        leadDays: leadOf(text(`candidate-lead-${i}`), i),
        ...(price === '' ? {} : { price: minor(numberOf(price, `candidate-price-${i}`, `What ${name} costs`) * 100) }),
        ...(days === '' ? {} : { days: numberOf(days, `candidate-days-${i}`, `Days to put ${name} in`) }),
      },
    ]
  })
}

function leadOf(typed: string, i: number): [number, number, number] {
  const days = (typed.match(/\d+/g) ?? []).map(Number)
  const [first, second, third] = days
  if (first === undefined)
    throw new ImpossibleRequest('empty', 'Days to get it: write days, like 28 to 56.', `candidate-lead-${i}`)
  const worst = third ?? second ?? first
  if (worst < first)
    throw new ImpossibleRequest('reversed', 'Days to get it: give the fewer days first.', `candidate-lead-${i}`)
  return [first, third === undefined ? middle(first, worst) : second!, worst]
}

function numberOf(typed: string, field: string, label: string): number {
  const value = Number(readAmount(typed) ?? typed.replace(',', '.'))
  if (!(value >= 0)) throw new ImpossibleRequest('unreadable-number', `${label}: write a number.`, field)
  return value
}
