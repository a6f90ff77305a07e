'use client'
import dynamic from 'next/dynamic'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { enter, shut, whoIsHere, type Who } from '../shared/whoIsHere'
import { heldForOthers, keepOnly, phone, takeOverFromBefore } from './phoneStore'
import { fetchSnapshot, RETRY_MS } from './sync'
import styles from './Walk.module.css'

/** How long a site that is not open is taken as it was fetched. */
const FRESH_MS = 3_600_000

/** The page that was asked for: the phone answers with the walk where another cannot be reached. */
const ASKED_FOR = typeof window === 'undefined' ? '/walk' : window.location.pathname

/** A walk is fetched beside the first view, while it is asked who is here and what the phone keeps. */
const loadPages = () => import('./SiteWalkPages').then((module) => module.SiteWalkPages)
const SiteWalkPages = dynamic(loadPages, { ssr: false, loading: () => <p className={styles.pad}>Opening the site…</p> })

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
  const who = useWhoIsHere()
  useEffect(() => void loadPages(), [])
  if (ASKED_FOR !== '/walk') return <NeedsNetwork />
  if (who === undefined) return <p className={styles.pad}>Opening…</p>
  if (who === null) return <NobodyHere />
  return siteId ? <SiteWalkPages key={`${who.key} ${siteId}`} siteId={siteId} /> : <ChooseSite key={who.key} />
}

/** Who may open what this phone keeps: whoever the server says is signed in, or where there is no network whoever was last.
 * @returns undefined until it is known */
function useWhoIsHere(): Who | null | undefined {
  const [who, setWho] = useState<Who | null>()
  useEffect(() => {
    let again: number | undefined
    const ask = async (): Promise<void> => {
      window.clearTimeout(again)
      const answer = await fetch('/api/sites').catch(() => null)
      // Nobody was reached: whoever was here last goes on, and it is asked again.
      if (!answer || answer.status >= 500) again = window.setTimeout(() => void ask(), RETRY_MS)
      if (answer?.status === 401) {
        await phone.close()
        await shut()
        return setWho(null)
      }
      const told = answer?.ok ? ((await answer.json()) as { who: Who; sites: { id: string }[] }) : null
      if (told) {
        if (whoIsHere()?.key !== told.who.key) await phone.close()
        await enter(told.who)
        await takeOverFromBefore(told.who)
        await keepOnly(told.sites.map(({ id }) => id))
        void keepAllSites(told.sites)
      }
      setWho((known) => {
        const now = whoIsHere()
        return known && now && known.key === now.key ? known : now
      })
    }
    void ask()
    // Signing out in another window shuts this one too.
    const changed = (): void => void ask()
    window.addEventListener('storage', changed)
    window.addEventListener('online', changed)
    return () => {
      window.clearTimeout(again)
      window.removeEventListener('storage', changed)
      window.removeEventListener('online', changed)
    }
  }, [])
  return who
}

/** Keeps every site that somebody may walk on the phone: a walk opened once serves for all of them without a network. */
async function keepAllSites(sites: readonly { id: string }[]): Promise<void> {
  const kept = await (await phone.db()).getAll('snapshots')
  const fresh = new Set(
    kept.filter(({ snapshot }) => Date.now() - Date.parse(snapshot.now) < FRESH_MS).map(({ siteId }) => siteId),
  )
  for (const { id } of sites) if (!fresh.has(id)) await navigator.locks.request(`walk-${id}`, () => fetchSnapshot(id))
}

/** A page of the desk without a network: it says so, and leads back to what works without one. */
const NeedsNetwork = () => (
  <main className={styles.pad}>
    <h1>This page needs a network</h1>
    <p>There is none just now. Walks go on without one, and what you record is sent when it is back.</p>
    <p>
      <a className="btn btn-primary" href="/walk">
        Walk
      </a>{' '}
      <a className="btn btn-quiet" href={ASKED_FOR}>
        Try again
      </a>
    </p>
  </main>
)

/** Nobody is signed in: nothing of what the phone keeps is shown, but that it is kept. */
function NobodyHere() {
  const [held, setHeld] = useState(0)
  useEffect(() => void heldForOthers().then(setHeld), [])
  return (
    <>
      <header className={styles.head}>
        <h1>Walk</h1>
      </header>
      <main className={styles.body}>
        <p className={`${styles.pad} notice`}>
          You are signed out. <a href="/sign-in">Sign in</a>
        </p>
        {held > 0 && (
          <p className={styles.pad}>
            {held === 1 ? 'One thing that was recorded here is' : `${held} things that were recorded here are`} still on
            this phone, and will be sent when whoever recorded {held === 1 ? 'it' : 'them'} signs in again.
          </p>
        )}
      </main>
    </>
  )
}

function ChooseSite() {
  const [sites, setSites] = useState<readonly { id: string; name: string }[] | null>(null)
  useEffect(() => {
    const load = async (): Promise<void> => {
      const answer = await fetch('/api/sites').catch(() => null)
      if (answer?.ok) return setSites(((await answer.json()) as { sites: { id: string; name: string }[] }).sites)
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
