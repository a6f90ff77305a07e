import Button from 'react-bootstrap/Button'
import { COMINGS, comingId, type Coming } from '@/core/walk/coming'
import { TRADES } from '@/core/scope/vocabulary'
import type { NewFact } from '@/core/walk/observation'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** Who is due at a place today, and whether they came. */
export function DueToday({
  site: { snapshot, state },
  placeId,
  record,
}: {
  readonly site: SiteWalk
  readonly placeId: string
  readonly record: (facts: readonly NewFact[]) => void
}) {
  const { today, visits } = snapshot
  const here = new Set(state.lines.filter((line) => line.placeId === placeId).map(({ id }) => id))
  const due = visits.filter(
    ({ crewed, startDay, endDay, lineIds }) =>
      crewed && startDay <= today && endDay >= today && lineIds.some((id) => here.has(id)),
  )
  return due.map(({ key, trade, crewId }) => {
    const told = state.comings.find((one) => one.visitKey === key && one.day === today)?.how
    const tell = (how: Coming['how']): void => {
      const value: Coming = { visitKey: key, trade, ...(crewId ? { crewId } : {}), day: today, how }
      record([{ subject: 'coming', subjectId: comingId(value), facet: 'told', placeId: null, value }])
    }
    return (
      <fieldset key={key} className={styles.pad}>
        <legend className="h3">{TRADES[trade]} due here today</legend>
        {(Object.keys(COMINGS) as Coming['how'][]).map((how) => (
          <Button
            key={how}
            bsPrefix="tap"
            className={styles.small}
            aria-pressed={told === how}
            onClick={() => tell(how)}
          >
            {COMINGS[how]}
          </Button>
        ))}
      </fieldset>
    )
  })
}
