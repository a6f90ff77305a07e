'use client'
import { useEffect, useRef, useState } from 'react'
import { kindOf } from '@/core/entries/entry'
import { ENTRY_GROUPS, type EntryKind } from '@/core/entries/entryKind'
import { ENTRY_KINDS } from '@/core/entries/entryKinds'
import { saysAll, soughtRegisters } from '@/core/entries/soughtRegisters'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Place } from '@/core/walk/siteState'
import { FactFields } from './FactFields'
import { PhotoForm } from './PhotoForm'
import { SayIt } from './SayIt'
import { sheetFacts, type Adding } from './sheetFact'
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
  whose: 'Whose is it?',
  entry: '',
  settle: '',
  answer: 'What was decided',
  place: 'This place changes',
}

const titleOf = (adding: Adding): string =>
  adding.kind === 'entry'
    ? adding.register.one
    : adding.kind === 'settle'
      ? kindOf(adding.entry.kind).settle!.word
      : TITLES[adding.kind]

const MORE = ['note', 'work', 'selection', 'keep', 'decide', 'place'] as const

/** A sheet from below to add one thing with a thumb. What is typed stays until it is kept or the sheet is closed. */
export function AddSheet(props: AddSheetProps) {
  const { adding, place, onClose, onChoose } = props
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    dialog.current?.showModal()
  }, [])
  return (
    <dialog ref={dialog} className={styles.sheet} aria-label={titleOf(adding)} onClose={onClose}>
      <h2>
        {titleOf(adding)} <span className="soft">{place.name}</span>
      </h2>
      {adding.kind === 'more' ? (
        <More onChoose={onChoose} />
      ) : adding.kind === 'say' ? (
        <SayIt place={place} site={props.site} onClose={onClose} />
      ) : adding.kind === 'photo' ? (
        <PhotoForm place={place} site={props.site} onClose={onClose} />
      ) : (
        <FactForm key={adding.kind} {...props} />
      )}
      <button type="button" className={styles.plain} onClick={onClose}>
        Close
      </button>
    </dialog>
  )
}

/** Everything else that can be told: the registers folded away by what they are about, or found by a word. */
function More({ onChoose }: Pick<AddSheetProps, 'onChoose'>) {
  const [sought, setSought] = useState('')
  const plain = MORE.filter((kind) => saysAll(TITLES[kind], sought))
  const found = sought.trim() === '' ? null : soughtRegisters(sought)
  return (
    <div className={styles.choices}>
      <label>
        Find by a word
        <input
          className="form-control"
          type="search"
          autoComplete="off"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
      </label>
      {plain.map((kind) => (
        <button key={kind} type="button" onClick={() => onChoose({ kind })}>
          {TITLES[kind]}
        </button>
      ))}
      {found ? (
        <Registers registers={found} onChoose={onChoose} />
      ) : (
        Object.entries(ENTRY_GROUPS).map(([group, words]) => (
          <details key={group}>
            <summary>{words}</summary>
            <Registers registers={ENTRY_KINDS.filter((one) => one.group === group)} onChoose={onChoose} />
          </details>
        ))
      )}
      {found?.length === 0 && plain.length === 0 && (
        <p className="soft">Nothing is called that. A note takes anything.</p>
      )}
    </div>
  )
}

const Registers = ({
  registers,
  onChoose,
}: {
  readonly registers: readonly EntryKind[]
  readonly onChoose: AddSheetProps['onChoose']
}) =>
  registers.map((register) => (
    <button key={register.id} type="button" onClick={() => onChoose({ kind: 'entry', register })}>
      {register.one}
    </button>
  ))

function FactForm({ adding, place, site, onClose }: AddSheetProps) {
  const [wrong, setWrong] = useState<{ message: string; field?: string | undefined } | null>(null)
  // A second tap before the sheet is closed keeps nothing twice.
  const keeping = useRef(false)
  const keep = async (form: FormData): Promise<void> => {
    if (keeping.current) return
    keeping.current = true
    try {
      await site.record(sheetFacts(adding, place, site, form))
      onClose()
    } catch (error) {
      keeping.current = false
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong(error)
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
      <FactFields adding={adding} place={place} site={site} wrong={wrong?.field} />
      <div aria-live="assertive">{wrong && <p className="notice notice-error">{wrong.message}</p>}</div>
      <button className={styles.main}>Keep</button>
    </form>
  )
}
