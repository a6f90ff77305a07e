'use client'
import { answersWords } from '@/core/walk/answersWords'
import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { treatmentById } from '@/core/scope/treatments'
import { STAGES } from '@/core/scope/vocabulary'
import { AddHere } from './AddHere'
import { BeforeAfter } from './BeforeAfter'
import { PlaceDrawings } from './PlaceDrawings'
import type { SizedPlace } from '../shared/MovedWallFields'
import { ChangePlace, LayTreatment, Measure } from './PlaceEdits'
import { MarkedPhoto } from '../shared/MarkedPhoto'
import { ReadWords } from '../shared/ReadFields'
import { ReadForm } from '../shared/ReadForm'
import { ShowPhoto } from './ShowPhoto'
import { RoomPicture } from '../shared/RoomPicture'
import { saidIn } from '../shared/typed'
import type { RecordFacts, RowView, ScopeProps } from './types'
import styles from './CellPanel.module.css'

interface PlacePanelProps {
  readonly site: ScopeProps['site']
  readonly row: RowView
  readonly places: readonly SizedPlace[]
  readonly open: ScopeProps['open']
  readonly mayEdit: boolean
  /** What whoever came by an address means to add or change: it stands open. */
  readonly asked: string | null
  readonly record: RecordFacts
  readonly onSaid: (words: string) => void
  readonly onClose: () => void
}

/** One place: what it still needs, what was found, what stays, its photos, and its size. */
export function PlacePanel({ site, row, places, open, mayEdit, asked, record, onSaid, onClose }: PlacePanelProps) {
  const here = <T extends { readonly placeId: string | null }>(all: readonly T[]): T[] =>
    all.filter((one) => one.placeId === row.placeId)
  const photos = here(open.photos).filter((photo) => !photo.sheet)
  const drawings = open.photos.flatMap(({ hash, caption, sheet, placeId }) =>
    sheet && (placeId === row.placeId || placeId === null) ? [{ hash, title: caption, sort: sheet }] : [],
  )
  const left = row.cells.filter((cell) => cell.percent !== null && cell.percent < 100)
  const mark = (subject: string, id: string, facet: string, value: unknown, was: unknown, words: string): void => {
    const fact = { subject, subjectId: id, facet, placeId: row.placeId }
    void record([{ ...fact, value }], words, [{ ...fact, value: was }])
  }
  return (
    <>
      <header className={styles.head}>
        <h2>{row.name}</h2>
        <Button variant="quiet" size="sm" onClick={onClose}>
          Close
        </Button>
      </header>
      <p className="soft">
        {row.futureName && `To be ${row.futureName}. `}
        {row.formerNames.length > 0 && `Was ${row.formerNames.join(' and ')}. `}
        {row.size ?? 'Not measured yet'}, {row.seen}. <a href={`/sites/${site.id}/sheets/${row.placeId}`}>Room sheet</a>
        {mayEdit && (
          <>
            , <a href={`/sites/${site.id}/record?write=&place=${row.placeId}`}>write something down</a>
          </>
        )}
      </p>
      {mayEdit && (
        <AddHere
          siteId={site.id}
          row={row}
          first={asked === 'extra' || asked === 'found' ? asked : 'line'}
          record={record}
          onSaid={onSaid}
        />
      )}
      {row.drawn && <RoomPicture plan={row.drawn} />}
      <h3>Still needed</h3>
      <p>{left.length === 0 ? 'Nothing.' : left.map((cell) => STAGES[cell.stage].toLowerCase()).join(', ')}</p>
      {row.outOfOrder.length > 0 && (
        <>
          <h3>Out of order</h3>
          <ul className={styles.matters}>
            {row.outOfOrder.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </>
      )}
      {row.layers && <Layers {...row.layers} />}
      <Matters
        title="To decide"
        items={here(open.decisions)}
        tail={(d) => `${answersWords(d.owner)}${d.by ? `, by ${d.by}` : ''}`}
        below={
          mayEdit
            ? (d) => (
                <Decide
                  question={d.text}
                  onDecided={(answer) => mark('decision', d.id, 'answered', answer, null, 'Decided.')}
                />
              )
            : undefined
        }
      />
      <Matters title="Decided, and why" items={here(open.decided)} tail={(d) => d.why} />
      <Matters
        title="Found"
        items={here(open.findings)}
        tail={(f) => [f.certain ? 'seen' : 'suspected', f.details].filter(Boolean).join('. ')}
        action={
          mayEdit
            ? { word: 'Settled', run: (f) => mark('finding', f.id, 'settled', true, false, 'Settled.') }
            : undefined
        }
      />
      <Matters title="On record" items={here(open.entries)} tail={(e) => [`${e.register}.`, ...e.says].join(' ')} />
      <Matters
        title="Stays"
        items={here(open.keeps)}
        tail={(k) => [k.until ? `until ${k.until}` : 'for good', k.details].filter(Boolean).join('. ')}
        action={
          mayEdit
            ? { word: 'Released', run: (k) => mark('keep', k.id, 'released', true, false, 'Released.') }
            : undefined
        }
      />
      <Matters
        title="Notes"
        items={here(open.notes)}
        tail={(n) => `${n.by}, ${n.on}${n.opinion ? ', an opinion' : ''}${n.private ? ', private' : ''}`}
      />
      {here(open.memos).length > 0 && <h3>Spoken</h3>}
      {here(open.memos).map((memo) => (
        <figure key={memo.hash}>
          <Played src={`/api/memos/${memo.hash}`} film={memo.film} label={memo.text} />
          <figcaption className="soft">
            {memo.text}
            {memo.private && ', private'}
          </figcaption>
        </figure>
      ))}
      {(mayEdit || drawings.length > 0) && <h3>Drawings</h3>}
      <PlaceDrawings
        siteId={site.id}
        row={row}
        drawings={drawings}
        pins={open.pins}
        mayEdit={mayEdit}
        record={record}
      />
      {photos.length > 0 && <h3>Photos</h3>}
      <div className={styles.photos}>
        {photos.flatMap((photo) => {
          const before = open.photos.find((one) => one.hash === photo.sameSpotAs)
          return before
            ? [<BeforeAfter key={`pair-${photo.hash}`} before={before} after={photo} place={row.name} />]
            : []
        })}
        {photos.map((photo) => (
          <figure key={photo.hash}>
            <a href={`/api/photos/${photo.hash}?size=shared`}>
              <MarkedPhoto
                src={`/api/photos/${photo.hash}?size=thumb`}
                alt={photo.caption || `${row.name}, ${photo.on}`}
                marks={photo.marks}
              />
            </a>
            <figcaption>
              {photo.caption} {photo.on}
              {photo.damaged && <strong className="late d-block">The file is damaged: take it again.</strong>}
              {mayEdit && open.followed && <ShowPhoto photo={photo} placeId={row.placeId} record={record} />}
              {photo.details.map((detail) => (
                <span key={detail} className="d-block soft">
                  {detail}
                </span>
              ))}
            </figcaption>
          </figure>
        ))}
      </div>
      {row.wallMoved && <p className="soft">{row.wallMoved}.</p>}
      {row.earlierSizes.length > 0 && <p className="soft">Measured before: {row.earlierSizes.join(', then ')}.</p>}
      {mayEdit && <Measure site={site} row={row} open={asked === 'measure'} record={record} />}
      {mayEdit && <LayTreatment siteId={site.id} row={row} asked={treatmentById(asked ?? '')?.id ?? ''} />}
      {mayEdit && <ChangePlace site={site} row={row} places={places} open={asked === 'place'} />}
      {mayEdit && (
        <Button
          variant="quiet"
          size="sm"
          className="mt-3"
          onClick={() => mark('place', row.placeId, 'removed', true, false, `${row.name} is off the site.`)}
        >
          Take {row.name} off the site
        </Button>
      )}
    </>
  )
}

/** A face from the inside out. */
function Layers({ list, warnings }: NonNullable<RowView['layers']>) {
  return (
    <>
      <h3>Layer by layer, from inside out</h3>
      <Table bsPrefix={styles.layers}>
        <tbody>
          {list.map(({ name, percent, words }) => (
            <tr key={name} className={percent === null ? 'soft' : undefined}>
              <th scope="row">{name}</th>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {warnings.map((words) => (
        <p key={words} className="notice">
          {words}
        </p>
      ))}
    </>
  )
}

const Played = ({ src, film, label }: { readonly src: string; readonly film: boolean; readonly label: string }) =>
  film ? (
    <video controls preload="none" src={src} aria-label={`Film, ${label}`} />
  ) : (
    <audio controls preload="none" src={src} aria-label={`Memo, ${label}`} />
  )

interface MattersProps<T> {
  readonly title: string
  readonly items: readonly T[]
  readonly tail: (item: T) => string
  readonly action?: { readonly word: string; readonly run: (item: T) => void } | undefined
  /** What stands under an item. */
  readonly below?: ((item: T) => ReactNode) | undefined
}

function Matters<T extends { readonly id: string; readonly text: string }>({
  title,
  items,
  tail,
  action,
  below,
}: MattersProps<T>) {
  if (items.length === 0) return null
  return (
    <>
      <h3>{title}</h3>
      <ul className={styles.matters}>
        {items.map((item) => (
          <li key={item.id}>
            {item.text} <span className="soft">{tail(item)}</span>
            {action && (
              <Button variant="quiet" size="sm" onClick={() => action.run(item)}>
                {action.word}
              </Button>
            )}
            {below?.(item)}
          </li>
        ))}
      </ul>
    </>
  )
}

/** What was decided, in the words that it was said in. */
const Decide = ({ question, onDecided }: { question: string; onDecided: (answer: string) => void }) => (
  <ReadForm
    className="d-flex gap-2 mt-1"
    read={(typed) => saidIn(typed, 'answer', 'What was decided')}
    onRead={onDecided}
  >
    <ReadWords
      name="answer"
      label={<span className="visually-hidden">What was decided: {question}</span>}
      size="sm"
      placeholder="What was decided"
    />
    <Button type="submit" size="sm" variant="quiet">
      Decided
    </Button>
  </ReadForm>
)
