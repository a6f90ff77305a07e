import type { ReactNode } from 'react'
import type { TradeNotice } from '@/core/share/tradeNotice'
import type { Language, PageWords } from '@/core/share/languages/catalogue'
import { LanguageLinks } from '../shared/LanguageLinks'
import { Facts, Pictures, Receipts, Said, Sentences, Titled, type ReceiptView } from './LinkParts'

export interface TradePageProps {
  readonly token: string
  readonly language: Language
  readonly words: PageWords
  readonly firm: string
  /** The street, the way in, whom to call. */
  readonly where: readonly string[]
  readonly notice: TradeNotice | null
  readonly state: 'told' | 'confirmed' | 'declined'
  readonly changing: boolean
  readonly receipts: readonly ReceiptView[]
  /** What they typed, by the names of the fields. */
  readonly typed: Readonly<Record<string, string>>
  /** What is wrong with what they said last, or that it was taken. */
  readonly error: string | null
  readonly said: string | null
}

/** One visit for a trade: when, where, how much, what is ready and what is not; confirm or decline with one thumb. It
 * carries no script: what they say is a form. */
export function TradePage(props: TradePageProps) {
  const { token, language, words, firm, notice, changing, error, said } = props
  if (!notice) {
    return (
      <main className="page">
        <div className="body">
          <h1>{changing ? words.beingChanged : words.isDone}</h1>
          <p>{changing ? words.willHear : words.nothingToDo}</p>
        </div>
      </main>
    )
  }
  return (
    <div className="page">
      <header className="head">
        <p>{firm}</p>
        <h1>{notice.when}</h1>
        <p>
          {notice.title}, {notice.places}
        </p>
        {props.where.map((words) => (
          <p key={words}>{words}</p>
        ))}
      </header>
      <main className="body">
        <Said error={error} said={said} />
        {changing ? <p className="notice">{words.changing}</p> : <Answer {...props} />}
        <Titled title={words.work} sentences={notice.work} />
        <Titled title={words.notInScope} sentences={notice.out} />
        <Titled title={words.ready} sentences={notice.ready} />
        <Pictures of={notice.photos} at={`/for/trade/${token}/photos`} />
        <Titled title={words.notReady} sentences={notice.notReady} />
        <Facts title={words.know} facts={notice.facts} />
        <Titled title={words.access} sentences={notice.access} />
        <Titled title={words.others} sentences={notice.others} />
        <Titled title={words.leave} sentences={notice.leave} />
        {notice.cautions.length > 0 && (
          <section className="caution">
            <h2>{words.care}</h2>
            <Sentences of={notice.cautions} />
          </section>
        )}
        <TellUs {...props} />
        {words.untranslated && <p className="soft">{words.untranslated}</p>}
        <LanguageLinks language={language} />
      </main>
    </div>
  )
}

function Answer({ words, state, typed }: TradePageProps) {
  return (
    <section className="answer">
      {state !== 'told' && (
        <p className="notice notice-good">{state === 'confirmed' ? words.confirmed : words.declined}</p>
      )}
      {state !== 'confirmed' && (
        <form method="post" className="answer">
          <button className="btn btn-primary" name="say" value="confirm">
            {words.confirm}
          </button>
        </form>
      )}
      {state !== 'declined' && (
        <Opened words={words.decline} say="decline" typed={typed}>
          <label>
            {words.why}
            <input className="form-control" name="reason" maxLength={300} defaultValue={typed.reason ?? ''} />
          </label>
          <label>
            {words.nextFree}
            <input className="form-control" type="date" name="freeFrom" defaultValue={typed.freeFrom ?? ''} />
          </label>
          <button className="btn btn-secondary" name="say" value="decline">
            {words.sendDecline}
          </button>
        </Opened>
      )}
    </section>
  )
}

/** What a trade says beside yes and no: that it runs late, that it is done with a photo, a question; one thumb each. */
function TellUs({ words, typed, receipts }: TradePageProps) {
  return (
    <section className="answer">
      <h2>{words.tellUs}</h2>
      <Opened words={words.late} say="late" typed={typed}>
        {(['hour', 'halfDay', 'day'] as const).map((how) => (
          <button key={how} className="btn btn-quiet" name="say" value={`late ${how}`}>
            {words[how]}
          </button>
        ))}
      </Opened>
      <Opened words={words.doneWithPhoto} say="done" typed={typed} withFile>
        <label>
          {words.photo}
          <input
            className="form-control"
            type="file"
            name="photo"
            accept="image/jpeg,image/png,image/webp"
            capture="environment"
          />
        </label>
        <label>
          {words.left}
          <input className="form-control" name="text" maxLength={400} defaultValue={typed.text ?? ''} />
        </label>
        <button className="btn btn-primary" name="say" value="done">
          {words.sendDone}
        </button>
      </Opened>
      <Opened words={words.ask} say="question" typed={typed}>
        <label>
          {words.question}
          <textarea className="form-control" name="text" rows={2} maxLength={400} defaultValue={typed.text ?? ''} />
        </label>
        <button className="btn btn-primary" name="say" value="question">
          {words.send}
        </button>
      </Opened>
      <Receipts receipts={receipts} />
    </section>
  )
}

/** A form that opens when its words are tapped, and stays open where what was said could not be taken. */
function Opened({
  words,
  say,
  typed,
  withFile = false,
  children,
}: {
  readonly words: string
  readonly say: string
  readonly typed: Readonly<Record<string, string>>
  readonly withFile?: boolean
  readonly children: ReactNode
}) {
  return (
    <details className="opened" open={(typed.say ?? '').startsWith(say)}>
      <summary className="btn btn-quiet">{words}</summary>
      <form method="post" className="answer" {...(withFile ? { encType: 'multipart/form-data' } : {})}>
        {children}
      </form>
    </details>
  )
}
