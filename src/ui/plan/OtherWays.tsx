import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { FormError } from '../shared/FormError'
import { PlanAgain } from '../shared/PlanAgain'
import { useSend } from '../shared/useSend'

interface OtherWay {
  readonly goal: string
  readonly title: string
  readonly chosen: boolean
  readonly then: readonly string[]
  readonly finishes: readonly { readonly siteId: string; readonly site: string; readonly day: string }[]
  readonly comings: number
  readonly moved: number
  readonly told: number
}

/** The plans that the firm could have instead, side by side: what each is made for, what it gives and what it takes. */
export function OtherWays({ siteId, onPlanned }: { readonly siteId: string | null; readonly onPlanned: () => void }) {
  const { busy, error, run } = useSend<{ ways: readonly OtherWay[] }>()
  const [ways, setWays] = useState<readonly OtherWay[] | null>(null)
  const compare = async (): Promise<void> => {
    const answer = await run('/api/plan/ways')
    if (answer) setWays(answer.ways)
  }
  return (
    <>
      <p className="soft">
        Agreed days are kept first. Then counts what the plan is made for, then the rest in the order below.
      </p>
      <Button variant="quiet" disabled={busy} onClick={() => void compare()}>
        {busy ? 'Planning each way…' : 'Lay them side by side'}
      </Button>
      <FormError error={error} />
      <div aria-live="polite">
        {ways && (
          <Table responsive className="mt-2">
            <thead>
              <tr>
                <th scope="col">Made for</th>
                <th scope="col">Finishes</th>
                <th scope="col">Comings of trades</th>
                <th scope="col">Visits that move</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {ways.map((way) => (
                <tr key={way.goal}>
                  <th scope="row">
                    {way.title}
                    {way.chosen && ' (as now)'}
                    <span className="small soft fw-normal d-none d-md-block">then {way.then.join(', then ')}</span>
                  </th>
                  <td>
                    {way.finishes
                      .filter((one) => siteId === null || one.siteId === siteId)
                      .map(({ site, day }) => (siteId === null ? `${site} ${day}` : day))
                      .join(', ')}
                  </td>
                  <td className="measure">{way.comings}</td>
                  <td>
                    <span className="measure">{way.moved}</span>
                    {way.told > 0 && <span className="late">, {way.told} of them were told</span>}
                  </td>
                  <td>
                    <PlanAgain
                      quiet
                      goal={way.goal}
                      label="Plan this way"
                      about={way.title.toLowerCase()}
                      onPlanned={onPlanned}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </div>
    </>
  )
}
