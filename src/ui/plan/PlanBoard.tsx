'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useCallback, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { PlanAgain } from '../shared/PlanAgain'
import { useSend } from '../shared/useSend'
import { FormError } from '../shared/FormError'
import type { PlanChange } from '@/core/schedule/planChange'
import { AddVisit } from './AddVisit'
import { ChangeDialog } from './ChangeDialog'
import { Forward } from './Forward'
import { OtherSchools } from './OtherSchools'
import { OtherWays } from './OtherWays'
import { PlanPicture } from './PlanPicture'
import { Risk } from './Risk'
import type { PlanProps, VisitView } from './types'
import { VisitPanel, type Asked } from './VisitPanel'
import { WeekList } from './WeekList'
import styles from './PlanBoard.module.css'

/** Two visits may take each other’s days where one crew does both, or one site has both. */
const maySwap = (one: VisitView, other: VisitView): boolean =>
  one.siteId === other.siteId || (one.crewId !== null && one.crewId === other.crewId)

/** Who comes when, in what order, and what if: the picture, the visit in focus, and moves with their consequences. */
export function PlanBoard(props: PlanProps) {
  const router = useRouter()
  const search = useSearchParams()
  const [chosen, setChosen] = useState<string | null>(search.get('visit'))
  const [change, setChange] = useState<PlanChange | null>(null)
  const [asked, setAsked] = useState<Asked | null>(null)
  const { error, run } = useSend<{ undone?: string }>()
  const [said, setSaid] = useState('')
  const visit = props.visits.find((one) => one.key === chosen) ?? null

  const undo = useCallback(async () => {
    const undone = await run('/api/plan/undo')
    if (undone) {
      setSaid(`Undone: ${undone.undone?.toLowerCase()}. The plan before is in force again.`)
      router.refresh()
    }
  }, [run, router])

  return (
    <div className={`page ${styles.board}`}>
      <div className={styles.head}>
        {props.site ? <h1>{props.finish}</h1> : <h1>All sites</h1>}
        <p>
          {!props.site && `Likely finish: ${props.finish}. `}
          {props.floor} {props.visits.length} trade visits.
        </p>
        {props.risk && <Risk {...props.risk} />}
        {props.promises.map(({ late, words }) => (
          <p key={words} className={late ? 'late' : 'well'}>
            {words}
          </p>
        ))}
        {props.site && props.visits.length > 0 && <Forward siteId={props.site.id} />}
        {props.visits.length > 0 && (
          <OtherWays
            siteId={props.site?.id ?? null}
            onPlanned={() => setSaid('Planned this way. See who has to be told.')}
          />
        )}
        {props.site && props.visits.length > 0 && <OtherSchools siteId={props.site.id} />}
        {props.schools.length > 0 && (
          <details className="soft">
            <summary>How this site does it</summary>
            {props.schools.join(' ')}
          </details>
        )}
        <div className={styles.actions}>
          <PlanAgain onPlanned={() => setSaid('Planned again. See who has to be told.')} />
          <Button variant="quiet" onClick={() => void undo()}>
            Undo last plan
          </Button>
          <a className="btn btn-quiet" href={props.site ? `/plan/ahead?site=${props.site.id}` : '/plan/ahead'}>
            The next weeks
          </a>
          <a className="btn btn-quiet" href={props.site ? `/sites/${props.site.id}/share` : '/share'}>
            Who to tell
          </a>
          <a
            className="btn btn-quiet"
            href={props.site ? `/api/plan/paper?site=${props.site.id}` : '/api/plan/paper'}
            download
          >
            On paper
          </a>
        </div>
      </div>
      <div aria-live="polite">
        {props.stale.length > 0 && (
          <p className="notice">
            Something was learned about {props.stale.join(' and ')} since this plan was made. Plan again to use it.
          </p>
        )}
        {said && <p className="notice notice-good">{said}</p>}
      </div>
      {props.uncrewed.length > 0 && (
        <p className="notice">
          No crew is on record for: {props.uncrewed.join(', ')}. They are planned as if somebody were always free, and
          nobody can be told. <a href="/settings/crews">Add your crews</a>
        </p>
      )}
      <FormError error={error} />
      {props.visits.length === 0 ? (
        <p className="notice">Nothing to plan yet. Lay down work at a place, then plan.</p>
      ) : (
        <div className={styles.columns}>
          <div className={styles.picture} tabIndex={0} role="region" aria-label="Plan">
            <PlanPicture
              {...props}
              chosen={chosen}
              onChoose={setChosen}
              onChange={setChange}
              onAsk={setAsked}
              onUndo={undo}
            />
          </div>
          <div className={styles.list}>
            <WeekList visits={props.visits} showSite={props.site === null} onChoose={setChosen} />
          </div>
          <aside
            tabIndex={0}
            className={`${styles.side} ${visit ? '' : styles.idle}`}
            aria-label={visit ? visit.title : 'Visit'}
          >
            {visit ? (
              <VisitPanel
                visit={visit}
                others={props.visits.filter((one) => one.key !== visit.key && maySwap(one, visit))}
                asked={asked}
                onChange={setChange}
                onClose={() => setChosen(null)}
              />
            ) : (
              <>
                <h2>Choose a visit</h2>
                <p>
                  It tells why it starts when it does, what waits for it, and lets you move it: drag its bar, or press{' '}
                  <kbd>m</kbd> on it and use the arrows; <kbd>h</kbd> holds it, <kbd>s</kbd> swaps it, <kbd>p</kbd>{' '}
                  splits it in two. You see what moves before anything is saved.
                </p>
              </>
            )}
          </aside>
        </div>
      )}
      {props.site && <AddVisit siteId={props.site.id} places={props.places} onChange={setChange} />}
      {change && (
        <ChangeDialog
          change={change}
          visit={change.kind === 'add' ? null : props.visits.find((one) => one.key === change.visitKey)!}
          onClose={() => setChange(null)}
          onChanged={(words) => {
            setChange(null)
            setSaid(words)
            router.refresh()
          }}
        />
      )}
    </div>
  )
}
