'use client'
import { useState } from 'react'
import { dateOnly } from '@/core/calendar/day'
import { isOnSite, SELECTION_STATES } from '@/core/selections/selection'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { AddSelection } from './AddSelection'
import { AskSupplier } from './AskSupplier'
import { Schedules } from './Schedules'
import { SelectionForm } from './SelectionForm'
import { SelectionsFile } from './SelectionsFile'
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
      <Schedules rows={rows} showSite={site === null} />
      {site && <AddSelection siteId={site.id} places={places} />}
      {rows.length > 0 && <SelectionsFile siteId={site?.id ?? null} />}
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
          {!isOnSite(row.state) && (
            <small>
              takes {row.leadDays[0]} to {row.leadDays[2]} days
            </small>
          )}
        </td>
        <td data-label="Order by" className={`${pressure(row)} measure text-nowrap`}>
          {isOnSite(row.state) || row.state === 'ordered' ? '' : row.orderBy ? dateOnly(row.orderBy) : 'not planned'}
        </td>
        <td data-label="Needed" className="measure text-nowrap">
          {row.neededOn ? dateOnly(row.neededOn) : ''}
        </td>
        <td data-label="In time?" className={pressure(row) === 'soft' ? undefined : pressure(row)}>
          {row.reason}
          {row.heldBack.length > 0 && <small className="late">{row.heldBack.join(' ')}</small>}
          {row.checks.length > 0 && <small>{row.checks.join(' ')}</small>}
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
