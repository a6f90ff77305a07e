'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { send, type SendError } from '../shared/useSend'
import styles from './LinkPage.module.css'

const LATE = ['an hour', 'half a day', 'a day'] as const

/** What a trade says beside yes and no: that it runs late, that it is done with a photo, a question; one thumb each. */
export function TradeWords({
  token,
  receipts,
}: {
  readonly token: string
  readonly receipts: readonly { readonly id: string; readonly words: string; readonly answer: string | null }[]
}) {
  const router = useRouter()
  const [open, setOpen] = useState<'late' | 'done' | 'question' | null>(null)
  const [error, setError] = useState<SendError | null>(null)
  const [said, setSaid] = useState('')
  const [busy, setBusy] = useState(false)
  const [photo, setPhoto] = useState<File | null>(null)

  const post = async (path: 'say' | 'photo', body: object | Blob): Promise<boolean> => {
    const sent = await send<{ receipt: string }>(`/for/trade/${token}/${path}`, body)
    if (sent.ok) setSaid(sent.data.receipt)
    setError(sent.ok ? null : sent.error)
    return sent.ok
  }
  const say = async (kind: 'late' | 'done' | 'question', text: string): Promise<void> => {
    setBusy(true)
    const sent = (photo === null || (await post('photo', photo))) && (await post('say', { kind, text }))
    setBusy(false)
    if (!sent) return
    setOpen(null)
    setPhoto(null)
    router.refresh()
  }
  const asked = (form: HTMLFormElement): string => String(new FormData(form).get('text') ?? '')
  return (
    <section className={styles.answer}>
      <h2>Tell us</h2>
      <div aria-live="polite">
        {error && <p className="notice notice-error">{error.message}</p>}
        {said && <p className="notice notice-good">{said}</p>}
      </div>
      {open === null && (
        <>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('late')}>
            Running late
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('done')}>
            Done, with a photo
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('question')}>
            Ask something
          </button>
        </>
      )}
      {open === 'late' &&
        LATE.map((long) => (
          <button
            key={long}
            type="button"
            className="btn btn-quiet"
            disabled={busy}
            onClick={() => void say('late', long)}
          >
            {long}
          </button>
        ))}
      {open === 'done' && (
        <form
          className={styles.answer}
          onSubmit={(event) => {
            event.preventDefault()
            void say('done', asked(event.currentTarget))
          }}
        >
          <label>
            A photo of it
            <input
              className="form-control"
              type="file"
              accept="image/jpeg,image/png,image/webp"
              capture="environment"
              onChange={(event) => setPhoto(event.target.files?.[0] ?? null)}
            />
          </label>
          <label>
            What is left, if anything
            <input className="form-control" name="text" maxLength={400} />
          </label>
          <button className="btn btn-primary" disabled={busy}>
            {busy ? 'Sending…' : 'Send: it is done'}
          </button>
        </form>
      )}
      {open === 'question' && (
        <form
          className={styles.answer}
          onSubmit={(event) => {
            event.preventDefault()
            void say('question', asked(event.currentTarget))
          }}
        >
          <label>
            Your question
            <textarea className="form-control" name="text" rows={2} maxLength={400} />
          </label>
          <button className="btn btn-primary" disabled={busy}>
            Send it
          </button>
        </form>
      )}
      {open !== null && (
        <button type="button" className="btn btn-quiet" onClick={() => setOpen(null)}>
          Back
        </button>
      )}
      {receipts.length > 0 && (
        <ul className={styles.sentences}>
          {receipts.map(({ id, words, answer }) => (
            <li key={id}>
              {words}
              {answer && <strong className="d-block">{answer}</strong>}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
