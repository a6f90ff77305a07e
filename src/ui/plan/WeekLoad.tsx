'use client'
import Table from 'react-bootstrap/Table'
import dynamic from 'next/dynamic'
import { Fold } from '../shared/Fold'
import type { Week } from './WeekBars'

const WeekBars = dynamic(() => import('./WeekBars').then((module) => module.WeekBars), { ssr: false })

/** Days that a trade works each week against those that it could, as bars and as a table. */
export function WeekLoad({ weeks }: { readonly weeks: readonly Week[] }) {
  return (
    <>
      <WeekBars weeks={weeks} />
      <Fold className="soft" title="In figures">
        <Table size="sm">
          <thead>
            <tr>
              <th scope="col">Week of</th>
              <th scope="col">Days at work</th>
              <th scope="col">Days it could</th>
            </tr>
          </thead>
          <tbody>
            {weeks.map(({ week, planned, room }) => (
              <tr key={week}>
                <th scope="row">{week}</th>
                <td className="measure">{planned}</td>
                <td className="measure">{room}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Fold>
    </>
  )
}
