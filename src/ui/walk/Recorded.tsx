import Button from 'react-bootstrap/Button'
import type { SubjectKind } from '@/core/walk/observation'
import { answersWords } from '@/core/walk/answersWords'
import dynamic from 'next/dynamic'
import { dateOnly } from '@/core/calendar/day'
import { isOpen, valueWords } from '@/core/entries/entry'
import { FINDING_FIELDS } from '@/core/entries/kinds/conditions'
import type { NewFact } from '@/core/walk/observation'
import { contradictions, type ToldSize } from '@/core/walk/contradictions'
import { noteWords } from '@/core/walk/noteWords'
import type { SiteState } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import type { Adding } from './sheetFact'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** What an entry reckons is fetched once a place is on screen; without a network the phone has kept it. */
const EntryRow = dynamic(() => import('./EntryRow').then((module) => module.EntryRow), { ssr: false })

/** What was recorded at this place and is still open: found, to decide, to choose, notes. */
export function Recorded({
  site,
  placeId,
  record,
  onAdd,
}: {
  readonly site: SiteWalk
  readonly placeId: string
  readonly record: (facts: readonly NewFact[]) => void
  readonly onAdd: (adding: Adding) => void
}) {
  const { state } = site
  const { units } = site.snapshot.site
  const findings = state.findings.filter((one) => one.placeId === placeId && !one.settled)
  const decisions = state.decisions.filter((one) => one.placeId === placeId && one.answer === null)
  const selections = state.selections.filter((one) => one.placeId === placeId && one.state !== 'installed')
  const old = new Set(site.before.notes.map((note) => note.id))
  const notes = state.notes.filter((one) => one.placeId === placeId && !one.about && !old.has(one.id))
  const photos = state.photos.filter(
    (one) => one.placeId === placeId && !one.sheet && !site.before.photos.some((old) => old.id === one.id),
  )
  const known = new Map(site.before.entries.map((one) => [one.id, one]))
  const unsettled = state.entries.filter((one) => one.placeId === placeId && one.settled === null)
  /** What tells how something is stays out of the way once it was told. */
  const entries = unsettled.filter((one) => isOpen(one) || known.get(one.id)?.seenAt !== one.seenAt)
  const told = unsettled.filter((one) => !entries.includes(one))
  const asked = contradictions(state, toldSizes(site, placeId), units).filter((one) => one.placeId === placeId)
  const all =
    asked.length +
    findings.length +
    decisions.length +
    selections.length +
    notes.length +
    photos.length +
    unsettled.length
  if (all === 0) return null
  return (
    <>
      <h2 className={styles.section}>On record here</h2>
      <ul className={styles.rows}>
        {asked.map((one) => (
          <li key={one.id} className={styles.asked}>
            <strong>Said in two ways: {one.question}</strong>
            {one.sides.map((side) => (
              <Button
                bsPrefix="tap"
                key={side}
                className={styles.small}
                onClick={() =>
                  record([
                    {
                      subject: 'entry',
                      subjectId: one.id,
                      facet: 'written',
                      placeId,
                      value: { kind: 'answer', values: { question: one.question, answer: side } },
                    },
                  ])
                }
              >
                {side}
              </Button>
            ))}
          </li>
        ))}
        {findings.map((one) => (
          <li key={one.id} className={styles.row}>
            <div>
              Found: {one.text}
              <small>
                {[one.certain ? 'seen' : 'suspected', ...valueWords(FINDING_FIELDS, one.details, units, false)].join(
                  '. ',
                )}
              </small>
            </div>
            <Button
              bsPrefix="tap"
              className={styles.small}
              onClick={() =>
                record([{ subject: 'finding', subjectId: one.id, facet: 'settled', placeId, value: true }])
              }
            >
              Settled
            </Button>
            <TakeBack site={site} subject="finding" id={one.id} what={one.text} />
          </li>
        ))}
        {decisions.map((one) => (
          <li key={one.id} className={styles.row}>
            <div>
              To decide: {one.question}
              <small>
                {answersWords(one.owner)}
                {one.by && `, by ${dateOnly(one.by)}`}
              </small>
            </div>
            <Button
              bsPrefix="tap"
              className={styles.small}
              onClick={() => onAdd({ kind: 'answer', decisionId: one.id })}
            >
              Decided
            </Button>
            <TakeBack site={site} subject="decision" id={one.id} what={one.question} />
          </li>
        ))}
        {selections.map((one) => (
          <li key={one.id} className={styles.row}>
            <div>
              {one.what}
              <small>{one.choice ?? 'not chosen yet'}</small>
            </div>
            {one.state === 'ordered' && (
              <Button
                bsPrefix="tap"
                className={styles.small}
                onClick={() =>
                  record([{ subject: 'selection', subjectId: one.id, facet: 'state', placeId, value: 'arrived' }])
                }
              >
                It is here
              </Button>
            )}
            <TakeBack site={site} subject="selection" id={one.id} what={one.what} />
          </li>
        ))}
        {entries.map((entry) => (
          <EntryRow key={entry.id} entry={entry} site={site} onAdd={onAdd} />
        ))}
        {notes.map((one) => (
          <li key={one.id} className={styles.row}>
            <div>
              {one.text}
              <small>{noteWords(one)}</small>
            </div>
            <TakeBack site={site} subject="note" id={one.id} what={one.text} />
          </li>
        ))}
        {photos.length > 0 && (
          <li className={styles.row}>
            <div>
              {photos.length === 1 ? '1 photo' : `${photos.length} photos`} of this walk
              {photos.some(({ caption }) => caption) && (
                <small>{photos.flatMap(({ caption }) => (caption ? [caption] : [])).join(' · ')}</small>
              )}
            </div>
          </li>
        )}
      </ul>
      {told.length > 0 && (
        <Fold className={styles.pad} title={<>Told before ({told.length})</>}>
          <ul className={styles.rows}>
            {told.map((entry) => (
              <EntryRow key={entry.id} entry={entry} site={site} onAdd={onAdd} />
            ))}
          </ul>
        </Fold>
      )}
    </>
  )
}

/** What was misread is taken back: it is nowhere any more. */
const TakeBack = ({
  site,
  subject,
  id,
  what,
}: {
  readonly site: SiteWalk
  readonly subject: SubjectKind
  readonly id: string
  readonly what: string
}) => (
  <Button bsPrefix="tap" className={styles.small} onClick={() => void site.takeBack(subject, id)}>
    Take back<span className="visually-hidden"> {what}</span>
  </Button>
)

/** The size before this walk and the one told on it: all that the phone knows of how a size came about. */
function toldSizes({ before, state, snapshot, walk }: SiteWalk, placeId: string): ToldSize[] {
  const sizeIn = (known: SiteState) => known.places.find((place) => place.id === placeId)?.size ?? null
  const [old, now] = [sizeIn(before), sizeIn(state)]
  if (!old || !now || !walk || old === now) return []
  return [
    { placeId, size: old, by: 'before', at: before.walks.at(-1)?.seenAt ?? snapshot.site.startsOn },
    { placeId, size: now, by: snapshot.person, at: snapshot.now },
  ]
}
