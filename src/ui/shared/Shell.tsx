import type { ReactNode } from 'react'
import { EnterAs } from './EnterAs'
import { FindAnything } from './FindAnything'
import { Shortcuts } from './Shortcuts'
import { SitePicker } from './SitePicker'
import type { Who } from './whoIsHere'
import { VerbNav } from './VerbNav'
import styles from './Shell.module.css'

export interface ShellProps {
  readonly sites: readonly { readonly id: string; readonly name: string }[]
  readonly person: string
  readonly role: 'owner' | 'lead' | 'crew'
  readonly demo: boolean
  readonly who: Who
  readonly children: ReactNode
}

/** The frame of every page at the desk: where you are, the verbs, and a way to find anything. */
export function Shell({ sites, person, role, demo, who, children }: ShellProps) {
  return (
    <>
      <a className="skip" href="#main">
        Go to the page
      </a>
      <header className={`${styles.bar} no-print`}>
        <a className={styles.brand} href="/today">
          After<span>mist</span>
        </a>
        <SitePicker sites={sites} />
        <VerbNav firstSite={sites[0]?.id ?? null} role={role} />
        <div className={styles.right}>
          <FindAnything />
          <a className={styles.person} href="/settings" title="Settings, people and sign-out">
            {person.split(' ')[0]}
            {demo && <small>demo</small>}
          </a>
        </div>
      </header>
      <main id="main">{children}</main>
      <EnterAs who={who} />
      <Shortcuts firstSite={sites[0]?.id ?? null} />
    </>
  )
}
