'use client'
import Button from 'react-bootstrap/Button'
import type { PrintedPaper } from '@/core/share/printedPaper'
import { useState } from 'react'
import { FormError } from '../shared/FormError'
import { PaperParts } from '../shared/PaperParts'
import { useSend } from '../shared/useSend'
import styles from './ShareDesk.module.css'

export interface PaperPageProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly reader: string
  readonly printed: PrintedPaper
  /** Those who can be given it by a link. */
  readonly readers: readonly { readonly id: string; readonly name: string; readonly written: boolean }[]
}

/** What neighbours, a designer, an engineer, the authority or an association are given; made for paper. */
export function PaperPage({ site, reader, printed, readers }: PaperPageProps) {
  return (
    <article className="page page-narrow">
      <header className="mb-4">
        <p className="soft">{printed.under}</p>
        <h1>{printed.title}</h1>
        <Button variant="quiet" className="no-print" onClick={() => window.print()}>
          Print
        </Button>{' '}
        <a className="btn btn-quiet no-print" href={`/api/sites/${site.id}/papers/${reader}`} download>
          As a PDF
        </a>
        {readers.map((one) => (
          <GiveLink key={one.id} siteId={site.id} {...one} />
        ))}
      </header>
      <PaperParts
        parts={printed.parts}
        picture={(hash) => `/api/photos/${hash}?size=shared`}
        pictures={styles.photos ?? ''}
      />
    </article>
  )
}

/** Gives somebody a link to it, where they can answer. */
function GiveLink({
  siteId,
  id,
  name,
  written,
}: {
  readonly siteId: string
  readonly id: string
  readonly name: string
  readonly written: boolean
}) {
  const { busy, error, run } = useSend<{ url: string }>()
  const [url, setUrl] = useState<string | null>(null)
  const give = async (): Promise<void> => setUrl((await run('/api/tell/paper', { siteId, partyId: id }))?.url ?? null)
  return (
    <div className="no-print mt-2">
      <Button variant="quiet" disabled={busy} onClick={() => void give()}>
        Give {name} a link
      </Button>
      <FormError error={error} />
      {url && (
        <p className="notice notice-good" role="status">
          {written ? 'It is on its way. The link: ' : 'They have no mail address on record. Pass it on: '}
          <a href={url}>{url}</a>
        </p>
      )}
    </div>
  )
}
