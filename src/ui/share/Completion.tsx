import Link from 'next/link'
import Table from 'react-bootstrap/Table'
import type { PlaceCompletion } from '@/core/share/completion'

export interface CompletionProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly lead: string
  readonly ready: boolean
  readonly open: readonly PlaceCompletion[]
  readonly questions: readonly {
    readonly id: string
    readonly asked: string
    readonly question: string
    readonly place: string
    readonly by: string | null
    readonly late: boolean
    readonly holds: string | null
  }[]
}

/** What is left before a site can be handed over, place by place, and who still has to answer what. */
export function Completion({ site, lead, ready, open, questions }: CompletionProps) {
  return (
    <div className="page page-narrow">
      <h1>What is left, {site.name}</h1>
      <p className={ready ? 'well' : undefined}>{lead}</p>
      <p>
        Small things to put right, reasons to come back and wrong orders are written down on the walk, or under{' '}
        <Link href={`/sites/${site.id}/record`}>The record</Link>. When nothing is open the{' '}
        <Link href={`/sites/${site.id}/handover`}>hand-over pack</Link> is whole. What came of what was promised stands
        under <Link href={`/sites/${site.id}/look-back`}>Looking back</Link>.
      </p>
      {questions.length > 0 && (
        <section>
          <h2>Questions that wait for an answer</h2>
          <Table responsive>
            <thead>
              <tr>
                <th scope="col">Question</th>
                <th scope="col">Who answers</th>
                <th scope="col">By</th>
                <th scope="col">What it holds</th>
              </tr>
            </thead>
            <tbody>
              {questions.map((one) => (
                <tr key={one.id}>
                  <th scope="row">
                    {one.question} <span className="d-block small soft fw-normal">{one.place}</span>
                  </th>
                  <td>{one.asked}</td>
                  <td className={one.late ? 'late' : undefined}>{one.by ?? 'no day told'}</td>
                  <td>{one.holds ?? 'nothing yet'}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </section>
      )}
      {open.map(({ placeId, place, open: its }) => (
        <section key={placeId ?? 'site'}>
          <h2>{placeId ? <Link href={`/sites/${site.id}/scope?place=${placeId}`}>{place}</Link> : place}</h2>
          <ul>
            {its.map(({ sort, words }, i) => (
              <li key={i}>
                {words}. {sort !== 'work' && <span className="soft">({sort})</span>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}
