'use client'
import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import Dropdown from 'react-bootstrap/Dropdown'
import Form from 'react-bootstrap/Form'
import styles from './Shell.module.css'
import { siteOfPath, verbOfPath } from './verbs'

interface Named {
  readonly id: string
  readonly name: string
}

const KEPT = 'aftermist-sites-used'
/** From this many sites on they are looked for by a word. */
const MANY = 7

const usedSites = (): readonly string[] => JSON.parse(window.localStorage.getItem(KEPT) ?? '[]') as string[]

/** The sites with those used last in front, which are looked for by a word. Choosing one stays in the same verb. */
export function SitePicker({ sites }: { sites: readonly Named[] }) {
  const path = usePathname()
  const router = useRouter()
  const [sought, setSought] = useState('')
  const [used, setUsed] = useState<readonly string[]>([])
  const current = sites.find(({ id }) => id === siteOfPath(path))
  const go = (site: string): void => {
    const verb = verbOfPath(path).toLowerCase()
    if (site === 'new') return router.push('/sites/new')
    if (site === '') return router.push(['selections', 'plan', 'share'].includes(verb) ? `/${verb}` : '/today')
    window.localStorage.setItem(KEPT, JSON.stringify([site, ...used.filter((id) => id !== site)].slice(0, MANY)))
    router.push(`/sites/${site}/${['scope', 'selections', 'plan', 'share'].includes(verb) ? verb : 'scope'}`)
  }
  const place = (id: string): number => (used.includes(id) ? used.indexOf(id) : MANY)
  const listed = sites
    .filter(({ name }) => name.toLowerCase().includes(sought.trim().toLowerCase()))
    .sort((a, b) => place(a.id) - place(b.id))
  return (
    <Dropdown
      className={styles.site}
      onToggle={(opens) => {
        setSought('')
        if (opens) setUsed(usedSites())
      }}
      onSelect={(chosen) => go(chosen ?? '')}
    >
      <Dropdown.Toggle className={styles.picker} aria-label={`Site: ${current?.name ?? 'all sites'}`}>
        {current?.name ?? 'All sites'}
      </Dropdown.Toggle>
      <Dropdown.Menu className={styles.sites}>
        {sites.length >= MANY && (
          <Form.Control
            type="search"
            className="mx-2 mb-2 w-auto"
            aria-label="Find a site"
            placeholder="Find a site"
            autoFocus
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        )}
        {listed.map(({ id, name }) => (
          <Dropdown.Item key={id} eventKey={id} active={id === current?.id}>
            {name}
          </Dropdown.Item>
        ))}
        <Dropdown.Divider />
        <Dropdown.Item eventKey="">All sites</Dropdown.Item>
        <Dropdown.Item eventKey="new">New site</Dropdown.Item>
      </Dropdown.Menu>
    </Dropdown>
  )
}
