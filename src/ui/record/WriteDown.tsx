'use client'
import Button from 'react-bootstrap/Button'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { v7 as uuid } from 'uuid'
import { kindOf } from '@/core/entries/entry'
import { readEntry } from '@/core/entries/entryWords'
import type { Values } from '@/core/entries/field'
import { fieldsOf } from '@/core/entries/sums'
import { EntryFields, MOST_AT_ONCE } from '../shared/EntryFields'
import { Finder } from '../shared/Finder'
import { FormError } from '../shared/FormError'
import { ReadChoice } from '../shared/ReadFields'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { wordsIn } from '../shared/typed'
import type { SendError } from '../shared/useSend'
import type { RecordedEntry, RecordProps } from './types'
import styles from './Record.module.css'

/** What is being written: nothing chosen yet, a new entry of a kind, or one that stands already. */
export interface Writing {
  readonly kind: string | null
  readonly entry: RecordedEntry | null
  readonly placeId: string | null
}

interface WriteDownProps {
  readonly writing: Writing
  readonly site: RecordProps['site']
  readonly places: RecordProps['places']
  readonly busy: boolean
  readonly refused: SendError | null
  readonly onChoose: (writing: Writing) => void
  readonly onClose: () => void
  readonly onKeep: (id: string, placeId: string | null, value: { kind: string; values: Values }) => Promise<void>
}

/** Where an entry belongs, told apart from whatever its own fields are called. */
const PLACE = 'where-it-is'
const NOTHING_ELSE: readonly string[] = []

/** The panel in which something is written down: first what, then what its kind asks. */
export function WriteDown(props: WriteDownProps) {
  const { writing, places, onChoose, onClose } = props
  const kind = writing.kind === null ? null : kindOf(writing.kind)
  const fitting = (places.find(({ id }) => id === writing.placeId) ?? places[0])?.fitting ?? []
  return (
    <Offcanvas show onHide={onClose} placement="end" className={styles.panel} aria-labelledby="write-down">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title as="h2" id="write-down">
          {kind ? kind.one : 'Write down'}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        {kind === null ? (
          <Finder
            fitting={fitting}
            telling={NOTHING_ELSE}
            onChoose={(id) => onChoose({ ...writing, kind: id.slice(id.indexOf(':') + 1) })}
          />
        ) : (
          <EntryForm key={writing.entry?.id ?? kind.id} {...props} kindId={kind.id} />
        )}
      </Offcanvas.Body>
    </Offcanvas>
  )
}

function EntryForm({
  writing,
  kindId,
  site,
  places,
  busy,
  refused,
  onKeep,
}: WriteDownProps & { readonly kindId: string }) {
  const kind = kindOf(kindId)
  const { entry } = writing
  return (
    <ReadForm
      className={styles.form}
      aria-label={kind.one}
      read={(typed) => ({
        placeId: kind.at === 'site' ? null : wordsIn(typed)(PLACE) || null,
        value: { kind: kind.id, values: readEntry(kind, wordsIn(typed), site.units) },
      })}
      onRead={({ placeId, value }) => onKeep(entry?.id ?? uuid(), placeId, value)}
    >
      {kind.at !== 'site' && (
        <ReadChoice
          name={PLACE}
          label="Where"
          defaultValue={(entry ? entry.placeId : writing.placeId) ?? (kind.at === 'either' ? '' : undefined)}
        >
          {kind.at === 'either' && <option value="">The whole site</option>}
          {places.map((place) => (
            <option key={place.id} value={place.id}>
              {place.name}
            </option>
          ))}
        </ReadChoice>
      )}
      <EntryFields fields={fieldsOf(kind)} units={site.units} values={entry?.values} most={MOST_AT_ONCE} />
      <WhatIsWrong />
      <FormError error={refused} />
      <Button type="submit" disabled={busy}>
        Keep
      </Button>
    </ReadForm>
  )
}
