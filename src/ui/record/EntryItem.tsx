'use client'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { kindOf } from '@/core/entries/entry'
import { RESPONSIBLE } from '@/core/scope/responsible'
import { MarkedPhoto } from '../shared/MarkedPhoto'
import { ReadWords } from '../shared/ReadFields'
import { ReadForm } from '../shared/ReadForm'
import { SketchPicture } from '../shared/SketchPicture'
import { saidIn } from '../shared/typed'
import { WhoseSelect } from '../shared/WhoseSelect'
import type { RecordedEntry } from './types'
import styles from './Record.module.css'

interface EntryItemProps {
  readonly kind: string
  readonly entry: RecordedEntry
  readonly onChange: () => void
  readonly onRecord: (facet: string, value: unknown) => Promise<boolean>
  /** Lays the work down that follows from it. */
  readonly onLay: () => void
}

/** One entry with what follows from it, and what can be done about it. */
export function EntryItem(props: EntryItemProps) {
  const { kind, entry, onLay } = props
  return (
    <li id={entry.id} className={entry.result === null ? undefined : styles.settled}>
      <p>
        <strong>{entry.title}</strong>{' '}
        <span className="soft">
          {kindOf(kind).register}, {entry.place}
          {entry.standing === 'due' && `, ${entry.due}`}
        </span>
      </p>
      {[...entry.details, ...entry.reckoned, ...entry.work].map((sentence) => (
        <p key={sentence} className={styles.detail}>
          {sentence}
        </p>
      ))}
      {entry.follows && (
        <p className={styles.detail}>
          No line of work does this yet: {entry.follows.words}.{' '}
          <Button size="sm" variant="quiet" className="no-print" onClick={onLay}>
            Lay it down<span className="visually-hidden">: {entry.follows.words}</span>
          </Button>
        </p>
      )}
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
      <Acts {...props} />
    </li>
  )
}

function Acts({ kind, entry, onChange, onRecord }: EntryItemProps) {
  const { settle } = kindOf(kind)
  const [asking, setAsking] = useState(false)
  const settleNow = async (result = ''): Promise<void> => {
    if (await onRecord('settled', { result })) setAsking(false)
  }
  return (
    <>
      <div className={`${styles.buttons} no-print`}>
        <Button size="sm" variant="quiet" onClick={onChange}>
          Change<span className="visually-hidden"> {entry.title}</span>
        </Button>
        {settle && entry.result === null && !asking && (
          <Button size="sm" variant="quiet" onClick={() => (settle.ask ? setAsking(true) : void settleNow())}>
            {settle.word}
            <span className="visually-hidden">: {entry.title}</span>
          </Button>
        )}
        {entry.result !== null && (
          <Button size="sm" variant="quiet" onClick={() => void onRecord('settled', null)}>
            Open again<span className="visually-hidden">: {entry.title}</span>
          </Button>
        )}
        <Form.Label className="mb-0">
          <span className="visually-hidden">Whose is {entry.title}?</span>
          <WhoseSelect
            small
            value={entry.responsible ?? ''}
            onChange={(value) => void onRecord('responsible', value)}
          />
        </Form.Label>
        <Button size="sm" variant="quiet" onClick={() => void onRecord('removed', true)}>
          Remove<span className="visually-hidden"> {entry.title}</span>
        </Button>
      </div>
      {asking && (
        <ReadForm className={styles.buttons} read={(typed) => saidIn(typed, 'result', settle!.ask!)} onRead={settleNow}>
          <ReadWords name="result" label={settle!.ask} autoFocus />
          <Button type="submit" variant="quiet">
            {settle!.word}
          </Button>
        </ReadForm>
      )}
    </>
  )
}
