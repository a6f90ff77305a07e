import Link from 'next/link'
import type { LookBack as Told } from '@/core/learning/lookBack'
import { Sentences } from '../shared/Sentences'

/** What was promised, what came, what it cost in days and why, and what to ask at the next scope walk. */
export function LookBack({
  site,
  lead,
  parts,
  askNext,
}: Told & { readonly site: { readonly id: string; readonly name: string } }) {
  return (
    <div className="page page-narrow">
      <h1>Looking back, {site.name}</h1>
      <p>{lead}</p>
      {parts.map(({ title, sentences }) => (
        <section key={title}>
          <h2>{title}</h2>
          <Sentences of={sentences} />
        </section>
      ))}
      <section>
        <h2>What to ask at the next scope walk</h2>
        {askNext.length > 0 ? <Sentences of={askNext} /> : <p>Nothing was written down yet.</p>}
        <p>
          <Link href={`/sites/${site.id}/record?write=lesson`}>Write a lesson down</Link>: it is offered at the start of
          every scope walk. What crews took longer or shorter for stands in{' '}
          <Link href="/settings/figures">Settings, Figures</Link>.
        </p>
      </section>
    </div>
  )
}
