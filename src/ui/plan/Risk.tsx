import Table from 'react-bootstrap/Table'
import dynamic from 'next/dynamic'
import { Fold } from '../shared/Fold'
import styles from './Risk.module.css'
import type { PlanProps } from './types'

const FinishCurve = dynamic(() => import('./FinishCurve').then((module) => module.FinishCurve), { ssr: false })

/** Two dates: the likely one, and the one that can be promised; and what the difference hangs on. */
export function Risk({ likely, safe, weeks, chain, tenths, drivers }: NonNullable<PlanProps['risk']>) {
  return (
    <div className={styles.risk}>
      <p>
        That is if all goes to plan. As likely as not it is done by <strong>{likely}</strong>,{' '}
        {weeks === 1 ? 'one week' : `${weeks} weeks`} from now. Safe to promise: <strong>{safe}</strong>, which holds in
        8 of 10 ways the work may go.
      </p>
      <Fold className="soft" title="What it hangs on">
        <p>{drivers.length > 0 ? `Most of all ${drivers.join(', then ')}.` : 'On nothing in particular.'}</p>
        <div className={styles.curve}>
          <FinishCurve tenths={tenths} />
        </div>
        <Table size="sm">
          <caption className="visually-hidden">How many of ten ways are done by when</caption>
          <tbody>
            {tenths.map(({ share, day }) => (
              <tr key={share}>
                <th scope="row">{share / 10} of 10</th>
                <td>by {day}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        <p>The end hangs on these, one after the other:</p>
        <ol>
          {chain.map(({ key, words }) => (
            <li key={key}>{words}</li>
          ))}
        </ol>
      </Fold>
    </div>
  )
}
