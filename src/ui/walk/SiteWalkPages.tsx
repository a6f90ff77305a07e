'use client'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { PlaceWalk } from './PlaceWalk'
import { StartWalk } from './StartWalk'
import { useSiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

const EndWalk = dynamic(() => import('./EndWalk').then((module) => module.EndWalk), { ssr: false })

/** The walk of one site: its beginning, place after place, its end. */
export function SiteWalkPages({ siteId }: { siteId: string }) {
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
