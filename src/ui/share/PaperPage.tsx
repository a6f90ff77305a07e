'use client'
import type { PrintedPaper } from '@/core/share/printedPaper'
import { PaperParts } from '../shared/PaperParts'
import styles from './ShareDesk.module.css'

export interface PaperPageProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly reader: string
  readonly printed: PrintedPaper
}

/** What neighbours, a designer, an engineer, the authority or an association are given; made for paper. */
export function PaperPage({ site, reader, printed }: PaperPageProps) {
  return (
    <article className="page page-narrow">
      <header className="mb-4">
        <p className="soft">{printed.under}</p>
        <h1>{printed.title}</h1>
        <button type="button" className="btn btn-quiet no-print" onClick={() => window.print()}>
          Print
        </button>{' '}
        <a className="btn btn-quiet no-print" href={`/api/sites/${site.id}/papers/${reader}`} download>
          As a PDF
        </a>
      </header>
      <PaperParts
        parts={printed.parts}
        picture={(hash) => `/api/photos/${hash}?size=shared`}
        pictures={styles.photos ?? ''}
      />
    </article>
  )
}
