'use client'
import { useState } from 'react'
import { differences } from '@/core/walk/differences'
import { placeName } from '@/core/walk/siteState'
import { PlanAgain } from '../shared/PlanAgain'
import { HeldCount } from './HeldCount'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** The end of a walk: what changed in sentences, which places were not seen, then the plan. */
export function EndWalk({ site, onBack, onDone }: { site: SiteWalk; onBack: () => void; onDone: () => void }) {
  const { state, walk } = site
  const [ended, setEnded] = useState(false)
  const [started] = useState(() => state.walks.find((one) => one.id === walk?.walkId)?.seenAt ?? '')
  const [atStart] = useState(site.before)
  const changes = differences(atStart, state)
  const unseen = state.places.filter((place) => !place.lastSeen || place.lastSeen < started)
  const end = async (): Promise<void> => {
    if (walk)
      await site.record([
        { subject: 'walk', subjectId: walk.walkId, facet: 'ended', placeId: null, value: site.snapshot.today },
      ])
    await site.setWalk(null)
    setEnded(true)
  }
  return (
    <>
      <header className={styles.head}>
        <div className={styles.headRow}>
          <span>End of the walk</span>
          <HeldCount site={site} />
        </div>
        <h1>{site.snapshot.site.name}</h1>
      </header>
      <main className={styles.body}>
        <h2 className={styles.section}>What changed</h2>
        {changes.length === 0 && <p className={styles.pad}>Nothing changed on this walk.</p>}
        <ul className={styles.rows}>
          {changes.map((change, i) => (
            <li key={i} className={styles.row}>
              <div>
                {placeName(state, change.placeId)}: {change.text}
                <small>{change.detail}</small>
              </div>
            </li>
          ))}
        </ul>
        <h2 className={styles.section}>Not visited</h2>
        <p className={styles.pad}>
          {unseen.length === 0
            ? 'The loop is closed: every place was seen.'
            : unseen.map((place) => place.name).join(', ')}
        </p>
        {ended && (
          <div className={`${styles.pad} visually-grouped`}>
            <p>
              {site.heldCount > 0
                ? `${site.heldCount} are still held on the phone and go by themselves as soon as there is a network. Plan again after that.`
                : 'Everything is on the server. Plan again, then see who has to be told.'}
            </p>
            {site.heldCount === 0 && (
              <PlanAgain onPlanned={() => window.location.assign(`/sites/${site.snapshot.site.id}/plan`)} />
            )}
            <p>
              <a href={`/sites/${site.snapshot.site.id}/scope`}>Scope</a> · <a href="/today">Today</a>
            </p>
            <button type="button" className={styles.plain} onClick={onDone}>
              Back to the site
            </button>
          </div>
        )}
      </main>
      {!ended && (
        <footer className={styles.foot}>
          <button type="button" onClick={onBack}>
            Back
          </button>
          <button type="button" className={styles.main} onClick={() => void end()}>
            End walk
          </button>
        </footer>
      )}
    </>
  )
}
