'use client'
import { useRouter } from 'next/navigation'
import { Fragment, useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { CAUTIONS } from '@/core/cautions/cautions'
import type { ScopeOfPlace } from '@/core/share/clientScope'
import {
  carriedOver,
  editedPart,
  type EditedSentence,
  type UpdateEdits,
  type UpdatePart,
} from '@/core/share/updateEdits'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import { send, useSend, type SendError } from '../shared/useSend'
import { SendFromPhone } from './SendFromPhone'
import styles from './ShareDesk.module.css'

const SECTIONS: readonly { readonly key: UpdatePart; readonly title: string; readonly empty: string }[] = [
  { key: 'done', title: 'Done', empty: 'Nothing to tell yet.' },
  { key: 'next', title: 'Next', empty: 'Nothing is planned.' },
  { key: 'off', title: 'What will be off', empty: 'Nothing will be off in the next two weeks.' },
  { key: 'decide', title: 'To decide', empty: 'Nothing to decide.' },
  { key: 'terms', title: 'In plain words', empty: 'Nothing to explain.' },
]

export interface UpdateDraft {
  readonly headline: string
  readonly done: readonly string[]
  readonly next: readonly string[]
  readonly off: readonly string[]
  readonly decide: readonly string[]
  readonly terms: readonly string[]
  readonly finish: string | null
  readonly scope: readonly ScopeOfPlace[]
}

export interface UpdateEditorProps {
  readonly siteId: string
  readonly draft: UpdateDraft
  readonly edits: UpdateEdits
  /** What they read last; null before the first update. */
  readonly sent: readonly string[] | null
  readonly asks: readonly { readonly id: string; readonly asks: string; readonly about: readonly string[] }[]
  readonly since: string | null
  readonly photos: readonly {
    readonly hash: string
    readonly caption: string
    readonly place: string
    readonly on: string
    /** The earlier one from the same spot. */
    readonly before: string | null
  }[]
}

const toggled = (set: ReadonlySet<string>, one: string): ReadonlySet<string> => {
  const next = new Set(set)
  if (!next.delete(one)) next.add(one)
  return next
}

/** How long the typing rests before what was typed is kept. */
const REST_MS = 600

/** What a lead makes of the update, kept on the server while they write. */
function useEdits(siteId: string, kept: UpdateEdits) {
  const [edits, setEdits] = useState(kept)
  const [unkept, setUnkept] = useState<SendError | null>(null)
  const saved = useRef(kept)
  useEffect(() => {
    if (saved.current === edits) return
    const rest = setTimeout(() => {
      saved.current = edits
      void send(`/api/sites/${siteId}/updates/edits`, { ...edits, instead: Object.entries(edits.instead) }).then(
        (answer) => setUnkept(answer.ok ? null : answer.error),
      )
    }, REST_MS)
    return () => clearTimeout(rest)
  }, [siteId, edits])
  return { edits, setEdits, unkept }
}

/** The client's update, composed from what really changed, edited before it goes. */
export function UpdateEditor({ siteId, draft, edits: kept, sent, asks, since, photos }: UpdateEditorProps) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ url: string }>()
  const { edits, setEdits, unkept } = useEdits(siteId, kept)
  const [unasked, setUnasked] = useState<ReadonlySet<string>>(new Set())
  /** Those that are shown beside the earlier one from their spot. */
  const [paired, setPaired] = useState<ReadonlySet<string>>(new Set())
  const [shown, setShown] = useState<ReadonlySet<string>>(new Set())
  const [url, setUrl] = useState<string | null>(null)
  const headline = edits.headline ?? draft.headline
  const sentences = (part: UpdatePart): EditedSentence[] => editedPart(draft, edits, part)
  /** Puts other sentences in the place of those that were added. */
  const setAdded = (part: UpdatePart, added: readonly string[]): void =>
    setEdits({ ...edits, added: { ...edits.added, [part]: added } })
  const addedAt = (part: UpdatePart, index: number): number =>
    index - sentences(part).filter(({ composed }) => composed !== null).length

  const change = (part: UpdatePart, index: number, text: string): void => {
    const { composed } = sentences(part)[index]!
    if (composed !== null) setEdits({ ...edits, instead: { ...edits.instead, [composed]: text } })
    else
      setAdded(
        part,
        (edits.added[part] ?? []).map((one, i) => (i === addedAt(part, index) ? text : one)),
      )
  }
  const drop = (part: UpdatePart, index: number): void => {
    const { composed } = sentences(part)[index]!
    if (composed !== null) setEdits({ ...edits, dropped: [...edits.dropped, composed] })
    else
      setAdded(
        part,
        (edits.added[part] ?? []).filter((_, i) => i !== addedAt(part, index)),
      )
  }
  const droppedOf = (part: UpdatePart): readonly string[] => draft[part].filter((one) => edits.dropped.includes(one))
  const bringBack = (part: UpdatePart): void => {
    const back = droppedOf(part)
    setEdits({ ...edits, dropped: edits.dropped.filter((one) => !back.includes(one)) })
  }
  const publish = async (): Promise<void> => {
    const texts = SECTIONS.map(({ key }) => [key, sentences(key).map(({ text }) => text)] as const)
    const published = await run(`/api/sites/${siteId}/updates`, {
      headline,
      ...Object.fromEntries(texts),
      photos: photos.flatMap(({ hash, before }) =>
        shown.has(hash) ? [...(before && paired.has(hash) ? [before] : []), hash] : [],
      ),
      asks: asks.flatMap(({ id }) => (unasked.has(id) ? [] : [id])),
    })
    if (published) {
      setUrl(published.url)
      setEdits(carriedOver(edits))
      router.refresh()
    }
  }

  return (
    <section aria-labelledby="update">
      <h3 id="update" className="visually-hidden">
        Client update
      </h3>
      <p className="soft">
        {since ? (
          <>
            What changed since{' '}
            <a href={`/api/sites/${siteId}/papers/client`} download>
              the update of {since}
            </a>
            .
          </>
        ) : (
          'The first update.'
        )}{' '}
        They read what stands below and nothing else; edit the sentences as you like. Your words are kept, and stand
        when the facts around them change. What is told of each place comes from the record and is changed there.
      </p>
      {url && (
        <p className="notice notice-good">
          Published. The link: <a href={url}>{url}</a>
        </p>
      )}
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void publish()
        }}
      >
        <div className="d-flex flex-wrap gap-2 align-items-start mb-3">
          <Button type="submit" disabled={busy}>
            Publish under a new link
          </Button>
          {url && (
            <SendFromPhone name="the client" words={() => Promise.resolve({ to: '', text: `${headline}\n${url}` })} />
          )}
        </div>
        <FormError error={error ?? unkept} />
        <Form.Group controlId="headline" className="mb-3">
          <Form.Label>Headline</Form.Label>
          <Form.Control value={headline} onChange={(event) => setEdits({ ...edits, headline: event.target.value })} />
        </Form.Group>
        {SECTIONS.map(({ key, title, empty }) => (
          <fieldset key={key} className="mb-3">
            <legend className="h3">{title}</legend>
            {sentences(key).length === 0 && <p className="soft">{empty}</p>}
            {sentences(key).map(({ composed, text }, i) => (
              <div key={composed ?? `added ${i}`} className={styles.sentence}>
                <Form.Control
                  as="textarea"
                  rows={1}
                  aria-label={`${title}, sentence ${i + 1}`}
                  value={text}
                  onChange={(event) => change(key, i, event.target.value)}
                />
                {sent !== null && key !== 'done' && !sent.includes(text) && <span className="soft">new</span>}
                <Button variant="quiet" size="sm" onClick={() => drop(key, i)}>
                  Drop
                  <span className="visually-hidden">
                    : {title}, sentence {i + 1}
                  </span>
                </Button>
              </div>
            ))}
            <Button variant="quiet" size="sm" onClick={() => setAdded(key, [...(edits.added[key] ?? []), ''])}>
              Add a sentence<span className="visually-hidden">: {title}</span>
            </Button>
            {droppedOf(key).length > 0 && (
              <Button variant="quiet" size="sm" className="ms-2" onClick={() => bringBack(key)}>
                Bring back what was dropped ({droppedOf(key).length})<span className="visually-hidden">: {title}</span>
              </Button>
            )}
          </fieldset>
        ))}
        {asks.length > 0 && (
          <fieldset className="mb-3">
            <legend className="h3">What they can answer on the link</legend>
            {asks.map(({ id, asks: words, about }) => (
              <Form.Check
                key={id}
                id={`ask ${id}`}
                label={[/[.?!]$/.test(words) ? words : `${words}.`, ...about].join(' ')}
                checked={!unasked.has(id)}
                onChange={() => setUnasked(toggled(unasked, id))}
              />
            ))}
          </fieldset>
        )}
        {draft.scope.length > 0 && (
          <Fold title="What happens where, from the record">
            <dl>
              {draft.scope.map(({ place, sentences: told }) => (
                <Fragment key={place}>
                  <dt>{place}</dt>
                  {told.map((sentence) => (
                    <dd key={sentence}>{sentence}</dd>
                  ))}
                </Fragment>
              ))}
            </dl>
          </Fold>
        )}
        {photos.length > 0 && (
          <fieldset>
            <legend className="h3">Photos to show</legend>
            <p className="soft">
              <strong>{CAUTIONS.filming.what}.</strong> {CAUTIONS.filming.care} Only {CAUTIONS.filming.deferTo} may
              clear it.
            </p>
            <div className={styles.photos}>
              {photos.map((photo) => (
                <div key={photo.hash}>
                  <Form.Label>
                    <img src={`/api/photos/${photo.hash}?size=thumb`} alt="" loading="lazy" />
                    <Form.Check
                      checked={shown.has(photo.hash)}
                      onChange={() => setShown(toggled(shown, photo.hash))}
                      label={`${photo.place}${photo.caption ? `: ${photo.caption}` : ''}`}
                    />
                  </Form.Label>
                  {photo.before && shown.has(photo.hash) && (
                    <Form.Label>
                      <img src={`/api/photos/${photo.before}?size=thumb`} alt="" loading="lazy" />
                      <Form.Check
                        checked={paired.has(photo.hash)}
                        onChange={() => setPaired(toggled(paired, photo.hash))}
                        label="Beside the earlier one from the same spot"
                      />
                    </Form.Label>
                  )}
                </div>
              ))}
            </div>
          </fieldset>
        )}
      </Form>
    </section>
  )
}
