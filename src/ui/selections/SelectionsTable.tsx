'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { dateOnly } from '@/core/calendar/day'
import { groupBy } from '@/core/lists/groupBy'
import { actOf, ACTS, sameThings, type Act, type SameThing } from '@/core/selections/byAct'
import { isOnSite } from '@/core/selections/selection'
import { SELECTION_KINDS, type SelectionSort } from '@/core/selections/selectionKinds'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { focusPanel } from '../shared/focusPanel'
import { FormError } from '../shared/FormError'
import { SidePanel } from '../shared/SidePanel'
import { useSend } from '../shared/useSend'
import { useWhole } from '../shared/useWhole'
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
  /** How many rows the page of all sites does not bring. */
  readonly later?: number
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly lead: string
}

/** Things of an act that are listed until all are asked for. */
const LISTED = 40

/** What is going in, and will it be here in time: by what is to be done, late ones first, one opened beside the list. */
export function SelectionsTable({ site, rows: first, later = 0, places, lead }: SelectionsProps) {
  const { all: rows, awaited } = useWhole('/api/selections/later', first, later)
  const search = useSearchParams()
  const [open, setOpen] = useState<string | null>(search.get('selection'))
  const [sort, setSort] = useState<SelectionSort | ''>('')
  /** The acts of which all things are listed. */
  const [whole, setWhole] = useState<ReadonlySet<Act>>(new Set())
  const [adding, setAdding] = useState(search.get('add') !== null)
  const side = useRef<HTMLElement>(null)
  const sorts = [...new Set(rows.map((row) => row.sort))]
  const things = sameThings(rows.filter((row) => sort === '' || row.sort === sort))
  const byAct = groupBy(things, ([row]) => actOf(row))
  const chosen = things.find((thing) => thing.some(({ id }) => id === open)) ?? null
  const listedOf = (act: Act, its: readonly SameThing[]): readonly SameThing[] =>
    whole.has(act) ? its : its.filter((thing, i) => i < LISTED || thing === chosen)
  const close = (): void => {
    setOpen(null)
    if (chosen) document.getElementById(`open-${chosen[0].id}`)?.focus()
  }
  useEffect(() => {
    if (open !== null) focusPanel(side.current)
  }, [open])
  return (
    <div className={`page ${styles.page}`}>
      <header className={styles.head}>
        <h1>Selections</h1>
        <p className={styles.lead}>{lead}</p>
        {awaited > 0 && (
          <p className="small" role="status">
            {awaited} less pressing ones are on their way.
          </p>
        )}
        {sorts.length > 1 && (
          <Form.Select
            aria-label="Which sort"
            className="w-auto mw-100"
            value={sort}
            onChange={(event) => setSort(event.target.value as SelectionSort | '')}
          >
            <option value="">every sort</option>
            {sorts.map((one) => (
              <option key={one} value={one}>
                {SELECTION_KINDS[one].many}
              </option>
            ))}
          </Form.Select>
        )}
        {site && <Button onClick={() => setAdding(true)}>Add a selection</Button>}
      </header>
      {site && <AddSelection siteId={site.id} places={places} show={adding} onClose={() => setAdding(false)} />}
      <div className={chosen ? styles.columns : undefined}>
        <div>
          {rows.length === 0 && (
            <p className="notice">
              No selection yet. Say what is to be done at a place, or add one here: for example wall tile for the
              bathroom, needed for tile.
            </p>
          )}
          {(Object.keys(ACTS) as Act[]).map((act) => {
            const its = byAct.get(act) ?? []
            if (its.length === 0) return null
            return (
              <section key={act} aria-labelledby={`act-${act}`}>
                <h2 id={`act-${act}`}>
                  {ACTS[act]} {awaited === 0 && <span className="soft">{its.length}</span>}
                </h2>
                {act === 'chase' && awaited === 0 && <AllCame things={its} />}
                <Table className={styles.table}>
                  <thead>
                    <tr>
                      <th scope="col">What, where</th>
                      <th scope="col">{act === 'chase' ? 'Comes' : 'Order by'}</th>
                      <th scope="col">Needed</th>
                      <th scope="col">In time?</th>
                    </tr>
                  </thead>
                  <tbody>
                    {listedOf(act, its).map((thing) => (
                      <Line
                        key={thing[0].id}
                        thing={thing}
                        showSite={site === null}
                        open={thing === chosen}
                        onOpen={() => setOpen(thing[0].id)}
                      />
                    ))}
                  </tbody>
                </Table>
                {its.length > listedOf(act, its).length && (
                  <Button variant="quiet" onClick={() => setWhole(new Set([...whole, act]))}>
                    {ACTS[act]}: show all {its.length}
                  </Button>
                )}
              </section>
            )
          })}
          {/* What counts everything waits until everything is here. */}
          {awaited === 0 && <ToOrder siteId={site?.id ?? null} rows={rows} />}
          {awaited === 0 && <Schedules rows={rows} showSite={site === null} />}
          {rows.length > 0 && <SelectionsFile siteId={site?.id ?? null} />}
        </div>
        {chosen && (
          <SidePanel ref={side} label={chosen[0].what} onEscape={close}>
            <div className="d-flex justify-content-between gap-2 align-items-start">
              <h2>{chosen[0].what}</h2>
              <Button size="sm" variant="quiet" onClick={close}>
                Close
              </Button>
            </div>
            <p className="soft">{chosen.map(({ place }) => place).join(', ')}</p>
            <SelectionForm key={chosen[0].id} thing={chosen} onDone={close} />
            {chosen[0].state === 'ordered' && <AskSupplier row={chosen[0]} />}
          </SidePanel>
        )}
      </div>
    </div>
  )
}

const pressure = (row: SelectionRow): string =>
  row.pressing < 0 || row.state === 'wrong' ? 'late' : row.pressing <= 7 ? 'due' : 'soft'

function Line({
  thing,
  showSite,
  open,
  onOpen,
}: {
  readonly thing: SameThing
  readonly showSite: boolean
  readonly open: boolean
  readonly onOpen: () => void
}) {
  const [row] = thing
  const comes = row.state === 'ordered' ? row.arrives : isOnSite(row.state) ? null : row.orderBy
  return (
    <tr id={row.id} className={open ? styles.chosen : undefined}>
      <th scope="row">
        <Button
          id={`open-${row.id}`}
          variant="link"
          className="p-0 text-start fw-semibold"
          aria-label={[row.what, ...thing.map(({ place }) => place), ...(showSite ? [row.site] : []), row.choice]
            .filter(Boolean)
            .join(', ')}
          aria-expanded={open}
          onClick={onOpen}
        >
          {row.what}
        </Button>
        {row.choice && <span className={styles.choice}>{row.choice}</span>}
        <small>
          {thing.length === 1 ? row.place : `${thing.length} places: ${thing.map(({ place }) => place).join(', ')}`}
          {showSite && `, ${row.site}`}
        </small>
      </th>
      <td
        data-label={row.state === 'ordered' ? 'Comes' : 'Order by'}
        className={`${pressure(row)} measure text-nowrap`}
      >
        {comes ? dateOnly(comes) : isOnSite(row.state) ? '' : row.state === 'ordered' ? 'not said' : 'not planned'}
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
    </tr>
  )
}

/** What one supplier brought in one go, taken in with one tap; what came wrong is told of each. */
function AllCame({ things }: { readonly things: readonly SameThing[] }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const bySupplier = [...groupBy(things.flat(), (row) => row.supplier)].filter(([supplier]) => supplier !== '')
  const took = async (rows: readonly SelectionRow[]): Promise<void> => {
    for (const [siteId, its] of groupBy(rows, (row) => row.siteId)) {
      const facts = its.map((row) => ({
        subject: 'selection',
        subjectId: row.id,
        placeId: row.placeId,
        facet: 'state',
        value: 'arrived',
        was: 'ordered',
      }))
      if ((await run(`/api/sites/${siteId}/facts`, { facts })) === null) return
    }
    router.refresh()
  }
  return (
    <div className="d-flex flex-wrap gap-2 mb-2">
      {bySupplier.map(([supplier, rows]) => (
        <Button key={supplier} size="sm" variant="quiet" disabled={busy} onClick={() => void took(rows)}>
          All from {supplier} came ({rows.length})
        </Button>
      ))}
      <FormError error={error} />
    </div>
  )
}
