'use client'
import { useState } from 'react'
import { STAGES } from '@/core/scope/vocabulary'
import { printMoney } from '@/core/measure/money'
import { QuarterPad } from '../shared/QuarterPad'
import type { CellView, LineView, RowView, Fact } from './types'
import styles from './CellPanel.module.css'

type Record_ = (facts: readonly Fact[], words: string, back: readonly Fact[]) => Promise<boolean>

interface CellPanelProps {
  readonly row: RowView
  readonly cell: CellView
  readonly mayEdit: boolean
  readonly record: Record_
  readonly onClose: () => void
}

/** The lines of one stage at one place: how far, how much, what holds it, what can hurt. */
export function CellPanel({ row, cell, mayEdit, record, onClose }: CellPanelProps) {
  const set = (line: LineView, facet: string, value: unknown, was: unknown, words: string): Promise<boolean> => {
    const fact = { subject: 'line', subjectId: line.id, facet, placeId: row.placeId }
    return record([{ ...fact, value }], `${line.title}: ${words}.`, [{ ...fact, value: was }])
  }
  return (
    <>
      <header className={styles.head}>
        <h2>
          {STAGES[cell.stage]}, {row.name.toLowerCase()}
        </h2>
        <button type="button" className="btn btn-sm btn-quiet" onClick={onClose}>
          Close
        </button>
      </header>
      <Honest row={row} cell={cell} record={record} mayEdit={mayEdit} />
      {cell.held && <p className="notice notice-error">{cell.held}</p>}
      {cell.gate && (
        <section className={styles.gate}>
          <h3>Before it is covered</h3>
          <ul>
            {cell.gate.items.map((item) => (
              <li key={item.id}>
                {item.lineId === null && mayEdit ? (
                  <label className={styles.tick}>
                    <input
                      type="checkbox"
                      className="form-check-input"
                      checked={item.done}
                      onChange={(event) => {
                        const fact = { subject: 'gate', subjectId: item.id, facet: 'ticked', placeId: row.placeId }
                        void record(
                          [{ ...fact, value: event.target.checked }],
                          `${item.text}: ${event.target.checked ? 'in' : 'not in'}.`,
                          [{ ...fact, value: item.done }],
                        )
                      }}
                    />
                    {item.text}
                  </label>
                ) : (
                  <>
                    <span className={item.done ? 'well' : 'due'}>{item.done ? 'in' : 'open'}</span> {item.text}
                    {item.failed && <span className="late"> {item.failed}</span>}
                  </>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {cell.lines.map((line) => (
        <article key={line.id} className={styles.line}>
          <h3>{line.title}</h3>
          <p className="soft">
            {line.tradeName}
            {line.quantity && line.quantity !== '1' && (
              <>
                , <span className="measure">{line.quantity}</span>
              </>
            )}
            , <span className="measure">{line.hours} h</span>
            {line.when && `, ${line.when}`}
            {line.extra && ', an extra'}
            {line.price !== null && (
              <>
                , <span className="measure">{printMoney(line.price)}</span>
              </>
            )}
          </p>
          {line.excluded && <p className="due">Out of the scope: {line.excluded}</p>}
          {mayEdit && line.excluded === null && (
            <QuarterPad
              title={line.title}
              stage={cell.stage}
              value={line.progress}
              onSet={(value) => void set(line, 'progress', value, line.progress, `${value} per cent`)}
            />
          )}
          {line.held && (
            <p className="late">
              Held: {line.held.reason}
              {line.held.until && `, until ${line.held.until}`}
            </p>
          )}
          <details>
            <summary>How was this reckoned?</summary>
            <p>
              {line.how === 'one' ? 'Counted as one.' : `${line.how} = ${line.quantity}.`} {line.hours} hours of one
              person’s work.
              {line.rough && <strong> Rough: measure before ordering.</strong>}
            </p>
          </details>
          {line.cautions.map((caution) => (
            <p key={caution.id} className={styles.caution}>
              <strong>{caution.what}.</strong> {caution.care} Only {caution.deferTo} may clear it.
            </p>
          ))}
          {mayEdit && <LineEdits line={line} set={set} />}
        </article>
      ))}
    </>
  )
}

function Honest({ row, cell, record, mayEdit }: Pick<CellPanelProps, 'row' | 'cell' | 'record' | 'mayEdit'>) {
  const set = (value: number): void => {
    const fact = { subject: 'stage', subjectId: `${row.placeId}/${cell.stage}`, facet: 'eye', placeId: row.placeId }
    void record(
      [{ ...fact, value }],
      `By eye: ${value} per cent.`,
      cell.eye === null ? [] : [{ ...fact, value: cell.eye }],
    )
  }
  return (
    <div className={styles.honest}>
      <p>
        Honestly <strong className="measure">{cell.percent} %</strong>
        {cell.eye !== null && cell.eye !== cell.percent && (
          <>
            {' '}
            though it looks like <strong className="measure">{cell.eye} %</strong>
          </>
        )}
        .
      </p>
      {mayEdit && (
        <label className="soft">
          By eye it looks like{' '}
          <select
            className="form-select form-select-sm d-inline-block w-auto"
            value={cell.eye ?? ''}
            onChange={(event) => set(Number(event.target.value))}
          >
            <option value="" disabled>
              not said
            </option>
            {[0, 10, 25, 40, 50, 60, 75, 90, 95, 100].map((percent) => (
              <option key={percent} value={percent}>
                {percent} %
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  )
}

function LineEdits({
  line,
  set,
}: {
  line: LineView
  set: (line: LineView, facet: string, value: unknown, was: unknown, words: string) => Promise<boolean>
}) {
  const [reason, setReason] = useState('')
  const [until, setUntil] = useState('')
  const [hours, setHours] = useState(String(line.hours))
  const needsReason = reason.trim() === ''
  return (
    <details>
      <summary>Change this line</summary>
      <div className={styles.edits}>
        <label>
          Hours of one person
          <input
            className="form-control"
            inputMode="decimal"
            value={hours}
            onChange={(event) => setHours(event.target.value)}
          />
        </label>
        <button
          type="button"
          className="btn btn-quiet"
          onClick={() =>
            void set(
              line,
              'hours',
              hours.trim() === '' ? null : Number(hours.replace(',', '.')),
              line.hours,
              `${hours} hours`,
            )
          }
        >
          Keep hours
        </button>
        <label>
          Reason, to hold it or to leave it out
          <input className="form-control" value={reason} onChange={(event) => setReason(event.target.value)} />
        </label>
        <label>
          Held until (if known)
          <input
            className="form-control"
            type="date"
            value={until}
            onChange={(event) => setUntil(event.target.value)}
          />
        </label>
        <div className={styles.buttons}>
          {line.held ? (
            <button
              type="button"
              className="btn btn-quiet"
              onClick={() => void set(line, 'held', null, line.held, 'may go on')}
            >
              Let it go on
            </button>
          ) : (
            <button
              type="button"
              className="btn btn-quiet"
              disabled={needsReason}
              onClick={() => void set(line, 'held', { reason, ...(until ? { until } : {}) }, null, 'held')}
            >
              Hold
            </button>
          )}
          {line.excluded ? (
            <button
              type="button"
              className="btn btn-quiet"
              onClick={() => void set(line, 'excluded', null, { reason: line.excluded }, 'back in the scope')}
            >
              Back in the scope
            </button>
          ) : (
            <button
              type="button"
              className="btn btn-quiet"
              disabled={needsReason}
              onClick={() => void set(line, 'excluded', { reason }, null, 'out of the scope')}
            >
              Leave out
            </button>
          )}
          <button
            type="button"
            className="btn btn-quiet"
            onClick={() => void set(line, 'removed', true, false, 'removed')}
          >
            Remove
          </button>
        </div>
      </div>
    </details>
  )
}
