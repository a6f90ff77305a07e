import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import type { LineView, RecordFacts } from './types'
import styles from './CellPanel.module.css'

interface ExtraAnswerProps {
  readonly siteId: string
  readonly placeId: string
  readonly line: LineView
  readonly today: string
  readonly record: RecordFacts
}

/** Whether an extra is wanted: what it does to the dates, and what the client said to it. */
export function ExtraAnswer({ siteId, placeId, line, today, record }: ExtraAnswerProps) {
  const { busy, error, run } = useSend<{ words: string }>()
  const [days, setDays] = useState('')
  const [by, setBy] = useState('')
  const [missing, setMissing] = useState(false)

  const ask = async (): Promise<void> => {
    const answer = await run(`/api/sites/${siteId}/extras/${encodeURIComponent(line.id)}/days`, {})
    if (answer) setDays(answer.words)
  }
  const say = (answer: 'approved' | 'declined'): void => {
    if (by.trim() === '') return setMissing(true)
    setMissing(false)
    const fact = { subject: 'line', subjectId: line.id, facet: 'approval', placeId }
    void record([{ ...fact, value: { answer, by: by.trim(), on: today } }], `${line.title}: ${answer}.`, [])
  }
  return (
    <Fold title={<>{line.approval ? `The extra was ${line.approval}` : 'This extra waits for an answer'}</>}>
      <div className={styles.edits}>
        <Button variant="quiet" size="sm" disabled={busy} onClick={() => void ask()}>
          What does it do to the dates?
        </Button>
        <p aria-live="polite">{days}</p>
        <FormError error={error} />
        <Form.Label>
          Who answered
          <Form.Control
            name="by"
            value={by}
            aria-invalid={missing || undefined}
            onChange={(event) => setBy(event.target.value)}
          />
        </Form.Label>
        {missing && <p className="notice notice-error">Who answered: write a name.</p>}
        <Button variant="primary" size="sm" onClick={() => say('approved')}>
          Approved
        </Button>
        <Button variant="quiet" size="sm" onClick={() => say('declined')}>
          Declined
        </Button>
      </div>
    </Fold>
  )
}
