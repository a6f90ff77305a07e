import { UPDATE_TITLES } from '@/core/share/printedPaper'
import type { PaperPicture } from '@/core/share/sharedPhotos'
import { ClientAnswers, type AnswersProps } from './ClientAnswers'
import { Pictures, Sentences, Titled } from './LinkParts'

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
  readonly photos: readonly PaperPicture[]
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
        <Titled title={UPDATE_TITLES.off} sentences={props.off} />
        <Titled title={UPDATE_TITLES.done} sentences={props.done} />
        <Pictures of={props.photos} at={`/for/client/${props.token}/photos`} />
        <Titled title={UPDATE_TITLES.next} sentences={props.next} />
        <Titled title={UPDATE_TITLES.terms} sentences={props.terms} />
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
