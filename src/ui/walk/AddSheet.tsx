'use client'
import Button from 'react-bootstrap/Button'
import { useEffect, useRef } from 'react'
import { v7 as uuid } from 'uuid'
import { kindOf } from '@/core/entries/entry'
import { entryKind } from '@/core/entries/entryKinds'
import { fittingHere } from '@/core/find/fitting'
import type { NewFact } from '@/core/walk/observation'
import type { Place } from '@/core/walk/siteState'
import { Finder } from '../shared/Finder'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { FactFields } from './FactFields'
import { PhotoForm } from './PhotoForm'
import { SayIt } from './SayIt'
import { photosIn, sheetFacts, type Adding } from './sheetFact'
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
  work: 'Add a line of work',
  hold: 'Hold it',
  waits: 'What it waits for',
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
      : adding.kind === 'work' && adding.extra
        ? 'An extra'
        : TITLES[adding.kind]

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
        <Finder
          fitting={fittingHere(place.id, props.site.state)}
          telling={TELLING}
          onChoose={(id) => onChoose(sheetOf(id))}
        />
      ) : adding.kind === 'say' ? (
        <SayIt place={place} site={props.site} onClose={onClose} />
      ) : adding.kind === 'photo' ? (
        <PhotoForm place={place} site={props.site} onClose={onClose} />
      ) : (
        <FactForm key={adding.kind} {...props} />
      )}
      <Button bsPrefix="tap" className={styles.plain} onClick={onClose}>
        Close
      </Button>
    </dialog>
  )
}

/** What else can be told here, as the sheet that it opens. */
const SHEETS: Readonly<Record<string, Adding>> = {
  'do:found': { kind: 'found' },
  'do:note': { kind: 'note' },
  'do:photo': { kind: 'photo' },
  'do:measure': { kind: 'measure' },
  'do:add-line': { kind: 'work' },
  'do:extra': { kind: 'work', extra: true },
  'do:selection': { kind: 'selection' },
  'do:keep': { kind: 'keep' },
  'do:decide': { kind: 'decide' },
  'do:place': { kind: 'place' },
}
const TELLING = Object.keys(SHEETS)

const sheetOf = (id: string): Adding =>
  SHEETS[id] ?? { kind: 'entry', register: entryKind(id.slice(id.indexOf(':') + 1))! }

function FactForm({ adding, place, site, onClose }: AddSheetProps) {
  const keep = async ({ facts, taken }: { facts: NewFact[]; taken: File[] }): Promise<void> => {
    const photos: NewFact[] = []
    for (const file of taken) {
      const value = { hash: await site.keepFile(file, 'photo'), caption: '', about: facts[0]!.subjectId }
      photos.push({ subject: 'photo', subjectId: uuid(), facet: 'taken', placeId: place.id, value })
    }
    await site.record([...facts, ...photos])
    onClose()
  }
  return (
    <ReadForm
      className={styles.form}
      read={(typed) => ({ facts: sheetFacts(adding, place, site, typed), taken: photosIn(typed) })}
      onRead={keep}
    >
      <FactFields adding={adding} place={place} site={site} />
      <WhatIsWrong />
      <Button bsPrefix="tap" type="submit" className={styles.main}>
        Keep
      </Button>
    </ReadForm>
  )
}
