import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import Button from 'react-bootstrap/Button'
import { useEffect, useState } from 'react'
import type { KonvaEventObject } from 'konva/lib/Node'
import { Arrow, Circle, Image as Picture, Layer, Rect, Stage, Text } from 'react-konva'
import { markOf, MARK_KINDS, type PhotoMark, type Point } from '@/core/walk/photoMarks'
import styles from './Walk.module.css'

const WIDTH = 330
const RED = '#c8432b'

/** Draws on a photo with a finger: choose a sort of mark, then drag or tap. */
export function MarkPhoto({
  file,
  marks,
  onMarks,
}: {
  readonly file: File
  readonly marks: readonly PhotoMark[]
  readonly onMarks: (marks: readonly PhotoMark[]) => void
}) {
  const picture = usePicture(file)
  const [kind, setKind] = useState<PhotoMark['kind']>('arrow')
  const [words, setWords] = useState('')
  const [from, setFrom] = useState<Point | null>(null)
  const [now, setNow] = useState<Point | null>(null)
  if (picture === 'unreadable') return <p className="soft">This picture cannot be shown here; it is kept as it is.</p>
  if (!picture) return null
  const height = Math.round((WIDTH * picture.naturalHeight) / picture.naturalWidth)
  const pointOf = (event: KonvaEventObject<MouseEvent | TouchEvent>): Point | null => {
    const at = event.target.getStage()?.getPointerPosition()
    return at ? { x: at.x / WIDTH, y: at.y / height } : null
  }
  const begin = (event: KonvaEventObject<MouseEvent | TouchEvent>): void => {
    setFrom(pointOf(event))
    setNow(pointOf(event))
  }
  const end = (event: KonvaEventObject<MouseEvent | TouchEvent>): void => {
    const to = pointOf(event) ?? now
    if (from && to && (kind !== 'words' || words.trim() !== ''))
      onMarks([...marks, markOf(kind, from, to, words.trim())])
    setFrom(null)
    setNow(null)
  }
  const drawing = from && now && kind !== 'words' ? [markOf(kind, from, now, '')] : []
  return (
    <div>
      <div className={styles.tools} role="group" aria-label="Draw on it">
        {(Object.keys(MARK_KINDS) as PhotoMark['kind'][]).map((one) => (
          <Button bsPrefix="tap" key={one} aria-pressed={kind === one} onClick={() => setKind(one)}>
            {MARK_KINDS[one]}
          </Button>
        ))}
        <Button bsPrefix="tap" disabled={marks.length === 0} onClick={() => onMarks(marks.slice(0, -1))}>
          Undo
        </Button>
      </div>
      {kind === 'words' && (
        <FormLabel>
          Words, then tap where they belong
          <FormControl value={words} onChange={(event) => setWords(event.target.value)} />
        </FormLabel>
      )}
      <Stage
        width={WIDTH}
        height={height}
        className={styles.canvas}
        onMouseDown={begin}
        onTouchStart={begin}
        onMouseMove={(event) => from && setNow(pointOf(event))}
        onTouchMove={(event) => from && setNow(pointOf(event))}
        onMouseUp={end}
        onTouchEnd={end}
      >
        <Layer>
          <Picture image={picture} width={WIDTH} height={height} />
          {[...marks, ...drawing].map((mark, i) => (
            <Drawn key={i} mark={mark} height={height} />
          ))}
        </Layer>
      </Stage>
      <p className="soft" aria-live="polite">
        {marks.length === 0 ? 'Nothing is drawn on it.' : marks.length === 1 ? 'One mark.' : `${marks.length} marks.`}
      </p>
    </div>
  )
}

function Drawn({ mark, height }: { readonly mark: PhotoMark; readonly height: number }) {
  const x = (point: Point): number => point.x * WIDTH
  const y = (point: Point): number => point.y * height
  switch (mark.kind) {
    case 'arrow':
      return (
        <Arrow points={[x(mark.from), y(mark.from), x(mark.to), y(mark.to)]} stroke={RED} fill={RED} strokeWidth={4} />
      )
    case 'ring':
      return <Circle x={x(mark.at)} y={y(mark.at)} radius={mark.radius * WIDTH} stroke={RED} strokeWidth={4} />
    case 'point':
      return <Circle x={x(mark.at)} y={y(mark.at)} radius={7} fill={RED} />
    case 'words':
      return <Text x={x(mark.at)} y={y(mark.at)} text={mark.text} fill={RED} fontSize={18} fontStyle="bold" />
    case 'blur':
      return (
        <Rect
          x={x(mark.from)}
          y={y(mark.from)}
          width={x(mark.to) - x(mark.from)}
          height={y(mark.to) - y(mark.from)}
          fill="#17262d"
          opacity={0.75}
        />
      )
  }
}

function usePicture(file: File): HTMLImageElement | 'unreadable' | null {
  const [loaded, setLoaded] = useState<{ file: File; picture: HTMLImageElement | 'unreadable' } | null>(null)
  useEffect(() => {
    const url = URL.createObjectURL(file)
    const picture = new window.Image()
    picture.onload = () => setLoaded({ file, picture })
    picture.onerror = () => setLoaded({ file, picture: 'unreadable' })
    picture.src = url
    return () => URL.revokeObjectURL(url)
  }, [file])
  return loaded?.file === file ? loaded.picture : null
}
