import type { ReactNode, Ref } from 'react'
import styles from './SidePanel.module.css'

/** What was opened beside a list or a picture: it stays in sight and can be scrolled by itself; Escape shuts it. Where the
 * window is narrow it stands before the list. */
export const SidePanel = ({
  ref,
  label,
  onEscape,
  children,
}: {
  readonly ref: Ref<HTMLElement>
  readonly label: string
  readonly onEscape: () => void
  readonly children: ReactNode
}) => (
  <aside
    ref={ref}
    tabIndex={0}
    className={styles.panel}
    aria-label={label}
    onKeyDown={(event) => event.key === 'Escape' && onEscape()}
  >
    {children}
  </aside>
)
