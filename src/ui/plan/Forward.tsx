import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

interface Found {
  readonly words: string
  readonly wins: string
}

/** What would bring the end forward, each found by planning again without it. */
export function Forward({ siteId }: { readonly siteId: string }) {
  const { busy, error, run } = useSend<{ found: readonly Found[] }>()
  const [found, setFound] = useState<readonly Found[] | null>(null)
  const ask = async (): Promise<void> => {
    const answer = await run(`/api/sites/${siteId}/forward`)
    if (answer) setFound(answer.found)
  }
  return (
    <>
      <Button variant="quiet" disabled={busy} onClick={() => void ask()}>
        {busy ? 'Planning without each thing in turn…' : 'Try what holds it, one by one'}
      </Button>
      <FormError error={error} />
      <div aria-live="polite">
        {found?.length === 0 && (
          <p>No single thing would: neither a crew more, nor a wait less, nor another day for who agreed.</p>
        )}
        {found && found.length > 0 && (
          <ol className="mt-2">
            {found.map(({ words, wins }) => (
              <li key={words}>
                {words} <strong>{wins}</strong>
              </li>
            ))}
          </ol>
        )}
      </div>
    </>
  )
}
