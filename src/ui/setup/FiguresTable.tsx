'use client'
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  useReactTable,
} from '@tanstack/react-table'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import type { Standards } from '@/core/takeoff/standards'
import type { Standard } from '@/core/takeoff/usualFigures'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import styles from './FiguresTable.module.css'

/** One figure that a firm or a site may set otherwise than the trade does. */
export interface Figure {
  readonly key: string
  readonly of: 'rate' | 'standard'
  /** What it is used for. */
  readonly use: string
  readonly title: string
  /** What holds while nothing is set here, as it is read. */
  readonly usual: string
  readonly unit: string
  readonly own: string
}

export interface StandardsView {
  readonly all: readonly Standard[]
  /** What holds without an own figure here: on a site the firm's. */
  readonly above: Standards
  readonly own: Standards
}

/** The figures behind the sums, as rows of the table. */
export const standardFigures = ({ all, above, own }: StandardsView): Figure[] =>
  all.map(({ key, calculation, title, unit, reads }) => {
    const firm = above[key]
    const counted = firm === '1' ? unit.replace(/(?<=[a-z]{3})s$/, '') : unit
    const usual = firm === undefined ? { usual: reads, unit: '' } : { usual: firm, unit: counted }
    return { key, of: 'standard', use: calculation, title, ...usual, own: own[key] ?? '' }
  })

const column = createColumnHelper<Figure>()
const COLUMNS = [
  column.accessor('title', { header: 'Figure' }),
  column.accessor('use', { header: 'Used for' }),
  column.accessor(({ usual, unit }) => `${usual} ${unit}`, { id: 'usual', header: 'Usual' }),
  column.accessor('own', { header: 'Ours' }),
]
const ROW = 44

/** All figures in one table that is searched; what is set otherwise is kept when its field is left.
 * @param siteId null where they are the firm's own */
export function FiguresTable(props: {
  readonly siteId: string | null
  readonly figures: readonly Figure[]
  readonly says: string
}) {
  const { siteId, figures, says } = props
  const router = useRouter()
  const { error, run } = useSend()
  const [words, setWords] = useState('')
  const [oursAlone, setOursAlone] = useState(false)
  const window = useRef<HTMLDivElement>(null)
  const table = useReactTable({
    data: oursAlone ? figures.filter(({ own }) => own !== '') : (figures as Figure[]),
    columns: COLUMNS,
    state: { globalFilter: words },
    onGlobalFilterChange: setWords,
    globalFilterFn: 'includesString',
    getRowId: ({ of, key }) => `${of}/${key}`,
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  })
  const { rows } = table.getRowModel()
  const near = useVirtualizer({
    count: rows.length,
    getScrollElement: () => window.current,
    estimateSize: () => ROW,
    overscan: 8,
  })
  const shown = near.getVirtualItems()
  const before = shown[0]?.start ?? 0
  const after = near.getTotalSize() - (shown.at(-1)?.end ?? 0)
  const keep = async ({ of, key }: Figure, value: string): Promise<void> => {
    const sent =
      of === 'rate'
        ? await run('/api/rates', { key, hours: value.trim() === '' ? null : value.replace(',', '.') })
        : await run('/api/standards', { site: siteId, key, value })
    if (sent !== null) router.refresh()
  }
  return (
    <>
      <p className="soft">{says}</p>
      <div className="d-flex flex-wrap gap-3 align-items-end mb-2">
        <Form.Group controlId="figures-search" className="flex-grow-1">
          <Form.Label>Find a figure</Form.Label>
          <Form.Control type="search" value={words} onChange={(event) => setWords(event.target.value)} />
        </Form.Group>
        <Form.Check
          id="ours-alone"
          label="Only what is set"
          checked={oursAlone}
          onChange={(event) => setOursAlone(event.target.checked)}
        />
      </div>
      <FormError error={error} />
      <p role="status" className="soft mb-1">
        {rows.length === 1 ? '1 figure' : `${rows.length} figures`}
      </p>
      <div ref={window} className={styles.window} tabIndex={0} role="region" aria-label="Figures">
        <Table size="sm" aria-rowcount={rows.length + 1}>
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map(({ id, column: { columnDef }, getContext }) => (
                  <th key={id} scope="col">
                    {flexRender(columnDef.header, getContext())}
                  </th>
                ))}
              </tr>
            ))}
          </thead>
          <tbody>
            {before > 0 && (
              <tr aria-hidden="true">
                <td colSpan={COLUMNS.length} style={{ height: before }} />
              </tr>
            )}
            {shown.map(({ index }) => {
              const { id, original: one } = rows[index]!
              return (
                <tr key={id} ref={near.measureElement} data-index={index} aria-rowindex={index + 2}>
                  <th scope="row" className="fw-normal">
                    {one.title}
                  </th>
                  <td className="soft">{one.use}</td>
                  <td className="measure">
                    {one.usual} {one.unit}
                  </td>
                  <td className={styles.ours}>
                    <Form.Control
                      size="sm"
                      className="measure"
                      aria-label={`Ours: ${one.title}, ${one.use}`}
                      defaultValue={one.own}
                      onBlur={(event) => event.target.value !== one.own && void keep(one, event.target.value)}
                    />
                  </td>
                </tr>
              )
            })}
            {after > 0 && (
              <tr aria-hidden="true">
                <td colSpan={COLUMNS.length} style={{ height: after }} />
              </tr>
            )}
          </tbody>
        </Table>
      </div>
    </>
  )
}
