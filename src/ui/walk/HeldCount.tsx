import Button from 'react-bootstrap/Button'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** How much is still only on the phone, and whether the server can be reached. */
export function HeldCount({ site }: { site: SiteWalk }) {
  const words = site.heldCount > 0 ? `${site.heldCount} held on phone` : site.online ? 'all sent' : 'no network'
  return (
    <span className={styles.held} role="status">
      {words}
    </span>
  )
}

export function Notices({ site }: { site: SiteWalk }) {
  const { damaged } = site.snapshot
  if (site.notices.length === 0 && site.refused.length === 0 && damaged.length === 0) return null
  return (
    <div className={styles.pad} aria-live="polite">
      {site.notices.map((notice) => (
        <p key={notice} className="notice">
          {notice}
        </p>
      ))}
      {damaged.map(({ hash, caption }) => (
        <p key={hash} className="notice">
          {caption ? `The photo “${caption}”` : 'A photo'} arrived damaged. Take it again.
        </p>
      ))}
      {site.refused.length > 0 && (
        <p className="notice notice-error">
          {site.refused.length} could not be taken and {site.refused.length === 1 ? 'is' : 'are'} kept here:{' '}
          {site.refused.map((one) => one.message).join(' ')}{' '}
          <Button variant="quiet" size="sm" onClick={() => void site.dropRefused()}>
            Let them go
          </Button>
        </p>
      )}
    </div>
  )
}
