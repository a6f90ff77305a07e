'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useState } from 'react'
import Accordion from 'react-bootstrap/Accordion'
import Button from 'react-bootstrap/Button'
import ListGroup from 'react-bootstrap/ListGroup'
import { v7 as uuid } from 'uuid'
import { kindOf } from '@/core/entries/entry'
import { STANDINGS } from '@/core/entries/due'
import { FormError } from '../shared/FormError'
import { Said as SaidToast } from '../shared/Said'
import { useSend } from '../shared/useSend'
import { EntryItem } from './EntryItem'
import styles from './Record.module.css'
import type { RecordedEntry, RecordProps } from './types'
import { WriteDown, type Writing } from './WriteDown'

const PRESSING = ['holds', 'due', 'asked', 'open'] as const

/** What a site has on record: what holds something, is due, was asked or is open, then everything by subject. */
export function Record({ site, places, asked, leftOut, groups }: RecordProps) {
  const router = useRouter()
  const search = useSearchParams()
  const { busy, error, run, clearError } = useSend()
  const [writing, setWriting] = useState<Writing | null>(
    search.get('write') === null
      ? null
      : { kind: search.get('write') || null, entry: null, placeId: search.get('place') },
  )
  const [said, setSaid] = useState<Said | null>(null)
  const undo = async (): Promise<void> => {
    if (said?.back && (await send(said.back))) setSaid({ words: 'Undone.', back: null })
  }
  /** The subject of the entry that an address asks for stands open. */
  const holding = groups.filter((group) =>
    group.registers.some((one) => one.entries.some(({ id }) => id === search.get('entry'))),
  )
  const registers = groups.flatMap((group) => group.registers)
  const all = registers.flatMap(({ kind, entries }) => entries.map((entry) => ({ kind, entry })))
  const open = all.filter(({ entry }) => entry.standing !== 'told').length + asked.length
  const send = async (fact: object): Promise<boolean> => {
    if ((await run(`/api/sites/${site.id}/facts`, { facts: [fact] })) === null) return false
    router.refresh()
    return true
  }
  const record = (entryId: string, placeId: string | null, facet: string, value: unknown): Promise<boolean> =>
    send({ subject: 'entry', subjectId: entryId, facet, placeId, value })
  const layWork = async ({ placeId, follows }: RecordedEntry): Promise<void> => {
    const at = { subject: 'line', subjectId: uuid(), placeId }
    if (await send({ ...at, facet: 'laid', value: follows!.line }))
      setSaid({ words: `In the scope: ${follows!.words}.`, back: { ...at, facet: 'removed', value: true } })
  }
  const write = (next: Writing): void => {
    clearError()
    setWriting(next)
  }
  const item = (kind: string, entry: RecordedEntry) => (
    <EntryItem
      key={entry.id}
      kind={kind}
      entry={entry}
      onChange={() => write({ kind, entry, placeId: entry.placeId })}
      onLay={() => void layWork(entry)}
      onRecord={async (facet, value) => {
        const kept = await record(entry.id, entry.placeId, facet, value)
        if (kept) setSaid(saidOf(kind, entry, facet, value))
        return kept
      }}
    />
  )
  return (
    <div className={`page ${styles.page}`}>
      <header className={styles.head}>
        <div>
          <h1>The record</h1>
          <p>
            {site.name}:{' '}
            {open === 0 ? 'nothing is open.' : open === 1 ? 'one thing is open.' : `${open} things are open.`}
          </p>
        </div>
        <div className="d-flex gap-2 no-print">
          <Button onClick={() => write({ kind: null, entry: null, placeId: search.get('place') })}>Write down</Button>
          <Button variant="quiet" onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </header>
      {writing && (
        <WriteDown
          writing={writing}
          site={site}
          places={places}
          busy={busy}
          refused={error}
          onChoose={setWriting}
          onClose={() => setWriting(null)}
          onKeep={async (id, placeId, value) => {
            if (await record(id, placeId, 'written', value)) setWriting(null)
          }}
        />
      )}
      {!writing && <FormError error={error} />}
      {leftOut.length > 0 && (
        <section aria-labelledby="left-out" className="no-print">
          <h2 id="left-out">Left out, since it cannot be so</h2>
          {leftOut.map((one) => (
            <article key={one.id} className={styles.register}>
              <p>
                {one.why}{' '}
                <span className="soft">
                  {one.by}, {one.on}; {one.what}: {one.value}
                </span>
              </p>
              <Button
                variant="outline-secondary"
                disabled={busy}
                onClick={() =>
                  void send({ subject: 'fact', subjectId: one.id, facet: 'withdrawn', placeId: null, value: true })
                }
              >
                Take back what {one.by} wrote
              </Button>
            </article>
          ))}
        </section>
      )}
      {PRESSING.map((standing) => {
        const here = all.filter(({ entry }) => entry.standing === standing)
        const questions = standing === 'asked' ? asked : []
        if (here.length + questions.length === 0) return null
        return (
          <section key={standing} aria-labelledby={`standing-${standing}`}>
            <h2 id={`standing-${standing}`}>{STANDINGS[standing]}</h2>
            <article className={styles.register}>
              <ul>
                {questions.map((one) => (
                  <li key={one.id}>
                    <p>
                      <strong>{one.words}</strong> <span className="soft">{one.place}</span>
                    </p>
                    <p className={styles.detail}>
                      {one.tail}.{' '}
                      <a href={`/sites/${site.id}/scope${one.placeId ? `?place=${one.placeId}` : ''}`}>
                        Answer it<span className="visually-hidden">: {one.words}</span>
                      </a>
                    </p>
                  </li>
                ))}
                {here.map(({ kind, entry }) => item(kind, entry))}
              </ul>
            </article>
          </section>
        )
      })}
      {all.length > 0 && <h2>By subject</h2>}
      <Accordion alwaysOpen defaultActiveKey={holding.map(({ id }) => id)}>
        {groups
          .map((group) => ({ ...group, registers: group.registers.filter((one) => one.entries.length > 0) }))
          .filter((group) => group.registers.length > 0)
          .map((group) => (
            <Accordion.Item key={group.id} eventKey={group.id}>
              <Accordion.Header as="h3">
                {group.words} <span className="soft ms-2">{group.registers.flatMap((one) => one.entries).length}</span>
              </Accordion.Header>
              <Accordion.Body className={styles.subject}>
                {group.registers.map((one) => (
                  <article key={one.kind} className={styles.register}>
                    <h4>{kindOf(one.kind).register}</h4>
                    {one.overview.map((sentence) => (
                      <p key={sentence} className={styles.overview}>
                        {sentence}
                      </p>
                    ))}
                    <ul>
                      {one.entries.filter(({ standing }) => standing === 'told').map((entry) => item(one.kind, entry))}
                    </ul>
                    <ListGroup variant="flush" as="div">
                      {one.entries
                        .filter(({ standing }) => standing !== 'told')
                        .map((entry) => (
                          <ListGroup.Item key={entry.id} action href={`#${entry.id}`}>
                            {entry.title} <span className="soft">{entry.place}, open</span>
                          </ListGroup.Item>
                        ))}
                    </ListGroup>
                  </article>
                ))}
              </Accordion.Body>
            </Accordion.Item>
          ))}
      </Accordion>
      {all.length + asked.length === 0 && (
        <p className="soft">Nothing is written down yet. What was found, promised, tested or agreed stands here.</p>
      )}
      <SaidToast
        words={said?.words ?? ''}
        undo={said?.back ? { word: 'Undo', run: () => void undo() } : undefined}
        onClose={() => setSaid(null)}
      />
    </div>
  )
}

interface Said {
  readonly words: string
  /** The fact that takes it back. */
  readonly back: object | null
}

/** What was just done with an entry, and what takes it back. */
function saidOf(kind: string, entry: RecordedEntry, facet: string, value: unknown): Said {
  const at = { subject: 'entry', subjectId: entry.id, placeId: entry.placeId, facet }
  if (facet === 'removed') return { words: `${entry.title} was removed.`, back: { ...at, value: false } }
  if (facet === 'responsible') return { words: `${entry.title}: it is now with another.`, back: null }
  if (value === null) return { words: `${entry.title} is open again.`, back: null }
  const { result } = value as { result: string }
  return { words: `${entry.title}: ${result || kindOf(kind).settle!.word}.`, back: { ...at, value: null } }
}
