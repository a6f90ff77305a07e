import { groupBy } from '@/core/lists/groupBy'
import { SELECTION_STATES } from '@/core/selections/selection'
import { SELECTION_KINDS, type SelectionSort } from '@/core/selections/selectionKinds'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { Fold } from '../shared/Fold'
import styles from './SelectionsTable.module.css'

/** What is going in, sort by sort with what matters for each: openings, paints, cabinets and so on. */
export function Schedules({ rows, showSite }: { readonly rows: readonly SelectionRow[]; readonly showSite: boolean }) {
  const sorts = groupBy(rows, (row) => row.sort)
  const present = (Object.keys(SELECTION_KINDS) as SelectionSort[]).filter((sort) => sorts.has(sort))
  if (present.length === 0) return null
  return (
    <section aria-labelledby="schedules" className={styles.orders}>
      <h2 id="schedules">Schedules</h2>
      {present.map((sort) => (
        <Fold
          key={sort}
          late
          title={
            <>
              <strong>{SELECTION_KINDS[sort].many}</strong>: {sorts.get(sort)!.length}
            </>
          }
        >
          <ul>
            {sorts.get(sort)!.map((row) => (
              <li key={row.id}>
                <strong>
                  {row.place}
                  {showSite && `, ${row.site}`}
                </strong>
                : {row.what}, {row.choice ?? (row.state === 'undecided' ? 'not chosen yet' : 'not written down')}.{' '}
                {SELECTION_STATES[row.state]}.{row.details.length > 0 && <small>{row.details.join('. ')}.</small>}
              </li>
            ))}
          </ul>
        </Fold>
      ))}
    </section>
  )
}
