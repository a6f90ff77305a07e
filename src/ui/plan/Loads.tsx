import { useMemo } from 'react'
import { daysBetween, type Day } from '@/core/calendar/day'
import { LANE, NAME_WIDTH } from './measures'
import type { PlanProps, VisitView } from './types'
import styles from './PlanPicture.module.css'

/** Hours of work by week, under all rows. */
export function Loads({
  visits,
  days,
  from,
  width1,
}: {
  readonly visits: readonly VisitView[]
  readonly days: PlanProps['days']
  readonly from: Day
  readonly width1: number
}) {
  const hours = useMemo(() => {
    const weeks = Array.from({ length: Math.ceil(days.length / 7) }, () => 0)
    for (const visit of visits) {
      const on = days.filter(({ day, works }) => works && day >= visit.startDay && day <= visit.endDay)
      for (const { day } of on) weeks[Math.floor(daysBetween(from, day) / 7)]! += visit.hours / on.length
    }
    return weeks
  }, [visits, days, from])
  const most = Math.max(1, ...hours)
  return (
    <div className={styles.row} style={{ height: 2 * LANE }} role="group" aria-label="Hours of work by week">
      <div className={styles.name}>Hours by week</div>
      {hours.map((load, week) => (
        <span
          key={week}
          className={styles.load}
          style={{
            left: NAME_WIDTH + week * 7 * width1,
            width: 7 * width1 - 2,
            height: Math.round((load / most) * (2 * LANE - 24)),
          }}
          title={`${Math.round(load)} h`}
        >
          {width1 * 7 > 30 && <b>{Math.round(load)}</b>}
        </span>
      ))}
    </div>
  )
}
