'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { send, type SendError } from '../shared/useSend'
import type { PageWords } from '@/core/share/languages/catalogue'
import styles from './LinkPage.module.css'

/** How late, in the words of the page and in those that we read. */
const LATE = [
  ['hour', 'an hour'],
  ['halfDay', 'half a day'],
  ['day', 'a day'],
] as const

/** What a trade says beside yes and no: that it runs late, that it is done with a photo, a question; one thumb each. */
export function TradeWords({
  token,
  words,
  receipts,
}: {
  readonly token: string
  readonly words: PageWords
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
      <h2>{words.tellUs}</h2>
      <div aria-live="polite">
        {error && <p className="notice notice-error">{error.message}</p>}
        {said && <p className="notice notice-good">{said}</p>}
      </div>
      {open === null && (
        <>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('late')}>
            {words.late}
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('done')}>
            {words.doneWithPhoto}
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setOpen('question')}>
            {words.ask}
          </button>
        </>
      )}
      {open === 'late' &&
        LATE.map(([key, long]) => (
          <button
            key={long}
            type="button"
            className="btn btn-quiet"
            disabled={busy}
            onClick={() => void say('late', long)}
          >
            {words[key]}
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
            {words.photo}
            <input
              className="form-control"
              type="file"
              accept="image/jpeg,image/png,image/webp"
              capture="environment"
              onChange={(event) => setPhoto(event.target.files?.[0] ?? null)}
            />
          </label>
          <label>
            {words.left}
            <input className="form-control" name="text" maxLength={400} />
          </label>
          <button className="btn btn-primary" disabled={busy}>
            {busy ? words.sending : words.sendDone}
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
            {words.question}
            <textarea className="form-control" name="text" rows={2} maxLength={400} />
          </label>
          <button className="btn btn-primary" disabled={busy}>
            {words.send}
          </button>
        </form>
      )}
      {open !== null && (
        <button type="button" className="btn btn-quiet" onClick={() => setOpen(null)}>
          {words.back}
        </button>
      )}
      {receipts.length > 0 && (
        <ul className={styles.sentences}>
          {receipts.map(({ id, words: said, answer }) => (
            <li key={id}>
              {said}
              {answer && <strong className="d-block">{answer}</strong>}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
