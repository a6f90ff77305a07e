'use client'
import { useEffect, useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { LEADS } from '@/core/scope/leads'
import { STAGES, TRADES } from '@/core/scope/vocabulary'
import type { Place } from '@/core/walk/siteState'
import { SayIt } from './SayIt'
import { sheetFact, type Adding } from './sheetFact'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

interface AddSheetProps {
  readonly adding: Adding
  readonly place: Place
  readonly site: SiteWalk
  readonly onClose: () => void
  readonly onChoose: (adding: Adding) => void
}

const TITLES: Record<Adding['kind'], string> = {
  say: 'Say it',
  note: 'A note',
  photo: 'A photo',
  measure: 'Its size',
  found: 'Found',
  more: 'What else?',
  selection: 'Something to choose',
  keep: 'Stays, or is protected',
  decide: 'Somebody has to decide',
  work: 'More work',
  hold: 'Hold it',
  exclude: 'Leave it out',
}

const MORE = ['note', 'work', 'selection', 'keep', 'decide'] as const

/** A sheet from below to add one thing with a thumb. What is typed stays until it is kept or the sheet is closed. */
export function AddSheet(props: AddSheetProps) {
  const { adding, place, onClose, onChoose } = props
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    dialog.current?.showModal()
  }, [])
  return (
    <dialog ref={dialog} className={styles.sheet} aria-label={TITLES[adding.kind]} onClose={onClose}>
      <h2>
        {TITLES[adding.kind]} <span className="soft">{place.name}</span>
      </h2>
      {adding.kind === 'more' ? (
        <div className={styles.choices}>
          {MORE.map((kind) => (
            <button key={kind} type="button" onClick={() => onChoose({ kind })}>
              {TITLES[kind]}
            </button>
          ))}
        </div>
      ) : adding.kind === 'say' ? (
        <SayIt place={place} site={props.site} onClose={onClose} />
      ) : adding.kind === 'photo' ? (
        <PhotoForm {...props} />
      ) : (
        <FactForm key={adding.kind} {...props} />
      )}
      <button type="button" className={styles.plain} onClick={onClose}>
        Close
      </button>
    </dialog>
  )
}

function FactForm({ adding, place, site, onClose }: AddSheetProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const keep = async (form: FormData): Promise<void> => {
    try {
      await site.record([sheetFact(adding, place, site, form)])
      onClose()
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong(error.message)
    }
  }
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void keep(new FormData(event.currentTarget))
      }}
    >
      <Fields adding={adding} units={site.snapshot.site.units} />
      <div aria-live="assertive">{wrong && <p className="notice notice-error">{wrong}</p>}</div>
      <button className={styles.main}>Keep</button>
    </form>
  )
}

function Fields({ adding, units }: { adding: Adding; units: 'metric' | 'imperial' }) {
  switch (adding.kind) {
    case 'note':
      return (
        <>
          <Words name="text" label="What you see or were told" />
          <Tick name="private" label="Private: never shared" />
        </>
      )
    case 'measure':
      return (
        <Words
          name="size"
          label={`Length first, like ${units === 'metric' ? '4.1 x 3.9 x 2.45' : `12' 6" x 10' x 8'`}`}
          short
        />
      )
    case 'found':
      return (
        <>
          <Words name="text" label="What, and where exactly" />
          <Pick name="condition" label="Sort" options={CONDITIONS.map((one) => [one, one])} />
          <Tick name="suspected" label="Only suspected, not seen" />
        </>
      )
    case 'selection':
      return (
        <>
          <Words name="what" label="What is to be chosen" short />
          <Pick
            name="lead"
            label="How long it takes to get"
            options={Object.entries(LEADS).map(([key, lead]) => [key, lead.words])}
          />
          <Pick name="stage" label="Needed for" options={Object.entries(STAGES)} />
        </>
      )
    case 'keep':
      return (
        <>
          <Words name="text" label="What stays" short />
          <Words name="until" label="Until (empty: for good)" short />
        </>
      )
    case 'decide':
      return (
        <>
          <Words name="question" label="The question" />
          <Pick
            name="owner"
            label="Who answers"
            options={[
              ['client', 'client'],
              ['designer', 'designer'],
              ['engineer', 'engineer'],
              ['us', 'we ourselves'],
            ]}
          />
          <label>
            By
            <input className="form-control" type="date" name="by" />
          </label>
          <Pick name="blocks" label="What waits for it" options={[['', 'nothing yet'], ...Object.entries(STAGES)]} />
        </>
      )
    case 'work':
      return (
        <>
          <Words name="title" label="What is to be done" short />
          <Pick name="stage" label="Stage" options={Object.entries(STAGES)} />
          <Pick name="trade" label="Who does it" options={Object.entries(TRADES)} />
          <label>
            Hours of one person
            <input className="form-control" name="hours" inputMode="decimal" defaultValue="4" />
          </label>
          <Tick name="extra" label="An extra to the contract" />
        </>
      )
    case 'hold':
      return (
        <>
          <Words name="reason" label={`Why ${adding.line.title.toLowerCase()} cannot go on`} short />
          <label>
            Until, if known
            <input className="form-control" type="date" name="until" />
          </label>
        </>
      )
    case 'exclude':
      return <Words name="reason" label={`Why ${adding.line.title.toLowerCase()} is not in the scope`} short />
    default:
      return null
  }
}

const CONDITIONS = [
  'rot',
  'crack',
  'damaged',
  'damp',
  'mold',
  'leak',
  'insect',
  'animal',
  'sag',
  'corrosion',
  'missing',
  'loose',
  'blocked',
  'wrong',
  'failed',
  'live',
  'dead',
  'asbestos',
]

const Words = ({ name, label, short }: { name: string; label: string; short?: boolean }) => (
  <label>
    {label}
    {short ? (
      <input className="form-control" name={name} autoComplete="off" />
    ) : (
      <textarea className="form-control" name={name} rows={3} />
    )}
  </label>
)
const Tick = ({ name, label }: { name: string; label: string }) => (
  <label className={styles.tick}>
    <input type="checkbox" name={name} /> {label}
  </label>
)
const Pick = ({
  name,
  label,
  options,
}: {
  name: string
  label: string
  options: readonly (readonly [string, string])[]
}) => (
  <label>
    {label}
    <select className="form-select" name={name}>
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </select>
  </label>
)

function PhotoForm({ place, site, onClose }: AddSheetProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const keep = async (form: FormData): Promise<void> => {
    const files = form.getAll('photos').filter((file): file is File => file instanceof File && file.size > 0)
    if (files.length === 0) return setWrong('Photo: take or choose one.')
    if (!window.isSecureContext) return setWrong('Photos can be kept only over https or on this machine itself.')
    for (const file of files) {
      const hash = await site.keepPhoto(file)
      await site.record([
        {
          subject: 'photo',
          subjectId: uuid(),
          facet: 'taken',
          placeId: place.id,
          value: { hash, caption: String(form.get('caption') ?? '').trim() },
        },
      ])
    }
    onClose()
  }
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void keep(new FormData(event.currentTarget))
      }}
    >
      <label>
        Take or choose, several at once if you like
        <input className="form-control" type="file" name="photos" accept="image/*" capture="environment" multiple />
      </label>
      <Words name="caption" label="What it shows" short />
      <p className="soft">Shared copies carry no position and no camera data.</p>
      <div aria-live="assertive">{wrong && <p className="notice notice-error">{wrong}</p>}</div>
      <button className={styles.main}>Keep</button>
    </form>
  )
}
