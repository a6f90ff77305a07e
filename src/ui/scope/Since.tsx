import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { answersWords } from '@/core/walk/answersWords'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { groupBy } from '@/core/lists/groupBy'
import { ReadWords } from '../shared/ReadFields'
import { ReadForm } from '../shared/ReadForm'
import { saidIn } from '../shared/typed'
import type { RecordFacts, ScopeProps } from './types'
import styles from './ScopeBoard.module.css'

type SinceProps = Pick<ScopeProps, 'site' | 'since' | 'walks' | 'contradictions' | 'open' | 'mayEdit'> & {
  readonly record: RecordFacts
}
type Change = NonNullable<ScopeProps['since']>['changes'][number]

/** What changed since a walk, by place or by trade; what was said in two ways; what waits for a decision. */
export function Since({ site, since, walks, contradictions, open, mayEdit, record }: SinceProps) {
  const router = useRouter()
  const [by, setBy] = useState<'place' | 'trade'>('place')
  const groups = groupBy(since?.changes ?? [], (change) =>
    by === 'place' ? change.place : (change.tradeName ?? 'Everybody'),
  )
  return (
    <>
      <h2>{since?.title ?? 'Not walked yet'}</h2>
      {!since && <p>Walk the site with a phone; what you record there shows here.</p>}
      {since && (
        <p className={styles.sinceWhat}>
          {walks.length > 1 && (
            <Form.Label>
              <span className="visually-hidden">Since which walk</span>
              <Form.Select
                className="form-select-sm"
                value={since.walkId}
                onChange={(event) => router.push(`/sites/${site.id}/scope?since=${event.target.value}`)}
              >
                {walks.map((walk) => (
                  <option key={walk.id} value={walk.id}>
                    {walk.title}
                  </option>
                ))}
              </Form.Select>
            </Form.Label>
          )}
          <Form.Label>
            <span className="visually-hidden">Listed by</span>
            <Form.Select
              className="form-select-sm"
              value={by}
              onChange={(event) => setBy(event.target.value as typeof by)}
            >
              <option value="place">by place</option>
              <option value="trade">by trade</option>
            </Form.Select>
          </Form.Label>
        </p>
      )}
      {since?.conditions && <p className="soft">That day: {since.conditions}.</p>}
      {contradictions.length > 0 && (
        <>
          <h3>Said in two ways</h3>
          {contradictions.map((one) => (
            <Asked key={one.id} asked={one} mayEdit={mayEdit} record={record} />
          ))}
        </>
      )}
      {[...groups].map(([name, changes]) => (
        <section key={name}>
          <h3>{name}</h3>
          <ul className={styles.changes}>
            {changes.map((change, i) => (
              <ChangeItem key={i} change={change} by={by} />
            ))}
          </ul>
        </section>
      ))}
      {open.decisions.length > 0 && (
        <>
          <h3>To decide</h3>
          <ul className={styles.changes}>
            {open.decisions.map((decision) => (
              <li key={decision.id} className={styles.due}>
                {decision.place}: {decision.text}
                <small>
                  {answersWords(decision.owner)}
                  {decision.by ? `, by ${decision.by}` : ''}
                </small>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  )
}

function ChangeItem({ change, by }: { readonly change: Change; readonly by: 'place' | 'trade' }) {
  return (
    <li className={change.kind === 'held' || change.kind === 'found' ? styles.bad : styles.good}>
      {by === 'trade' && `${change.place}: `}
      {change.text}
      <small>{change.detail}</small>
    </li>
  )
}

/** Two statements that cannot both be true, with a button for each and room for a third answer. */
function Asked({
  asked,
  mayEdit,
  record,
}: {
  readonly asked: ScopeProps['contradictions'][number]
  readonly mayEdit: boolean
  readonly record: RecordFacts
}) {
  const answer = (text: string): void => {
    const question = `${asked.place}: ${asked.question}`
    const fact = { subject: 'entry', subjectId: asked.id, placeId: asked.placeId }
    void record(
      [
        { ...fact, facet: 'written', value: { kind: 'answer', values: { question, answer: text } } },
        { ...fact, facet: 'removed', value: false },
      ],
      `${question} ${text}`,
      [{ ...fact, facet: 'removed', value: true }],
    )
  }
  return (
    <div className={styles.asked}>
      <p>
        <strong>{asked.place}.</strong> {asked.question}
      </p>
      {mayEdit ? (
        <>
          {asked.sides.map((side) => (
            <Button key={side} variant="quiet" size="sm" onClick={() => answer(side)}>
              {side}
            </Button>
          ))}
          <ReadForm read={(typed) => saidIn(typed, 'own', 'What is right')} onRead={answer}>
            <ReadWords
              name="own"
              label={<span className="visually-hidden">Another answer to: {asked.question}</span>}
              size="sm"
              placeholder="neither: write what is right"
            />
          </ReadForm>
        </>
      ) : (
        <ul>
          {asked.sides.map((side) => (
            <li key={side}>{side}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
