'use client'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { useRef, useState, type KeyboardEvent } from 'react'
import { STAGE_GROUPS, STAGES, type Stage } from '@/core/scope/vocabulary'
import { stageHue } from '../shared/stageHue'
import type { CellView, Fact, RecordFacts, RowView } from './types'
import styles from './Weave.module.css'

interface WeaveProps {
  readonly rows: readonly RowView[]
  readonly stages: readonly Stage[]
  readonly chosen: { readonly placeId: string; readonly stage: Stage | null } | null
  readonly onOpen: (cell: { placeId: string; stage: Stage | null }) => void
  readonly record: RecordFacts | null
  readonly onUndo: () => Promise<void>
}

/** Places down the side in walking order, stages across in build order, each cell filled to what is honestly done. */
export function Weave({ rows, stages, chosen, onOpen, record, onUndo }: WeaveProps) {
  const [focus, setFocus] = useState({ row: 0, column: 0 })
  const cells = useRef(new Map<string, HTMLButtonElement>())

  const goTo = (row: number, column: number): void => {
    const next = { row: clamp(row, rows.length), column: clamp(column, stages.length) }
    setFocus(next)
    cells.current.get(`${next.row}/${next.column}`)?.focus()
  }
  const onKey = (event: KeyboardEvent, rowIndex: number, columnIndex: number): void => {
    const steps: Record<string, readonly [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
      Home: [0, -stages.length],
      End: [0, stages.length],
    }
    const step = steps[event.key]
    const row = rows[rowIndex]!
    const cell = row.cells[columnIndex]!
    if (step) goTo(rowIndex + step[0], columnIndex + step[1])
    else if (/^[1-4]$/.test(event.key) && record && cell.percent !== null)
      void setQuarters(record, row, cell, Number(event.key) * 25)
    else if (event.key === 'h' && record && cell.percent !== null) void toggleHold(record, row, cell)
    else if (event.key === 'u') void onUndo()
    else return
    event.preventDefault()
  }

  return (
    <Table bsPrefix={styles.weave} aria-label="Places by stage">
      <thead>
        <tr>
          <td />
          {STAGE_GROUPS.map((group) => {
            const span = group.stages.filter((stage) => stages.includes(stage)).length
            return span === 0 ? null : (
              <th key={group.title} colSpan={span} scope="colgroup" className={styles.group}>
                {group.title}
              </th>
            )
          })}
        </tr>
        <tr>
          <td />
          {stages.map((stage) => (
            <th key={stage} scope="col" className={styles.stage}>
              <span>{STAGES[stage]}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, rowIndex) => (
          <Row
            key={row.placeId}
            first={rowIndex === 0 || rows[rowIndex - 1]!.level !== row.level}
            row={row}
            span={stages.length + 1}
            onOpen={onOpen}
          >
            {row.cells.map((cell, column) => (
              <td key={cell.stage} className={styles.slot}>
                <Button
                  bsPrefix="tap"
                  ref={(element) => {
                    if (element) cells.current.set(`${rowIndex}/${column}`, element)
                  }}
                  data-open={`${row.placeId}/${cell.stage}`}
                  className={cellClass(cell, chosen?.placeId === row.placeId && chosen.stage === cell.stage)}
                  tabIndex={focus.row === rowIndex && focus.column === column ? 0 : -1}
                  aria-label={cellLabel(row, cell)}
                  title={cellLabel(row, cell)}
                  onFocus={() => setFocus({ row: rowIndex, column })}
                  onKeyDown={(event) => onKey(event, rowIndex, column)}
                  onClick={() => onOpen({ placeId: row.placeId, stage: cell.stage })}
                >
                  <Fill cell={cell} clearness={row.clearness} />
                </Button>
              </td>
            ))}
          </Row>
        ))}
      </tbody>
    </Table>
  )
}

const clamp = (value: number, length: number): number => Math.max(0, Math.min(length - 1, value))

function Row({
  row,
  first,
  span,
  onOpen,
  children,
}: {
  row: RowView
  first: boolean
  span: number
  onOpen: WeaveProps['onOpen']
  children: React.ReactNode
}) {
  return (
    <>
      {first && (
        <tr>
          <th colSpan={span} scope="rowgroup" className={styles.level}>
            {row.level}
            {row.levelStatus && <span className={styles.levelStatus}> {row.levelStatus}</span>}
          </th>
        </tr>
      )}
      <tr>
        <th scope="row" className={styles.place}>
          <Button
            bsPrefix="tap"
            data-open={`${row.placeId}/`}
            onClick={() => onOpen({ placeId: row.placeId, stage: null })}
          >
            {row.name}
          </Button>
          <small>
            {row.size && <span>{row.size} · </span>}
            <span className={row.misty ? 'late' : undefined}>{row.seen}</span>
          </small>
        </th>
        {children}
      </tr>
    </>
  )
}

function Fill({ cell, clearness }: { cell: CellView; clearness: number }) {
  if (cell.percent === null) return <span aria-hidden="true">{cell.excluded ? 'out' : '·'}</span>
  const opacity = 0.3 + 0.7 * clearness
  return (
    <>
      <span
        className={styles.tank}
        style={{ height: `${cell.percent}%`, background: stageHue(cell.stage), opacity }}
        aria-hidden="true"
      />
      {cell.held ? (
        <span className={styles.word}>held</span>
      ) : cell.percent > 0 && cell.percent < 100 ? (
        <span className={styles.figure}>{cell.percent}</span>
      ) : cell.percent === 0 && cell.next ? (
        <span className={styles.next}>{cell.next}</span>
      ) : null}
    </>
  )
}

function cellClass(cell: CellView, chosen: boolean): string {
  const parts = [styles.cell]
  if (cell.percent === null) parts.push(styles.none)
  if (cell.held) parts.push(styles.held)
  if (cell.gate) parts.push(styles.gated)
  if (chosen) parts.push(styles.chosen)
  return parts.join(' ')
}

function cellLabel(row: RowView, cell: CellView): string {
  const stage = `${row.name}, ${STAGES[cell.stage].toLowerCase()}`
  if (cell.percent === null) return `${stage}: ${cell.excluded ? 'out of the scope' : 'no work here'}`
  const parts = [`${cell.percent} per cent`]
  if (cell.eye !== null && cell.eye !== cell.percent) parts.push(`looks like ${cell.eye}`)
  if (cell.held) parts.push(`held, ${cell.held}`)
  if (cell.gate) parts.push(cell.gate.words)
  if (cell.next) parts.push(`next ${cell.next}`)
  return `${stage}: ${parts.join('; ')}`
}

function setQuarters(record: RecordFacts, row: RowView, cell: CellView, percent: number): Promise<boolean> {
  const lines = cell.lines.filter((line) => line.excluded === null && line.trade !== 'inspector')
  const fact = (line: CellView['lines'][number], value: number): Fact => ({
    subject: 'line',
    subjectId: line.id,
    facet: 'progress',
    placeId: row.placeId,
    value,
  })
  return record(
    lines.map((line) => fact(line, percent)),
    `${row.name}, ${STAGES[cell.stage].toLowerCase()}: set to ${percent} per cent.`,
    lines.map((line) => fact(line, line.progress)),
  )
}

function toggleHold(record: RecordFacts, row: RowView, cell: CellView): Promise<boolean> {
  const lines = cell.lines.filter((line) => line.excluded === null)
  const held = lines.some((line) => line.held)
  const fact = (line: CellView['lines'][number], value: unknown): Fact => ({
    subject: 'line',
    subjectId: line.id,
    facet: 'held',
    placeId: row.placeId,
    value,
  })
  return record(
    lines.map((line) => fact(line, held ? null : { reason: 'held at the desk' })),
    `${row.name}, ${STAGES[cell.stage].toLowerCase()}: ${held ? 'may go on' : 'held'}.`,
    lines.map((line) => fact(line, line.held)),
  )
}
