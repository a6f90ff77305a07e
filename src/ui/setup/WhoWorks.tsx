'use client'
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { useForm } from 'react-hook-form'
import { ValidationError, type InferType } from 'yup'
import { pastedRows } from '@/core/lists/pastedRows'
import type { Trade } from '@/core/scope/vocabulary'
import { crew } from '@/schemas/crew'
import { FormError } from '../shared/FormError'
import { PlanAgain } from '../shared/PlanAgain'
import { send, type SendError } from '../shared/useSend'

interface WhoWorksProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly trades: readonly {
    readonly trade: Trade
    readonly name: string
    readonly licensed: boolean
    /** Who is on record for it already. */
    readonly crew: string | null
  }[]
}

type CrewRow = InferType<typeof crew>

/** One row for each trade that the work needs: who does it and how to reach them. The rest of a crew can come later. */
export function WhoWorks({ site, trades }: WhoWorksProps) {
  const missing = trades.filter((one) => one.crew === null)
  const known = trades.filter((one) => one.crew !== null)
  const { register, getValues, setValue, setError, clearErrors, setFocus, formState } = useForm({
    defaultValues: { rows: missing.map(({ trade }) => ({ trade, name: '', contact: '', licence: '' })) },
  })
  const [kept, setKept] = useState<ReadonlySet<string>>(new Set())
  const [error, setRefused] = useState<SendError | null>(null)
  const [ready, setReady] = useState(missing.length === 0)
  const table = useRef<HTMLTableSectionElement>(null)
  const onEnter = (event: KeyboardEvent, index: number): void => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    table.current?.querySelector<HTMLElement>(`[name="rows.${index + 1}.name"]`)?.focus()
  }
  const onPaste = (event: ClipboardEvent, index: number): void => {
    const rows = pastedRows(event.clipboardData.getData('text'), ['name', 'trade', 'crew'])
    if (!rows) return
    event.preventDefault()
    rows.forEach(([name = '', contact = '', licence = ''], i) => {
      const row = missing[index + i]
      if (row) setValue(`rows.${index + i}`, { trade: row.trade, name, contact, licence })
    })
  }
  /** What is wrong stands at its row; those before it are kept already. */
  const refuse = (at: number, { message, field }: SendError): void => {
    const cell = field === 'contact' || field === 'licence' ? field : 'name'
    setError(`rows.${at}.${cell}`, { message })
    setFocus(`rows.${at}.${cell}`)
    setRefused({ message })
  }
  const keep = async (): Promise<void> => {
    setRefused(null)
    clearErrors()
    const done = new Set(kept)
    for (const [at, row] of getValues('rows').entries()) {
      if (row.name.trim() === '' || done.has(row.trade)) continue
      const asked = await askedOf(row)
      const answer = asked.ok ? await send('/api/crews', asked.data) : asked
      if (!answer.ok) {
        setKept(done)
        return refuse(at, answer.error)
      }
      done.add(row.trade)
    }
    setKept(done)
    setReady(true)
  }
  const wrong = formState.errors.rows
  return (
    <div className="page">
      <h1>Who works at {site.name}?</h1>
      <p className="soft">
        Name and how to reach them; mail or a telephone. What is left empty is planned as if somebody were always free.
        Enter goes to the next line; a list can be pasted (name, contact, licence).
      </p>
      {known.length > 0 && <p>On record already: {known.map((one) => `${one.name}, ${one.crew}`).join('; ')}.</p>}
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        {missing.length > 0 && (
          <Table responsive>
            <thead>
              <tr>
                <th scope="col">Trade</th>
                <th scope="col">Who</th>
                <th scope="col">Mail or telephone</th>
                <th scope="col">Licence</th>
              </tr>
            </thead>
            <tbody ref={table}>
              {missing.map(({ trade, name, licensed }, i) => (
                <tr key={trade}>
                  <th scope="row">{name}</th>
                  <td>
                    <Form.Control
                      aria-label={`${name}: who`}
                      isInvalid={Boolean(wrong?.[i]?.name)}
                      onKeyDown={(event) => onEnter(event, i)}
                      onPaste={(event) => onPaste(event, i)}
                      {...register(`rows.${i}.name`)}
                    />
                  </td>
                  <td>
                    <Form.Control
                      aria-label={`${name}: mail or telephone`}
                      isInvalid={Boolean(wrong?.[i]?.contact)}
                      {...register(`rows.${i}.contact`)}
                      onKeyDown={(event) => onEnter(event, i)}
                    />
                  </td>
                  <td>
                    {licensed && (
                      <Form.Control
                        aria-label={`${name}: licence`}
                        isInvalid={Boolean(wrong?.[i]?.licence)}
                        {...register(`rows.${i}.licence`)}
                        onKeyDown={(event) => onEnter(event, i)}
                      />
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        <FormError error={error} />
        {ready ? (
          <PlanAgain label="Plan it" onPlanned={() => window.location.assign(`/sites/${site.id}/plan`)} />
        ) : (
          <Button type="submit">Keep them</Button>
        )}
      </Form>
    </div>
  )
}

/** A crew as a row tells it, by the rules that the server keeps. */
async function askedOf(row: Pick<CrewRow, 'name' | 'contact' | 'licence'> & { readonly trade: string }) {
  try {
    const asked = { ...row, crews: 1, crewSize: 2, weekdays: [1, 2, 3, 4, 5] }
    return { ok: true as const, data: await crew.validate(asked) }
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return { ok: false as const, error: { message: error.message, field: error.path ?? 'name' } }
  }
}
