'use client'
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { pastedRows } from '@/core/lists/pastedRows'
import type { Trade } from '@/core/scope/vocabulary'
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

type Told = Readonly<Record<'name' | 'contact' | 'licence', string>>
const NOBODY: Told = { name: '', contact: '', licence: '' }

/** One row for each trade that the work needs: who does it and how to reach them. The rest of a crew can come later. */
export function WhoWorks({ site, trades }: WhoWorksProps) {
  const missing = trades.filter(({ crew }) => crew === null)
  const known = trades.filter(({ crew }) => crew !== null)
  const [told, setTold] = useState<Readonly<Partial<Record<Trade, Told>>>>({})
  const [kept, setKept] = useState<ReadonlySet<Trade>>(new Set())
  const [error, setError] = useState<(SendError & { readonly trade: Trade }) | null>(null)
  const [ready, setReady] = useState(missing.length === 0)
  const table = useRef<HTMLTableSectionElement>(null)
  const set = (trade: Trade, part: Partial<Told>): void =>
    setTold((all) => ({ ...all, [trade]: { ...(all[trade] ?? NOBODY), ...part } }))
  const onEnter = (event: KeyboardEvent, index: number): void => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    table.current?.querySelector<HTMLElement>(`[data-row="${index + 1}"]`)?.focus()
  }
  const onPaste = (event: ClipboardEvent, index: number): void => {
    const rows = pastedRows(event.clipboardData.getData('text'), ['name', 'trade', 'crew'])
    if (!rows) return
    event.preventDefault()
    rows.forEach(([name = '', contact = '', licence = ''], i) => {
      const row = missing[index + i]
      if (row) set(row.trade, { name, contact, licence })
    })
  }
  const keep = async (): Promise<void> => {
    setError(null)
    const done = new Set(kept)
    for (const { trade } of missing) {
      const one = told[trade]
      if (!one || one.name.trim() === '' || done.has(trade)) continue
      const answer = await send('/api/crews', { ...one, trade, crews: 1, crewSize: 2, weekdays: [1, 2, 3, 4, 5] })
      if (!answer.ok) {
        setKept(done)
        return setError({ ...answer.error, trade })
      }
      done.add(trade)
    }
    setKept(done)
    setReady(true)
  }
  return (
    <div className="page">
      <h1>Who works at {site.name}?</h1>
      <p className="soft">
        Name and how to reach them; mail or a telephone. What is left empty is planned as if somebody were always free.
        Enter goes to the next line; a list can be pasted (name, contact, licence).
      </p>
      {known.length > 0 && <p>On record already: {known.map(({ name, crew }) => `${name}, ${crew}`).join('; ')}.</p>}
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
                      data-row={i}
                      value={told[trade]?.name ?? ''}
                      isInvalid={error?.trade === trade}
                      onChange={(event) => set(trade, { name: event.target.value })}
                      onKeyDown={(event) => onEnter(event, i)}
                      onPaste={(event) => onPaste(event, i)}
                    />
                  </td>
                  <td>
                    <Form.Control
                      aria-label={`${name}: mail or telephone`}
                      value={told[trade]?.contact ?? ''}
                      onChange={(event) => set(trade, { contact: event.target.value })}
                      onKeyDown={(event) => onEnter(event, i)}
                    />
                  </td>
                  <td>
                    {licensed && (
                      <Form.Control
                        aria-label={`${name}: licence`}
                        value={told[trade]?.licence ?? ''}
                        onChange={(event) => set(trade, { licence: event.target.value })}
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
