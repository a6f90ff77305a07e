'use client'
import { stageHue } from './stageHue'
import type { Stage } from '@/core/scope/vocabulary'
import styles from './QuarterPad.module.css'

const QUARTERS = [0, 25, 50, 75, 100] as const

/** Five thumb-sized targets that set how far a line of work is. Each says what it sets: the one that stands, pressed again,
 * changes nothing. */
export function QuarterPad({
  title,
  stage,
  value,
  onSet,
}: {
  title: string
  stage: Stage
  value: number
  onSet: (value: number) => void
}) {
  return (
    <div
      className={styles.pad}
      role="group"
      aria-label={`How far: ${title}`}
      style={{ '--hue': stageHue(stage) } as React.CSSProperties}
    >
      {QUARTERS.map((quarter) => (
        <button
          key={quarter}
          type="button"
          aria-pressed={value >= quarter && (quarter > 0 || value === 0)}
          className={quarter > 0 && value >= quarter ? styles.full : undefined}
          onClick={() => value !== quarter && onSet(quarter)}
        >
          {quarter === 100 ? 'done' : quarter === 0 ? 'none' : quarter}
        </button>
      ))}
    </div>
  )
}
