'use client'
import { useState } from 'react'
import { send, type SendError } from '../shared/useSend'
import styles from './LinkPage.module.css'
import { TradeWords } from './TradeWords'

export interface TradePageProps {
  readonly token: string
  readonly firm: string
  readonly notice: {
    readonly title: string
    readonly when: string
    readonly places: string
    readonly work: readonly string[]
    readonly ready: readonly string[]
    readonly notReady: readonly string[]
    readonly others: readonly string[]
    readonly cautions: readonly string[]
  } | null
  readonly state: 'told' | 'confirmed' | 'declined'
  readonly changing: boolean
  readonly answered: string | null
  readonly receipts: readonly { readonly id: string; readonly words: string; readonly answer: string | null }[]
}

/** One visit for a trade: when, where, how much, what is ready and what is not; confirm or decline with one thumb. */
export function TradePage({ token, firm, notice, state: stored, changing, receipts }: TradePageProps) {
  const [state, setState] = useState(stored)
  if (!notice) {
    return (
      <main className={styles.page}>
        <div className={styles.body}>
          <h1>{changing ? 'This visit is being changed' : 'This work is done'}</h1>
          <p>
            {changing ? 'You will get a message that says how. Do not come on the old date.' : 'You need do nothing.'}
          </p>
        </div>
      </main>
    )
  }
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <p>{firm}</p>
        <h1>{notice.when}</h1>
        <p>
          {notice.title}, {notice.places}
        </p>
      </header>
      <main className={styles.body}>
        {changing ? (
          <p className="notice">This date is being changed. You will get a new message; please answer that one.</p>
        ) : (
          <Answer token={token} state={state} onAnswered={setState} />
        )}
        <Listed title="Work" items={notice.work} />
        <Listed title="Ready" items={notice.ready} />
        <Listed title="Not ready yet" items={notice.notReady} />
        <Listed title="Who else is there" items={notice.others} />
        {notice.cautions.length > 0 && (
          <section className={styles.caution}>
            <h2>Take care</h2>
            <ul className={styles.sentences}>
              {notice.cautions.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </section>
        )}
        <TradeWords token={token} receipts={receipts} />
      </main>
    </div>
  )
}

const ANSWERED = {
  confirmed: 'You confirmed. Thank you.',
  declined: 'You declined. You will hear of another date.',
  told: '',
} as const

function Answer({
  token,
  state,
  onAnswered,
}: {
  token: string
  state: TradePageProps['state']
  onAnswered: (state: TradePageProps['state']) => void
}) {
  const [declining, setDeclining] = useState(false)
  const [error, setError] = useState<SendError | null>(null)
  const [busy, setBusy] = useState(false)
  const answer = async (body: Record<string, string>): Promise<void> => {
    setBusy(true)
    const sent = await send<{ state: TradePageProps['state'] }>(`/for/trade/${token}/answer`, body)
    setBusy(false)
    if (!sent.ok) return setError(sent.error)
    setError(null)
    setDeclining(false)
    onAnswered(sent.data.state)
  }
  return (
    <section className={styles.answer} aria-live="polite">
      {state !== 'told' && <p className="notice notice-good">{ANSWERED[state]}</p>}
      {error && <p className="notice notice-error">{error.message}</p>}
      {!declining && (
        <>
          {state !== 'confirmed' && (
            <button
              type="button"
              className="btn btn-primary"
              disabled={busy}
              onClick={() => void answer({ answer: 'confirm' })}
            >
              Confirm
            </button>
          )}
          {state !== 'declined' && (
            <button type="button" className="btn btn-quiet" onClick={() => setDeclining(true)}>
              Decline
            </button>
          )}
        </>
      )}
      {declining && (
        <form
          className={styles.answer}
          onSubmit={(event) => {
            event.preventDefault()
            const form = new FormData(event.currentTarget)
            void answer({
              answer: 'decline',
              reason: String(form.get('reason')),
              freeFrom: String(form.get('freeFrom')),
            })
          }}
        >
          <label>
            Why (they read it)
            <input className="form-control" name="reason" />
          </label>
          <label>
            Next free day
            <input className="form-control" type="date" name="freeFrom" />
          </label>
          <button className="btn btn-secondary" disabled={busy}>
            Send: I decline
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setDeclining(false)}>
            Back
          </button>
        </form>
      )}
    </section>
  )
}

function Listed({ title, items }: { title: string; items: readonly string[] }) {
  if (items.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <ul className={styles.sentences}>
        {items.map((item) => (
          <li key={item}>{item}</li>
        ))}
      </ul>
    </section>
  )
}
