'use client'
import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import { isDay, shortDay } from '@/core/calendar/day'
import type { Consequence, PlanChange } from '@/core/schedule/planChange'
import { send, type SendError } from '../shared/useSend'
import type { VisitView } from './types'

interface ChangeDialogProps {
  readonly change: PlanChange
  /** The visit that it is about; null where one is added. */
  readonly visit: VisitView | null
  readonly onClose: () => void
  readonly onChanged: (words: string) => void
}

/** What a change would do to everybody, before it is saved. */
export function ChangeDialog({ change, visit, onClose, onChanged }: ChangeDialogProps) {
  const [consequence, setConsequence] = useState<Consequence | null>(null)
  const [error, setError] = useState<SendError | null>(null)
  const [busy, setBusy] = useState(false)

  useEffect(() => {
    let wanted = true
    void send<Consequence>('/api/plan/preview', change).then((answer) => {
      if (!wanted) return
      if (answer.ok) setConsequence(answer.data)
      else setError(answer.error)
    })
    return () => {
      wanted = false
    }
  }, [change])

  const save = async (): Promise<void> => {
    setBusy(true)
    const answer = await send<Consequence>('/api/plan/change', change)
    setBusy(false)
    if (answer.ok)
      onChanged(
        `${answer.data.lead} ${answer.data.moved.length === 0 ? 'Nothing else moved.' : `${answer.data.moved.length} more moved.`}`,
      )
    else setError(answer.error)
  }

  const others = consequence?.moved ?? []
  return (
    <Modal show onHide={onClose} aria-labelledby="move-title" scrollable>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="move-title">
          {titleOf(change, visit)}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body aria-live="polite" tabIndex={0}>
        {error && <p className="notice notice-error">{error.message}</p>}
        {!consequence && !error && <p>Reckoning what follows…</p>}
        {consequence && (
          <>
            <p className={consequence.stands ? undefined : 'notice'}>{consequence.lead}</p>
            {visit?.booking?.state === 'confirmed' && (
              <p className="notice">
                {visit.crew} had confirmed {visit.booking.told}. They have to be asked again.
              </p>
            )}
            {others.length === 0 ? <p>Nobody else moves.</p> : <h3>What moves with it</h3>}
            <ul>
              {others.map((one) => (
                <li key={one.what}>
                  {one.what}: {one.days}, {one.shift}
                  {one.booked && <strong className="late"> ({one.booked})</strong>}
                </li>
              ))}
            </ul>
            {consequence.lost.length > 0 && <h3>Days that are lost</h3>}
            {consequence.lost.map((line) => (
              <p key={line}>{line}</p>
            ))}
            {consequence.anyway && <p className="soft">{consequence.anyway}</p>}
            {consequence.finish.length === 0 ? (
              <p>No finish changes.</p>
            ) : (
              consequence.finish.map((line) => <p key={line}>{line}</p>)
            )}
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Leave it
        </Button>
        <Button variant="primary" disabled={busy || !consequence} onClick={() => void save()}>
          {consequence && !consequence.stands ? 'Move it to the first it can' : VERBS[change.kind]}
        </Button>
      </Modal.Footer>
    </Modal>
  )
}

const VERBS: Readonly<Record<PlanChange['kind'], string>> = {
  move: 'Move it',
  swap: 'Swap them',
  hold: 'Hold it',
  split: 'Split it',
  add: 'Add it',
}

/** A day that was typed; what is none stands as it is, and is refused in words. */
const typed = (day: string): string => (isDay(day) ? shortDay(day) : day)

function titleOf(change: PlanChange, visit: VisitView | null): string {
  switch (change.kind) {
    case 'move':
      return `${visit!.title} to ${typed(change.day)}, ${change.half === 0 ? 'morning' : 'afternoon'}`
    case 'swap':
      return `${visit!.title} takes another’s days`
    case 'hold':
      return `${visit!.title} held${change.until ? ` until ${typed(change.until)}` : ''}`
    case 'split':
      return `${visit!.title} in two comings`
    case 'add':
      return change.title
  }
}
