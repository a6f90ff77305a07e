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

function Finding({ onClose }: { readonly onClose: () => void }) {
  const site = siteOfPath(usePathname())
  const [query, setQuery] = useState('')
  const found = useFound(query, site)
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
            if (!found?.[0]) return
            // A page takes what it is asked for as it is opened, the one that stands here too.
            window.location.assign(found[0].href)
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
            onChange={(event) => setQuery(event.target.value)}
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

/** What the words find, or null where nothing was asked yet. */
function useFound(query: string, site: string | null): readonly Found[] | null {
  const [found, setFound] = useState<readonly Found[] | null>(null)
  useEffect(() => {
    const stop = new AbortController()
    const ask = async (): Promise<void> => {
      if (query.trim() === '') return setFound(null)
      const asked = new URLSearchParams({ q: query, ...(site ? { site } : {}) })
      const response = await fetch(`/api/find?${asked}`, { signal: stop.signal })
      if (response.ok) setFound(((await response.json()) as { found: Found[] }).found)
    }
    ask().catch((error: unknown) => {
      if (!stop.signal.aborted) throw error
    })
    return () => stop.abort()
  }, [query, site])
  return found
}
