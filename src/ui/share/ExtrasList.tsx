import { printMoney } from '@/core/measure/money'
import type { Extras } from '@/core/scope/extras'
import styles from './ShareDesk.module.css'

/** What the client is asked to pay for beside the contract, and what was answered. */
export function ExtrasList({
  siteId,
  extras: { list, approved, waiting },
}: {
  readonly siteId: string
  readonly extras: Extras
}) {
  if (list.length === 0) return null
  return (
    <section aria-labelledby="extras">
      <h2 id="extras">Extras</h2>
      <p>
        Approved so far {printMoney(approved)}
        {waiting > 0 && `, ${printMoney(waiting)} wait for an answer`}.
      </p>
      <ul className={styles.list}>
        {list.map((one) => (
          <li key={one.id}>
            <a href={`/sites/${siteId}/scope?place=${one.placeId}&stage=${one.stage}`}>{one.title}</a>
            {one.price !== null && <span className="measure"> {printMoney(one.price)}</span>}
            <small className="d-block soft">{one.words}</small>
          </li>
        ))}
      </ul>
    </section>
  )
}
