import type { Bar as BarOf } from '@/core/schedule/lanes'
import { LANE, NAME_WIDTH } from './measures'
import type { VisitView } from './types'
import styles from './PlanPicture.module.css'

type Bar = BarOf<VisitView>

/** The way of one crew from visit to visit. */
export function Thread({
  laid,
  crewId,
  width,
  half,
}: {
  laid: readonly { bars: readonly Bar[]; lanes: number }[]
  crewId: string | null
  width: number
  half: number
}) {
  let top = 0
  const points: { from: number; to: number; y: number }[] = []
  for (const { bars, lanes } of laid) {
    for (const bar of bars) {
      if (bar.visit.crewId === crewId)
        points.push({
          from: NAME_WIDTH + bar.first * half,
          to: NAME_WIDTH + (bar.first + bar.length) * half,
          y: top + bar.lane * LANE + 19,
        })
    }
    top += lanes * LANE + 9
  }
  points.sort((a, b) => a.from - b.from)
  return (
    <svg className={styles.thread} width={width} height={top} aria-hidden="true">
      {points.slice(1).map((point, i) => {
        const before = points[i]!
        const middle = (before.to + point.from) / 2
        return (
          <path
            key={i}
            d={`M${before.to} ${before.y} C${middle + 14} ${before.y}, ${middle - 14} ${point.y}, ${point.from} ${point.y}`}
          />
        )
      })}
    </svg>
  )
}
