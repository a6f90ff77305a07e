'use client'
import { useRouter } from 'next/navigation'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { FormError } from '../shared/FormError'
import { Said } from '../shared/Said'
import { useSend } from '../shared/useSend'
import styles from './ShareDesk.module.css'

export interface LinkView {
  readonly id: string
  readonly audience: string
  readonly about: string
  readonly made: string
  readonly state: string
  readonly live: boolean
}

/** The links that are out, with who looked; one is taken back at once, and one that was taken back or has run out is given
 * anew under another address. */
export function Links({ links, title }: { readonly links: readonly LinkView[]; readonly title: string }) {
  const heading = useId()
  const router = useRouter()
  const { busy, error, run } = useSend<{ url?: string }>()
  const [anew, setAnew] = useState<{ about: string; url: string } | null>(null)
  const [withdrawn, setWithdrawn] = useState<LinkView | null>(null)
  const withdraw = async (link: LinkView): Promise<void> => {
    if ((await run(`/api/links/${link.id}/withdraw`)) === null) return
    setWithdrawn(link)
    router.refresh()
  }
  const reopen = async ({ id }: LinkView): Promise<void> => {
    if ((await run(`/api/links/${id}/reopen`)) === null) return
    setWithdrawn(null)
    router.refresh()
  }
  const giveAnew = async ({ id, about }: LinkView): Promise<void> => {
    const given = await run(`/api/links/${id}/anew`)
    if (given?.url) setAnew({ about, url: given.url })
    router.refresh()
  }
  if (links.length === 0 && anew === null) return null
  return (
    <section aria-labelledby={heading}>
      <h3 id={heading}>{title}</h3>
      <FormError error={error} />
      <div role="status">
        {anew && (
          <p className="notice notice-good">
            {anew.about}: <a href={anew.url}>{anew.url}</a>
          </p>
        )}
      </div>
      <ul className={styles.list}>
        {links.map((link) => (
          <li key={link.id}>
            <span>
              {link.about}
              <small>
                made {link.made}, {link.state}
              </small>
            </span>
            {link.live ? (
              <Button
                variant="quiet"
                size="sm"
                disabled={busy}
                aria-label={`Withdraw the link: ${link.about}`}
                onClick={() => void withdraw(link)}
              >
                Withdraw
              </Button>
            ) : (
              <Button
                variant="quiet"
                size="sm"
                disabled={busy}
                aria-label={`Give the link anew: ${link.about}`}
                onClick={() => void giveAnew(link)}
              >
                Give anew
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Said
        words={withdrawn ? `Withdrawn: ${withdrawn.about}. It opens for nobody any more.` : ''}
        undo={withdrawn ? { word: 'Undo', run: () => void reopen(withdrawn) } : undefined}
        onClose={() => setWithdrawn(null)}
      />
    </section>
  )
}

/** Makes calendar addresses, for a site or for a crew. */
export function CalendarFeeds({
  site,
  crews,
  given,
}: {
  site: { readonly id: string; readonly name: string } | null
  crews: readonly { readonly id: string; readonly name: string }[]
  /** Addresses that are out. */
  given: readonly LinkView[]
}) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ url: string }>()
  const [made, setMade] = useState<{ name: string; url: string } | null>(null)
  const make = async (name: string, body: unknown): Promise<void> => {
    const feed = await run('/api/calendars', body)
    if (feed) setMade({ name, url: feed.url })
    router.refresh()
  }
  return (
    <section aria-labelledby="calendars">
      <h2 id="calendars">Calendars</h2>
      <p className="soft">An address that a calendar reads again and again; moved visits move there too.</p>
      <FormError error={error} />
      {made && (
        <p className="notice notice-good">
          {made.name}: <a href={made.url}>{made.url}</a>
        </p>
      )}
      <ul className={styles.list}>
        {site && (
          <li>
            {site.name}
            <Button variant="quiet" size="sm" disabled={busy} onClick={() => void make(site.name, { siteId: site.id })}>
              Make address
            </Button>
          </li>
        )}
        {crews.map((crew) => (
          <li key={crew.id}>
            {crew.name}
            <Button variant="quiet" size="sm" disabled={busy} onClick={() => void make(crew.name, { crewId: crew.id })}>
              Make address
            </Button>
          </li>
        ))}
      </ul>
      <Links title="Addresses that were given" links={given} />
    </section>
  )
}
