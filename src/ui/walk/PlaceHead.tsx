import Button from 'react-bootstrap/Button'
import { useEffect, useRef } from 'react'
import { printSize } from '@/core/measure/size'
import { VISIT_KINDS } from '@/core/walk/observation'
import type { Place } from '@/core/walk/siteState'
import { HeldCount } from './HeldCount'
import type { WalkUnderWay } from './phoneStore'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

interface PlaceHeadProps {
  readonly site: SiteWalk
  readonly walk: WalkUnderWay
  readonly place: Place
  readonly index: number
  /** When it was last seen, in words. */
  readonly seen: string
  readonly visited: ReadonlySet<string>
}

/** Where the walk is, and the way to any other place by its name. */
export function PlaceHead({ site, walk, place, index, seen, visited }: PlaceHeadProps) {
  const { places } = site.state
  const all = useRef<HTMLDialogElement>(null)
  const strip = useRef<HTMLElement>(null)
  useEffect(() => {
    const current = strip.current?.querySelector<HTMLElement>('[aria-current]')
    if (current) strip.current!.scrollLeft = current.offsetLeft - 16
  }, [index])
  const go = (placeId: string): void => {
    all.current?.close()
    void site.setWalk({ ...walk, placeId })
  }
  const step = (one: Place) => (
    <Button
      bsPrefix="tap"
      key={one.id}
      aria-label={`${one.name}${visited.has(one.id) ? ', visited' : ''}`}
      aria-current={one.id === place.id ? 'step' : undefined}
      className={visited.has(one.id) ? styles.visited : undefined}
      onClick={() => go(one.id)}
    >
      {one.name}
      {visited.has(one.id) && <span aria-hidden> ✓</span>}
    </Button>
  )
  return (
    <header className={styles.head}>
      <div className={styles.headRow}>
        <Button bsPrefix="tap" className={styles.all} onClick={() => all.current?.showModal()}>
          {VISIT_KINDS[walk.kind]}, {index + 1} of {places.length}
          <span className="visually-hidden">: all places</span>
        </Button>
        <HeldCount site={site} />
      </div>
      <h1>{place.name}</h1>
      <p>
        {place.size ? printSize(place.size, site.snapshot.site.units) : 'not measured yet'} · {seen}
      </p>
      <nav className={styles.steps} aria-label="Places" ref={strip}>
        {places.map(step)}
      </nav>
      <dialog ref={all} className={styles.sheet} aria-label="All places">
        <h2>All places</h2>
        <div className={styles.places}>{places.map(step)}</div>
        <Button bsPrefix="tap" className={styles.plain} onClick={() => all.current?.close()}>
          Close
        </Button>
      </dialog>
    </header>
  )
}
