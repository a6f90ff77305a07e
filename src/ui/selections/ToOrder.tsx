import { dateOnly } from '@/core/calendar/day'
import type { SelectionRow } from '@/core/selections/selectionRow'
import { notYet, toOrder } from '@/core/selections/toOrder'
import { Fold } from '../shared/Fold'
import styles from './SelectionsTable.module.css'

/** What is to be ordered, supplier by supplier, so that one call or one trip does it. */
export function ToOrder({ siteId, rows }: { readonly siteId: string | null; readonly rows: readonly SelectionRow[] }) {
  const orders = toOrder(rows)
  const held = notYet(rows)
  if (orders.length + held.length === 0) return null
  return (
    <section aria-labelledby="to-order" className={styles.orders}>
      <h2 id="to-order">To order, by supplier</h2>
      <ul>
        {orders.map(({ supplier, rows: its, words }) => (
          <li key={supplier}>
            <Fold
              title={
                <>
                  <strong>{supplier}</strong>: {words}
                </>
              }
            >
              <ul>
                {its.map((row) => (
                  <li key={row.id}>
                    {row.what}, {row.place.toLowerCase()}, {row.site}: {row.choice ?? 'not chosen yet'}
                    {row.orderBy && `, by ${dateOnly(row.orderBy)}`}
                    {row.toBuy.length > 0 && <small>{row.toBuy.join(' ')}</small>}
                  </li>
                ))}
              </ul>
            </Fold>
          </li>
        ))}
      </ul>
      {held.length > 0 && (
        <Fold title={<>Not to be ordered yet ({held.length}): measure first</>}>
          <ul>
            {held.map((row) => (
              <li key={row.id}>
                {row.what}, {row.place.toLowerCase()}, {row.site}: {row.heldBack.join(' ')}
              </li>
            ))}
          </ul>
        </Fold>
      )}
      <a className="btn btn-quiet no-print" href={`/api/orders${siteId ? `?site=${siteId}` : ''}`} download>
        The list as CSV
      </a>
    </section>
  )
}
