import { ClientAnswers, type AnswersProps } from './ClientAnswers'

export interface ClientPageProps extends AnswersProps {
  readonly site: string
  readonly on: string
  readonly headline: string
  readonly done: readonly string[]
  readonly next: readonly string[]
  readonly off: readonly string[]
  readonly terms: readonly string[]
  readonly scope: readonly { readonly place: string; readonly sentences: readonly string[] }[]
  readonly finish: string | null
  readonly safe: string | null
  readonly photos: readonly string[]
  readonly token: string
}

/** What a client sees behind the link, on a phone first: what to decide, what will be off, done, next. It carries no
 * script: what they say is a form. */
export function ClientPage(props: ClientPageProps) {
  return (
    <div className="page">
      <header className="head">
        <p>
          {props.site}, {props.on}
        </p>
        <h1>{props.headline}</h1>
        {props.finish && (
          <p className="finish">
            likely finished <strong>{props.finish}</strong>
            {props.safe && props.safe !== props.finish && <>and in 8 of 10 cases by {props.safe}</>}
          </p>
        )}
      </header>
      <main className="body">
        <ClientAnswers {...props} />
        <Section title="What will be off" sentences={props.off} />
        <Section title="Done" sentences={props.done} />
        {props.photos.length > 0 && (
          <div className="photos">
            {props.photos.map((hash, i) => (
              <img key={hash} src={`/for/client/${props.token}/photos/${hash}`} alt={`From the site, photo ${i + 1}`} />
            ))}
          </div>
        )}
        <Section title="Next" sentences={props.next} />
        <Section title="In plain words" sentences={props.terms} />
        {props.scope.length > 0 && (
          <details className="ask">
            <summary>What happens where</summary>
            {props.scope.map(({ place, sentences }) => (
              <section key={place}>
                <h3>{place}</h3>
                <Sentences of={sentences} />
              </section>
            ))}
          </details>
        )}
      </main>
    </div>
  )
}

function Section({ title, sentences }: { title: string; sentences: readonly string[] }) {
  if (sentences.length === 0) return null
  return (
    <section>
      <h2>{title}</h2>
      <Sentences of={sentences} />
    </section>
  )
}

const Sentences = ({ of }: { of: readonly string[] }) => (
  <ul className="sentences">
    {of.map((sentence) => (
      <li key={sentence}>{sentence}</li>
    ))}
  </ul>
)
