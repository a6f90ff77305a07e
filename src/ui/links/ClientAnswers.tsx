import { Fragment } from 'react'
import { Asking, NothingSaid, Receipts, Said, Sentences, type ReceiptView } from './LinkParts'

export interface AskView {
  readonly kind: 'decision' | 'selection' | 'extra'
  readonly id: string
  readonly asks: string
  readonly about: readonly string[]
  readonly proposal: string | null
  readonly options: readonly string[]
}

export interface AnswersProps {
  readonly asks: readonly AskView[]
  /** What is to be decided, in sentences. */
  readonly decide: readonly string[]
  readonly receipts: readonly ReceiptView[]
  /** What they typed, by the names of the fields. */
  readonly typed: Readonly<Record<string, string>>
  /** What is wrong with what they said last, or that it was taken. */
  readonly error: string | null
  readonly said: string | null
}

/** What a client can answer by themselves, under their name: approve, decline, choose, ask; with the receipts. One form:
 * the button that is pressed says what is answered. */
export function ClientAnswers({ asks, decide, receipts, typed, error, said }: AnswersProps) {
  return (
    <section className="decide">
      <h2>{asks.length + decide.length > 0 ? 'Your choice' : 'Ask us'}</h2>
      <Sentences of={decide} />
      <form method="post">
        <NothingSaid />
        <label className="field">
          Your name
          <input className="form-control" name="name" autoComplete="name" defaultValue={typed.name ?? ''} />
        </label>
        <Said error={error} said={said} />
        {asks.map((ask) => (
          <Ask key={ask.id} ask={ask} typed={typed} />
        ))}
        <div className="answer">
          <Asking words="A question or a wish" typed={typed.question} />
        </div>
      </form>
      {receipts.length > 0 && <h3>What you told us</h3>}
      <Receipts receipts={receipts} />
    </section>
  )
}

function Ask({ ask, typed }: { readonly ask: AskView; readonly typed: AnswersProps['typed'] }) {
  const { kind, id, asks, about, proposal, options } = ask
  const say = (reply: string): string => `${kind} ${id} ${reply}`
  const ownWords = (
    <>
      <label>
        Your choice
        <input className="form-control" name={`text ${id}`} defaultValue={typed[`text ${id}`] ?? ''} />
      </label>
      <button className="btn btn-primary" name="say" value={say('choose')}>
        Send my choice
      </button>
    </>
  )
  return (
    <details className="ask" id={id} open={typed.say?.includes(id) ?? false}>
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
      <div className="answer">
        {proposal !== null && (
          <>
            <button className="btn btn-primary" name="say" value={say('approve')}>
              Approve
            </button>
            <button className="btn btn-quiet" name="say" value={say('decline')}>
              Decline
            </button>
          </>
        )}
        {options.map((option, i) => (
          <Fragment key={option}>
            {i > 0 && <span className="soft"> or </span>}
            <button className="btn btn-quiet" name="say" value={say(`option ${i}`)}>
              {option}
            </button>
          </Fragment>
        ))}
        {kind !== 'extra' &&
          (proposal === null && options.length === 0 ? (
            ownWords
          ) : (
            <details>
              <summary>Something else</summary>
              <div className="answer">{ownWords}</div>
            </details>
          ))}
      </div>
    </details>
  )
}
