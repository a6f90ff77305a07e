import { useState } from 'react'
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
    <details>
      <summary>{line.approval ? `The extra was ${line.approval}` : 'This extra waits for an answer'}</summary>
      <div className={styles.edits}>
        <button type="button" className="btn btn-sm btn-quiet" disabled={busy} onClick={() => void ask()}>
          What does it do to the dates?
        </button>
        <p aria-live="polite">{days}</p>
        <FormError error={error} />
        <label>
          Who answered
          <input
            className="form-control"
            name="by"
            value={by}
            aria-invalid={missing || undefined}
            onChange={(event) => setBy(event.target.value)}
          />
        </label>
        {missing && <p className="notice notice-error">Who answered: write a name.</p>}
        <button type="button" className="btn btn-sm btn-primary" onClick={() => say('approved')}>
          Approved
        </button>
        <button type="button" className="btn btn-sm btn-quiet" onClick={() => say('declined')}>
          Declined
        </button>
      </div>
    </details>
  )
}
