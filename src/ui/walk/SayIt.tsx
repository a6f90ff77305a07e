'use client'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import Button from 'react-bootstrap/Button'
import { useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { WalkKind } from '@/core/narration/line'
import type { VisitKind } from '@/core/walk/observation'
import { entryWords } from '@/core/entries/entryWords'
import type { Units } from '@/core/measure/length'
import type { SheetAsked } from '@/core/narration/spokenFacts'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import type { Place } from '@/core/walk/siteState'
import { simulatedDictation } from './dictation'
import { EntryFields } from '../shared/EntryFields'
import { MemoButton } from './MemoButton'
import type { SiteWalk } from './useSiteWalk'
import { openFields, sheetIn, sheetShown, chosen, type Shown } from './saidSheets'
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
  const [proposals, setProposals] = useState<readonly Shown[] | null>(null)
  const [picked, setPicked] = useState<ReadonlyMap<number, 'proposal' | 'other'>>(new Map())
  const [dictation] = useState(simulatedDictation)
  const [confirmed, setConfirmed] = useState<ReadonlySet<number>>(new Set())
  // A second tap before the sheet is closed keeps nothing twice.
  const keeping = useRef(false)
  const walkKind = site.walk ? WALK_KINDS[site.walk.kind] : undefined
  // The forms of the sheets that are open, by where they stand.
  const sheets = useRef(new Map<number, HTMLFormElement>())
  const [opened, setOpened] = useState<ReadonlySet<number>>(new Set())
  const [wrong, setWrong] = useState<{ message: string; field: string | undefined } | null>(null)
  const [dropped, setDropped] = useState<ReadonlySet<number>>(new Set())

  const read = async (): Promise<void> => {
    // The grammar is fetched when it is first needed; without a network the phone has kept it.
    const [{ narrate, otherReading }, { proposalsOf }, { proposalOf }, model] = await Promise.all([
      import('@/core/narration/narrate'),
      import('@/core/narration/proposals'),
      import('@/core/narration/spokenFacts'),
      import('./speechModel').then(({ speechModel }) => speechModel()),
    ])
    const { state, snapshot } = site
    const { units } = snapshot.site
    const narration = {
      text,
      places: state.places.map((one) => one.name),
      current: place.name,
      units,
      today: snapshot.today,
      ...(walkKind ? { walk: walkKind } : {}),
    }
    const lines = narrate(narration, model)
    const setting = { state, units, newId: uuid }
    const sure = proposalsOf(lines, narration, setting)
    const shown = sure.map((proposal): Shown => {
      const { line, sheet } = proposal
      if (sheet) return sheetShown(proposal, proposalOf({ ...line, kind: 'note' }, setting))
      const other = (line.sure ?? 1) < UNSURE ? otherReading(line, narration) : null
      if (!other) return { proposal, other: null, words: null }
      const words = { kind: 'note', words: line.words, ...(line.place ? { place: line.place } : {}) } as const
      const [read, kept] = [other, line.private ? { ...words, private: true as const } : words].map((one) =>
        proposalOf(one, setting),
      )
      return read!.says === proposal.says
        ? { proposal, other: null, words: null }
        : { proposal, other: read!, words: kept! }
    })
    setDropped(new Set())
    setConfirmed(new Set())
    setPicked(new Map())
    setOpened(new Set())
    setWrong(null)
    // What is not sure is asked first.
    setProposals([...shown.filter(({ other }) => other), ...shown.filter(({ other }) => !other)])
  }
  const toggle = (index: number): void => setDropped(toggled(dropped, index))
  const keep = async (): Promise<void> => {
    if (keeping.current) return
    keeping.current = true
    const { sheetKept } = await import('@/core/narration/sheets/sheetFacts')
    try {
      const facts = proposals!.flatMap((shown, i) => {
        if (dropped.has(i)) return []
        const form = sheets.current.get(i)
        const { facts, toConfirm } = form
          ? sheetIn(shown, form, site.snapshot.site.units, sheetKept)
          : chosen(shown, picked.get(i))
        return [...facts, ...(confirmed.has(i) ? (toConfirm?.facts ?? []) : [])]
      })
      await site.record(facts)
      onClose()
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong({ message: error.message, field: error.field })
      keeping.current = false
    }
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
        {proposals.map((shown, i) => {
          const proposal = chosen(shown, picked.get(i))
          const fields = dropped.has(i) ? [] : openFields(shown, picked.get(i), opened.has(i))
          return (
            <li key={i} className={`${styles.row} ${dropped.has(i) ? styles.droppedLine : ''}`}>
              <div>
                {shown.other ? (
                  <TwoReadings
                    shown={shown}
                    picked={picked.get(i)}
                    onPick={(which) => setPicked(new Map([...picked, [i, which]]))}
                  />
                ) : (
                  <strong>{proposal.says}</strong>
                )}
                {proposal.sheet && !opened.has(i) && (
                  <SheetWords sheet={proposal.sheet} units={site.snapshot.site.units} />
                )}
                <small>
                  {proposal.line.place && proposal.line.place !== place.name ? `${proposal.line.place}: ` : ''}“
                  {proposal.line.words}”
                </small>
                {fields.length > 0 && (
                  <form
                    className={styles.form}
                    onSubmit={(event) => event.preventDefault()}
                    ref={(form) => {
                      if (form) sheets.current.set(i, form)
                      else sheets.current.delete(i)
                    }}
                  >
                    {!opened.has(i) && <small>Still asked; without it the words are kept:</small>}
                    <EntryFields
                      fields={fields}
                      units={site.snapshot.site.units}
                      values={proposal.sheet!.values}
                      wrong={wrong?.field}
                      inShort
                    />
                  </form>
                )}
                <div className={styles.readings}>
                  {proposal.sheet && !dropped.has(i) && !opened.has(i) && (
                    <Button bsPrefix="tap" className={styles.small} onClick={() => setOpened((old) => toggled(old, i))}>
                      Change<span className="visually-hidden"> {proposal.says}</span>
                    </Button>
                  )}
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
              </div>
              <Button bsPrefix="tap" className={styles.small} aria-pressed={!dropped.has(i)} onClick={() => toggle(i)}>
                {dropped.has(i) ? 'Dropped' : 'Drop'}
                <span className="visually-hidden"> {proposal.line.words}</span>
              </Button>
            </li>
          )
        })}
      </ul>
      {proposals.length === 0 && <p>Nothing to record in that.</p>}
      {wrong && <p role="alert">{wrong.message}</p>}
      <Button bsPrefix="tap" className={styles.main} disabled={kept === 0} onClick={() => void keep()}>
        Keep {kept === 1 ? 'it' : `all ${kept}`}
      </Button>
      <Button bsPrefix="tap" className={styles.plain} onClick={() => setProposals(null)}>
        Change the words
      </Button>
    </div>
  )
}

/** Under this likelihood a line is asked, not taken. */
const UNSURE = 0.55

function TwoReadings({
  shown,
  picked,
  onPick,
}: {
  readonly shown: Shown
  readonly picked: 'proposal' | 'other' | undefined
  readonly onPick: (which: 'proposal' | 'other') => void
}) {
  return (
    <div className={styles.readings}>
      <small>Which is it? Untouched it stays a note.</small>
      {(['proposal', 'other'] as const).map((which) => (
        <Button
          key={which}
          bsPrefix="tap"
          className={styles.small}
          aria-pressed={picked === which}
          onClick={() => onPick(which)}
        >
          {shown[which]!.says}
        </Button>
      ))}
    </div>
  )
}

/** What a sheet tells beside its name, and what its figures come to. */
function SheetWords({ sheet, units }: { readonly sheet: SheetAsked; readonly units: Units }) {
  const { register, values, lacks } = sheet
  const { details, reckoned } = entryWords({ kind: register.id, values }, units, true)
  return (
    <ul className={styles.told}>
      {[...details, ...(lacks.length > 0 ? [] : reckoned.slice(0, 3))].map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ul>
  )
}
