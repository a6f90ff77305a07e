'use client'
import { usePathname } from 'next/navigation'
import Nav from 'react-bootstrap/Nav'

const TABS = [
  { href: '/settings', words: 'Me', roles: ['owner', 'lead', 'crew'] },
  { href: '/settings/people', words: 'People', roles: ['owner'] },
  { href: '/settings/crews', words: 'Crews and suppliers', roles: ['owner', 'lead'] },
  { href: '/settings/figures', words: 'Figures', roles: ['owner', 'lead'] },
  { href: '/settings/messages', words: 'Messages and addresses', roles: ['owner', 'lead'] },
  { href: '/settings/firm', words: 'Firm', roles: ['owner', 'lead'] },
  { href: '/settings/log', words: 'Who came in', roles: ['owner'] },
] as const

/** The pages of the settings, each with its own address. */
export function SettingsTabs({ role }: { readonly role: 'owner' | 'lead' | 'crew' }) {
  const path = usePathname()
  return (
    <Nav variant="underline" className="d-flex flex-wrap gap-3 mb-3 no-print" aria-label="Settings">
      {TABS.filter(({ roles }) => (roles as readonly string[]).includes(role)).map(({ href, words }) => (
        <Nav.Item key={href}>
          <Nav.Link
            href={href}
            active={path === href}
            className={path === href ? 'fw-bold text-decoration-none' : ''}
            aria-current={path === href ? 'page' : undefined}
          >
            {words}
          </Nav.Link>
        </Nav.Item>
      ))}
    </Nav>
  )
}
