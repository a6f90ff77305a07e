'use client'
import { useState, type FormEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { v7 as uuid } from 'uuid'
import { kindOf } from '@/core/entries/entry'
import { readEntry } from '@/core/entries/entryWords'
import type { Values } from '@/core/entries/field'
import { fieldsOf } from '@/core/entries/sums'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { EntryFields } from '../shared/EntryFields'
import { Finder } from '../shared/Finder'
import { FormError } from '../shared/FormError'
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
    <Form className={styles.form} onSubmit={keep} noValidate aria-label={kind.one}>
      {kind.at !== 'site' && (
        <Form.Label>
          Where
          <Form.Select
            name={PLACE}
            defaultValue={(entry ? entry.placeId : writing.placeId) ?? (kind.at === 'either' ? '' : undefined)}
          >
            {kind.at === 'either' && <option value="">The whole site</option>}
            {places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name}
              </option>
            ))}
          </Form.Select>
        </Form.Label>
      )}
      <EntryFields fields={fieldsOf(kind)} units={site.units} values={entry?.values} wrong={wrong?.field} inShort />
      <FormError error={wrong ?? refused} />
      <Button type="submit" disabled={busy}>
        Keep
      </Button>
    </Form>
  )
}
