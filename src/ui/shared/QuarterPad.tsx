'use client'
import { stageHue } from './stageHue'
import type { Stage } from '@/core/scope/vocabulary'
import styles from './QuarterPad.module.css'

const QUARTERS = [25, 50, 75, 100] as const

/** Four thumb-sized targets that set how far a line of work is; the one that stands, pressed again, goes back to none. */
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
          aria-pressed={value >= quarter}
          className={value >= quarter ? styles.full : undefined}
          onClick={() => onSet(value === quarter ? 0 : quarter)}
        >
          {quarter === 100 ? 'done' : quarter}
        </button>
      ))}
    </div>
  )
}
