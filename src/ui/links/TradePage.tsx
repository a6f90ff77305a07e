'use client'
import { useState } from 'react'
import { send, type SendError } from '../shared/useSend'
import type { Language, PageWords } from '@/core/share/languages/catalogue'
import { LanguageLinks } from '../shared/LanguageLinks'
import styles from './LinkPage.module.css'
import { TradeWords } from './TradeWords'

export interface TradePageProps {
  readonly token: string
  readonly language: Language
  readonly words: PageWords
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
export function TradePage({ token, language, words, firm, notice, state: stored, changing, receipts }: TradePageProps) {
  const [state, setState] = useState(stored)
  if (!notice) {
    return (
      <main className={styles.page}>
        <div className={styles.body}>
          <h1>{changing ? words.beingChanged : words.isDone}</h1>
          <p>{changing ? words.willHear : words.nothingToDo}</p>
        </div>
      </main>
    )
  }
  return (
    <div className={styles.page} lang={language}>
      <header className={styles.head}>
        <p>{firm}</p>
        <h1>{notice.when}</h1>
        <p>
          {notice.title}, {notice.places}
        </p>
      </header>
      <main className={styles.body}>
        {changing ? (
          <p className="notice">{words.changing}</p>
        ) : (
          <Answer token={token} words={words} state={state} onAnswered={setState} />
        )}
        <Listed title={words.work} items={notice.work} />
        <Listed title={words.ready} items={notice.ready} />
        <Listed title={words.notReady} items={notice.notReady} />
        <Listed title={words.others} items={notice.others} />
        {notice.cautions.length > 0 && (
          <section className={styles.caution}>
            <h2>{words.care}</h2>
            <ul className={styles.sentences}>
              {notice.cautions.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </section>
        )}
        <TradeWords token={token} words={words} receipts={receipts} />
        {words.untranslated && <p className="soft">{words.untranslated}</p>}
        <LanguageLinks language={language} />
      </main>
    </div>
  )
}

function Answer({
  token,
  words,
  state,
  onAnswered,
}: {
  token: string
  words: PageWords
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
      {state !== 'told' && (
        <p className="notice notice-good">{state === 'confirmed' ? words.confirmed : words.declined}</p>
      )}
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
              {words.confirm}
            </button>
          )}
          {state !== 'declined' && (
            <button type="button" className="btn btn-quiet" onClick={() => setDeclining(true)}>
              {words.decline}
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
            {words.why}
            <input className="form-control" name="reason" />
          </label>
          <label>
            {words.nextFree}
            <input className="form-control" type="date" name="freeFrom" />
          </label>
          <button className="btn btn-secondary" disabled={busy}>
            {words.sendDecline}
          </button>
          <button type="button" className="btn btn-quiet" onClick={() => setDeclining(false)}>
            {words.back}
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
