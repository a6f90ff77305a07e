'use client'
import { useId, useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import Collapse from 'react-bootstrap/Collapse'

/** What lies folded under its title until somebody asks for it. What was typed in it stays while it is folded.
 * @param late it is long, and is laid out when it is first opened
 * @param open why it stands open: at first, and again with each new reason */
export function Fold({
  title,
  open = null,
  late = false,
  className,
  children,
}: {
  readonly title: ReactNode
  readonly open?: object | boolean | null
  readonly late?: boolean
  readonly className?: string | undefined
  readonly children: ReactNode
}) {
  const id = useId()
  const [shown, setShown] = useState(Boolean(open))
  const [asked, setAsked] = useState(open)
  if (open !== asked) {
    setAsked(open)
    if (open) setShown(true)
  }
  return (
    <div className={className ? `fold ${className}` : 'fold'}>
      <Button bsPrefix="fold-head" aria-expanded={shown} aria-controls={id} onClick={() => setShown(!shown)}>
        {title}
      </Button>
      <Collapse in={shown} mountOnEnter={late}>
        <div id={id}>{children}</div>
      </Collapse>
    </div>
  )
}
