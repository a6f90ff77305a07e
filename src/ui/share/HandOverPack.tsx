'use client'
import Button from 'react-bootstrap/Button'
import { Sentences } from '../shared/Sentences'
import { dateOnly } from '@/core/calendar/day'
import type { AtlasPhoto, HandOver } from '@/core/share/handOver'
import styles from './HandOverPack.module.css'

export interface HandOverPackProps {
  readonly site: { readonly id: string; readonly name: string }
  readonly printedOn: string
  readonly open: string
  readonly pack: HandOver
}

/** What a household is given at the end; made for paper. */
export function HandOverPack({ site, printedOn, open, pack }: HandOverPackProps) {
  return (
    <article className="page page-narrow">
      <header>
        <p className="soft">{printedOn}</p>
        <h1>{site.name}: hand-over</h1>
        <p className="no-print">{open}</p>
        <Button variant="quiet" className="no-print" onClick={() => window.print()}>
          Print
        </Button>{' '}
        <a className="btn btn-quiet no-print" href={`/api/sites/${site.id}/handover`}>
          Take it as a file
        </a>
      </header>
      <Listed title="What was agreed" items={pack.contract} />
      <section>
        <h2>What was built</h2>
        {pack.built.length === 0 && <p>Nothing is finished yet.</p>}
        {pack.built.map(({ place, work, chosen }) => (
          <div key={place} className={styles.place}>
            <h3>{place}</h3>
            <Sentences of={work} />
            {chosen.length > 0 && <p className="mb-1">Chosen:</p>}
            <Sentences of={chosen} />
          </div>
        ))}
      </section>
      {pack.items.map(({ sort, things }) => (
        <section key={sort}>
          <h2>{SORTS[sort] ?? sort}</h2>
          <Sentences of={things} />
        </section>
      ))}
      <Listed title="What must stay reachable" items={pack.reachable} />
      <Listed title="Only there for a time" items={pack.temporary} />
      {pack.atlas.length > 0 && (
        <section>
          <h2>What is behind the walls</h2>
          <div className={styles.photos}>
            {pack.atlas.map((photo) => (
              <Picture key={photo.hash} photo={photo} />
            ))}
          </div>
        </section>
      )}
      {pack.atlas.length + pack.album.length > 0 && <p className="no-print due">{pack.publicUse}</p>}
      {pack.album.length > 0 && (
        <section>
          <h2>Before and after</h2>
          {pack.album.map(({ place, before, after }) => (
            <div key={after.hash} className={styles.photos}>
              <Picture photo={before} as={`${place}, before`} />
              <Picture photo={after} as={`${place}, after`} />
            </div>
          ))}
        </section>
      )}
    </article>
  )
}

const SORTS: Readonly<Record<string, string>> = {
  colour: 'Colours',
  'spare part': 'Spare parts',
  'touch-up': 'For touching up',
  manual: 'Manuals',
  warranty: 'Warranties',
  'access point': 'Access points',
  'temporary, to be watched': 'Temporary, to be watched',
  'key or code': 'Keys and codes',
}

function Listed({ title, items }: { readonly title: string; readonly items: readonly string[] }) {
  if (items.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <Sentences of={items} />
    </section>
  )
}

function Picture({ photo, as }: { readonly photo: AtlasPhoto; readonly as?: string }) {
  const words = as ?? `${photo.place}: ${photo.caption}`
  return (
    <figure>
      <img src={`/api/photos/${photo.hash}?size=shared`} alt={words} loading="lazy" />
      <figcaption>
        {words}, {dateOnly(photo.on)}
      </figcaption>
    </figure>
  )
}
