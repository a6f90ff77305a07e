'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useRef, useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import ListGroup from 'react-bootstrap/ListGroup'
import { READER_STATES, type ReaderState } from '@/core/share/readerStates'
import { focusPanel } from '../shared/focusPanel'
import { FormError } from '../shared/FormError'
import { Said } from '../shared/Said'
import { useSend } from '../shared/useSend'
import { ReaderPane } from './ReaderPane'
import styles from './ShareBoard.module.css'
import type { ReaderView } from './types'

const LOOKS: Readonly<Record<ReaderState, string>> = {
  changed: 'late',
  answered: 'due',
  unasked: 'due',
  remind: 'due',
  waits: 'soft',
  settled: 'well',
}

interface ShareBoardProps {
  readonly site: { readonly id: string; readonly name: string } | null
  readonly readers: readonly ReaderView[]
  /** What the client of this site will read, to be edited in place. */
  readonly update?: ReactNode
  /** What the whole site, or the whole firm, shares: sheets, papers, calendars, the outbox. */
  readonly below: readonly { readonly id: string; readonly words: string; readonly body: ReactNode }[]
}

/** Who has to know what: everybody on the left, most pressing first; on the right what one of them will read. */
export function ShareBoard({ site, readers, update, below }: ShareBoardProps) {
  const router = useRouter()
  const search = useSearchParams()
  const pane = useRef<HTMLElement>(null)
  const { busy, error, run } = useSend<{ told: number }>()
  const [chosen, setChosen] = useState<string | null>(search.get('reader') ?? initial(readers))
  /** On a phone the list and what is chosen take turns. */
  const [opened, setOpened] = useState(search.get('reader') !== null)
  const [said, setSaid] = useState('')
  const reader = readers.find(({ key }) => key === chosen) ?? null
  const extra = below.find(({ id }) => id === chosen) ?? null
  const moved = readers.filter((one) => one.state === 'changed' && one.sort !== 'client')
  const pressing = readers.filter((one) => one.state === 'changed' || one.state === 'answered').length
  const choose = (key: string): void => {
    setChosen(key)
    setOpened(true)
    window.setTimeout(() => focusPanel(pane.current))
  }
  const tellAll = async (): Promise<void> => {
    const keys = moved.flatMap((one) => one.changes.flatMap(({ visitKey }) => visitKey ?? []))
    const others = moved.filter(({ sort }) => sort === 'other').map(({ id }) => id)
    if (keys.length > 0 && (await run('/api/tell', { visitKeys: keys })) === null) return
    if (others.length > 0 && (await run('/api/tell/others', { ids: others })) === null) return
    setSaid(`${moved.length === 1 ? 'One was' : `${moved.length} were`} told.`)
    router.refresh()
  }
  return (
    <div className={`page ${styles.board}`}>
      <header className={styles.head}>
        <h1>
          {pressing === 0
            ? 'Nobody waits for news'
            : pressing === 1
              ? 'One has to know'
              : `${inWords(pressing)} have to know`}
        </h1>
        <p className="soft">One message each, whatever the number of comings.</p>
        <div className="d-flex flex-wrap gap-2">
          {moved.length > 0 && (
            <Button disabled={busy} onClick={() => void tellAll()}>
              Tell all whose days changed ({moved.length})
            </Button>
          )}
          {site && (
            <Button variant="quiet" href="/share">
              All sites
            </Button>
          )}
        </div>
      </header>
      <FormError error={error} />
      <div className={`${styles.columns} ${opened ? styles.opened : ''}`}>
        <nav className={styles.list} aria-label="Who has to know" tabIndex={-1}>
          <ListGroup variant="flush" as="div">
            {readers.map((one) => (
              <ListGroup.Item
                key={one.key}
                action
                type="button"
                className={styles.reader}
                aria-current={one.key === chosen ? 'true' : undefined}
                onClick={() => choose(one.key)}
              >
                <span className={styles.who}>
                  <span>
                    <strong>{one.name}</strong>
                    {one.part && <span className="soft">, {one.part}</span>}
                  </span>
                  <span className={LOOKS[one.state]}>{READER_STATES[one.state]}</span>
                </span>
                <span className={styles.says}>{one.says}</span>
                <span className="d-block soft small">{one.last}</span>
              </ListGroup.Item>
            ))}
          </ListGroup>
          <ListGroup variant="flush" as="div" className="mt-3">
            {below.map(({ id, words }) => (
              <ListGroup.Item
                key={id}
                action
                type="button"
                id={id}
                aria-current={id === chosen ? 'true' : undefined}
                onClick={() => choose(id)}
              >
                {words}
              </ListGroup.Item>
            ))}
            {site && (
              <ListGroup.Item action href={`/sites/${site.id}/record?write=party`}>
                Somebody else: designer, authority, driver, tenant
              </ListGroup.Item>
            )}
          </ListGroup>
        </nav>
        <section
          ref={pane}
          tabIndex={-1}
          className={styles.pane}
          aria-label={reader?.name ?? extra?.words ?? 'Nobody chosen'}
          onKeyDown={(event) => event.key === 'Escape' && setOpened(false)}
        >
          <Button variant="quiet" size="sm" className={styles.back} onClick={() => setOpened(false)}>
            All readers
          </Button>
          {reader && <ReaderPane key={reader.key} reader={reader} update={update} onSaid={setSaid} />}
          {extra && (
            <>
              <h2>{extra.words}</h2>
              {extra.body}
            </>
          )}
          {!reader && !extra && <p className="soft">Choose somebody to see what they will read.</p>}
        </section>
      </div>
      <Said words={said} onClose={() => setSaid('')} />
    </div>
  )
}

const FEW = ['Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'] as const
const inWords = (count: number): string => FEW[count - 2] ?? String(count)

const initial = (readers: readonly ReaderView[]): string | null => readers[0]?.key ?? null
