'use client'
import { useEffect, useRef, useState } from 'react'
import { isTyping } from './Shortcuts'
import styles from './Shell.module.css'

interface Found {
  readonly title: string
  readonly detail: string
  readonly href: string
}

/** Finds sites, places by either name, lines and selections; `/` opens it. */
export function FindAnything() {
  const dialog = useRef<HTMLDialogElement>(null)
  const [query, setQuery] = useState('')
  const [found, setFound] = useState<readonly Found[]>([])

  useEffect(() => {
    const open = (event: KeyboardEvent): void => {
      if (event.key !== '/' || isTyping(event)) return
      event.preventDefault()
      dialog.current?.showModal()
    }
    window.addEventListener('keydown', open)
    return () => window.removeEventListener('keydown', open)
  }, [])

  useEffect(() => {
    const stop = new AbortController()
    const ask = async (): Promise<void> => {
      if (query.trim() === '') return setFound([])
      const response = await fetch(`/api/find?q=${encodeURIComponent(query)}`, { signal: stop.signal })
      if (response.ok) setFound(((await response.json()) as { found: Found[] }).found)
    }
    ask().catch((error: unknown) => {
      if (!stop.signal.aborted) throw error
    })
    return () => stop.abort()
  }, [query])

  return (
    <>
      <button type="button" className={styles.find} onClick={() => dialog.current?.showModal()}>
        Find
      </button>
      <dialog ref={dialog} aria-label="Find anything">
        <form
          method="dialog"
          onSubmit={(event) => {
            if (!found[0]) return
            event.preventDefault()
            window.location.assign(found[0].href)
          }}
        >
          <label className="form-label text-dark" htmlFor="find-anything">
            Find a site, a place, a line or a selection
          </label>
          <input
            id="find-anything"
            className="form-control"
            value={query}
            autoComplete="off"
            autoFocus
            onChange={(event) => setQuery(event.target.value)}
          />
        </form>
        <ul className={styles.results} aria-live="polite">
          {found.map((one) => (
            <li key={`${one.href}${one.title}`}>
              <a href={one.href}>
                {one.title}
                <small>{one.detail}</small>
              </a>
            </li>
          ))}
          {query.trim() !== '' && found.length === 0 && <li className="soft">Nothing by that name.</li>}
        </ul>
      </dialog>
    </>
  )
}
