'use client'
import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import Button from 'react-bootstrap/Button'
import { v7 as uuid } from 'uuid'
import { kindOf } from '@/core/entries/entry'
import { readEntry, type EntryWords } from '@/core/entries/entryWords'
import { fieldsOf } from '@/core/entries/sums'
import { ENTRY_GROUPS, type EntryGroup } from '@/core/entries/entryKind'
import { ENTRY_KINDS } from '@/core/entries/entryKinds'
import type { Values } from '@/core/entries/field'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Units } from '@/core/measure/length'
import type { PhotoMark } from '@/core/walk/photoMarks'
import { RESPONSIBLE, type Responsible } from '@/core/scope/responsible'
import { FormError } from '../shared/FormError'
import { useSend, type SendError } from '../shared/useSend'
import { EntryFields } from '../shared/EntryFields'
import { MarkedPhoto } from '../shared/MarkedPhoto'
import { SketchPicture } from '../shared/SketchPicture'
import { WhoseSelect } from '../shared/WhoseSelect'
import styles from './Registers.module.css'

export interface RegisteredEntry extends EntryWords {
  readonly id: string
  readonly placeId: string | null
  readonly place: string
  readonly values: Values
  readonly open: boolean
  readonly result: string | null
  readonly responsible: Responsible | null
  readonly by: string
  readonly on: string
  /** How far the work is that it gathers. */
  readonly work: readonly string[]
  readonly photos: readonly { readonly hash: string; readonly caption: string; readonly marks: readonly PhotoMark[] }[]
}

/** A fact that cannot be so. */
interface LeftOut {
  readonly id: string
  readonly what: string
  readonly value: string
  readonly why: string
  readonly by: string
  readonly on: string
}

interface RegistersProps {
  readonly site: { readonly id: string; readonly name: string; readonly units: Units }
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly leftOut: readonly LeftOut[]
  readonly groups: readonly {
    readonly id: EntryGroup
    readonly words: string
    readonly registers: readonly {
      readonly kind: string
      /** What its entries say together. */
      readonly overview: readonly string[]
      readonly entries: readonly RegisteredEntry[]
    }[]
  }[]
}

/** What is being written: a new entry of a kind, or one that stands already. */
interface Writing {
  readonly kind: string
  readonly entry: RegisteredEntry | null
}

/** Everything that a site keeps a register of; open entries first, each with what follows from it. */
export function Registers({ site, places, leftOut, groups }: RegistersProps) {
  const router = useRouter()
  const { busy, error, run, clearError } = useSend()
  const [writing, setWriting] = useState<Writing | null>(null)
  const open = groups.flatMap((group) => group.registers.flatMap((one) => one.entries)).filter((entry) => entry.open)
  const record = (entryId: string, placeId: string | null, facet: string, value: unknown): Promise<boolean> =>
    send({ subject: 'entry', subjectId: entryId, facet, placeId, value })
  const send = async (fact: object): Promise<boolean> => {
    if ((await run(`/api/sites/${site.id}/facts`, { facts: [fact] })) === null) return false
    router.refresh()
    return true
  }
  const write = (kind: string, entry: RegisteredEntry | null): void => {
    clearError()
    setWriting({ kind, entry })
  }
  return (
    <div className={`page ${styles.page}`}>
      <header className={styles.head}>
        <h1>{open.length === 0 ? 'Nothing is open' : open.length === 1 ? 'One is open' : `${open.length} are open`}</h1>
        <p>What {site.name} keeps a register of.</p>
        <label className="no-print">
          Write into{' '}
          <select
            className="form-select d-inline-block w-auto"
            value=""
            onChange={(event) => write(event.target.value, null)}
          >
            <option value="" disabled>
              choose a register
            </option>
            {Object.entries(ENTRY_GROUPS).map(([group, words]) => (
              <optgroup key={group} label={words}>
                {ENTRY_KINDS.filter((kind) => kind.group === group).map((kind) => (
                  <option key={kind.id} value={kind.id}>
                    {kind.register}
                  </option>
                ))}
              </optgroup>
            ))}
          </select>
        </label>
        <button type="button" className="btn btn-quiet no-print" onClick={() => window.print()}>
          Print
        </button>
      </header>
      {writing && (
        <EntryForm
          key={writing.entry?.id ?? writing.kind}
          writing={writing}
          site={site}
          places={places}
          busy={busy}
          refused={error}
          onClose={() => setWriting(null)}
          onKeep={async (id, placeId, value) => {
            if (await record(id, placeId, 'written', value)) setWriting(null)
          }}
        />
      )}
      {!writing && <FormError error={error} />}
      {leftOut.length > 0 && (
        <section aria-labelledby="left-out" className="no-print">
          <h2 id="left-out">Left out, since it cannot be so</h2>
          {leftOut.map((one) => (
            <article key={one.id} className={styles.register}>
              <p>
                {one.why}{' '}
                <span className="soft">
                  {one.by}, {one.on}; {one.what}: {one.value}
                </span>
              </p>
              <Button
                variant="outline-secondary"
                disabled={busy}
                onClick={() =>
                  void send({ subject: 'fact', subjectId: one.id, facet: 'withdrawn', placeId: null, value: true })
                }
              >
                Take back what {one.by} wrote
              </Button>
            </article>
          ))}
        </section>
      )}
      {groups
        .filter((group) => group.registers.some((one) => one.entries.length > 0))
        .map((group) => (
          <section key={group.id} aria-labelledby={`group-${group.id}`}>
            <h2 id={`group-${group.id}`}>{group.words}</h2>
            {group.registers
              .filter((one) => one.entries.length > 0)
              .map((one) => (
                <article key={one.kind} className={styles.register}>
                  <h3>{kindOf(one.kind).register}</h3>
                  {one.overview.map((sentence) => (
                    <p key={sentence} className={styles.overview}>
                      {sentence}
                    </p>
                  ))}
                  <ul>
                    {one.entries.map((entry) => (
                      <EntryItem
                        key={entry.id}
                        kind={one.kind}
                        entry={entry}
                        onChange={() => write(one.kind, entry)}
                        onRecord={(facet, value) => record(entry.id, entry.placeId, facet, value)}
                      />
                    ))}
                  </ul>
                </article>
              ))}
          </section>
        ))}
    </div>
  )
}

function EntryForm({
  writing,
  site,
  places,
  busy,
  refused,
  onClose,
  onKeep,
}: {
  readonly writing: Writing
  readonly site: RegistersProps['site']
  readonly places: RegistersProps['places']
  readonly busy: boolean
  readonly refused: SendError | null
  readonly onClose: () => void
  readonly onKeep: (id: string, placeId: string | null, value: { kind: string; values: Values }) => Promise<void>
}) {
  const kind = kindOf(writing.kind)
  const { entry } = writing
  const [wrong, setWrong] = useState<SendError | null>(null)
  const keep = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault()
    const form = new FormData(event.currentTarget)
    try {
      const values = readEntry(kind, (key) => String(form.get(key) ?? ''), site.units)
      setWrong(null)
      const placeId = kind.at === 'site' ? null : String(form.get(PLACE)) || null
      void onKeep(entry?.id ?? uuid(), placeId, { kind: kind.id, values })
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong({ message: error.message, ...(error.field ? { field: error.field } : {}) })
    }
  }
  return (
    <form className={styles.form} onSubmit={keep} noValidate aria-label={kind.one}>
      <h2>{kind.one}</h2>
      {kind.at !== 'site' && (
        <label>
          Where
          <select className="form-select" name={PLACE} defaultValue={entry ? (entry.placeId ?? '') : undefined}>
            {kind.at === 'either' && <option value="">The whole site</option>}
            {places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <EntryFields fields={fieldsOf(kind)} units={site.units} values={entry?.values} wrong={wrong?.field} />
      <FormError error={wrong ?? refused} />
      <div className={styles.buttons}>
        <button className="btn btn-primary" disabled={busy}>
          Keep
        </button>
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Close
        </button>
      </div>
    </form>
  )
}

/** Where an entry belongs, told apart from whatever its own fields are called. */
const PLACE = 'where-it-is'

function EntryItem({
  kind,
  entry,
  onChange,
  onRecord,
}: {
  readonly kind: string
  readonly entry: RegisteredEntry
  readonly onChange: () => void
  readonly onRecord: (facet: string, value: unknown) => Promise<boolean>
}) {
  const { settle } = kindOf(kind)
  const [asking, setAsking] = useState(false)
  const [result, setResult] = useState('')
  const settleNow = async (): Promise<void> => {
    if (await onRecord('settled', { result })) setAsking(false)
  }
  return (
    <li className={entry.result === null ? undefined : styles.settled}>
      <p>
        <strong>{entry.title}</strong> <span className="soft">{entry.place}</span>
      </p>
      {[...entry.details, ...entry.reckoned, ...entry.work].map((sentence) => (
        <p key={sentence} className={styles.detail}>
          {sentence}
        </p>
      ))}
      {entry.sketch && <SketchPicture sketch={entry.sketch} />}
      {entry.photos.length > 0 && (
        <div className={styles.photos}>
          {entry.photos.map((photo) => (
            <a key={photo.hash} href={`/api/photos/${photo.hash}?size=shared`}>
              <MarkedPhoto
                src={`/api/photos/${photo.hash}?size=thumb`}
                alt={photo.caption || `Photo of ${entry.title}`}
                marks={photo.marks}
              />
            </a>
          ))}
        </div>
      )}
      {entry.result !== null && <p className="well">{entry.result}</p>}
      {entry.result === null &&
        entry.cautions.map((caution) => (
          <p key={caution.what} className={styles.caution}>
            <strong>{caution.what}.</strong> {caution.care} Only {caution.deferTo} may clear it.
          </p>
        ))}
      <p className={styles.detail}>
        <span className="soft">
          {entry.by}, {entry.on}
          {entry.responsible && `, ${RESPONSIBLE[entry.responsible]}`}
        </span>
      </p>
      <div className={`${styles.buttons} no-print`}>
        <button type="button" className="btn btn-sm btn-quiet" onClick={onChange}>
          Change<span className="visually-hidden"> {entry.title}</span>
        </button>
        {settle && entry.result === null && !asking && (
          <button
            type="button"
            className="btn btn-sm btn-quiet"
            onClick={() => (settle.ask ? setAsking(true) : void settleNow())}
          >
            {settle.word}
            <span className="visually-hidden">: {entry.title}</span>
          </button>
        )}
        {entry.result !== null && (
          <button type="button" className="btn btn-sm btn-quiet" onClick={() => void onRecord('settled', null)}>
            Open again<span className="visually-hidden">: {entry.title}</span>
          </button>
        )}
        <label>
          <span className="visually-hidden">Whose is {entry.title}?</span>
          <WhoseSelect
            small
            value={entry.responsible ?? ''}
            onChange={(value) => void onRecord('responsible', value)}
          />
        </label>
        <button type="button" className="btn btn-sm btn-quiet" onClick={() => void onRecord('removed', true)}>
          Remove<span className="visually-hidden"> {entry.title}</span>
        </button>
      </div>
      {asking && (
        <div className={styles.buttons}>
          <label>
            {settle!.ask}
            <input className="form-control" value={result} onChange={(event) => setResult(event.target.value)} />
          </label>
          <button
            type="button"
            className="btn btn-quiet"
            disabled={result.trim() === ''}
            onClick={() => void settleNow()}
          >
            {settle!.word}
          </button>
        </div>
      )}
    </li>
  )
}
