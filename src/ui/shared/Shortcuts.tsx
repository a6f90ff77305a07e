'use client'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { usePathname } from 'next/navigation'
import { useEffect, useRef } from 'react'
import styles from './Shell.module.css'
import { siteOfPath, VERBS } from './verbs'

/** Whether a key belongs to a field that is being typed in. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (target !== null && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  )
}

/** `g` then a letter goes to a verb; `?` lists all keys. */
export function Shortcuts({ firstSite }: { firstSite: string | null }) {
  const path = usePathname()
  const dialog = useRef<HTMLDialogElement>(null)
  const pressedG = useRef(false)

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event)) return
      if (event.key === '?') return dialog.current?.showModal()
      const verb = pressedG.current ? VERBS.find((one) => one.key === event.key) : undefined
      pressedG.current = event.key === 'g'
      if (verb) window.location.assign(verb.href(siteOfPath(path), firstSite))
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [path, firstSite])

  return (
    <dialog ref={dialog} aria-label="Keys">
      <h2>Keys</h2>
      <dl className={styles.keys}>
        {VERBS.map((verb) => (
          <Key key={verb.key} keys={`g ${verb.key}`} does={verb.word} />
        ))}
        <Key keys="/" does="Find anything" />
        <Key keys="arrows" does="Move in the weave and in the plan" />
        <Key keys="Enter" does="Open the cell or the visit" />
        <Key keys="1 2 3 4" does="Set the cell to a quarter, half, three quarters, done" />
        <Key keys="h" does="Hold the cell, or let it go on" />
        <Key keys="m" does="Move the visit in focus: arrows, then Enter" />
        <Key keys="u" does="Undo" />
        <Key keys="Esc" does="Close" />
        <Key keys="?" does="This list" />
      </dl>
      <Form method="dialog" className="mt-3">
        <Button type="submit" variant="quiet">
          Close
        </Button>
      </Form>
    </dialog>
  )
}

const Key = ({ keys, does }: { keys: string; does: string }) => (
  <>
    <dt>{keys}</dt>
    <dd>{does}</dd>
  </>
)
