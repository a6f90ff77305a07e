'use client'
import dynamic from 'next/dynamic'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { PlaceWalk } from './PlaceWalk'
import { StartWalk } from './StartWalk'
import { phone } from './phoneStore'
import { useSiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

const EndWalk = dynamic(() => import('./EndWalk').then((module) => module.EndWalk), { ssr: false })

const onHash = (changed: () => void): (() => void) => {
  window.addEventListener('hashchange', changed)
  return () => window.removeEventListener('hashchange', changed)
}

/** The walk on a phone. Everything it needs is on the phone once the site was opened with a network. */
export function WalkApp() {
  const siteId = useSyncExternalStore(
    onHash,
    () => window.location.hash.slice(1),
    () => '',
  )
  return siteId ? <SiteWalkPages key={siteId} siteId={siteId} /> : <ChooseSite />
}

function ChooseSite() {
  const [sites, setSites] = useState<readonly { id: string; name: string }[] | null>(null)
  const [signedOut, setSignedOut] = useState(false)
  useEffect(() => {
    const load = async (): Promise<void> => {
      const answer = await fetch('/api/sites').catch(() => null)
      if (answer?.ok) return setSites(((await answer.json()) as { sites: { id: string; name: string }[] }).sites)
      setSignedOut(answer?.status === 401)
      const kept = await (await phone.db()).getAll('snapshots')
      setSites(kept.map(({ snapshot }) => ({ id: snapshot.site.id, name: snapshot.site.name })))
    }
    void load()
  }, [])
  return (
    <>
      <header className={styles.head}>
        <a href="/today">Today</a>
        <h1>Walk</h1>
      </header>
      <main className={styles.body}>
        {signedOut && (
          <p className={`${styles.pad} notice`}>
            You are signed out; what the phone holds is kept. <a href="/sign-in">Sign in</a>
          </p>
        )}
        <p className={styles.pad}>Which site?</p>
        <ul className={styles.rows}>
          {sites?.map((site) => (
            <li key={site.id}>
              <a className={styles.choice} href={`#${site.id}`}>
                {site.name}
              </a>
            </li>
          ))}
        </ul>
        {sites?.length === 0 && (
          <p className={styles.pad}>No site is on this phone yet. Open one once with a network.</p>
        )}
      </main>
    </>
  )
}

function SiteWalkPages({ siteId }: { siteId: string }) {
  const site = useSiteWalk(siteId)
  const [ending, setEnding] = useState(false)
  useEffect(() => {
    window.scrollTo(0, 0)
  }, [ending])
  if (site === null) return <p className={styles.pad}>Opening the site…</p>
  if (site === 'missing') {
    return (
      <main className={styles.pad}>
        <h1>This site is not on the phone</h1>
        <p>
          Open it once with a network, signed in. <a href="/sign-in">Sign in</a> or <a href="#">choose another</a>.
        </p>
      </main>
    )
  }
  if (ending) return <EndWalk site={site} onBack={() => setEnding(false)} onDone={() => setEnding(false)} />
  if (!site.walk) return <StartWalk site={site} />
  return <PlaceWalk site={site} walk={site.walk} onEnd={() => setEnding(true)} />
}
