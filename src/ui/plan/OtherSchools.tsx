import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

interface OtherSchool {
  readonly question: string
  readonly way: string
  readonly does: string
}

/** How else this site could be done, each with what it would do to dates, work and people. */
export function OtherSchools({ siteId }: { readonly siteId: string }) {
  const { busy, error, run } = useSend<{ schools: readonly OtherSchool[] }>()
  const [schools, setSchools] = useState<readonly OtherSchool[] | null>(null)
  const ask = async (): Promise<void> => {
    const answer = await run(`/api/sites/${siteId}/schools`)
    if (answer) setSchools(answer.schools)
  }
  return (
    <>
      <Button variant="quiet" disabled={busy} onClick={() => void ask()}>
        {busy ? 'Planning each order…' : 'What each other order would do'}
      </Button>
      <FormError error={error} />
      <ul aria-live="polite" className="mt-2">
        {(schools ?? []).map(({ question, way, does }) => (
          <li key={way}>
            <strong>{question}</strong>: {way}. <span>{does}</span>
          </li>
        ))}
      </ul>
      {schools && (
        <p>
          <a href={`/sites/${siteId}/settings`}>Choose in the site’s settings</a>
        </p>
      )}
    </>
  )
}
