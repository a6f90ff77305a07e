'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { dateOnly, shortDay } from '@/core/calendar/day'
import { SELECTION_STATES, type SelectionState } from '@/core/selections/selection'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { WhoseSelect } from '../shared/WhoseSelect'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import { AddSelection } from './AddSelection'
import { AskSupplier } from './AskSupplier'
import { ToOrder } from './ToOrder'
import styles from './SelectionsTable.module.css'

export interface SelectionsProps {
  readonly site: { readonly id: string; readonly name: string } | null
  readonly rows: readonly SelectionRow[]
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly lead: string
}

/** What is going in, and will it be here in time: late ones first, each with its reason in a sentence. */
export function SelectionsTable({ site, rows, places, lead }: SelectionsProps) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <div className="page">
      <h1>Selections</h1>
      <p className={styles.lead}>{lead}</p>
      {rows.length === 0 ? (
        <p className="notice">
          No selection yet. Lay down a treatment, or add one here: for example wall tile for the bathroom, needed for
          tile.
        </p>
      ) : (
        <table className={`table ${styles.table}`}>
          <thead>
            <tr>
              <th scope="col">What, where</th>
              <th scope="col">State</th>
              <th scope="col">Order by</th>
              <th scope="col">Needed</th>
              <th scope="col">In time?</th>
              <th scope="col">
                <span className="visually-hidden">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <SelectionLine
                key={row.id}
                row={row}
                showSite={site === null}
                open={open === row.id}
                onToggle={() => setOpen(open === row.id ? null : row.id)}
              />
            ))}
          </tbody>
        </table>
      )}
      <ToOrder siteId={site?.id ?? null} rows={rows} />
      {site && <AddSelection siteId={site.id} places={places} />}
    </div>
  )
}

const pressure = (row: SelectionRow): string =>
  row.pressing < 0 || row.state === 'wrong' ? 'late' : row.pressing <= 7 ? 'due' : 'soft'

function SelectionLine({
  row,
  showSite,
  open,
  onToggle,
}: {
  row: SelectionRow
  showSite: boolean
  open: boolean
  onToggle: () => void
}) {
  return (
    <>
      <tr id={row.id}>
        <th scope="row">
          {row.what}
          <small>
            {row.place}
            {showSite && `, ${row.site}`}
            {row.choice && `: ${row.choice}`}
          </small>
        </th>
        <td data-label="State">
          {SELECTION_STATES[row.state]}
          {row.state !== 'arrived' && row.state !== 'installed' && (
            <small>
              takes {row.leadDays[0]} to {row.leadDays[2]} days
            </small>
          )}
        </td>
        <td data-label="Order by" className={`${pressure(row)} measure text-nowrap`}>
          {row.state === 'arrived' || row.state === 'installed' || row.state === 'ordered'
            ? ''
            : row.orderBy
              ? dateOnly(row.orderBy)
              : 'not planned'}
        </td>
        <td data-label="Needed" className="measure text-nowrap">
          {row.neededOn ? dateOnly(row.neededOn) : ''}
        </td>
        <td data-label="In time?" className={pressure(row) === 'soft' ? undefined : pressure(row)}>
          {row.reason}
          {row.daysAtStake > 0 && (
            <small>
              If it takes its longest, its visit loses {row.daysAtStake === 1 ? '1 day' : `${row.daysAtStake} days`}.
            </small>
          )}
        </td>
        <td>
          <button type="button" className="btn btn-sm btn-quiet" aria-expanded={open} onClick={onToggle}>
            Change<span className="visually-hidden"> {row.what}</span>
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6}>
            <SelectionForm row={row} onDone={onToggle} />
            {row.state === 'ordered' && <AskSupplier row={row} />}
          </td>
        </tr>
      )}
    </>
  )
}

function SelectionForm({ row, onDone }: { row: SelectionRow; onDone: () => void }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [state, setState] = useState<SelectionState>(row.state)
  const [choice, setChoice] = useState(row.choice ?? '')
  const [arrives, setArrives] = useState<string>(row.arrives ?? '')
  const [lead, setLead] = useState(row.leadDays.join(', '))
  const [whose, setWhose] = useState<string>(row.responsible ?? '')

  const save = async (): Promise<void> => {
    const fact = (facet: string, value: unknown, was: unknown) => ({
      subject: 'selection',
      subjectId: row.id,
      facet,
      placeId: row.placeId,
      value,
      was,
    })
    const leadDays = lead
      .split(/[,\s]+/)
      .filter(Boolean)
      .map(Number)
    const facts = [
      ...(state !== row.state ? [fact('state', state, row.state)] : []),
      ...(choice !== (row.choice ?? '') ? [fact('choice', choice, row.choice ?? undefined)] : []),
      ...(arrives !== (row.arrives ?? '') ? [fact('arrives', arrives || null, row.arrives ?? undefined)] : []),
      ...(whose !== (row.responsible ?? '') ? [fact('responsible', whose, row.responsible ?? undefined)] : []),
      ...(leadDays.join() !== row.leadDays.join() ? [fact('lead', leadDays, undefined)] : []),
    ]
    if (facts.length === 0) return onDone()
    if ((await run(`/api/sites/${row.siteId}/facts`, { facts })) !== null) {
      onDone()
      router.refresh()
    }
  }
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void save()
      }}
    >
      <label>
        State
        <select
          className="form-select"
          value={state}
          onChange={(event) => setState(event.target.value as SelectionState)}
        >
          {Object.entries(SELECTION_STATES).map(([key, word]) => (
            <option key={key} value={key}>
              {word}
            </option>
          ))}
        </select>
      </label>
      <label>
        Choice
        <input className="form-control" value={choice} onChange={(event) => setChoice(event.target.value)} />
      </label>
      <label>
        Arrives
        <input
          className="form-control"
          type="date"
          value={arrives}
          onChange={(event) => setArrives(event.target.value)}
        />
      </label>
      <label>
        Lead in days: best, likely, worst
        <input className="form-control measure" value={lead} onChange={(event) => setLead(event.target.value)} />
      </label>
      <label>
        Who brings it
        <WhoseSelect value={whose} onChange={setWhose} />
      </label>
      <button className="btn btn-primary" disabled={busy}>
        Save
      </button>
      <p className="soft">
        Usual for {row.leadWords}. {row.neededOn && `Needed ${shortDay(row.neededOn)} by the plan.`}
      </p>
      <FormError error={error} />
    </form>
  )
}
