'use client'
import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useEffect, useState } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Point } from '@/core/walk/photoMarks'
import type { MatterAt } from '@/core/walk/mattersAt'
import type { Pin } from '@/core/walk/observation'
import { SHEET_SORTS, type SheetSort } from '@/core/walk/sheets'
import { pdfPage } from './pdfPage'
import styles from './Drawings.module.css'

export interface Drawing {
  readonly hash: string
  readonly title: string
  readonly sort: SheetSort
}

export interface NewDrawing {
  readonly file: Blob
  readonly title: string
  readonly sort: SheetSort
  /** For the whole site, not for this place alone. */
  readonly everywhere: boolean
}

interface DrawingsProps {
  readonly drawings: readonly Drawing[]
  readonly pins: readonly (Pin & { readonly id: string })[]
  /** What a pin can stand for. */
  readonly matters: readonly MatterAt[]
  readonly srcOf: (hash: string) => Promise<string>
  readonly onDrawing: ((drawing: NewDrawing) => Promise<void>) | null
  readonly onPin: ((pin: Pin) => Promise<void>) | null
  readonly onRemovePin: ((id: string) => Promise<void>) | null
}

/** The plans and elevations of a place, each with what stands where; a tap on one puts the next pin. */
export function Drawings({ drawings, pins, matters, srcOf, onDrawing, onPin, onRemovePin }: DrawingsProps) {
  const [shown, setShown] = useState<string | null>(null)
  const [adding, setAdding] = useState(false)
  const drawing = drawings.find((one) => one.hash === shown)
  return (
    <div className={styles.drawings}>
      {drawings.map((one) => {
        const count = pins.filter((pin) => pin.sheet === one.hash).length
        return (
          <Button
            bsPrefix="tap"
            key={one.hash}
            className={styles.choice}
            aria-expanded={one.hash === shown}
            onClick={() => setShown(one.hash === shown ? null : one.hash)}
          >
            {one.title || SHEET_SORTS[one.sort]}
            <small>
              {SHEET_SORTS[one.sort].toLowerCase()}, {count === 1 ? '1 pin' : `${count} pins`}
            </small>
          </Button>
        )
      })}
      {drawing && (
        <PinnedSheet
          key={drawing.hash}
          drawing={drawing}
          pins={pins.filter((pin) => pin.sheet === drawing.hash)}
          matters={matters}
          srcOf={srcOf}
          onPin={onPin}
          onRemovePin={onRemovePin}
        />
      )}
      {onDrawing &&
        (adding ? (
          <DrawingForm
            onClose={() => setAdding(false)}
            onKeep={async (made) => {
              await onDrawing(made)
              setAdding(false)
            }}
          />
        ) : (
          <Button bsPrefix="tap" className={styles.choice} onClick={() => setAdding(true)}>
            Add a plan or drawing
          </Button>
        ))}
    </div>
  )
}

function PinnedSheet({
  drawing,
  pins,
  matters,
  srcOf,
  onPin,
  onRemovePin,
}: Pick<DrawingsProps, 'pins' | 'matters' | 'srcOf' | 'onPin' | 'onRemovePin'> & { readonly drawing: Drawing }) {
  const [src, setSrc] = useState<string | null>(null)
  const [at, setAt] = useState<Point | null>(null)
  useEffect(() => {
    void srcOf(drawing.hash).then(setSrc)
  }, [drawing.hash, srcOf])
  const keep = async (form: FormData): Promise<void> => {
    const about = String(form.get('about') ?? '')
    const text = String(form.get('text') ?? '').trim() || matters.find(({ id }) => id === about)?.words
    if (!text || !at) return
    await onPin!({ sheet: drawing.hash, at, text, ...(about ? { about } : {}) })
    setAt(null)
  }
  return (
    <div className={styles.sheet}>
      <div className={styles.picture}>
        {src && (
          <img
            src={src}
            alt={`${drawing.title || SHEET_SORTS[drawing.sort]}, a drawing`}
            onClick={(event) => {
              if (!onPin) return
              const box = event.currentTarget.getBoundingClientRect()
              setAt({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height })
            }}
          />
        )}
        {pins.map((pin, i) => (
          <PinDot key={pin.id} at={pin.at} word={String(i + 1)} />
        ))}
        {at && <PinDot at={at} word="+" />}
      </div>
      {at && (
        <Form
          className={styles.form}
          onSubmit={(event) => {
            event.preventDefault()
            void keep(new FormData(event.currentTarget))
          }}
        >
          <FormLabel>
            What stands there
            <FormControl name="text" autoComplete="off" />
          </FormLabel>
          <FormLabel>
            Or something on record here
            <FormSelect name="about" defaultValue="">
              <option value="">nothing of it</option>
              {matters.map(({ id, words }) => (
                <option key={id} value={id}>
                  {words}
                </option>
              ))}
            </FormSelect>
          </FormLabel>
          <Button type="submit" variant="primary">
            Put the pin
          </Button>
          <Button variant="quiet" onClick={() => setAt(null)}>
            No pin
          </Button>
        </Form>
      )}
      {onPin && !at && <p className="soft">Tap the drawing to put a pin.</p>}
      <ol className={styles.pins}>
        {pins.map((pin) => (
          <li key={pin.id}>
            {pin.text}
            {onRemovePin && (
              <Button variant="quiet" size="sm" onClick={() => void onRemovePin(pin.id)}>
                Take off<span className="visually-hidden"> {pin.text}</span>
              </Button>
            )}
          </li>
        ))}
      </ol>
    </div>
  )
}

const PinDot = ({ at, word }: { readonly at: Point; readonly word: string }) => (
  <span className={styles.pin} style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }} aria-hidden="true">
    {word}
  </span>
)

/** A picture, or a page of a PDF file, that is kept as a drawing. */
function DrawingForm({
  onKeep,
  onClose,
}: {
  readonly onKeep: (drawing: NewDrawing) => Promise<void>
  readonly onClose: () => void
}) {
  const [file, setFile] = useState<File | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const isPdf = file !== null && /\.pdf$/i.test(file.name)
  const keep = async (form: FormData): Promise<void> => {
    if (!file) return setWrong('Drawing: choose a picture or a PDF file.')
    setBusy(true)
    try {
      await onKeep({
        file: isPdf ? await pdfPage(file, Number(form.get('page') ?? 1)) : file,
        title: String(form.get('title') ?? '').trim(),
        sort: String(form.get('sort')) as SheetSort,
        everywhere: form.has('everywhere'),
      })
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong(error.message)
    } finally {
      setBusy(false)
    }
  }
  return (
    <Form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void keep(new FormData(event.currentTarget))
      }}
    >
      <FormLabel>
        Picture or PDF file
        <FormControl
          type="file"
          accept="image/*,application/pdf"
          onChange={(event) => setFile((event.target as HTMLInputElement).files?.[0] ?? null)}
        />
      </FormLabel>
      {isPdf && (
        <FormLabel>
          Which page
          <FormControl type="number" name="page" min={1} defaultValue={1} />
        </FormLabel>
      )}
      <FormLabel>
        What it shows
        <FormSelect name="sort">
          {Object.entries(SHEET_SORTS).map(([sort, words]) => (
            <option key={sort} value={sort}>
              {words}
            </option>
          ))}
        </FormSelect>
      </FormLabel>
      <FormLabel>
        Its title
        <FormControl name="title" autoComplete="off" maxLength={200} />
      </FormLabel>
      <FormLabel>
        <FormCheckInput type="checkbox" name="everywhere" /> for the whole site
      </FormLabel>
      <div aria-live="assertive">{wrong && <p className="notice notice-error">{wrong}</p>}</div>
      <Button type="submit" variant="primary" disabled={busy}>
        Keep the drawing
      </Button>
      <Button variant="quiet" onClick={onClose}>
        Close
      </Button>
    </Form>
  )
}
