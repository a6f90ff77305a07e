'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { CAUTIONS } from '@/core/cautions/cautions'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import styles from './ShareDesk.module.css'

type Section = 'done' | 'next' | 'off' | 'decide' | 'terms'
const SECTIONS: readonly { readonly key: Section; readonly title: string; readonly empty: string }[] = [
  { key: 'done', title: 'Done', empty: 'Nothing was finished.' },
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
}

export interface UpdateEditorProps {
  readonly siteId: string
  readonly draft: UpdateDraft
  readonly asks: readonly { readonly id: string; readonly asks: string; readonly about: readonly string[] }[]
  readonly since: string | null
  readonly photos: readonly {
    readonly hash: string
    readonly caption: string
    readonly place: string
    readonly on: string
  }[]
}

const toggled = (set: ReadonlySet<string>, one: string): ReadonlySet<string> => {
  const next = new Set(set)
  if (!next.delete(one)) next.add(one)
  return next
}

/** The client's update, composed from what really changed, edited before it goes. */
export function UpdateEditor({ siteId, draft, asks, since, photos }: UpdateEditorProps) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ url: string }>()
  const [text, setText] = useState(draft)
  const [unasked, setUnasked] = useState<ReadonlySet<string>>(new Set())
  const [shown, setShown] = useState<ReadonlySet<string>>(new Set())
  const [url, setUrl] = useState<string | null>(null)

  const change = (section: Section, index: number, value: string): void =>
    setText({ ...text, [section]: text[section].map((one, i) => (i === index ? value : one)) })
  const drop = (section: Section, index: number): void =>
    setText({ ...text, [section]: text[section].filter((_, i) => i !== index) })
  const add = (section: Section): void => setText({ ...text, [section]: [...text[section], ''] })
  const publish = async (): Promise<void> => {
    const { finish: _finish, ...body } = text
    const published = await run(`/api/sites/${siteId}/updates`, {
      ...body,
      photos: [...shown],
      asks: asks.flatMap(({ id }) => (unasked.has(id) ? [] : [id])),
    })
    if (published) {
      setUrl(published.url)
      router.refresh()
    }
  }

  return (
    <section aria-labelledby="update">
      <h2 id="update">Client update</h2>
      <p className="soft">
        {since ? `What changed since the update of ${since}.` : 'The first update.'} Only what stands here is shown;
        edit it as you like.
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
        <Form.Group controlId="headline" className="mb-3">
          <Form.Label>Headline</Form.Label>
          <Form.Control
            value={text.headline}
            onChange={(event) => setText({ ...text, headline: event.target.value })}
          />
        </Form.Group>
        {SECTIONS.map(({ key, title, empty }) => (
          <fieldset key={key} className="mb-3">
            <legend className="h3">{title}</legend>
            {text[key].length === 0 && <p className="soft">{empty}</p>}
            {text[key].map((sentence, i) => (
              <div key={i} className={styles.sentence}>
                <Form.Control
                  as="textarea"
                  rows={sentence.length > 90 ? 2 : 1}
                  aria-label={`${title}, sentence ${i + 1}`}
                  value={sentence}
                  onChange={(event) => change(key, i, event.target.value)}
                />
                <Button variant="quiet" size="sm" onClick={() => drop(key, i)}>
                  Drop
                </Button>
              </div>
            ))}
            <Button variant="quiet" size="sm" onClick={() => add(key)}>
              Add a sentence
            </Button>
          </fieldset>
        ))}
        {asks.length > 0 && (
          <fieldset className="mb-3">
            <legend className="h3">What they can answer on the link</legend>
            {asks.map(({ id, asks: words, about }) => (
              <Form.Check
                key={id}
                id={`ask ${id}`}
                label={`${words}. ${about.join(' ')}`}
                checked={!unasked.has(id)}
                onChange={() => setUnasked(toggled(unasked, id))}
              />
            ))}
          </fieldset>
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
                <label key={photo.hash}>
                  <img src={`/api/photos/${photo.hash}?size=thumb`} alt={photo.caption || photo.place} loading="lazy" />
                  <Form.Check
                    checked={shown.has(photo.hash)}
                    onChange={() => setShown(toggled(shown, photo.hash))}
                    label={`${photo.place}${photo.caption ? `: ${photo.caption}` : ''}`}
                  />
                </label>
              ))}
            </div>
          </fieldset>
        )}
        <FormError error={error} />
        <Button type="submit" variant="primary" disabled={busy}>
          Publish under a new link
        </Button>
      </Form>
    </section>
  )
}
