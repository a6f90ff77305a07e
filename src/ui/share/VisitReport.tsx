'use client'
import Button from 'react-bootstrap/Button'
import FormCheck from 'react-bootstrap/FormCheck'
import Form from 'react-bootstrap/Form'
import type { PrintedPaper } from '@/core/share/printedPaper'
import { PaperParts } from '../shared/PaperParts'
import styles from './ShareDesk.module.css'

interface VisitReportProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly walks: readonly { readonly id: string; readonly title: string; readonly chosen: boolean }[]
  readonly printed: PrintedPaper
}

/** Several visits as one report, to print or as a PDF: which ones, and what it says. */
export function VisitReport({ site, walks, printed }: VisitReportProps) {
  const query = new URLSearchParams(walks.filter(({ chosen }) => chosen).map(({ id }) => ['walk', id]))
  return (
    <article className="page page-narrow">
      <header className="mb-4">
        <p className="soft">{printed.under}</p>
        <h1>{printed.title}</h1>
        {walks.length === 0 ? (
          <p>Nobody walked this site yet. A walk on the phone is the first visit of a report.</p>
        ) : (
          <Form method="get" className="no-print mb-3">
            <fieldset>
              <legend className="fs-6 fw-bold">Visits in it</legend>
              {walks.map(({ id, title, chosen }) => (
                <FormCheck key={id} id={`visit-${id}`} name="walk" value={id} defaultChecked={chosen} label={title} />
              ))}
            </fieldset>
            <Button type="submit" variant="quiet" className="mt-2">
              Show these
            </Button>{' '}
            <Button variant="quiet" className="mt-2" onClick={() => window.print()}>
              Print
            </Button>{' '}
            <a className="btn btn-quiet mt-2" href={`/api/sites/${site.id}/report?${query}`} download>
              As a PDF
            </a>
          </Form>
        )}
      </header>
      <PaperParts
        parts={printed.parts}
        picture={(hash) => `/api/photos/${hash}?size=shared`}
        pictures={styles.photos ?? ''}
      />
    </article>
  )
}
