'use client'
import { useId, useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import Collapse from 'react-bootstrap/Collapse'

/** What lies folded under its title until somebody asks for it. What was typed in it stays while it is folded.
 * @param open whether it stands open at first, and again from when there is a reason to */
export function Fold({
  title,
  open = false,
  className,
  children,
}: {
  readonly title: ReactNode
  readonly open?: boolean
  readonly className?: string | undefined
  readonly children: ReactNode
}) {
  const id = useId()
  const [shown, setShown] = useState(open)
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
      <Collapse in={shown}>
        <div id={id}>{children}</div>
      </Collapse>
    </div>
  )
}
