'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { send, type SendError } from '../shared/useSend'
import styles from './LinkPage.module.css'

export interface AskView {
  readonly kind: 'decision' | 'selection' | 'extra'
  readonly id: string
  readonly asks: string
  readonly about: readonly string[]
  readonly proposal: string | null
  readonly options: readonly string[]
}

export interface ReceiptView {
  readonly id: string
  readonly words: string
  readonly answer: string | null
}

interface ClientAnswersProps {
  readonly token: string
  readonly asks: readonly AskView[]
  /** What is to be decided, in sentences. */
  readonly decide: readonly string[]
  readonly receipts: readonly ReceiptView[]
}

/** What a client can answer by themselves, under their name: approve, decline, choose, ask; with the receipts. */
export function ClientAnswers({ token, asks, decide, receipts }: ClientAnswersProps) {
  const router = useRouter()
  const [name, setName] = useState('')
  const [error, setError] = useState<SendError | null>(null)
  const [said, setSaid] = useState('')
  const [busy, setBusy] = useState(false)
  const say = async (path: 'answer' | 'question', body: Record<string, string>): Promise<boolean> => {
    setBusy(true)
    const sent = await send<{ receipt: string }>(`/for/client/${token}/${path}`, { ...body, name })
    setBusy(false)
    if (!sent.ok) {
      setError(sent.error)
      return false
    }
    setError(null)
    setSaid(sent.data.receipt)
    router.refresh()
    return true
  }
  return (
    <section className={styles.decide}>
      <h2>{asks.length + decide.length > 0 ? 'Your choice' : 'Ask us'}</h2>
      <ul className={styles.sentences}>
        {decide.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <label className="d-block my-3">
        Your name
        <input
          className="form-control"
          value={name}
          autoComplete="name"
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <div aria-live="polite">
        {error && <p className="notice notice-error">{error.message}</p>}
        {said && <p className="notice notice-good">{said}</p>}
      </div>
      {asks.map((ask) => (
        <Ask
          key={ask.id}
          ask={ask}
          busy={busy}
          onSay={(reply, text) => void say('answer', { kind: ask.kind, id: ask.id, reply, text })}
        />
      ))}
      <form
        className={styles.answer}
        onSubmit={(event) => {
          event.preventDefault()
          const form = event.currentTarget
          void say('question', { text: String(new FormData(form).get('question')) }).then(
            (sent) => sent && form.reset(),
          )
        }}
      >
        <label>
          A question or a wish
          <textarea className="form-control" name="question" rows={2} />
        </label>
        <button className="btn btn-quiet" disabled={busy}>
          Send it
        </button>
      </form>
      {receipts.length > 0 && (
        <>
          <h3 className="mt-4">What you told us</h3>
          <ul className={styles.sentences}>
            {receipts.map(({ id, words, answer }) => (
              <li key={id}>
                {words}
                {answer && <strong className="d-block">{answer}</strong>}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

function Ask({
  ask: { kind, asks, about, proposal, options },
  busy,
  onSay,
}: {
  readonly ask: AskView
  readonly busy: boolean
  readonly onSay: (reply: 'approve' | 'decline' | 'choose', text: string) => void
}) {
  const [text, setText] = useState('')
  const [open, setOpen] = useState(proposal === null && options.length === 0)
  return (
    <details className={styles.ask}>
      <summary>
        {asks} {about.length > 0 && <span>{about[0]}</span>}
      </summary>
      {about.slice(1).map((words) => (
        <p key={words}>{words}</p>
      ))}
      {proposal !== null && kind !== 'extra' && (
        <p>
          Proposed: <strong>{proposal}</strong>
        </p>
      )}
      <div className={styles.answer}>
        {proposal !== null && (
          <>
            <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onSay('approve', '')}>
              Approve
            </button>
            <button type="button" className="btn btn-quiet" disabled={busy} onClick={() => onSay('decline', text)}>
              Decline
            </button>
          </>
        )}
        {options.map((option) => (
          <button
            key={option}
            type="button"
            className="btn btn-quiet"
            disabled={busy}
            onClick={() => onSay('choose', option)}
          >
            {option}
          </button>
        ))}
        {kind !== 'extra' && !open && (
          <button type="button" className="btn btn-quiet" onClick={() => setOpen(true)}>
            Something else
          </button>
        )}
        {kind !== 'extra' && open && (
          <>
            <label>
              Your choice
              <input className="form-control" value={text} onChange={(event) => setText(event.target.value)} />
            </label>
            <button type="button" className="btn btn-primary" disabled={busy} onClick={() => onSay('choose', text)}>
              Send my choice
            </button>
          </>
        )}
      </div>
    </details>
  )
}
