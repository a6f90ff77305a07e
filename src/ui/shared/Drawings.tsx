'use client'
import Button from 'react-bootstrap/Button'
import { useEffect, useState } from 'react'
import { useWatch } from 'react-hook-form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Point } from '@/core/walk/photoMarks'
import type { MatterAt } from '@/core/walk/mattersAt'
import type { Pin } from '@/core/walk/observation'
import { SHEET_SORTS, type SheetSort } from '@/core/walk/sheets'
import { Options } from './Options'
import { pdfPage } from './pdfPage'
import { ReadChoice, ReadTick, ReadWords } from './ReadFields'
import { ReadForm, WhatIsWrong } from './ReadForm'
import { filesIn, wordsIn, type Typed } from './typed'
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
  const pinIn = (typed: Typed): Omit<Pin, 'sheet' | 'at'> => {
    const [text, about] = [wordsIn(typed)('text'), wordsIn(typed)('about')]
    const words = text || matters.find(({ id }) => id === about)?.words
    if (!words) throw new ImpossibleRequest('empty', 'What stands there: say it, or choose what is on record.', 'text')
    return { text: words, ...(about ? { about } : {}) }
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
        <ReadForm
          className={styles.form}
          read={pinIn}
          onRead={async (pin) => {
            await onPin!({ sheet: drawing.hash, at, ...pin })
            setAt(null)
          }}
        >
          <ReadWords name="text" label="What stands there" />
          <ReadChoice name="about" label="Or something on record here" defaultValue="">
            <option value="">nothing of it</option>
            {matters.map(({ id, words }) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </ReadChoice>
          <Button type="submit" variant="primary">
            Put the pin
          </Button>
          <Button variant="quiet" onClick={() => setAt(null)}>
            No pin
          </Button>
        </ReadForm>
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
  const [busy, setBusy] = useState(false)
  const keep = async ({ file, page, ...told }: ReturnType<typeof drawingIn>): Promise<void> => {
    setBusy(true)
    try {
      await onKeep({ file: isPdf(file) ? await pdfPage(file, page) : file, ...told })
    } finally {
      setBusy(false)
    }
  }
  return (
    <ReadForm className={styles.form} read={drawingIn} onRead={keep}>
      <ReadWords name="file" label="Picture or PDF file" type="file" accept="image/*,application/pdf" />
      <WhichPage />
      <ReadChoice name="sort" label="What it shows">
        <Options of={SHEET_SORTS} />
      </ReadChoice>
      <ReadWords name="title" label="Its title" maxLength={200} />
      <ReadTick name="everywhere" label="for the whole site" />
      <WhatIsWrong />
      <Button type="submit" variant="primary" disabled={busy}>
        Keep the drawing
      </Button>
      <Button variant="quiet" onClick={onClose}>
        Close
      </Button>
    </ReadForm>
  )
}

/** A PDF file has pages to choose from. */
function WhichPage() {
  const [file] = filesIn({ file: useWatch({ name: 'file' }) as unknown }, 'file')
  return file && isPdf(file) && <ReadWords name="page" label="Which page" type="number" min={1} defaultValue={1} />
}

const isPdf = ({ name }: File): boolean => /\.pdf$/i.test(name)

/** What the form of a drawing says.
 * @throws ImpossibleRequest where no file is chosen */
function drawingIn(typed: Typed) {
  const words = wordsIn(typed)
  const [file] = filesIn(typed, 'file')
  if (!file) throw new ImpossibleRequest('empty', 'Drawing: choose a picture or a PDF file.', 'file')
  return {
    file,
    page: Number(words('page') || 1),
    title: words('title'),
    sort: words('sort') as SheetSort,
    everywhere: words('everywhere') !== '',
  }
}
