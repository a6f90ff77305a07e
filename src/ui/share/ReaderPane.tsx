'use client'
import { useRouter } from 'next/navigation'
import { useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { capital } from '@/core/lists/capital'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import { Links } from './Links'
import { Receipts } from './Receipts'
import { SendFromPhone } from './SendFromPhone'
import styles from './ShareBoard.module.css'
import type { ReaderView } from './types'

interface ReaderPaneProps {
  readonly reader: ReaderView
  readonly update: ReactNode
  readonly onSaid: (words: string) => void
}

/** One reader: what they will read, sending it, and below it what they said, their links and their papers. */
export function ReaderPane({ reader, update, onSaid }: ReaderPaneProps) {
  return (
    <>
      <h2>What {reader.name === 'The client' ? 'the client' : reader.name} will read</h2>
      <p className="soft">{capital([reader.part, reader.last].filter(Boolean).join(', '))}.</p>
      <Links title="Their link" links={reader.links.filter(({ live }) => live).slice(0, 1)} />
      {reader.sort === 'client' ? (
        (update ?? <Button href={`/sites/${reader.siteId}/share?reader=client:${reader.id}`}>Write the update</Button>)
      ) : reader.sort === 'trade' ? (
        <TradeMessage reader={reader} onSaid={onSaid} />
      ) : (
        <OtherMessage reader={reader} onSaid={onSaid} />
      )}
      <Receipts receipts={reader.receipts} />
      <Links title="All their links" links={older(reader.links)} />
    </>
  )
}

/** All but the one that stands above already. */
const older = (links: ReaderView['links']): ReaderView['links'] => {
  const newest = links.find(({ live }) => live)
  return links.filter((link) => link !== newest)
}

/** The days of a crew: what changed, what it was not asked for yet, what it is to be reminded of; chosen, then sent as one
 * message. */
function TradeMessage({ reader, onSaid }: Pick<ReaderPaneProps, 'reader' | 'onSaid'>) {
  const router = useRouter()
  const { busy, error, run } = useSend<object>()
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const items = [
    ...reader.changes.flatMap(({ visitKey, text, confirmed }) =>
      visitKey ? [{ key: visitKey, words: text, more: confirmed ? 'They had confirmed.' : '' }] : [],
    ),
    ...reader.asks.map(({ visitKey, what, when }) => ({
      key: visitKey,
      words: `${what}, ${when}`,
      more: 'Not asked yet.',
    })),
  ]
  const keys = items.flatMap(({ key }) => (left.has(key) ? [] : [key]))
  const after = (words: string): void => {
    onSaid(words)
    router.refresh()
  }
  const send = async (): Promise<void> => {
    if ((await run('/api/tell', { visitKeys: keys })) !== null) after(`${reader.name} was sent one message.`)
  }
  const remind = async (): Promise<void> => {
    const visitKeys = reader.reminds.map(({ visitKey }) => visitKey)
    if ((await run('/api/tell/remind', { visitKeys })) !== null) after(`${reader.name} was reminded.`)
  }
  return (
    <>
      {items.length > 0 && (
        <fieldset>
          <legend className="h3">Their days</legend>
          {items.map(({ key, words, more }) => (
            <Form.Check
              key={key}
              id={`tell-${key}`}
              checked={!left.has(key)}
              onChange={() => setLeft(new Set(left.has(key) ? [...left].filter((one) => one !== key) : [...left, key]))}
              label={
                <>
                  {words} <span className="due">{more}</span>
                </>
              }
            />
          ))}
        </fieldset>
      )}
      {items.length > 0 && reader.message && <p className={styles.message}>{reader.message}</p>}
      {items.length === 0 && reader.reminds.length === 0 && <p>Nothing new: everything they were told still holds.</p>}
      {reader.reminds.length > 0 && (
        <>
          <h3>To be reminded of, next three working days</h3>
          <ul>
            {reader.reminds.map((visit) => (
              <li key={visit.visitKey}>
                {visit.what}, {visit.when}
                {!visit.confirmed && <span className="due"> Not confirmed.</span>}
              </li>
            ))}
          </ul>
        </>
      )}
      <FormError error={error} />
      <div className="d-flex flex-wrap gap-2 my-3">
        {items.length > 0 && (
          <Button disabled={busy || keys.length === 0} onClick={() => void send()}>
            Send to {reader.name}
          </Button>
        )}
        {items.length > 0 && reader.telephone && (
          <SendFromPhone
            name={reader.name}
            disabled={keys.length === 0}
            words={() => run('/api/tell/words', { visitKeys: keys }) as Promise<{ to: string; text: string } | null>}
            onWent={async () => {
              if ((await run('/api/tell', { visitKeys: keys, said: true })) !== null)
                after(`${reader.name} was told by telephone.`)
            }}
          />
        )}
        {reader.reminds.length > 0 && (
          <Button variant="quiet" disabled={busy} onClick={() => void remind()}>
            Remind {reader.name} ({reader.reminds.length})
          </Button>
        )}
        <Button variant="quiet" href={`/plan/trades/${reader.id}`}>
          All their comings
        </Button>
      </div>
    </>
  )
}

function OtherMessage({ reader, onSaid }: Pick<ReaderPaneProps, 'reader' | 'onSaid'>) {
  const router = useRouter()
  const { busy, error, run } = useSend<object>()
  const tell = async (words: string): Promise<void> => {
    if ((await run('/api/tell/others', { ids: [reader.id] })) === null) return
    onSaid(words)
    router.refresh()
  }
  if (reader.message === null) return <p>Nothing new: everything they were told still holds.</p>
  return (
    <>
      <p className={styles.message}>{reader.message}</p>
      <FormError error={error} />
      <div className="d-flex flex-wrap gap-2 my-3">
        {reader.telephone === null ? (
          <Button disabled={busy} onClick={() => void tell(`${reader.name} was sent one message.`)}>
            Send to {reader.name}
          </Button>
        ) : (
          <>
            <SendFromPhone
              name={reader.name}
              words={() => Promise.resolve({ to: reader.telephone!, text: reader.message! })}
              onWent={() => tell(`${reader.name} was told by telephone.`)}
            />
            <Button
              variant="quiet"
              disabled={busy}
              aria-label={`${reader.name} was told`}
              onClick={() => void tell(`${reader.name} was told by telephone.`)}
            >
              I told them: {reader.telephone}
            </Button>
          </>
        )}
      </div>
    </>
  )
}
