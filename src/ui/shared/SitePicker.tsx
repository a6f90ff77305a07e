'use client'
import { usePathname, useRouter } from 'next/navigation'
import styles from './Shell.module.css'
import { siteOfPath, verbOfPath } from './verbs'

/** Which site the page is about. Choosing one stays in the same verb. */
export function SitePicker({ sites }: { sites: readonly { readonly id: string; readonly name: string }[] }) {
  const path = usePathname()
  const router = useRouter()
  const current = siteOfPath(path) ?? ''
  const go = (site: string): void => {
    const verb = verbOfPath(path).toLowerCase()
    if (site === 'new') return router.push('/sites/new')
    if (site === '') return router.push(['selections', 'plan', 'share'].includes(verb) ? `/${verb}` : '/today')
    router.push(`/sites/${site}/${['scope', 'selections', 'plan', 'share'].includes(verb) ? verb : 'scope'}`)
  }
  return (
    <select className={styles.picker} aria-label="Site" value={current} onChange={(event) => go(event.target.value)}>
      <option value="">All sites</option>
      {sites.map((site) => (
        <option key={site.id} value={site.id}>
          {site.name}
        </option>
      ))}
      <option value="new">New site…</option>
    </select>
  )
}
