'use client'
import type { NeighbourLetter } from '@/core/share/neighbourLetter'

export interface NeighboursProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly firm: string
  readonly letter: NeighbourLetter
}

/** The letter to the neighbours: days, noise, dust, their side, and what they are asked for. Made for paper. */
export function Neighbours({ site, firm, letter }: NeighboursProps) {
  return (
    <article className="page page-narrow">
      <header>
        <p className="soft">{letter.from}</p>
        <h1>To the neighbours of {site.name}</h1>
        <button type="button" className="btn btn-quiet no-print" onClick={() => window.print()}>
          Print
        </button>{' '}
        <a className="btn btn-quiet no-print" href={`/api/sites/${site.id}/papers/neighbours`} download>
          As a PDF
        </a>
      </header>
      <p className="mt-3">
        We are working next to you. This is what you will notice until {letter.until}; should a day change you will hear
        of it.
      </p>
      <Part title="Noise" items={letter.noise} none="Nothing loud is planned." />
      <Part title="Dust" items={letter.dust} none="Nothing dusty is planned." />
      <Part title="On your side" items={letter.side} none="Nothing is done on the outside of the house." />
      <Part title="What we ask of you" items={letter.asked} none="Nothing for now." />
      <p>With thanks, {firm}</p>
    </article>
  )
}

function Part({
  title,
  items,
  none,
}: {
  readonly title: string
  readonly items: readonly string[]
  readonly none: string
}) {
  return (
    <section>
      <h2>{title}</h2>
      {items.length === 0 ? (
        <p>{none}</p>
      ) : (
        <ul>
          {items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      )}
    </section>
  )
}
