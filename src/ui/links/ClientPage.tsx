import type { ReactNode } from 'react'
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

/** What a client sees behind the link, on a phone first. The first window says it all in short: done, next, off, the finish,
 * and what is to be answered first; the rest follows. It carries no script: what they say is a form. */
export function ClientPage(props: ClientPageProps) {
  const { photos, asks, token } = props
  const at = `/for/client/${token}/photos`
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
        <dl className="short">
          <InShort title={UPDATE_TITLES.done} sentences={props.done}>
            {photos[0] && <img src={`${at}/${photos[0].hash}`} alt={photos[0].words} width={96} height={72} />}
          </InShort>
          <InShort title={UPDATE_TITLES.next} sentences={props.next} />
          <InShort title={UPDATE_TITLES.off} sentences={props.off} />
          {asks[0] && (
            <div>
              <dt>Please answer{asks.length > 1 && ' first'}</dt>
              <dd>
                <a href={`#${asks[0].id}`}>{asks[0].asks}</a> {asks[0].about[0]}
              </dd>
            </div>
          )}
        </dl>
        <ClientAnswers {...props} />
        <Titled title={UPDATE_TITLES.off} sentences={props.off.slice(1)} />
        <Titled title="Done, all of it" sentences={props.done.length > 1 ? props.done : []} />
        <Pictures of={photos} at={at} />
        <Titled title="Next, all of it" sentences={props.next.length > 1 ? props.next : []} />
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

const InShort = ({
  title,
  sentences,
  children,
}: {
  title: string
  sentences: readonly string[]
  children?: ReactNode
}) =>
  sentences.length === 0 ? null : (
    <div>
      <dt>{title}</dt>
      <dd>
        {children}
        {sentences[0]}
      </dd>
    </div>
  )
