'use client'
import Button from 'react-bootstrap/Button'
import FormControl from 'react-bootstrap/FormControl'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Missed } from '@/core/schedule/planChange'
import { COMINGS, type Coming } from '@/core/walk/coming'
import { FormError } from '../shared/FormError'
import { PlanAgain } from '../shared/PlanAgain'
import { useSend } from '../shared/useSend'
import styles from './TodayDesk.module.css'

/** As it stands beside whoever is due. */
const SHORT: Readonly<Record<Coming['how'], string>> = { came: 'Came', late: 'Late', missed: 'Not here' }

/** One tap on how it went with people who are due today; where they did not come, what follows from it. */
export function WhoCame({
  visitKey,
  what,
  day,
  siteId,
  told,
}: {
  readonly visitKey: string
  readonly what: string
  readonly day: string
  readonly siteId: string
  readonly told: Coming['how'] | null
}) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ readonly missed: Missed | null }>()
  const [missed, setMissed] = useState<Missed | null>(null)
  const [open, setOpen] = useState(false)
  const [hours, setHours] = useState('')
  const tell = async (how: Coming['how']): Promise<void> => {
    const answer = await run('/api/plan/came', { visitKey, day, how, ...(hours.trim() ? { hours } : {}) })
    if (answer === null) return
    setOpen(false)
    setMissed(answer.missed)
    router.refresh()
  }
  return (
    <>
      {told && !open ? (
        <Button
          variant="link"
          size="sm"
          className={`p-0 ${told === 'missed' ? 'late' : ''}`}
          onClick={() => setOpen(true)}
        >
          {COMINGS[told]}
          <span className="visually-hidden">: {what}, change</span>
        </Button>
      ) : (
        <span role="group" aria-label={`Are they there: ${what}?`} className={styles.came}>
          {(Object.keys(COMINGS) as Coming['how'][]).map((how) => (
            <Button key={how} variant="link" size="sm" disabled={busy} onClick={() => void tell(how)}>
              {SHORT[how]}
              <span className="visually-hidden">: {what}</span>
            </Button>
          ))}
          {open && (
            <FormControl
              size="sm"
              className={styles.hours}
              inputMode="decimal"
              value={hours}
              placeholder="hours"
              aria-label={`Hours of all of them: ${what}`}
              onChange={(event) => setHours(event.target.value)}
            />
          )}
        </span>
      )}
      <FormError error={error} />
      <Offcanvas show={missed !== null} onHide={() => setMissed(null)} placement="end" aria-label="They did not come">
        <Offcanvas.Header closeButton>
          <Offcanvas.Title as="h2">They did not come</Offcanvas.Title>
        </Offcanvas.Header>
        {missed && (
          <Offcanvas.Body>
            <p>{missed.lead}</p>
            <p>
              {missed.instead.length === 0
                ? 'Nothing else can be begun there today.'
                : `Can be begun there today: ${missed.instead.join('; ')}.`}
            </p>
            {missed.moved.length === 0 ? (
              <p>Nobody else moves.</p>
            ) : (
              <ul>
                {missed.moved.map((one) => (
                  <li key={one.what}>
                    {one.what}: {one.days}, {one.shift}
                    {one.booked && `; ${one.booked}`}
                  </li>
                ))}
              </ul>
            )}
            {[...missed.finish, ...missed.lost, missed.anyway].filter(Boolean).map((words) => (
              <p key={words}>{words}</p>
            ))}
            <PlanAgain label="Plan so" about={what} onPlanned={() => setMissed(null)} />{' '}
            <a href={`/sites/${siteId}/share`}>Tell whose days change</a>
          </Offcanvas.Body>
        )}
      </Offcanvas>
    </>
  )
}
