'use client'
import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

export interface PhraseRow {
  readonly id: string
  readonly siteId: string
  readonly words: string
  readonly means: string
  readonly by: string
  readonly day: string
}

/** What words mean to this firm, as they were put right on walks; each can be forgotten. */
export function Phrases({ phrases }: { readonly phrases: readonly PhraseRow[] }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const forget = async ({ id, siteId }: PhraseRow): Promise<void> => {
    const fact = { subject: 'phrase', subjectId: id, facet: 'forgotten', placeId: null, value: true }
    if ((await run(`/api/sites/${siteId}/facts`, { facts: [fact] })) !== null) router.refresh()
  }
  return (
    <section className="mt-5" aria-labelledby="phrases">
      <h2 id="phrases">Words put right</h2>
      {phrases.length === 0 ? (
        <p className="soft">
          Nothing yet. When somebody puts a line right on a walk, the same words are read so from then on, here and on
          every phone of the firm.
        </p>
      ) : (
        <Table responsive size="sm">
          <thead>
            <tr>
              <th scope="col">Said</th>
              <th scope="col">Means</th>
              <th scope="col">Put right by</th>
              <th scope="col">
                <span className="visually-hidden">Forget</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {phrases.map((phrase) => (
              <tr key={`${phrase.siteId}${phrase.id}`}>
                <th scope="row" className="fw-normal">
                  “{phrase.words}”
                </th>
                <td>{phrase.means}</td>
                <td>
                  {phrase.by}, {phrase.day}
                </td>
                <td>
                  <Button variant="link" size="sm" disabled={busy} onClick={() => void forget(phrase)}>
                    Forget<span className="visually-hidden"> {phrase.words}</span>
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <FormError error={error} />
    </section>
  )
}
