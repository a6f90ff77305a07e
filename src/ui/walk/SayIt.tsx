'use client'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import Button from 'react-bootstrap/Button'
import { useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { WalkKind } from '@/core/narration/line'
import type { VisitKind } from '@/core/walk/observation'
import type { Proposal } from '@/core/narration/spokenFacts'
import type { Place } from '@/core/walk/siteState'
import { simulatedDictation } from './dictation'
import { MemoButton } from './MemoButton'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

const toggled = (set: ReadonlySet<number>, index: number): ReadonlySet<number> => {
  const next = new Set(set)
  if (!next.delete(index)) next.add(index)
  return next
}

/** What each walk is for, as far as it changes what words mean. */
const WALK_KINDS: Readonly<Record<VisitKind, WalkKind | undefined>> = {
  scope: 'scope',
  kickoff: 'scope',
  progress: 'progress',
  layout: undefined,
  'before-cover': 'before cover',
  'end-of-day': 'end of day',
  completion: 'completion',
  return: undefined,
}

/** Dictated or typed words become lines that the person keeps or drops with one thumb; nothing said is lost. */
export function SayIt({ place, site, onClose }: { place: Place; site: SiteWalk; onClose: () => void }) {
  const [text, setText] = useState('')
  const [proposals, setProposals] = useState<readonly Proposal[] | null>(null)
  const [dictation] = useState(simulatedDictation)
  const [confirmed, setConfirmed] = useState<ReadonlySet<number>>(new Set())
  // A second tap before the sheet is closed keeps nothing twice.
  const keeping = useRef(false)
  const walkKind = site.walk ? WALK_KINDS[site.walk.kind] : undefined
  const [dropped, setDropped] = useState<ReadonlySet<number>>(new Set())

  const read = async (): Promise<void> => {
    // The grammar is fetched when it is first needed; without a network the phone has kept it.
    const [{ narrate }, { proposalsOf }] = await Promise.all([
      import('@/core/narration/narrate'),
      import('@/core/narration/spokenFacts'),
    ])
    const { state, snapshot } = site
    const { units } = snapshot.site
    const lines = narrate({
      text,
      places: state.places.map((one) => one.name),
      current: place.name,
      units,
      today: snapshot.today,
      ...(walkKind ? { walk: walkKind } : {}),
    })
    setDropped(new Set())
    setConfirmed(new Set())
    setProposals(proposalsOf(lines, { state, units, newId: uuid }))
  }
  const toggle = (index: number): void => setDropped(toggled(dropped, index))
  const keep = async (): Promise<void> => {
    if (keeping.current) return
    keeping.current = true
    await site.record(
      proposals!.flatMap((proposal, i) =>
        dropped.has(i) ? [] : [...proposal.facts, ...(confirmed.has(i) ? (proposal.toConfirm?.facts ?? []) : [])],
      ),
    )
    onClose()
  }

  if (!proposals) {
    return (
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          if (text.trim() !== '') void read()
        }}
      >
        <FormLabel>
          Say or type what you see; use the microphone of your keyboard
          <FormControl
            as="textarea"

            rows={5}
            value={text}
            onChange={(event) => setText(event.target.value)}
            placeholder="Board’s about half up, no sockets in yet. Sparky’s back Thursday."
          />
        </FormLabel>
        {site.snapshot.demo && (
          <Button
            bsPrefix="tap"
            className={styles.small}
            onClick={() => void dictation.listen().then((words) => setText((old) => `${old} ${words}`.trim()))}
          >
            Dictate (simulated)
          </Button>
        )}
        <MemoButton place={place} site={site} />
        <Button bsPrefix="tap" type="submit" className={styles.main}>
          Read it back
        </Button>
      </form>
    )
  }
  const kept = proposals.length - dropped.size
  return (
    <div className={styles.form}>
      <ul className={styles.rows}>
        {proposals.map((proposal, i) => (
          <li key={i} className={`${styles.row} ${dropped.has(i) ? styles.droppedLine : ''}`}>
            <div>
              <strong>{proposal.says}</strong>
              <small>
                {proposal.line.place && proposal.line.place !== place.name ? `${proposal.line.place}: ` : ''}“
                {proposal.line.words}”
              </small>
              {proposal.toConfirm && !dropped.has(i) && (
                <Button
                  bsPrefix="tap"
                  className={styles.small}
                  aria-pressed={confirmed.has(i)}
                  onClick={() => setConfirmed((old) => toggled(old, i))}
                >
                  {confirmed.has(i) ? `${proposal.toConfirm.words}: yes` : `${proposal.toConfirm.words}?`}
                </Button>
              )}
            </div>
            <Button bsPrefix="tap" className={styles.small} aria-pressed={!dropped.has(i)} onClick={() => toggle(i)}>
              {dropped.has(i) ? 'Dropped' : 'Drop'}
              <span className="visually-hidden"> {proposal.line.words}</span>
            </Button>
          </li>
        ))}
      </ul>
      {proposals.length === 0 && <p>Nothing to record in that.</p>}
      <Button bsPrefix="tap" className={styles.main} disabled={kept === 0} onClick={() => void keep()}>
        Keep {kept === 1 ? 'it' : `all ${kept}`}
      </Button>
      <Button bsPrefix="tap" className={styles.plain} onClick={() => setProposals(null)}>
        Change the words
      </Button>
    </div>
  )
}
