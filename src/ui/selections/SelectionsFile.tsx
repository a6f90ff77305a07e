'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

interface Brought {
  readonly changes: readonly string[]
  readonly problems: readonly string[]
  readonly kept: boolean
}

/** The selections out as a table and back in: what a file would change is shown before anything is kept. */
export function SelectionsFile({ siteId }: { readonly siteId: string | null }) {
  const router = useRouter()
  const { busy, error, run, clearError } = useSend<Brought>()
  const [file, setFile] = useState<File | null>(null)
  const [brought, setBrought] = useState<Brought | null>(null)
  const url = `/api/selections?${new URLSearchParams(siteId ? { site: siteId } : {}).toString()}`
  const look = async (chosen: File | null): Promise<void> => {
    setFile(chosen)
    setBrought(null)
    clearError()
    if (chosen) setBrought(await run(url, chosen))
  }
  const keep = async (): Promise<void> => {
    const kept = await run(`${url}&keep`, file!)
    if (!kept) return
    setBrought(kept)
    router.refresh()
  }
  return (
    <section aria-labelledby="selections-file" className="no-print mt-4">
      <h2 id="selections-file">As a table</h2>
      <p>
        Take the list out, let a supplier or a designer fill in choice, state, supplier or the day it arrives, and bring
        it back.
      </p>
      <a className="btn btn-quiet" href={url} download>
        Take the list as CSV
      </a>
      <Form.Group controlId="selections-csv" className="mt-3">
        <Form.Label>Bring a list back</Form.Label>
        <Form.Control
          type="file"
          accept=".csv,text/csv"
          onChange={(event) => void look((event.currentTarget as HTMLInputElement).files?.[0] ?? null)}
        />
      </Form.Group>
      <FormError error={error} />
      <div aria-live="polite">{brought && <Told brought={brought} busy={busy} onKeep={() => void keep()} />}</div>
    </section>
  )
}

function Told({
  brought: { changes, problems, kept },
  busy,
  onKeep,
}: {
  readonly brought: Brought
  readonly busy: boolean
  readonly onKeep: () => void
}) {
  if (problems.length > 0)
    return (
      <>
        <p className="notice notice-error mt-3">Nothing is taken until these are mended in the file.</p>
        <List of={problems} />
      </>
    )
  if (changes.length === 0) return <p className="notice mt-3">It says what stands here already.</p>
  return (
    <>
      <p className={`notice mt-3 ${kept ? 'notice-good' : ''}`}>
        {kept ? 'Kept: ' : 'It changes '}
        {changes.length === 1 ? 'one thing' : `${changes.length} things`}.{kept && ' Plan again to use it.'}
      </p>
      <List of={changes} />
      {!kept && (
        <Button variant="primary" disabled={busy} onClick={onKeep}>
          Keep these changes
        </Button>
      )}
    </>
  )
}

const List = ({ of }: { readonly of: readonly string[] }) => (
  <ul>
    {of.map((one) => (
      <li key={one}>{one}</li>
    ))}
  </ul>
)
