'use client'
import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import { shortDay, type Day } from '@/core/calendar/day'
import { send, type SendError } from '../shared/useSend'
import type { VisitView } from './types'

export interface Move {
  readonly visitKey: string
  readonly day: Day
  readonly half: 0 | 1
}

interface Consequence {
  readonly stands: boolean
  readonly lead: string
  readonly moved: readonly {
    readonly what: string
    readonly days: string
    readonly shift: string
    readonly booked: string
  }[]
  readonly finish: readonly string[]
  /** Crews with a day on which they now have nothing to do. */
  readonly lost: readonly string[]
}

interface MoveDialogProps {
  readonly move: Move
  readonly visit: VisitView
  readonly onClose: () => void
  readonly onMoved: (words: string) => void
}

/** What a move would do to everybody, before it is saved. */
export function MoveDialog({ move, visit, onClose, onMoved }: MoveDialogProps) {
  const [consequence, setConsequence] = useState<Consequence | null>(null)
  const [error, setError] = useState<SendError | null>(null)
  const [busy, setBusy] = useState(false)

  useEffect(() => {
    let wanted = true
    void send<Consequence>('/api/plan/preview', move).then((answer) => {
      if (!wanted) return
      if (answer.ok) setConsequence(answer.data)
      else setError(answer.error)
    })
    return () => {
      wanted = false
    }
  }, [move])

  const save = async (): Promise<void> => {
    setBusy(true)
    const answer = await send<Consequence>('/api/plan/move', move)
    setBusy(false)
    if (answer.ok)
      onMoved(
        `${answer.data.lead} ${answer.data.moved.length === 0 ? 'Nothing else moved.' : `${answer.data.moved.length} more moved.`}`,
      )
    else setError(answer.error)
  }

  const others = consequence?.moved ?? []
  return (
    <Modal show onHide={onClose} aria-labelledby="move-title" scrollable>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="move-title">
          {visit.title} to {shortDay(move.day)}, {move.half === 0 ? 'morning' : 'afternoon'}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body aria-live="polite" tabIndex={0}>
        {error && <p className="notice notice-error">{error.message}</p>}
        {!consequence && !error && <p>Reckoning what follows…</p>}
        {consequence && (
          <>
            <p className={consequence.stands ? undefined : 'notice'}>{consequence.lead}</p>
            {visit.booking?.state === 'confirmed' && (
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
          {consequence && !consequence.stands ? 'Move it to the first it can' : 'Move it'}
        </Button>
      </Modal.Footer>
    </Modal>
  )
}
