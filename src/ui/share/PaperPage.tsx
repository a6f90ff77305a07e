'use client'
import type { Paper } from '@/core/share/paper'
import styles from './ShareDesk.module.css'

export interface PaperPageProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly firm: string
  readonly reader: string
  readonly on: string
  readonly paper: Paper
}

/** What a designer, an engineer, the authority or an association is given; made for paper. */
export function PaperPage({ site, firm, reader, on, paper }: PaperPageProps) {
  return (
    <article className="page page-narrow">
      <header className="mb-4">
        <p className="soft">
          {firm}, {on}
        </p>
        <h1>
          {site.name}: for the {reader}
        </h1>
        <button type="button" className="btn btn-quiet no-print" onClick={() => window.print()}>
          Print
        </button>{' '}
        <a className="btn btn-quiet no-print" href={`/api/sites/${site.id}/papers/${reader}`} download>
          As a PDF
        </a>
      </header>
      <section>
        <h2>What we ask</h2>
        <Sentences of={paper.asked} none="Nothing waits for an answer." />
      </section>
      <section>
        <h2>What we measured and noted</h2>
        {paper.facts.length === 0 && <p>Nothing is on record.</p>}
        {paper.facts.map(({ title, place, told }, i) => (
          <div key={i} className="mb-3">
            <h3 className="h6 mb-1">
              {title}
              {place && `, ${place}`}
            </h3>
            <Sentences of={told} none="" />
          </div>
        ))}
        <p className="soft">
          Counted and measured on site. What is likely or enough is for the {reader} and licensed people to say.
        </p>
      </section>
      <section>
        <h2>Days</h2>
        <Sentences of={paper.days} none="No day of the plan concerns you." />
      </section>
      {paper.photos.length > 0 && (
        <section>
          <h2>Photos</h2>
          <div className={styles.photos}>
            {paper.photos.map(({ hash, words }) => (
              <figure key={hash}>
                <img src={`/api/photos/${hash}?size=shared`} alt={words} loading="lazy" />
                <figcaption>{words}</figcaption>
              </figure>
            ))}
          </div>
        </section>
      )}
    </article>
  )
}

function Sentences({ of, none }: { readonly of: readonly string[]; readonly none: string }) {
  if (of.length === 0) return none === '' ? null : <p>{none}</p>
  return (
    <ul>
      {of.map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  )
}
