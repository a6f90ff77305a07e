import type { SharedPhotos } from '@/core/share/sharedPhotos'
import { ClientAnswers, type AnswersProps } from './ClientAnswers'
import { Sentences, Titled } from './LinkParts'

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
  readonly photos: SharedPhotos
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
        <Titled title="What will be off" sentences={props.off} />
        <Titled title="Done" sentences={props.done} />
        <Pictures {...props} />
        <Titled title="Next" sentences={props.next} />
        <Titled title="In plain words" sentences={props.terms} />
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

/** What the house looks like: before and now from one spot side by side, then the others. */
function Pictures({ photos: { pairs, single }, token }: Pick<ClientPageProps, 'photos' | 'token'>) {
  const all = [...pairs.flatMap(({ before, after }) => [before, after]), ...single]
  if (all.length === 0) return null
  return (
    <div className="photos">
      {all.map(({ hash, words }) => (
        <figure key={hash}>
          <img src={`/for/client/${token}/photos/${hash}`} alt="" loading="lazy" />
          <figcaption>{words}</figcaption>
        </figure>
      ))}
    </div>
  )
}
