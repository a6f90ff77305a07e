import { useState } from 'react'
import Alert from 'react-bootstrap/Alert'
import Button from 'react-bootstrap/Button'
import Dropdown from 'react-bootstrap/Dropdown'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { PlanAgain } from '../shared/PlanAgain'
import { Risk } from './Risk'
import { Weather } from './Weather'
import type { PlanProps } from './types'
import styles from './PlanBoard.module.css'

interface PlanHeadProps extends PlanProps {
  readonly onWhatIf: () => void
  readonly onUndo: () => void
  readonly onPlanned: () => void
}

/** One line of words: when it is likely done, what can be promised, what it hangs on; and what can be done with the plan. */
export function PlanHead({ site, finish, risk, kept, schools, onWhatIf, onUndo, onPlanned, ...plan }: PlanHeadProps) {
  const [hangs, setHangs] = useState(false)
  const [weather, setWeather] = useState(false)
  return (
    <div className={styles.head}>
      <h1>{site ? finish : 'All sites'}</h1>
      <p>
        {!site && `Likely finish: ${finish}. `}
        {risk && (
          <>
            Safe to promise: <strong>{risk.safe}</strong>.{' '}
            <Button variant="link" className="p-0 align-baseline" onClick={() => setHangs(true)}>
              What it hangs on
            </Button>
            .{' '}
          </>
        )}
        {kept.map((words) => (
          <span key={words} className="well">
            {words}{' '}
          </span>
        ))}
      </p>
      <div className={styles.actions}>
        {plan.visits.length > 0 && (
          <Button variant="quiet" onClick={onWhatIf}>
            What if
          </Button>
        )}
        <PlanAgain onPlanned={onPlanned} />
        <Dropdown align="end">
          <Dropdown.Toggle variant="quiet">More</Dropdown.Toggle>
          <Dropdown.Menu>
            <Dropdown.Item as="button" onClick={onUndo}>
              Undo last plan
            </Dropdown.Item>
            <Dropdown.Item as="button" onClick={() => setWeather(true)}>
              Weather
            </Dropdown.Item>
            <Dropdown.Item href={site ? `/plan/ahead?site=${site.id}` : '/plan/ahead'}>The next weeks</Dropdown.Item>
            <Dropdown.Item href={site ? `/sites/${site.id}/share` : '/share'}>Who to tell</Dropdown.Item>
            <Dropdown.Item href={site ? `/api/plan/paper?site=${site.id}` : '/api/plan/paper'} download>
              On paper
            </Dropdown.Item>
          </Dropdown.Menu>
        </Dropdown>
      </div>
      {weather && <Weather days={plan.weather} show onClose={() => setWeather(false)} />}
      {risk && (
        <Offcanvas show={hangs} onHide={() => setHangs(false)} placement="end" aria-labelledby="hangs-on">
          <Offcanvas.Header closeButton>
            <Offcanvas.Title as="h2" id="hangs-on">
              What it hangs on
            </Offcanvas.Title>
          </Offcanvas.Header>
          <Offcanvas.Body>
            <Risk {...risk} />
            {plan.floor && <p>{plan.floor}</p>}
            {schools.length > 0 && <p>How this site does it: {schools.join(' ')}</p>}
          </Offcanvas.Body>
        </Offcanvas>
      )}
    </div>
  )
}

/** What does not hold, each with its mend: the first one in sight, the others on demand. */
export function Alarms(props: Pick<PlanProps, 'stale' | 'uncrewed' | 'alarms'>) {
  const { stale, uncrewed } = props
  const [open, setOpen] = useState(false)
  const alarms = [
    ...(stale.length > 0
      ? [<>Something was learned about {stale.join(' and ')} since this plan was made. Plan again to use it.</>]
      : []),
    ...(uncrewed.length > 0
      ? [
          <>
            No crew is on record for: {uncrewed.join(', ')}. They are planned as if somebody were always free, and
            nobody can be told. <a href="/settings/crews">Add your crews</a>
          </>,
        ]
      : []),
    ...props.alarms.map(({ words, href }) => (
      <>
        {words} <a href={href}>Look at it</a>
      </>
    )),
  ]
  if (alarms.length === 0) return null
  return (
    <Alert variant="warning" className={styles.alarms}>
      {alarms.slice(0, open ? alarms.length : 1).map((alarm, i) => (
        <p key={i}>{alarm}</p>
      ))}
      {alarms.length > 1 && (
        <Button variant="link" className="p-0" onClick={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'Less' : `And ${alarms.length - 1} more`}
        </Button>
      )}
    </Alert>
  )
}
