'use client'
import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { differences } from '@/core/walk/differences'
import { evening } from '@/core/walk/endOfDay'
import { placeName, type SiteState } from '@/core/walk/siteState'
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
  const changes = differences(atStart, state, site.snapshot.site.units)
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
        {walk?.kind === 'end-of-day' && <Evening state={state} started={started} />}
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
              <PlanAgain
                label="Plan again, then who to tell"
                onPlanned={() => window.location.assign(`/sites/${site.snapshot.site.id}/share`)}
              />
            )}
            <p>
              <a href={`/sites/${site.snapshot.site.id}/plan`}>Plan</a> ·{' '}
              <a href={`/sites/${site.snapshot.site.id}/scope`}>Scope</a> · <a href="/today">Today</a>
            </p>
            <Button bsPrefix="tap" className={styles.plain} onClick={onDone}>
              Back to the site
            </Button>
          </div>
        )}
      </main>
      {!ended && (
        <footer className={styles.foot}>
          <Button bsPrefix="tap" onClick={onBack}>
            Back
          </Button>
          <Button bsPrefix="tap" className={styles.main} onClick={() => void end()}>
            End walk
          </Button>
        </footer>
      )}
    </>
  )
}

/** Before one leaves: photos of how clean it is, and what has to be closed for the night. */
function Evening({ state, started }: { readonly state: SiteState; readonly started: string }) {
  const { proof, close } = evening(state, started)
  return (
    <>
      <h2 className={styles.section}>Before you leave</h2>
      {proof.length + close.length === 0 && <p className={styles.pad}>Nothing is to be closed or shown.</p>}
      <ul className={styles.rows}>
        {proof.map(({ placeId, standard }) => (
          <li key={placeId} className={styles.row}>
            <div>
              {placeName(state, placeId)}: a photo of how it was left<small>{standard}</small>
            </div>
          </li>
        ))}
        {close.map(({ placeId, opening, how }) => (
          <li key={`${placeId}${opening}`} className={styles.row}>
            <div>
              {placeName(state, placeId)}: close {opening.toLowerCase()}
              <small>{how ?? 'how was not said'}</small>
            </div>
          </li>
        ))}
      </ul>
    </>
  )
}
