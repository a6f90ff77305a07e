import type { PrintedPaper } from '@/core/share/printedPaper'
import { PaperParts } from '../shared/PaperParts'
import { Asking, NothingSaid, Receipts, Said, Titled, type ReceiptView } from './LinkParts'

export interface OtherPageProps {
  readonly token: string
  readonly name: string
  readonly firm: string
  readonly site: string
  /** They follow the work from afar: nothing is asked of them. */
  readonly looksOnly: boolean
  /** The days that they were told, and what they bring. */
  readonly days: readonly string[]
  /** What they were told is not true any more, and they have not heard of the new days. */
  readonly changing: boolean
  readonly asks: readonly { readonly id: string; readonly asks: string }[]
  readonly paper: PrintedPaper | null
  readonly receipts: readonly ReceiptView[]
  /** What they typed, by the names of the fields. */
  readonly typed: Readonly<Record<string, string>>
  /** What is wrong with what they said last, or that it was taken. */
  readonly error: string | null
  readonly said: string | null
}

/** What somebody on the job who is neither trade nor client finds behind their link: their days, what is asked of them,
 * their paper. It carries no script: what they say is a form. */
export function OtherPage(props: OtherPageProps) {
  const { token, name, firm, site, looksOnly, days, changing, asks, paper, receipts, typed, error, said } = props
  return (
    <div className="page">
      <header className="head">
        <p>{[firm, site].filter(Boolean).join(', ')}</p>
        <h1>For {name}</h1>
      </header>
      <main className="body">
        {changing && <p className="notice">These days are being changed. You will get a new message.</p>}
        <Titled title="For you" sentences={days} />
        {!looksOnly && (
          <section className="decide">
            <h2>{asks.length > 0 ? 'What we ask you' : 'Tell us'}</h2>
            <form method="post">
              <NothingSaid />
              <label className="field">
                Your name
                <input className="form-control" name="name" autoComplete="name" defaultValue={typed.name ?? name} />
              </label>
              <Said error={error} said={said} />
              {asks.map(({ id, asks: question }) => (
                <div key={id} className="answer field">
                  <label>
                    {question}
                    <textarea
                      className="form-control"
                      name={`text ${id}`}
                      rows={2}
                      maxLength={600}
                      defaultValue={typed[`text ${id}`] ?? ''}
                    />
                  </label>
                  <button className="btn btn-primary" name="say" value={`answer ${id}`}>
                    Send my answer
                  </button>
                </div>
              ))}
              <div className="answer">
                {asks.length === 0 && (
                  <button className="btn btn-primary" name="say" value="heard">
                    I have it
                  </button>
                )}
                <Asking words="A question or a remark" typed={typed.question} />
              </div>
            </form>
            <Receipts receipts={receipts} />
          </section>
        )}
        {paper && (
          <PaperParts parts={paper.parts} picture={(hash) => `/for/other/${token}/photos/${hash}`} pictures="photos" />
        )}
      </main>
    </div>
  )
}
