'use client'
import { useRouter } from 'next/navigation'
import { Form, Table } from 'react-bootstrap'
import { groupBy } from '@/core/lists/groupBy'
import type { Standards } from '@/core/takeoff/standards'
import type { Standard } from '@/core/takeoff/usualFigures'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

export interface StandardsView {
  readonly all: readonly Standard[]
  /** What holds without an own figure here: on a site the firm's. */
  readonly above: Standards
  readonly own: Standards
}

/** The usual figures behind the sums, calculation by calculation; each can be set otherwise for the firm or one site. */
export function StandardsTable({ siteId, view }: { readonly siteId: string | null; readonly view: StandardsView }) {
  const router = useRouter()
  const { error, run } = useSend()
  const keep = async (key: string, value: string): Promise<void> => {
    if ((await run('/api/standards', { site: siteId, key, value })) !== null) router.refresh()
  }
  return (
    <section aria-labelledby="standards">
      <h2 id="standards">Figures behind the sums</h2>
      <p className="soft">
        {siteId
          ? 'Set here for this site alone. Leave empty for the firm’s figure, or the usual one of the trade.'
          : 'Used on every site that sets no other. Leave empty for the usual figure of the trade.'}
      </p>
      <FormError error={error} />
      {[...groupBy(view.all, (one) => one.calculation)].map(([calculation, its]) => (
        <details key={calculation}>
          <summary>
            {calculation}
            {its.some((one) => one.key in view.own) && <strong> set here</strong>}
          </summary>
          <Table size="sm">
            <tbody>
              {its.map((one) => (
                <tr key={one.key}>
                  <th scope="row" className="fw-normal">
                    {one.title}
                  </th>
                  <td className="measure">
                    {view.above[one.key] ?? String(Number(Number(one.usual).toFixed(3)))} {one.unit}
                  </td>
                  <td style={{ width: '8rem' }}>
                    <Form.Control
                      size="sm"
                      className="measure"
                      aria-label={`Own figure: ${one.title}, ${calculation}`}
                      defaultValue={view.own[one.key] ?? ''}
                      onBlur={(event) =>
                        event.target.value !== (view.own[one.key] ?? '') && void keep(one.key, event.target.value)
                      }
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </details>
      ))}
    </section>
  )
}
