'use client'
import { usePathname } from 'next/navigation'
import { useEffect, useRef, useState, type KeyboardEvent as Pressed } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import ListGroup from 'react-bootstrap/ListGroup'
import Modal from 'react-bootstrap/Modal'
import { Search } from 'react-bootstrap-icons'
import { isTyping } from './Shortcuts'
import styles from './Shell.module.css'
import { useAsked } from './useAsked'
import { siteOfPath } from './verbs'

interface Found {
  readonly id: string
  readonly title: string
  readonly detail: string
  readonly href: string
}

/** The front door to everything: `/` opens it, arrows go through what was found, Enter goes there. */
export function FindAnything() {
  const [shown, setShown] = useState(false)
  useEffect(() => {
    const open = (event: KeyboardEvent): void => {
      if (event.key !== '/' || isTyping(event)) return
      event.preventDefault()
      setShown(true)
    }
    window.addEventListener('keydown', open)
    return () => window.removeEventListener('keydown', open)
  }, [])
  return (
    <>
      <Button className={styles.find} onClick={() => setShown(true)}>
        <Search aria-hidden /> Find
      </Button>
      <Modal show={shown} onHide={() => setShown(false)} aria-label="Find anything" scrollable animation={false}>
        <Finding onClose={() => setShown(false)} />
      </Modal>
    </>
  )
}

/** A page takes what it is asked for as it is opened, the one that stands here too. */
const goTo = ({ href }: Found): void => window.location.assign(href)

function Finding({ onClose }: { readonly onClose: () => void }) {
  const site = siteOfPath(usePathname())
  const [query, setQuery] = useState('')
  const asked = new URLSearchParams({ q: query, ...(site ? { site } : {}) })
  const url = query.trim() === '' ? null : `/api/find?${asked}`
  const answer = useAsked<{ readonly found: readonly Found[] }>(url)
  const found = answer?.data.found ?? null
  // Enter that comes before the answer goes to it once it is there.
  const [going, setGoing] = useState(false)
  const first = answer?.url === url ? found?.[0] : undefined
  useEffect(() => {
    if (going && first) goTo(first)
  }, [going, first])
  const list = useRef<HTMLDivElement>(null)
  const step = (event: Pressed, by: 1 | -1): void => {
    const links = [...(list.current?.querySelectorAll('a') ?? [])]
    const at = links.indexOf(document.activeElement as HTMLAnchorElement) + by
    event.preventDefault()
    if (at < 0) document.getElementById('find-anything')?.focus()
    else links[at]?.focus()
  }
  return (
    <div
      onKeyDown={(event) => {
        if (event.key === 'ArrowDown') step(event, 1)
        if (event.key === 'ArrowUp') step(event, -1)
      }}
    >
      <Modal.Header className={styles.finding}>
        <Form
          className="w-100"
          onSubmit={(event) => {
            event.preventDefault()
            setGoing(true)
          }}
        >
          <Form.Label htmlFor="find-anything" className="text-dark">
            Find a place, a trade, a line, or what you want to do
          </Form.Label>
          <Form.Control
            id="find-anything"
            type="search"
            value={query}
            autoComplete="off"
            autoFocus
            placeholder="scaffold, snag, electrician, extra"
            onChange={(event) => {
              setGoing(false)
              setQuery(event.target.value)
            }}
          />
        </Form>
      </Modal.Header>
      <Modal.Body className="p-2">
        <p className="visually-hidden" role="status">
          {found === null ? '' : found.length === 1 ? 'One found.' : `${found.length} found.`}
        </p>
        <ListGroup variant="flush" as="div" ref={list} className={styles.results}>
          {(found ?? []).map((one) => (
            <ListGroup.Item key={`${one.id}${one.href}`} action href={one.href} onClick={onClose}>
              {one.title}
              <small>{one.detail}</small>
            </ListGroup.Item>
          ))}
        </ListGroup>
        {found?.length === 0 && <p className="soft p-2 m-0">Nothing by that name. Try another word for it.</p>}
      </Modal.Body>
    </div>
  )
}
