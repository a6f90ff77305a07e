import Accordion from 'react-bootstrap/Accordion'
import Offcanvas from 'react-bootstrap/Offcanvas'
import type { PlanChange } from '@/core/schedule/planChange'
import { AddVisit } from './AddVisit'
import { Forward } from './Forward'
import { OtherSchools } from './OtherSchools'
import { OtherWays } from './OtherWays'
import type { PlanProps } from './types'
import styles from './PlanBoard.module.css'

interface WhatIfProps extends Pick<PlanProps, 'site' | 'places'> {
  readonly show: boolean
  readonly onClose: () => void
  readonly onPlanned: () => void
  readonly onChange: (change: PlanChange) => void
}

/** The questions one asks of a plan, each answered before anything is kept. */
export function WhatIf({ site, places, show, onClose, onPlanned, onChange }: WhatIfProps) {
  const questions = [
    ...(site
      ? [{ id: 'sooner', words: 'What would bring the finish forward?', body: <Forward siteId={site.id} /> }]
      : []),
    { id: 'goals', words: 'Other ways to plan', body: <OtherWays siteId={site?.id ?? null} onPlanned={onPlanned} /> },
    ...(site
      ? [
          { id: 'order', words: 'In another order', body: <OtherSchools siteId={site.id} /> },
          { id: 'add', words: 'Add a visit', body: <AddVisit siteId={site.id} places={places} onChange={onChange} /> },
        ]
      : []),
  ]
  return (
    <Offcanvas show={show} onHide={onClose} placement="end" className={styles.whatIf} aria-labelledby="what-if">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title as="h2" id="what-if">
          What if
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        <p className="soft">If one visit slips: choose it on the board, then say by how many days.</p>
        <Accordion>
          {questions.map(({ id, words, body }) => (
            <Accordion.Item key={id} eventKey={id}>
              <Accordion.Header as="h3">{words}</Accordion.Header>
              <Accordion.Body>{body}</Accordion.Body>
            </Accordion.Item>
          ))}
        </Accordion>
      </Offcanvas.Body>
    </Offcanvas>
  )
}
