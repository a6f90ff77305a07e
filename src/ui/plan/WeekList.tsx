import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { dateOnly, weekBegin, type Day } from '@/core/calendar/day'
import { stageHue } from '../shared/stageHue'
import type { VisitView } from './types'
import styles from './WeekList.module.css'

/** Weeks that are listed at once. */
const WEEKS = 8

/** The plan on a phone: week by week, what is next. */
export function WeekList({
  visits,
  showSite,
  onChoose,
}: {
  visits: readonly VisitView[]
  showSite: boolean
  onChoose: (key: string) => void
}) {
  const [shown, setShown] = useState(WEEKS)
  const weeks = new Map<Day, VisitView[]>()
  for (const visit of [...visits].sort((a, b) =>
    a.startDay < b.startDay ? -1 : a.startDay > b.startDay ? 1 : a.startHalf - b.startHalf,
  )) {
    const week = weekBegin(visit.startDay)
    weeks.set(week, [...(weeks.get(week) ?? []), visit])
  }
  return (
    <>
      {[...weeks].slice(0, shown).map(([week, its]) => (
        <section key={week}>
          <h2>Week of {dateOnly(week)}</h2>
          <ul className={styles.list}>
            {its.map((visit) => (
              <li key={visit.key}>
                <Button
                  bsPrefix="tap"
                  onClick={() => onChoose(visit.key)}
                  style={{ borderColor: stageHue(visit.stage) }}
                >
                  <strong>
                    {visit.title}, {visit.places}
                  </strong>
                  <span>
                    {visit.when}
                    {showSite && `, ${visit.site}`}, {visit.crew}
                    {visit.booking && `, ${visit.booking.state}`}
                  </span>
                </Button>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {weeks.size > shown && (
        <Button variant="quiet" onClick={() => setShown(shown + WEEKS)}>
          Later weeks
        </Button>
      )}
    </>
  )
}
