'use client'
import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import { RATES, type RateKey } from '@/core/scope/rates'
import { FormError } from '../shared/FormError'
import { StandardsTable, type StandardsView } from './StandardsTable'
import { useSend } from '../shared/useSend'

/** The firm's own figures: hours of work, and what its sums are reckoned with. */
export function FigureSettings(props: {
  readonly rates: Readonly<Record<string, number>>
  readonly standards: StandardsView
}) {
  return (
    <>
      <h1>Figures</h1>
      <Rates rates={props.rates} />
      <StandardsTable siteId={null} view={props.standards} />
    </>
  )
}

function Rates({ rates }: { rates: Readonly<Record<string, number>> }) {
  const router = useRouter()
  const { error, run } = useSend()
  const keep = async (key: RateKey, text: string): Promise<void> => {
    if ((await run('/api/rates', { key, hours: text.trim() === '' ? null : text.replace(',', '.') })) !== null)
      router.refresh()
  }
  return (
    <section aria-labelledby="rates">
      <h2 id="rates">Rates, in hours of one person</h2>
      <p className="soft">Used when work is laid down. Leave empty for the usual figure of the trade.</p>
      <FormError error={error} />
      <Table size="sm">
        <tbody>
          {(Object.keys(RATES) as RateKey[]).map((key) => (
            <tr key={key}>
              <th scope="row" className="fw-normal">
                {RATES[key].words}
              </th>
              <td className="measure">
                {RATES[key].hours} a {{ each: 'piece', m: 'metre', m2: 'm²', m3: 'm³' }[RATES[key].unit]}
              </td>
              <td style={{ width: '7rem' }}>
                <Form.Control
                  size="sm"
                  className="measure"
                  aria-label={`Own hours: ${RATES[key].words}`}
                  defaultValue={rates[key] ?? ''}
                  onBlur={(event) =>
                    event.target.value !== String(rates[key] ?? '') && void keep(key, event.target.value)
                  }
                />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  )
}
