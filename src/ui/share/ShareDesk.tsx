'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import styles from './ShareDesk.module.css'

export interface TellProps {
  readonly changed: readonly {
    readonly audience: 'trade' | 'client' | 'other'
    readonly id: string
    readonly who: string
    /** How they are told, where no message can be sent to them. */
    readonly telephone: string | null
    readonly siteId: string | null
    readonly changes: readonly {
      readonly visitKey: string | null
      readonly text: string
      readonly confirmed: boolean
    }[]
  }[]
  /** Days that come soon and of which their trades were not reminded yet. */
  readonly remind: readonly {
    readonly visitKey: string
    readonly who: string
    readonly what: string
    readonly when: string
    readonly confirmed: boolean
  }[]
  readonly unasked: readonly {
    readonly visitKey: string
    readonly who: string
    readonly what: string
    readonly when: string
  }[]
  /** Those who are neither trade nor client and heard nothing yet. */
  readonly others: readonly {
    readonly id: string
    readonly who: string
    readonly site: string
    readonly telephone: string | null
    readonly what: readonly string[]
  }[]
}

/** Who has to be told what changed, and who was never asked. */
export function TellList({ changed, remind, unasked, others }: TellProps) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ told: number }>()
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const tell = async (visitKeys: readonly string[]): Promise<void> => {
    if ((await run('/api/tell', { visitKeys })) !== null) {
      setChosen(new Set())
      router.refresh()
    }
  }
  const tellOthers = async (ids: readonly string[]): Promise<void> => {
    if ((await run('/api/tell/others', { ids })) !== null) router.refresh()
  }
  const remindAll = async (): Promise<void> => {
    const visitKeys = remind.map((visit) => visit.visitKey)
    if ((await run('/api/tell/remind', { visitKeys })) !== null) router.refresh()
  }
  const toggle = (key: string): void => {
    const next = new Set(chosen)
    if (!next.delete(key)) next.add(key)
    setChosen(next)
  }
  return (
    <section aria-labelledby="tell">
      <h2 id="tell">Who has to be told</h2>
      <FormError error={error} />
      {changed.length === 0 && <p>Nobody: everyone who was told a date still has that date.</p>}
      <ul className={styles.people}>
        {changed.map((one) => (
          <li key={`${one.audience}${one.id}`}>
            <div>
              <strong>{one.who}</strong>
              {one.telephone && <span className="soft">, by telephone: {one.telephone}</span>}
              <ul>
                {one.changes.map((change) => (
                  <li key={change.text}>
                    {change.text} {change.confirmed && <span className="late">They had confirmed.</span>}
                  </li>
                ))}
              </ul>
            </div>
            {one.audience === 'client' ? (
              <a className="btn btn-quiet" href={`/sites/${one.siteId}/share`}>
                Write the update
              </a>
            ) : (
              <Button
                variant="primary"
                disabled={busy}
                aria-label={one.telephone ? `${one.who} was told` : undefined}
                onClick={() =>
                  void (one.audience === 'other'
                    ? tellOthers([one.id])
                    : tell(one.changes.flatMap((change) => change.visitKey ?? [])))
                }
              >
                {one.telephone ? 'Was told' : `Tell ${one.who}`}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {remind.length > 0 && (
        <>
          <h3>To be reminded, next three working days</h3>
          <ul className={styles.ask}>
            {remind.map((visit) => (
              <li key={visit.visitKey}>
                <strong>{visit.who}</strong>: {visit.what}, {visit.when}
                {!visit.confirmed && <span className="due"> They have not confirmed.</span>}
              </li>
            ))}
          </ul>
          <Button variant="quiet" disabled={busy} onClick={() => void remindAll()}>
            Remind them ({remind.length})
          </Button>
        </>
      )}
      {others.length > 0 && (
        <>
          <h3>Others on the job, who heard nothing yet</h3>
          <ul className={styles.people}>
            {others.map(({ id, who, site, telephone, what }) => (
              <li key={id}>
                <div>
                  <strong>{who}</strong>, {site}
                  {telephone && <span className="soft">, by telephone: {telephone}</span>}
                  <ul>
                    {what.map((sentence) => (
                      <li key={sentence}>{sentence}</li>
                    ))}
                  </ul>
                </div>
                <Button
                  variant="quiet"
                  disabled={busy}
                  aria-label={telephone ? `${who} was told` : undefined}
                  onClick={() => void tellOthers([id])}
                >
                  {telephone ? 'Was told' : `Tell ${who}`}
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
      {unasked.length > 0 && (
        <>
          <h3>Not asked yet, next three weeks</h3>
          <ul className={styles.ask}>
            {unasked.map((visit) => (
              <li key={visit.visitKey}>
                <Form.Check
                  id={`ask-${visit.visitKey}`}
                  checked={chosen.has(visit.visitKey)}
                  onChange={() => toggle(visit.visitKey)}
                  label={
                    <>
                      <strong>{visit.who}</strong>: {visit.what}, {visit.when}
                    </>
                  }
                />
              </li>
            ))}
          </ul>
          <Button variant="primary" disabled={busy || chosen.size === 0} onClick={() => void tell([...chosen])}>
            Ask the chosen ({chosen.size})
          </Button>{' '}
          <Button variant="quiet" onClick={() => setChosen(new Set(unasked.map((visit) => visit.visitKey)))}>
            Choose all
          </Button>
        </>
      )}
    </section>
  )
}
