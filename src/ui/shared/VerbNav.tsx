'use client'
import { usePathname } from 'next/navigation'
import styles from './Shell.module.css'
import { siteOfPath, verbOfPath, VERBS } from './verbs'

const CREW_VERBS = ['Today', 'Walk', 'Scope']

export function VerbNav({ firstSite, role }: { firstSite: string | null; role: 'owner' | 'lead' | 'crew' }) {
  const path = usePathname()
  const site = siteOfPath(path)
  const current = verbOfPath(path)
  const verbs = role === 'crew' ? VERBS.filter((verb) => CREW_VERBS.includes(verb.word)) : VERBS
  return (
    <nav aria-label="Verbs" className={styles.nav}>
      <ul className={styles.verbs}>
        {verbs.map((verb) => (
          <li key={verb.word}>
            <a href={verb.href(site, firstSite)} aria-current={current === verb.word ? 'page' : undefined}>
              {verb.word}
            </a>
          </li>
        ))}
      </ul>
    </nav>
  )
}
