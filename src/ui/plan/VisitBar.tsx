import Button from 'react-bootstrap/Button'
import { useDraggable } from '@dnd-kit/core'
import type { KeyboardEvent } from 'react'
import type { Day } from '@/core/calendar/day'
import { firstHalf, halvesOf, type Bar as BarOf } from '@/core/schedule/lanes'
import { stageHue } from '../shared/stageHue'
import { LANE, LETTER, NAME_WIDTH } from './measures'
import type { VisitView } from './types'
import styles from './PlanPicture.module.css'

interface BarProps {
  readonly bar: BarOf<VisitView>
  readonly from: Day
  /** Pixels of half a day. */
  readonly half: number
  /** What it may say, the fullest first. */
  readonly labels: readonly string[]
  /** Free pixels between this bar and the next of its lane. */
  readonly room: number
  readonly gate: string | null
  readonly chosen: boolean
  readonly resting: boolean
  readonly shift: number
  readonly first: boolean
  readonly hold: (element: HTMLButtonElement | null) => void
  readonly onLook: (visit: VisitView | null) => void
  readonly onChoose: () => void
  readonly onKey: (event: KeyboardEvent) => void
  /** What it is called while it is dragged. */
  readonly dragId: string
}

/** What a bar hands on while it is dragged. */
export interface Dragged {
  readonly bar: BarOf<VisitView>
}

const MARKS = { confirmed: '✓ ', declined: '✗ ', told: '' } as const

/** One visit on the board. Its words stand in it or beside it where they fit whole, and nowhere else. */
export function VisitBar(props: BarProps) {
  const { bar, half, labels, room, gate, chosen, resting, shift, first, hold, onLook, onChoose, onKey, dragId } = props
  const { listeners, setNodeRef } = useDraggable({ id: dragId, data: { bar } satisfies Dragged })
  const { visit } = bar
  const booking = visit.booking?.state
  const mark = `${visit.pinned ? '◆ ' : ''}${booking ? MARKS[booking] : ''}`
  const width = Math.max(3, bar.length * half - 2)
  const needs = (label: string): number => (label.length + mark.length) * LETTER + 14
  // The full word, in the bar or else beside it, before a short one.
  const label = labels.find((one) => needs(one) <= Math.max(width, room))
  const within = label !== undefined && needs(label) <= width
  const top = bar.lane * LANE + 5
  return (
    <>
      {visit.was && (
        <span
          aria-hidden="true"
          className={styles.ghost}
          style={{
            left: NAME_WIDTH + firstHalf(props.from, visit.was) * half + 1,
            width: Math.max(3, halvesOf(visit.was) * half - 2),
            top,
          }}
        />
      )}
      <Button
        bsPrefix="tap"
        ref={(element: HTMLButtonElement | null) => {
          hold(element)
          setNodeRef(element)
        }}
        data-visit={visit.key}
        tabIndex={first || chosen ? 0 : -1}
        className={[
          styles.bar,
          booking ? '' : styles.untold,
          chosen ? styles.chosen : '',
          resting ? styles.resting : '',
          booking === 'confirmed' ? styles.confirmed : '',
          booking === 'declined' ? styles.declined : '',
          visit.critical ? styles.critical : '',
          visit.pinned ? styles.pinned : '',
          gate ? styles.gated : '',
          label === undefined || within ? '' : styles.open,
        ].join(' ')}
        style={
          {
            left: NAME_WIDTH + (bar.first + shift) * half + 1,
            width,
            top,
            '--hue': stageHue(visit.stage),
          } as React.CSSProperties
        }
        aria-label={[
          visit.title,
          visit.places,
          visit.when,
          visit.crew,
          booking ?? 'not told',
          ...(visit.pinned ? ['held on its day'] : []),
          ...(visit.critical ? ['the end hangs on it'] : []),
          ...(visit.was ? [`was ${visit.was.words}`] : []),
          ...(gate ? [gate] : []),
        ].join(', ')}
        title={`${visit.title}, ${visit.places}: ${visit.when}${gate ? `. ${gate}` : ''}`}
        onClick={onChoose}
        onFocus={() => onLook(visit)}
        onBlur={() => onLook(null)}
        onPointerEnter={() => onLook(visit)}
        onKeyDown={onKey}
        {...listeners}
      >
        {within && `${mark}${label}`}
        {label !== undefined && !within && (
          <span className={styles.beside}>
            {mark}
            {label}
          </span>
        )}
      </Button>
    </>
  )
}
