import type { PlacedFact } from '@/core/share/tradeNotice'
import type { PaperPicture } from '@/core/share/sharedPhotos'

export interface ReceiptView {
  readonly id: string
  readonly words: string
  readonly answer: string | null
}

export const Sentences = ({ of }: { readonly of: readonly string[] }) => (
  <ul className="sentences">
    {of.map((sentence) => (
      <li key={sentence}>{sentence}</li>
    ))}
  </ul>
)

export function Titled({ title, sentences }: { readonly title: string; readonly sentences: readonly string[] }) {
  if (sentences.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <Sentences of={sentences} />
    </section>
  )
}

/** What the record holds, an entry each, under the place that it is of. */
export function Facts({ title, facts }: { readonly title: string; readonly facts: readonly PlacedFact[] }) {
  if (facts.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <dl className="facts">
        {facts.map(({ place, title: of, sentences }, i) => (
          <div key={i}>
            <dt>{[place, of].filter(Boolean).join(': ')}</dt>
            {sentences.map((sentence) => (
              <dd key={sentence}>{sentence}</dd>
            ))}
          </div>
        ))}
      </dl>
    </section>
  )
}

/** Pictures over their words, two beside each other.
 * @param at the address under which each is found by its hash */
export function Pictures({ of, at }: { readonly of: readonly PaperPicture[]; readonly at: string }) {
  if (of.length === 0) return null
  return (
    <div className="photos">
      {of.map(({ hash, words }) => (
        <figure key={hash}>
          <img src={`${at}/${hash}`} alt="" loading="lazy" />
          <figcaption>{words}</figcaption>
        </figure>
      ))}
    </div>
  )
}

/** What is wrong with what was said last, or that it was taken. */
export const Said = ({ error, said }: { readonly error: string | null; readonly said: string | null }) => (
  <div role="status">
    {error && <p className="notice notice-error">{error}</p>}
    {said && <p className="notice notice-good">{said}</p>}
  </div>
)

/** What somebody said by their link, with the answers to what they asked. */
export function Receipts({ receipts }: { readonly receipts: readonly ReceiptView[] }) {
  if (receipts.length === 0) return null
  return (
    <ul className="sentences">
      {receipts.map(({ id, words, answer }) => (
        <li key={id}>
          {words}
          {answer && <strong className="answered">{answer}</strong>}
        </li>
      ))}
    </ul>
  )
}

/** Who presses Enter in a field has not yet said which answer they mean: the first button of the form says nothing. */
export const NothingSaid = () => <button name="say" value="" hidden tabIndex={-1} aria-hidden="true" />

/** A question or something else that somebody wants to say. */
export const Asking = ({ words, typed }: { readonly words: string; readonly typed: string | undefined }) => (
  <>
    <label>
      {words}
      <textarea className="form-control" name="question" rows={2} maxLength={600} defaultValue={typed ?? ''} />
    </label>
    <button className="btn btn-quiet" name="say" value="question">
      Send it
    </button>
  </>
)
